package glowkettle.assess;

import glowkettle.assess.HazardReadings.Cell;
import glowkettle.assess.HazardReadings.Point;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * The temperature rows. Whether the pack is at rest decides which of them apply; where nobody said, both sets do, so
 * that not saying is never the milder answer.
 */
final class WarmthRows {
    private final HazardReadings readings;
    private final Warmth warmth;
    private final FiredRows row;
    private final @Nullable BigDecimal hottestC;
    private final @Nullable BigDecimal predictedC;
    private final @Nullable BigDecimal aboveAmbientK;
    private final @Nullable BigDecimal abovePredictedK;
    private final boolean mayBeAtRest;
    private final boolean mayBeActive;
    private final boolean mayBeUnheated;
    private final boolean mayBeWithoutCurrent;

    WarmthRows(HazardReadings readings, FiredRows row) {
        this.readings = readings;
        this.warmth = readings.warmth();
        this.row = row;
        hottestC = warmer(warmth.surfaceC(), readings.cell().cellC());
        // A pack that nobody has heated for as long as a rest lasts has nothing to be predicted from but its current.
        boolean cooledDown = warmth.minutesSinceHeat() != null && beyondRest(warmth.minutesSinceHeat());
        predictedC = cooledDown && beyondRest(warmth.minutesSinceCurrent()) ? null : warmth.predictedC();
        aboveAmbientK = difference(hottestC, warmth.ambientC());
        abovePredictedK = warmer(
                difference(warmth.surfaceC(), predictedC),
                cooledDown
                        ? null
                        : difference(readings.cell().cellC(), readings.cell().curveCellC()));
        mayBeAtRest = !Boolean.FALSE.equals(warmth.atRest());
        mayBeActive = !Boolean.TRUE.equals(warmth.atRest());
        mayBeUnheated = beyondRest(warmth.minutesSinceHeat());
        mayBeWithoutCurrent = warmth.minutesSinceCurrent() == null
                || warmth.minutesSinceCurrent().signum() > 0;
    }

    /** Warmer than air or prediction explains, in the sense the damage rows use. */
    boolean warm() {
        boolean overAmbient = row.reaches(Limit.ABOVE_AMBIENT_GUARDED_K, aboveAmbientK);
        boolean overPredicted = row.reaches(Limit.ABOVE_AMBIENT_GUARDED_K, abovePredictedK);
        boolean unexplained = mayBeActive && predictedC == null && mayBeUnheated;
        return overPredicted || overAmbient && (mayBeAtRest || unexplained);
    }

    void judge() {
        if (mayBeAtRest) {
            atRest();
        }
        if (mayBeActive) {
            underWay();
            predicted();
            if (predictedC == null) {
                nothingPredicted();
            }
        }
        overrun();
        boolean needed = readings.point() != Point.NEW;
        row.missing(
                needed && warmth.surfaceC() == null,
                readings.hand().isCool(),
                MissingReading.SURFACE,
                "Take the surface temperature over the pack.");
        row.missing(
                needed && warmth.ambientC() == null, MissingReading.AMBIENT, "Take the temperature of the shop's air.");
        row.missing(
                warmth.surfaceC() != null && warmth.atRest() == null,
                readings.hand().isCool(),
                MissingReading.REST,
                "Say whether the device has been off, unplugged and unheated for 30 minutes.");
    }

    private void atRest() {
        row.from(
                Limit.SURFACE_EVACUATE_C,
                hottestC,
                Tier.EVACUATE,
                "surface-at-rest",
                "The surface is this hot with nothing heating it.");
        row.from(
                Limit.SURFACE_ISOLATE_C,
                hottestC,
                Tier.ISOLATE,
                "surface-at-rest",
                "The surface is this warm at rest.");
        row.from(
                Limit.GROWING_EVACUATE_K,
                warmth.riseKIn5Min(),
                Tier.EVACUATE,
                "growing-at-rest",
                "The temperature runs up at rest.");
        row.from(
                Limit.GROWING_ISOLATE_K,
                warmth.riseKIn5Min(),
                Tier.ISOLATE,
                "growing-at-rest",
                "The temperature grows at rest.");
        row.from(
                Limit.ABOVE_AMBIENT_ISOLATE_K,
                aboveAmbientK,
                Tier.ISOLATE,
                "above-ambient",
                "The pack is far warmer than the air around it, at rest.");
        row.from(
                Limit.ABOVE_AMBIENT_GUARDED_K,
                aboveAmbientK,
                Tier.GUARDED,
                "above-ambient",
                "The pack is warmer than the air around it, at rest.",
                Condition.NO_HEAT,
                Condition.SECOND_PERSON);
    }

    private void underWay() {
        boolean explained = !beyondRest(warmth.minutesSinceHeat()) || !beyondRest(warmth.minutesSinceCurrent());
        boolean unsaid = warmth.minutesSinceHeat() == null || warmth.minutesSinceCurrent() == null;
        if (explained || unsaid) {
            row.from(
                    Limit.SURFACE_EVACUATE_C,
                    hottestC,
                    Tier.ISOLATE,
                    "hot-under-way",
                    "This is too hot under heat, charge or load, predicted or not: heat and current off.",
                    Condition.HEAT_OFF);
        }
    }

