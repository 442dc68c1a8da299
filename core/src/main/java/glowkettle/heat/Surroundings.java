package glowkettle.heat;

/**
 * What a face exchanges heat with: a transfer coefficient in W/m²K, and a temperature that falls from its start to its end.
 *
 * @param coolingS time in which the difference falls to 1/e; infinite for a steady temperature
 */
record Surroundings(double transferWm2K, double startC, double endC, double coolingS) {
    static Surroundings steady(double transferWm2K, double temperatureC) {
        return new Surroundings(transferWm2K, temperatureC, temperatureC, Double.POSITIVE_INFINITY);
    }

    /** A switched-off mat that the device stays on. */
    static Surroundings cooling(double transferWm2K, double startC, double endC, double coolingS) {
        return new Surroundings(transferWm2K, startC, endC, coolingS);
    }

    double temperatureC(double sinceS) {
        return Double.isInfinite(coolingS) ? endC : endC + (startC - endC) * Math.exp(-sinceS / coolingS);
    }
}
