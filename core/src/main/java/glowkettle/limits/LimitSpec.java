package glowkettle.limits;

import java.math.BigDecimal;

/**
 * What is known of a limit apart from the shop's value: its plain name, unit, default, the range the product accepts,
 * which direction is stricter, and what it decides.
 */
public record LimitSpec(
        Limit limit,
        String name,
        BigDecimal byDefault,
        String unit,
        BigDecimal min,
        BigDecimal max,
        Stricter stricter,
        String chapter,
        String decides) {
    /** The direction in which a limit protects more; {@code NONE} where it protects nobody. */
    public enum Stricter {
        LOWER,
        HIGHER,
        NONE
    }

    public LimitSpec {
        if (!accepts(byDefault, min, max)) {
            throw new IllegalArgumentException("The default of %s (%s %s) must be within %s..%s %s"
                    .formatted(limit.id(), byDefault, unit, min, max, unit));
        }
    }

    public boolean accepts(BigDecimal value) {
        return accepts(value, min, max);
    }

    private static boolean accepts(BigDecimal value, BigDecimal min, BigDecimal max) {
        return value.compareTo(min) >= 0 && value.compareTo(max) <= 0;
    }
}
