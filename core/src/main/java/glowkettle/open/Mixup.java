package glowkettle.open;

import glowkettle.library.Fastener;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What happens when two that differ change places: the longer one in the shorter one's hole overshoots by
 * {@code L_long − L_short}. Source: handbook, Open.
 *
 * @param overshootMm null where nobody has measured both
 * @param dangerous above the boss's spare depth: it can go through the panel or the board
 * @param otherThread they differ in thread, so that either strips the other's hole
 */
public record Mixup(
        Fastener longer, Fastener shorter, @Nullable BigDecimal overshootMm, boolean dangerous, boolean otherThread) {
    /** Of every two kinds, the most dangerous first. */
    public static List<Mixup> among(List<Fastener> fasteners, ShopLimits limits) {
        List<Fastener> kinds = new ArrayList<>();
        fasteners.stream()
                .filter(fastener -> kinds.stream().noneMatch(fastener::interchangeableWith))
                .forEach(kinds::add);
        List<Mixup> mixups = new ArrayList<>();
        for (int i = 0; i < kinds.size(); i++) {
            for (int k = i + 1; k < kinds.size(); k++) {
                mixups.add(of(kinds.get(i), kinds.get(k), limits));
            }
        }
        mixups.sort(Comparator.comparing(Mixup::dangerous)
                .thenComparing(Mixup::overshootMm, Comparator.nullsLast(Comparator.naturalOrder()))
                .reversed());
        return mixups;
    }

    public static Mixup of(Fastener one, Fastener other, ShopLimits limits) {
        BigDecimal between = overshootMm(one, other);
        boolean inOrder = between == null ? reach(one) >= reach(other) : between.signum() >= 0;
        BigDecimal overshoot = between == null ? null : between.abs();
        return new Mixup(
                inOrder ? one : other,
                inOrder ? other : one,
                overshoot,
                overshoot == null ? !lookAlike(one, other) : overshoot.compareTo(limits.of(Limit.BOSS_SPARE_MM)) > 0,
                isOfAnotherThread(one, other));
    }

    /** By how much the first is longer; null where nobody has measured both. */
    private static @Nullable BigDecimal overshootMm(Fastener one, Fastener other) {
        BigDecimal oneMm = one.make().lengthMm();
        BigDecimal otherMm = other.make().lengthMm();
        return oneMm == null || otherMm == null ? null : oneMm.subtract(otherMm);
    }

    /** What nobody has measured is taken to reach too far, unless both look equally long. */
    static boolean lookAlike(Fastener one, Fastener other) {
        return one.make().reach() != null && one.make().reach() == other.make().reach();
    }

    static boolean isOfAnotherThread(Fastener one, Fastener other) {
        BigDecimal oneMm = one.make().threadMm();
        BigDecimal otherMm = other.make().threadMm();
        return oneMm != null && otherMm != null && oneMm.compareTo(otherMm) != 0;
    }

    private static int reach(Fastener fastener) {
        return fastener.make().reach() == null ? 0 : fastener.make().reach().ordinal();
    }
}
