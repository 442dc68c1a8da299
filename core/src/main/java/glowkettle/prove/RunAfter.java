package glowkettle.prove;

import glowkettle.assess.TimedRun;
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
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A timed run after the work, from full to shut-down, held against the one before and against the label of the new pack: the proof
 * that every shop can do. A run whose end nobody saw lasts from last seen running to found off, and every comparison is a range. A run
 * that slept, or did not begin full, says nothing. Source: handbook, Prove and Assess.
 *
 * @param timesAsLong null without a run before
 * @param ofLabelPercent null without a load, or without a label
 */
public record RunAfter(
        Span hours, @Nullable Span timesAsLong, @Nullable Span ofLabelPercent) {
    private static final int DECIMALS = 1;
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    /** From the least to the most that it can have been. */
    public record Span(BigDecimal low, BigDecimal high) {
        /** Both, with one unit; one figure where they are the same. */
        public String words(String unit) {
            return low.compareTo(high) == 0
                    ? Figures.withUnit(low, unit)
                    : Figures.of(low) + " to " + Figures.withUnit(high, unit);
        }
    }

    /** A run, and what it is held against. */
    public record Request(
            @Flat Run run,
            @Says("The run before") @Nullable Span beforeHours,
            @Says("What the label claims") @Nullable Label label) {}

    /** What was seen of it. */
    public record Run(
            @Flat TimedRun.Ran ran,

            @Says("Average load") @Within(min = "0.01", max = "1000", unit = "W") @Nullable
            BigDecimal averageLoadW) {
        Span hours() {
            return new Span(ran.lastSeenRunningHours(), ran.foundOffHours());
        }
    }

    /** What the new pack claims. */
    public record Label(BigDecimal nominalV, BigDecimal capacityMah) {
        BigDecimal energyWh() {
            return nominalV.multiply(capacityMah).movePointLeft(3);
        }
    }

    /**
     * What a run says.
     *
     * @throws Unanswerable where it was found off before it was last seen running, says nothing, or cannot be true
     */
    public static Result<RunAfter> of(Request request, ShopLimits limits) {
        Run run = request.run();
        Span hours = run.hours();
        run.ran().requireOrder();
        if (run.ran().slept()) {
            throw new Unanswerable("slept", "it slept in between, so the run says nothing; let it run with sleep off");
        }
        if (!run.ran().fromFull()) {
            throw new Unanswerable("fromFull", "it was not full at the start, so the run says nothing; charge it full");
        }
        List<String> working = new ArrayList<>();
        working.add("it ran " + hours.words("h"));
        RunAfter after = new RunAfter(
                hours,
                timesAsLong(hours, request.beforeHours(), working),
                believable(ofLabel(run, request.label(), working), limits));
        return new Result<>(after, findings(after), new Working(working));
    }

    private static @Nullable Span timesAsLong(Span hours, @Nullable Span before, List<String> working) {
        if (before == null) {
            return null;
        }
        Span times = new Span(
                hours.low().divide(before.high(), DECIMALS, RoundingMode.HALF_UP),
                hours.high().divide(before.low(), DECIMALS, RoundingMode.HALF_UP));
        working.add("%s against %s before: %s"
                .formatted(hours.words("h"), before.words("h"), times.words("times as long")));
        return times;
    }

    private static @Nullable Span ofLabel(Run run, @Nullable Label label, List<String> working) {
        BigDecimal loadW = run.averageLoadW();
        if (label == null || loadW == null) {
            return null;
        }
        Span hours = run.hours();
        Span percent = new Span(
                share(hours.low().multiply(loadW), label.energyWh()),
                share(hours.high().multiply(loadW), label.energyWh()));
        working.add("%s · %s of %s by the label: %s"
                .formatted(
                        Figures.withUnit(loadW, "W"),
                        hours.words("h"),
                        Figures.withUnit(label.energyWh(), "Wh"),
                        percent.words("%")));
        return percent;
    }

    /** A pack that gives far more than it claims was not under the load that was named. */
    private static @Nullable Span believable(@Nullable Span ofLabel, ShopLimits limits) {
        if (ofLabel != null && ofLabel.low().compareTo(limits.of(Limit.CAPACITY_MOST_PERCENT)) > 0) {
            throw new Unanswerable(
                    "averageLoadW",
                    "by this load it gave %s of what its label claims: over %s cannot be; look at load and hours again"
                            .formatted(ofLabel.words("%"), limits.applied(Limit.CAPACITY_MOST_PERCENT)));
        }
        return ofLabel;
    }

    private static BigDecimal share(BigDecimal deliveredWh, BigDecimal claimedWh) {
        return deliveredWh.multiply(HUNDRED).divide(claimedWh, 0, RoundingMode.HALF_UP);
    }

    private static List<Finding> findings(RunAfter after) {
        List<Finding> findings = new ArrayList<>();
        if (after.timesAsLong() != null && after.timesAsLong().high().compareTo(BigDecimal.ONE) <= 0) {
            findings.add(Finding.care(
                    "run-after-no-longer",
                    "It ran no longer than before: look for what draws current, or doubt the new pack."));
        }
        if (after.ofLabelPercent() != null && after.ofLabelPercent().high().compareTo(HUNDRED) < 0) {
            findings.add(Finding.care(
                    "run-after-under-label",
                    "By this run it delivers %s of what its label claims."
                            .formatted(after.ofLabelPercent().words("%"))));
        }
        return findings;
    }
}
