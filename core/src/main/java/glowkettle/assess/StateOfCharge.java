package glowkettle.assess;

import glowkettle.cell.Chemistry;
import glowkettle.cell.OpenCircuitCurve;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.OptionalDouble;

/** State of charge from a rested voltage. Source: handbook, Assess. */
public final class StateOfCharge {
    private StateOfCharge() {}

    /** A rested voltage and the limit its cell is charged to. */
    public record Readings(
            @Says("Rested voltage per cell") @Within(min = "0", max = "5", unit = "V")
            BigDecimal restedCellV,

            @Says("Charge limit per cell; 3.65 V is iron-phosphate") @Within(min = "3.5", max = "4.6", unit = "V")
            BigDecimal chargeLimitV) {}

    /** What the voltage tells. */
    public sealed interface Outcome {
        /** State of charge. */
        record Charge(@Says("State of charge") BigDecimal socPercent) implements Outcome {}

        /** The curve is too flat here. */
        record CannotTell(String reason) implements Outcome {}
    }

    public static Result<Outcome> read(Readings readings, ShopLimits limits) {
        Chemistry chemistry = Chemistry.known(readings.chargeLimitV(), "chargeLimitV", limits);
        OptionalDouble soc = OpenCircuitCurve.of(chemistry, limits)
                .readSocPercent(readings.restedCellV().doubleValue());
        Working working = Working.of("SOC(%s) on the rested curve of %s"
                .formatted(Figures.withUnit(readings.restedCellV(), "V"), chemistry.words()));
        if (soc.isEmpty()) {
            String reason = "The iron-phosphate curve is flat here; this voltage tells no state of charge.";
            return new Result<>(new Outcome.CannotTell(reason), List.of(Finding.care("flat-curve", reason)), working);
        }
        return new Result<>(new Outcome.Charge(Figures.round(soc.getAsDouble(), 1)), List.of(), working);
    }
}
