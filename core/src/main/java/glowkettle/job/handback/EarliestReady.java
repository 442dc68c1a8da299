package glowkettle.job.handback;

import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.Progress;
import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.calibrate.SoakCycle;
import glowkettle.job.open.Opening;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/** When a job can be ready at the earliest: its labour, then one soak cycle by the shop's clock. Source: handbook, Arrive. */
public final class EarliestReady {
    private static final int QUARTER_MINUTES = 15;
    private static final int SECONDS_PER_MINUTE = 60;

    private EarliestReady() {}

    /** Up to the next quarter of an hour; empty when the hours of the shop have no place for the cycle. */
    public static Optional<Instant> of(JobFile job, Instant now, OpeningHours hours) {
        boolean begun = !SoakCycle.of(job).progress().equals(Progress.NONE);
        Instant worked = begun ? now : now.plus(labour(job));
        // What nobody has read of a pack decides no promise.
        if (SoakCycle.of(job).leftOut() || !job.packKnown()) {
            return Optional.of(quarter(worked));
        }
        Result<ClockPlan.Outcome> plan = ClockPlan.plan(
                new ClockPlan.Request(
                        worked,
                        null,
                        SoakCycle.of(job).phaseTimes(),
                        hours,
                        SoakCycle.of(job).progress()),
                job.limits());
        return plan.result() instanceof ClockPlan.Outcome.Planned planned
                ? Optional.of(quarter(planned.finish()))
                : Optional.empty();
    }

    private static Duration labour(JobFile job) {
        return Duration.ofSeconds(Opening.of(job)
                .labourMinutes()
                .multiply(BigDecimal.valueOf(SECONDS_PER_MINUTE))
                .longValue());
    }

    private static Instant quarter(Instant at) {
        Instant full = at.truncatedTo(ChronoUnit.HOURS);
        Duration quarter = Duration.ofMinutes(QUARTER_MINUTES);
        while (full.isBefore(at)) {
            full = full.plus(quarter);
        }
        return full;
    }
}
