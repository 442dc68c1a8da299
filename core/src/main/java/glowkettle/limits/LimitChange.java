package glowkettle.limits;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;

/**
 * What differs between two versions of the shop limits, and whether it protects less. A limit that protects people may be
 * made stricter freely, looser only inside its range and with a reason. Source: handbook, Shop limits.
 */
public record LimitChange(LimitSpec spec, BigDecimal before, BigDecimal after) {
    public static List<LimitChange> between(ShopLimits before, ShopLimits after) {
        return Arrays.stream(Limit.values())
                .map(limit -> new LimitChange(ShopLimits.spec(limit), before.of(limit), after.of(limit)))
                .filter(change -> change.before().compareTo(change.after()) != 0)
                .toList();
    }

    public boolean looser() {
        int direction = after.compareTo(before);
        return switch (spec.stricter()) {
            case LOWER -> direction > 0;
            case HIGHER -> direction < 0;
            case NONE -> false;
        };
    }
}
