package glowkettle.open;

import glowkettle.library.Fastener;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What happens when two that differ change places: the longer one in the shorter one's hole overshoots by
 * {@code L_long − L_short}. Source: handbook, Open.
 *
 * @param dangerous above the boss's spare depth: it can go through the panel or the board
 * @param otherThread they differ in thread, so that either strips the other's hole
 */
public record Mixup(Fastener longer, Fastener shorter, BigDecimal overshootMm, boolean dangerous, boolean otherThread) {
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
                .thenComparing(Mixup::overshootMm)
                .reversed());
        return mixups;
    }

    public static Mixup of(Fastener one, Fastener other, ShopLimits limits) {
        boolean inOrder = one.make().lengthMm().compareTo(other.make().lengthMm()) >= 0;
        Fastener longer = inOrder ? one : other;
        Fastener shorter = inOrder ? other : one;
        BigDecimal overshoot = longer.make().lengthMm().subtract(shorter.make().lengthMm());
        return new Mixup(
                longer,
                shorter,
                overshoot,
                overshoot.compareTo(limits.of(Limit.BOSS_SPARE_MM)) > 0,
                one.make().threadMm().compareTo(other.make().threadMm()) != 0);
    }
}
