package glowkettle.assess;

import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * The temperature rows. Whether the pack is at rest decides which of them apply; where nobody said, both sets do, so
 * that not saying is never the milder answer.
 */
final class WarmthRows {
    private final Warmth warmth;
    private final Row row;
    private final @Nullable BigDecimal aboveAmbientK;
    private final @Nullable BigDecimal abovePredictedK;
    private final boolean mayBeAtRest;
    private final boolean mayBeActive;
    private final boolean mayBeUnheated;
    private final boolean mayBeWithoutCurrent;

    WarmthRows(Warmth warmth, Row row) {
        this.warmth = warmth;
        this.row = row;
        aboveAmbientK = difference(warmth.surfaceC(), warmth.ambientC());
        abovePredictedK = difference(warmth.surfaceC(), warmth.predictedC());
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
        boolean unexplained = mayBeActive && warmth.predictedC() == null && mayBeUnheated;
        return overPredicted || overAmbient && (mayBeAtRest || unexplained);
    }

    void judge() {
        if (mayBeAtRest) {
            atRest();
        }
        if (mayBeActive) {
            underWay();
            if (warmth.predictedC() == null) {
                nothingPredicted();
            } else {
                predicted();
            }
        }
        row.missing(warmth.surfaceC() == null, "surface", "Take the surface temperature over the pack.");
        row.missing(warmth.ambientC() == null, "ambient", "Take the temperature of the shop's air.");
        row.missing(
                warmth.surfaceC() != null && warmth.atRest() == null,
                "rest",
                "Say whether the device has been off, unplugged and unheated for 30 minutes.");
    }

    private void atRest() {
        row.from(
                Limit.SURFACE_EVACUATE_C,
                warmth.surfaceC(),
                Tier.EVACUATE,
                "surface-at-rest",
                "The surface is this hot with nothing heating it.");
        row.from(
                Limit.SURFACE_ISOLATE_C,
                warmth.surfaceC(),
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
                    warmth.surfaceC(),
                    Tier.ISOLATE,
                    "hot-under-way",
                    "This is too hot under heat, charge or load, predicted or not: heat and current off.",
                    Condition.HEAT_OFF);
        }
    }

    private void predicted() {
        row.from(
                Limit.GROWING_EVACUATE_K,
                warmth.excessRiseKIn5Min(),
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
                        warmth.surfaceC(),
                        Tier.EVACUATE,
                        "surface-unexplained",
                        "The surface is this hot without heat or current.");
            }
        }
        String retake = "Not at rest, and nothing predicts this: take it again at rest.";
        row.from(
                Limit.SURFACE_ISOLATE_C,
                warmth.surfaceC(),
                Tier.GUARDED,
                "retake-surface",
                retake,
                Condition.RETAKE_AT_REST,
                Condition.NO_HEAT);
        row.from(
                Limit.ABOVE_AMBIENT_GUARDED_K,
                aboveAmbientK,
                Tier.GUARDED,
                "retake-above-ambient",
                retake,
                Condition.RETAKE_AT_REST,
                Condition.NO_HEAT);
        row.from(
                Limit.GROWING_ISOLATE_K,
                warmth.riseKIn5Min(),
                Tier.GUARDED,
                "retake-growing",
                retake,
                Condition.RETAKE_AT_REST,
                Condition.NO_HEAT);
    }

    /** True when the last time lies further back than a rest, or was never said. */
    private boolean beyondRest(@Nullable BigDecimal minutesSince) {
        return minutesSince == null || minutesSince.compareTo(row.limits().of(Limit.REST_MINUTES)) > 0;
    }

    private static @Nullable BigDecimal difference(@Nullable BigDecimal a, @Nullable BigDecimal b) {
        return a == null || b == null ? null : a.subtract(b);
    }
}
