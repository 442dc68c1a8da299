package glowkettle.assess;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Flat;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * State of health from a timed run, from full to shut-down. With a known average load {@code FCC ≈ P·t/V_nom}; without one
 * the run against the run of the device when it was new, {@code [t_lo/T_hi, t_hi/T_lo]}. A run whose end nobody saw lasts
 * from last seen running to found off; sleep spoils it. Source: handbook, Assess.
 */
public final class TimedRun {
    private TimedRun() {}

    /** What was noted of a run, and what it is held against. */
    public record Readings(
            @Flat Ran ran,

            @Says("Average load") @Within(min = "0.01", max = "1000", unit = "W") @Nullable
            BigDecimal averageLoadW,

            @Says("New, it ran at least") @Within(min = "0.05", max = "500", unit = "h") @Nullable
            BigDecimal newAtLeastHours,

            @Says("New, it ran at most") @Within(min = "0.05", max = "500", unit = "h") @Nullable
            BigDecimal newAtMostHours,

            @Says("Nominal voltage of the pack") @Within(min = "1", max = "120", unit = "V")
            BigDecimal nominalV,

            @Says("Design capacity") @Within(min = "1", max = "1000000", unit = "mAh")
            BigDecimal designCapacityMah) {}

    /** What was seen of it. */
    public record Ran(
            @Says("Last seen running after") @Within(min = "0.05", max = "200", unit = "h")
            BigDecimal lastSeenRunningHours,

            @Says("Found off after; the same when somebody saw it end") @Within(min = "0.05", max = "200", unit = "h")
            BigDecimal foundOffHours,

            @Says("It was full at the start") Boolean fromFull,
            @Says("It slept in between") Boolean slept) {
        /** A run that slept, or did not begin full, says nothing. */
        public boolean saysSomething() {
            return fromFull && !slept;
        }

        /** @throws Unanswerable where it was found off before it was last seen running */
        public void requireOrder() {
            if (lastSeenRunningHours.compareTo(foundOffHours) > 0) {
                throw new Unanswerable(
                        "foundOffHours",
                        "found off after %s h, which lies before last seen running after %s h"
                                .formatted(foundOffHours, lastSeenRunningHours));
            }
        }
    }

    public static Result<Evidence> read(Readings run, ShopLimits limits) {
        run.ran().requireOrder();
        double low = run.ran().lastSeenRunningHours().doubleValue();
        double high = run.ran().foundOffHours().doubleValue();
        if (run.ran().slept()) {
            return refused("It slept in between, so the run says nothing. Let it run again with sleep switched off.");
        }
        if (!run.ran().fromFull()) {
            return refused(
                    "It was not full at the start, so the run says nothing. Charge it full and let it run again.");
        }
        return run.averageLoadW() != null ? byLoad(run, low, high, limits) : byComparison(run, low, high, limits);
    }

    private static Result<Evidence> byLoad(Readings run, double low, double high, ShopLimits limits) {
        double perHourAh = java.util.Objects.requireNonNull(run.averageLoadW()).doubleValue()
                / run.nominalV().doubleValue();
        double designAh = run.designCapacityMah().doubleValue() / 1000;
        Evidence.Told told = told(
                low * perHourAh / designAh * 100,
                high * perHourAh / designAh * 100,
                "See the moment it shuts down: only then the run has one length.");
        Believable.capacity(Figures.round(low * perHourAh * 1000, 0), run.designCapacityMah(), "averageLoadW", limits);
        return answer(
                told,
                "FCC = %s · %s / %s = %s"
                        .formatted(
                                Figures.withUnit(run.averageLoadW(), "W"),
                                span(run),
                                Figures.withUnit(run.nominalV(), "V"),
                                range(low * perHourAh, high * perHourAh, 2, "Ah")));
    }

    private static Result<Evidence> byComparison(Readings run, double low, double high, ShopLimits limits) {
        BigDecimal least = run.newAtLeastHours();
        BigDecimal most = run.newAtMostHours();
        if (least == null || most == null) {
            return refused("Give the average load, or how long it ran when it was new.");
        }
        if (least.compareTo(most) > 0) {
            throw new Unanswerable("newAtMostHours", "%s h at most is less than %s h at least".formatted(most, least));
        }
        BigDecimal bound = most.multiply(limits.of(Limit.CAPACITY_MOST_PERCENT)).movePointLeft(2);
        if (run.ran().lastSeenRunningHours().compareTo(bound) > 0) {
            throw new Unanswerable(
                    "lastSeenRunningHours",
                    "it ran %s h and at most %s h when it was new: over %s of new cannot be; look at both again"
                            .formatted(
                                    run.ran().lastSeenRunningHours(),
                                    most,
                                    limits.applied(Limit.CAPACITY_MOST_PERCENT)));
        }
        double runWidth = high / low;
        double newWidth = most.doubleValue() / least.doubleValue();
        Evidence.Told told = told(
                low / most.doubleValue() * 100,
                high / least.doubleValue() * 100,
                runWidth >= newWidth
                        ? "See the moment it shuts down: only then the run has one length."
                        : "Measure the average load: how long it ran when new is the vaguest part.");
        return answer(
                told,
                "SoH = %s / %s to %s = %s"
                        .formatted(
                                span(run),
                                Figures.of(least),
                                Figures.withUnit(most, "h"),
                                range(
                                        told.lowPercent().doubleValue(),
                                        told.highPercent().doubleValue(),
                                        0,
                                        "%")));
    }

    private static Evidence.Told told(double low, double high, String next) {
        return new Evidence.Told(
                Evidence.Way.TIMED_RUN,
                Figures.round((low + high) / 2, 1),
                Figures.round(low, 1),
                Figures.round(high, 1),
                next);
    }

    private static Result<Evidence> answer(Evidence.Told told, String sum) {
        Finding finding = Finding.note(
                "timed-run",
                "By the run it holds %s of what it was made for."
                        .formatted(range(
                                told.lowPercent().doubleValue(),
                                told.highPercent().doubleValue(),
                                0,
                                "%")));
        return new Result<>(told, java.util.List.of(finding), Working.of(sum));
    }

    private static String span(Readings run) {
        return run.ran().lastSeenRunningHours().compareTo(run.ran().foundOffHours()) == 0
                ? Figures.withUnit(run.ran().foundOffHours(), "h")
                : Figures.of(run.ran().lastSeenRunningHours()) + " to "
                        + Figures.withUnit(run.ran().foundOffHours(), "h");
    }

    private static String range(double low, double high, int decimals, String unit) {
        return Figures.of(low, decimals) + " to " + Figures.withUnit(high, decimals, unit);
    }

    private static Result<Evidence> refused(String reason) {
        return new Result<>(
                new Evidence.Refused(Evidence.Way.TIMED_RUN, reason),
                java.util.List.of(Finding.care("timed-run", reason)),
                new Working(java.util.List.of()));
    }
}
