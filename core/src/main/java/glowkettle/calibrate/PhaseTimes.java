package glowkettle.calibrate;

import glowkettle.cell.CellModel;
import glowkettle.cell.Chemistry;
import glowkettle.cell.OpenCircuitCurve;
import glowkettle.finding.Figures;
import glowkettle.finding.Flat;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.library.PackData;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** How long a pack charges and runs down, by the cell model. Source: handbook, Calibrate. */
public record PhaseTimes(Duration charge, Duration soak, Duration runDown, Duration rest, Duration lastCharge) {
    /** A new pack comes part charged; how far nobody has measured, so the longest charge is planned for. */
    private static final BigDecimal CHARGE_LEFT_PERCENT = BigDecimal.ZERO;

    /** What a charge and a run-down of a pack are reckoned from. */
    public record Pack(
            @Says("Capacity of the pack") @Within(min = "0.01", max = "1000", unit = "Ah")
            BigDecimal capacityAh,

            @Says("Resistance of the pack") @Within(min = "0.001", max = "100", unit = "Ω")
            BigDecimal resistanceOhm,

            @Says("Cells in series") @Within(min = "1", max = "30", whole = true)
            BigDecimal series,

            @Says("Charge limit per cell") @Within(min = "3.5", max = "4.6", unit = "V")
            BigDecimal chargeLimitV) {}

    /** A pack on its charger. */
    public record ChargeRequest(
            @Flat Pack pack,

            @Says("Charge current") @Within(min = "0.01", max = "500", unit = "A")
            BigDecimal chargeA,

            @Says("State of charge at the start") @Within(min = "0", max = "100", unit = "%")
            BigDecimal fromSocPercent) {}

    /** Hours of a charge. */
    public record ChargeTime(
            @Says("At constant current") BigDecimal constantCurrentHours,
            @Says("At constant voltage") BigDecimal constantVoltageHours,
            @Says("In all") BigDecimal hours,
            @Says("Charge at the end") BigDecimal endSocPercent) {}

    /** A pack under a load of constant power. */
    public record RunDownRequest(
            @Flat Pack pack,

            @Says("Power drawn") @Within(min = "0.01", max = "10000", unit = "W")
            BigDecimal powerW,

            @Says("Cut-off per cell") @Within(min = "2", max = "4", unit = "V")
            BigDecimal cutOffV,

            @Says("State of charge at the start") @Within(min = "0", max = "100", unit = "%")
            BigDecimal fromSocPercent,

            @Says("State of charge at which the device shuts down") @Within(min = "0", max = "100", unit = "%")
            BigDecimal shutDownSocPercent) {}

    /** Hours of a run, what it delivered, and what ended it. */
    public record RunTime(
            @Says("Runs for") BigDecimal hours,
            BigDecimal energyWh,
            @Says("Charge at the end") BigDecimal endSocPercent,
            CellModel.RunDown.End endedBy) {}

    /** Of a device that gets a pack of this capacity, and is run down at light use. */
    public static PhaseTimes of(PackData pack, BigDecimal capacityMah, School school, ShopLimits limits) {
        Pack fitted = new Pack(
                capacityMah.movePointLeft(3),
                pack.inDevice().resistanceOhm(),
                pack.ratings().series(),
                pack.ratings().chargeLimitV());
        PhaseTimes times = of(
                new ChargeRequest(fitted, pack.inDevice().chargeA(), CHARGE_LEFT_PERCENT),
                new RunDownRequest(
                        fitted,
                        pack.inDevice().lightUseW(),
                        pack.inDevice().cutOffV(),
                        BigDecimal.valueOf(100),
                        school.downToPercent(pack.inDevice().shutDownPercent())),
                limits);
        return school.soaks()
                ? times
                : new PhaseTimes(times.charge(), Duration.ZERO, times.runDown(), Duration.ZERO, times.lastCharge());
    }

    public static Result<ChargeTime> charge(ChargeRequest request, ShopLimits limits) {
        CellModel.Charge charge = chargeOf(request, limits);
        return new Result<>(
                new ChargeTime(
                        Figures.round(charge.constantCurrentHours(), 3),
                        Figures.round(charge.constantVoltageHours(), 3),
                        Figures.round(charge.hours(), 3),
                        Figures.round(charge.endSocPercent(), 1)),
                List.of(),
                Working.of("%s at %s, then at %s per cell until %s: %s + %s"
                        .formatted(
                                Figures.withUnit(request.pack().capacityAh(), "Ah"),
                                Figures.withUnit(request.chargeA(), "A"),
                                Figures.withUnit(request.pack().chargeLimitV(), "V"),
                                limits.applied(Limit.CHARGE_END_SHARE),
                                Figures.withUnit(charge.constantCurrentHours(), 2, "h"),
                                Figures.withUnit(charge.constantVoltageHours(), 2, "h"))));
    }