    /** Surface and cell, each against a prediction of its own. */
    private void predicted() {
        row.from(
                Limit.GROWING_EVACUATE_K,
                predictedC == null ? null : warmth.excessRiseKIn5Min(),
                Tier.EVACUATE,
                "excess-growing",
                "The pack runs away from its prediction.");
        row.from(
                Limit.OVER_PREDICTED_ISOLATE_K,
                abovePredictedK,
                Tier.ISOLATE,
                "over-predicted",
                "The pack is far warmer than the heat explains.",
                Condition.HEAT_OFF);
        row.from(
                Limit.OVER_PREDICTED_GUARDED_K,
                abovePredictedK,
                Tier.GUARDED,
                "over-predicted",
                "The pack is warmer than the heat explains.",
                Condition.HEAT_OFF,
                Condition.NO_HEAT);
    }

    private void nothingPredicted() {
        if (mayBeUnheated) {
            row.from(
                    Limit.GROWING_EVACUATE_K,
                    warmth.riseKIn5Min(),
                    Tier.EVACUATE,
                    "growing-unheated",
                    "The temperature runs up with no heat on it.");
            row.from(
                    Limit.GROWING_ISOLATE_K,
                    warmth.riseKIn5Min(),
                    Tier.ISOLATE,
                    "growing-unheated",
                    "The temperature grows with no heat on it.");
            if (mayBeWithoutCurrent) {
                row.from(
                        Limit.SURFACE_EVACUATE_C,
                        hottestC,
                        Tier.EVACUATE,
                        "surface-unexplained",
                        "The surface is this hot without heat or current.");
            }
        }
        row.from(
                Limit.SURFACE_ISOLATE_C,
                hottestC,
                Tier.GUARDED,
                "retake-surface",
                "This hot, not at rest, and nothing predicts it: take it again at rest.",
                Condition.RETAKE_AT_REST,
                Condition.NO_HEAT);
        row.from(
                Limit.ABOVE_AMBIENT_GUARDED_K,
                aboveAmbientK,
                Tier.GUARDED,
                "retake-above-ambient",
                "This far above the air, not at rest, and nothing predicts it: take it again at rest.",
                Condition.RETAKE_AT_REST,
                Condition.NO_HEAT);
        row.from(
                Limit.GROWING_ISOLATE_K,
                warmth.riseKIn5Min(),
                Tier.GUARDED,
                "retake-growing",
                "Growing, not at rest, and nothing predicts it: take it again at rest.",
                Condition.RETAKE_AT_REST,
                Condition.NO_HEAT);
    }

    /** Heat past the latest lift-off, on or off for less than a rest: the cell is taken to be as hot as it may be. */
    private void overrun() {
        boolean heatedLately = warmth.minutesSinceHeat() == null || !beyondRest(warmth.minutesSinceHeat());
        if (!Boolean.TRUE.equals(readings.cell().overrun()) || !heatedLately) {
            return;
        }
        BigDecimal cellC = cellC(readings.cell());
        row.missing(
                cellC == null, MissingReading.CELL, "Heat was on for too long: take the temperature of the cell, now.");
        row.from(
                Limit.SURFACE_EVACUATE_C,
                cellC,
                Tier.ISOLATE,
                "overrun",
                "Heat was on past the latest lift-off, and the cell is this hot: heat off, watch it until it is at rest.",
                Condition.HEAT_OFF);
        row.from(
                Limit.CELL_HEATING_C,
                cellC,
                Tier.GUARDED,
                "overrun",
                "Heat was on past the latest lift-off, and the cell is warmer than it may be.",
                Condition.HEAT_OFF,
                Condition.NO_HEAT,
                Condition.WATCH);
    }

    /** As read, if that is fresh; else as the curve says; the warmer of both where nobody said how old the reading is. */
    private @Nullable BigDecimal cellC(Cell cell) {
        if (cell.cellC() == null || cell.curveCellC() == null) {
            return warmer(cell.cellC(), cell.curveCellC());
        }
        if (cell.minutesSinceCellRead() == null) {
            return warmer(cell.cellC(), cell.curveCellC());
        }
        return cell.minutesSinceCellRead().compareTo(row.limits().of(Limit.CELL_FRESH_MINUTES)) < 0
                ? cell.cellC()
                : cell.curveCellC();
    }

    /** True when the last time lies as far back as a rest lasts, or was never said. */
    private boolean beyondRest(@Nullable BigDecimal minutesSince) {
        return minutesSince == null || minutesSince.compareTo(row.limits().of(Limit.REST_MINUTES)) >= 0;
    }

    private static @Nullable BigDecimal warmer(@Nullable BigDecimal a, @Nullable BigDecimal b) {
        return a == null || b == null ? (a == null ? b : a) : a.max(b);
    }

    private static @Nullable BigDecimal difference(@Nullable BigDecimal a, @Nullable BigDecimal b) {
        return a == null || b == null ? null : a.subtract(b);
    }
}
