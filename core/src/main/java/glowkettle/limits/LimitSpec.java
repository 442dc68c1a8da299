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
        Range range,
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
        if (!range.holds(byDefault)) {
            throw new IllegalArgumentException("The default of %s (%s %s) must be within %s..%s %s"
                    .formatted(limit.id(), byDefault, range.unit(), range.min(), range.max(), range.unit()));
        }
    }

    /** What the product accepts, ends included. */
    public record Range(BigDecimal min, BigDecimal max, String unit) {
        boolean holds(BigDecimal value) {
            return value.compareTo(min) >= 0 && value.compareTo(max) <= 0;
        }
    }

    public boolean accepts(BigDecimal value) {
        return range.holds(value);
    }
}