    private static CellModel.Charge chargeOf(ChargeRequest request, ShopLimits limits) {
        double endCurrent = request.pack().capacityAh().doubleValue() * limits.number(Limit.CHARGE_END_SHARE);
        if (request.chargeA().doubleValue() <= endCurrent) {
            throw new Unanswerable(
                    "chargeA",
                    "The charge current (%s A) must be above the current at which the charge ends (%s A)"
                            .formatted(request.chargeA(), Figures.of(endCurrent, 3)));
        }
        return cell(request.pack(), limits)
                .charge(
                        request.fromSocPercent().doubleValue(),
                        request.chargeA().doubleValue(),
                        endCurrent,
                        request.pack().chargeLimitV().doubleValue());
    }

    public static Result<RunTime> runDown(RunDownRequest request, ShopLimits limits) {
        CellModel.RunDown run = runDownOf(request, limits);
        double packWh = run.energyWh() * request.pack().series().doubleValue();
        return new Result<>(
                new RunTime(
                        Figures.round(run.hours(), 3),
                        Figures.round(packWh, 3),
                        Figures.round(run.endSocPercent(), 1),
                        run.end()),
                List.of(),
                Working.of("%s at %s from %s: %s, %s delivered"
                        .formatted(
                                Figures.withUnit(request.pack().capacityAh(), "Ah"),
                                Figures.withUnit(request.powerW(), "W"),
                                Figures.withUnit(request.fromSocPercent(), "%"),
                                Figures.withUnit(run.hours(), 2, "h"),
                                Figures.withUnit(packWh, 2, "Wh"))));
    }

    private static CellModel.RunDown runDownOf(RunDownRequest request, ShopLimits limits) {
        return cell(request.pack(), limits)
                .runDown(
                        request.fromSocPercent().doubleValue(),
                        request.powerW().doubleValue() / request.pack().series().doubleValue(),
                        request.cutOffV().doubleValue(),
                        request.shutDownSocPercent().doubleValue());
    }

    /** Every phase of a soak cycle, each rounded up to the plan's grid. */
    public static PhaseTimes of(ChargeRequest charge, RunDownRequest runDown, ShopLimits limits) {
        CellModel.RunDown run = runDownOf(runDown, limits);
        double lastChargeHours = chargeOf(
                        new ChargeRequest(charge.pack(), charge.chargeA(), Figures.round(run.endSocPercent(), 3)),
                        limits)
                .hours();
        Grid grid = Grid.of(limits);
        return new PhaseTimes(
                grid.up(chargeOf(charge, limits).hours()),
                grid.up(limits.number(Limit.SOAK_HOURS)),
                grid.up(run.hours()),
                grid.up(limits.number(Limit.OFF_REST_HOURS)),
                grid.up(lastChargeHours));
    }

    /** Phases whose minutes are known from elsewhere; a soak or rest that is not said is the shop's. */
    public static PhaseTimes ofMinutes(
            BigDecimal charge,
            @Nullable BigDecimal soak,
            BigDecimal runDown,
            @Nullable BigDecimal rest,
            BigDecimal lastCharge,
            ShopLimits limits) {
        Grid grid = Grid.of(limits);
        return new PhaseTimes(
                grid.up(hours(charge)),
                grid.up(soak == null ? limits.number(Limit.SOAK_HOURS) : hours(soak)),
                grid.up(hours(runDown)),
                grid.up(rest == null ? limits.number(Limit.OFF_REST_HOURS) : hours(rest)),
                grid.up(hours(lastCharge)));
    }

    private static double hours(BigDecimal minutes) {
        return minutes.doubleValue() / 60;
    }

    private static CellModel cell(Pack pack, ShopLimits limits) {
        Chemistry chemistry = Chemistry.known(pack.chargeLimitV(), "chargeLimitV", limits);
        return new CellModel(
                OpenCircuitCurve.of(chemistry, limits),
                pack.capacityAh().doubleValue(),
                pack.resistanceOhm().doubleValue() / pack.series().doubleValue());
    }
}
