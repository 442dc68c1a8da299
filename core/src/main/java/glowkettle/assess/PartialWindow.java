package glowkettle.assess;

import glowkettle.cell.Chemistry;
import glowkettle.cell.OpenCircuitCurve;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;

/**
 * Full charge capacity from the charge counted between two rested voltages:
 * {@code FCC = ΔQ / (SOC(V1) − SOC(V2))}, with the worst case of the meter's error on both readings as its range. A window
 * that cannot tell is refused. Source: handbook, Assess.
 */
public final class PartialWindow {
    private PartialWindow() {}

    /** Two rested voltages of one cell and the charge that went between them, out or in. */
    public record Readings(
            @Says("Fuller end, rested, per cell") @Within(min = "2", max = "4.6", unit = "V")
            BigDecimal fullerRestedCellV,

            @Says("Emptier end, rested, per cell") @Within(min = "2", max = "4.6", unit = "V")
            BigDecimal emptierRestedCellV,

            @Says("Charge counted between them") @Within(min = "0.001", max = "1000", unit = "Ah")
            BigDecimal chargeCountedAh,

            @Says("Charge limit per cell") @Within(min = "3.5", max = "4.6", unit = "V")
            BigDecimal chargeLimitV,

            @Says("Meter error, either way") @Within(min = "0", max = "200", unit = "mV")
            BigDecimal meterErrorMv,

            @Says("The shorter of the two rests") @Within(min = "0", max = "10000", unit = "min")
            BigDecimal restMinutes) {}

    /** What the window tells. */
    public sealed interface Outcome {
        /** Full charge capacity with its range. */
        record Capacity(
                BigDecimal fullChargeCapacityAh,
                @Says("At least") BigDecimal lowAh,
                @Says("At most") BigDecimal highAh) implements Outcome {}

        /** The window tells nothing; the reason says what would. */
        record Refused(String reason) implements Outcome {}
    }

    public static Result<Outcome> capacity(Readings readings, ShopLimits limits) {
        Chemistry chemistry = Chemistry.known(readings.chargeLimitV(), "chargeLimitV", limits);
        OpenCircuitCurve curve = OpenCircuitCurve.of(chemistry, limits);
        double fuller = readings.fullerRestedCellV().doubleValue();
        double emptier = readings.emptierRestedCellV().doubleValue();
        double error = readings.meterErrorMv().doubleValue() / 1000;
        double window = curve.socPercent(fuller) - curve.socPercent(emptier);
        double widest = curve.socPercent(fuller + error) - curve.socPercent(emptier - error);
        double narrowest = curve.socPercent(fuller - error) - curve.socPercent(emptier + error);
        String sums = "SOC(%s) − SOC(%s) = %s − %s = %s %% of charge"
                .formatted(
                        Figures.withUnit(readings.fullerRestedCellV(), "V"),
                        Figures.withUnit(readings.emptierRestedCellV(), "V"),
                        Figures.of(curve.socPercent(fuller), 2),
                        Figures.of(curve.socPercent(emptier), 2),
                        Figures.of(window, 2));

        if (!curve.readableThroughout()) {
            return refused(
                    "The iron-phosphate curve is flat: two voltages on it say almost nothing of the charge between them. Count a whole run instead.",
                    sums);
        }
        if (readings.restMinutes().compareTo(limits.of(Limit.REST_MINUTES)) < 0) {
            return refused(
                    "Rested %s; let the pack rest %s before each voltage."
                            .formatted(
                                    Figures.withUnit(readings.restMinutes(), "min"),
                                    limits.applied(Limit.REST_MINUTES)),
                    sums);
        }
        if (!(window >= limits.number(Limit.WINDOW_LEAST_SOC_PERCENT)) || !(narrowest > 0)) {
            return refused(
                    "The window spans %s of charge; it must span %s or more, beyond the meter's error. Run the pack further down between the readings."
                            .formatted(
                                    Figures.withUnit(window, 1, "%"), limits.applied(Limit.WINDOW_LEAST_SOC_PERCENT)),
                    sums);
        }
        double counted = readings.chargeCountedAh().doubleValue() * 100;
        Outcome.Capacity capacity = new Outcome.Capacity(
                Figures.round(counted / window, 3),
                Figures.round(counted / widest, 3),
                Figures.round(counted / narrowest, 3));
        Finding finding = Finding.note(
                "partial-window",
                "The full charge capacity lies between %s and %s."
                        .formatted(
                                Figures.withUnit(counted / widest, 2, "Ah"),
                                Figures.withUnit(counted / narrowest, 2, "Ah")));
        return new Result<>(
                capacity,
                List.of(finding),
                Working.of(
                        sums,
                        "FCC = %s / %s %% = %s"
                                .formatted(
                                        Figures.withUnit(readings.chargeCountedAh(), "Ah"),
                                        Figures.of(window, 2),
                                        Figures.withUnit(counted / window, 2, "Ah"))));
    }

    /** The one of the two voltages whose error widens the range more. */
    static String narrowsIt(Readings readings, ShopLimits limits) {
        OpenCircuitCurve curve =
                OpenCircuitCurve.of(Chemistry.known(readings.chargeLimitV(), "chargeLimitV", limits), limits);
        double error = readings.meterErrorMv().doubleValue() / 1000;
        double atFuller = spread(curve, readings.fullerRestedCellV().doubleValue(), error);
        double atEmptier = spread(curve, readings.emptierRestedCellV().doubleValue(), error);
        return atFuller >= atEmptier
                ? "Take the voltage at the fuller end again, with a finer meter or where the curve is steeper."
                : "Take the voltage at the emptier end again, with a finer meter, or run it further down first.";
    }

    private static double spread(OpenCircuitCurve curve, double volts, double error) {
        return curve.socPercent(volts + error) - curve.socPercent(volts - error);
    }

    private static Result<Outcome> refused(String reason, String sums) {
        return new Result<>(
                new Outcome.Refused(reason), List.of(Finding.stop("partial-window", reason)), Working.of(sums));
    }
}
