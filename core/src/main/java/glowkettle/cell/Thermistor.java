package glowkettle.cell;

import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;

/**
 * A thermistor by its value at 25 °C and its B: {@code 1/T = 1/T0 + ln(R/R0)/B}. Source: handbook, Join.
 *
 * @param at25C in ohms
 * @param b in kelvins
 */
public record Thermistor(double at25C, double b) {
    private static final double KELVIN = 273.15;
    private static final double REFERENCE_C = 25;

    public double celsius(double ohm) {
        return 1 / (1 / (REFERENCE_C + KELVIN) + Math.log(ohm / at25C) / b) - KELVIN;
    }

    public double ohm(double celsius) {
        return at25C * Math.exp(b * (1 / (celsius + KELVIN) - 1 / (REFERENCE_C + KELVIN)));
    }

    /** What a bench can be; anything else is another thermistor, or a warm pack. */
    public static boolean isBench(double celsius, ShopLimits limits) {
        return celsius >= limits.number(Limit.THERMISTOR_LEAST_C) && celsius <= limits.number(Limit.THERMISTOR_MOST_C);
    }
}
