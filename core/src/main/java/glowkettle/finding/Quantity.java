package glowkettle.finding;

import java.math.BigDecimal;

/** A figure with its unit, as measured or as computed; the unit is never guessed. */
public record Quantity(BigDecimal value, String unit) {
    public static Quantity of(BigDecimal value, String unit) {
        return new Quantity(value, unit);
    }

    /** A computed figure, rounded half up to the digits worth showing. */
    public static Quantity rounded(double value, int decimals, String unit) {
        return new Quantity(Figures.round(value, decimals), unit);
    }

    @Override
    public String toString() {
        return Figures.withUnit(value, unit);
    }
}
