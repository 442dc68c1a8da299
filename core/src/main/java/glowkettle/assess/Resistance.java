package glowkettle.assess;

import glowkettle.cell.Chemistry;
import glowkettle.cell.OpenCircuitCurve;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Flat;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Resistance of a pack from a load step, {@code R = (V_rest − V_load)/I} after 1 s and after 10 s, against the reference at
 * 25 °C; and the charge at which the device goes dark under that load, where {@code V_oc − I·R < V_cutoff}. The range is
 * the meter's error on both readings. Source: handbook, Assess.
 *
 * @param timesReference how many times its reference, or null when none is known
 * @param shutDownSocPercent charge at which it shuts down under this load, with its range
 */
public record Resistance(
        @Says("Resistance") BigDecimal ohm,
        @Says("At least") BigDecimal lowOhm,
        @Says("At most") BigDecimal highOhm,
        @Says("After 10 s") @Nullable BigDecimal after10sOhm,
        @Says("Times the reference") @Nullable BigDecimal timesReference,
        boolean worn,
        @Flat(prefix = "shutDown") ShutDown shutDown) {
    /** Where a device goes dark under this load, with what the meter's error makes of it. */
    public record ShutDown(
            @Says("Goes dark below a charge of") BigDecimal socPercent,
            @Says("That is at least") BigDecimal lowPercent,
            @Says("That is at most") BigDecimal highPercent) {}

    /** A load step at the pack. */
    public record Readings(
            @Flat LoadStep load,

            @Says("Reference at 25 °C, whole pack") @Within(min = "0.0005", max = "20", unit = "Ω") @Nullable
            BigDecimal referenceOhm,

            @Says("Cells in series") @Within(min = "1", max = "30", whole = true)
            BigDecimal series,

            @Says("Charge limit per cell") @Within(min = "3.5", max = "4.6", unit = "V")
            BigDecimal chargeLimitV,

            @Says("Cut-off per cell") @Within(min = "2", max = "3.9", unit = "V")
            BigDecimal cutOffV,

            @Says("Meter error, either way") @Within(min = "0", max = "200", unit = "mV")
            BigDecimal meterErrorMv) {}

    /** The whole pack, before and while a known current is drawn. */
    public record LoadStep(
            @Says("At rest, whole pack") @Within(min = "1", max = "120", unit = "V")
            BigDecimal restV,

            @Says("Under load after 1 s") @Within(min = "0.5", max = "120", unit = "V")
            BigDecimal loadAfter1sV,

            @Says("Under load after 10 s") @Within(min = "0.5", max = "120", unit = "V") @Nullable
            BigDecimal loadAfter10sV,

            @Says("Load current") @Within(min = "0.01", max = "200", unit = "A")
            BigDecimal loadA) {}

    /** Even at the worst of the meter's error, the cut-off is not reached before it is empty. */
    public boolean runsToEmpty() {
        return shutDown.highPercent().signum() <= 0;
    }

    public static Result<Resistance> of(Readings step, ShopLimits limits) {
        LoadStep load = step.load();
        double drop = load.restV().subtract(load.loadAfter1sV()).doubleValue();
        if (drop <= 0) {
            throw new Unanswerable(
                    "loadAfter1sV",
                    "%s V under load is not below %s V at rest".formatted(load.loadAfter1sV(), load.restV()));
        }
        if (load.loadAfter10sV() != null && load.loadAfter10sV().compareTo(load.restV()) > 0) {
            throw new Unanswerable(
                    "loadAfter10sV",
                    "%s V after 10 s under load is above %s V at rest; take both again"
                            .formatted(load.loadAfter10sV(), load.restV()));
        }
        BigDecimal most = limits.of(Limit.CELL_MOST_V).multiply(step.series());
        if (load.restV().compareTo(most) > 0) {
            throw new Unanswerable(
                    "restV",
                    "%s V at rest is more than %s cells hold, %s V; count the cells or read the voltage again"
                            .formatted(load.restV(), step.series(), most));
        }
        double current = load.loadA().doubleValue();
        double error = 2 * step.meterErrorMv().doubleValue() / 1000;
        double ohm = drop / current;
        double low = Math.max(0, drop - error) / current;
        double high = (drop + error) / current;
        BigDecimal shown = Figures.round(ohm, 3);
        BigDecimal times = step.referenceOhm() == null
                ? null
                : Figures.round(ohm / step.referenceOhm().doubleValue(), 2);
        boolean worn = step.referenceOhm() != null
                && ohm > step.referenceOhm().doubleValue() * limits.number(Limit.RESISTANCE_WORN_FACTOR);
        BigDecimal later = load.loadAfter10sV() == null
                ? null
                : Figures.round(load.restV().subtract(load.loadAfter10sV()).doubleValue() / current, 3);
        OpenCircuitCurve curve =
                OpenCircuitCurve.of(Chemistry.known(step.chargeLimitV(), "chargeLimitV", limits), limits);
        double darkest = later == null ? ohm : Math.max(ohm, later.doubleValue());
        Resistance resistance = new Resistance(
                shown,
                Figures.round(low, 3),
                Figures.round(high, 3),
                later,
                times,
                worn,
                new ShutDown(
                        shutDown(curve, step, darkest),
                        shutDown(curve, step, Math.max(0, darkest - (ohm - low))),
                        shutDown(curve, step, darkest + (high - ohm))));
        return new Result<>(resistance, findings(resistance, step, limits), working(resistance, step));
    }

    private static BigDecimal shutDown(OpenCircuitCurve curve, Readings step, double ohm) {
        double perCellV = step.cutOffV().doubleValue()
                + step.load().loadA().doubleValue() * ohm / step.series().doubleValue();
        return Figures.round(curve.socPercent(perCellV), 0);
    }

    private static List<Finding> findings(Resistance resistance, Readings step, ShopLimits limits) {
        List<Finding> findings = new ArrayList<>();
        BigDecimal times = resistance.timesReference();
        if (times == null) {
            findings.add(Finding.care(
                    "resistance-reference", "No reference is known: measure a sound pack of this lot once."));
        } else {
            findings.add(new Finding(
                    "resistance",
                    resistance.worn() ? Weight.CARE : Weight.NOTE,
                    Quantity.of(times, "×"),
                    limits.applied(Limit.RESISTANCE_WORN_FACTOR),
                    resistance.worn()
                            ? "Worn by its resistance, whatever the capacity says."
                            : "The resistance is within what its reference allows."));
        }
        String load = Figures.withUnit(step.load().loadA(), "A");
        findings.add(Finding.note(
                "sudden-shut-down",
                resistance.runsToEmpty()
                        ? "Under %s it runs down to empty; its resistance is not why it goes dark.".formatted(load)
                        : "Under %s it goes dark at about %s of charge, %s to %s."
                                .formatted(
                                        load,
                                        Figures.withUnit(resistance.shutDown().socPercent(), "%"),
                                        Figures.of(resistance.shutDown().lowPercent()),
                                        Figures.withUnit(resistance.shutDown().highPercent(), "%"))));
        return findings;
    }

    private static Working working(Resistance resistance, Readings step) {
        return Working.of(
                "R = (%s − %s) / %s = %s, %s to %s with ±%s"
                        .formatted(
                                Figures.withUnit(step.load().restV(), "V"),
                                Figures.withUnit(step.load().loadAfter1sV(), "V"),
                                Figures.withUnit(step.load().loadA(), "A"),
                                Figures.withUnit(resistance.ohm(), "Ω"),
                                Figures.of(resistance.lowOhm()),
                                Figures.withUnit(resistance.highOhm(), "Ω"),
                                Figures.withUnit(step.meterErrorMv(), "mV")),
                "dark where V_oc < %s + %s · R / %s per cell"
                        .formatted(
                                Figures.withUnit(step.cutOffV(), "V"),
                                Figures.withUnit(step.load().loadA(), "A"),
                                Figures.of(step.series())));
    }
}
