package glowkettle.app.calibrate;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.drawing.Plot;
import glowkettle.app.form.TypedMoment;
import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.Phase;
import glowkettle.calibrate.Progress;
import glowkettle.calibrate.SoakVerdict;
import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.calibrate.SoakCycle;
import glowkettle.shop.OpeningHours;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import org.jspecify.annotations.Nullable;

/** Calibrate as it is drawn: the plan by the clock, what to do with the hands next, and the verdict. */
public record CalibrateView(
        JobFile job,
        Result<ClockPlan.Outcome> clockPlan,
        @Nullable String startAt,
        Progress cycle,
        Result<SoakVerdict.Verdict> verdict,
        CalibrateEntry.@Nullable CycleStep nextEvent,
        Timing timing) {
    /**
     * What hangs on the clock.
     *
     * @param wasPlannedAt when the next act was planned before, once that moved on
     * @param reckonedAt when it must have shut down by itself
     * @param chart of a plan that is gone by
     */
    public record Timing(
            @Nullable Instant wasPlannedAt,
            @Nullable Instant reckonedAt,
            @Nullable Plot chart) {}

    static CalibrateView of(JobFile job, FilledForm filled, Instant now, OpeningHours hours) {
        String startAt = filled.asked("startAt");
        SoakCycle soak = SoakCycle.of(job);
        Result<ClockPlan.Outcome> plan = soak.clockPlan(now, hours, start(startAt, hours, now));
        Progress cycle = soak.progress();
        Result<SoakVerdict.Verdict> verdict = soak.verdict();
        boolean again = isAgain(verdict);
        ClockPlan.Outcome.Planned planned = planned(plan);
        return new CalibrateView(
                job,
                plan,
                startAt,
                cycle,
                verdict,
                again ? null : nextEvent(cycle, filled.asked("unseen") != null),
                new Timing(
                        planned == null ? null : wasPlannedAt(job, hours, planned, startAt),
                        planned == null ? null : reckonedAt(cycle, planned, now),
                        planned == null || again ? null : ClockChart.of(planned, hours)));
    }

    public ClockPlan.Outcome.@Nullable Planned planned() {
        return planned(clockPlan);
    }

    private static ClockPlan.Outcome.@Nullable Planned planned(Result<ClockPlan.Outcome> plan) {
        return plan.result() instanceof ClockPlan.Outcome.Planned planned ? planned : null;
    }

    public ClockPlan.Outcome.@Nullable NoFit noFit() {
        return clockPlan.result() instanceof ClockPlan.Outcome.NoFit none ? none : null;
    }

    /** It has to be done again. */
    public boolean again() {
        return isAgain(verdict);
    }

    private static boolean isAgain(Result<SoakVerdict.Verdict> verdict) {
        return verdict.result().standing() == SoakVerdict.Standing.REPEAT;
    }

    public SoakVerdict.Mishap[] mishaps() {
        return SoakVerdict.Mishap.values();
    }

    public CalibrateEntry.@Nullable CycleLeftOut leftOut() {
        return job.state().latest(CalibrateEntry.CycleLeftOut.class).orElse(null);
    }

    /** Null, the soonest, when nothing readable or only the past is asked for. */
    private static @Nullable Instant start(@Nullable String asked, OpeningHours hours, Instant now) {
        if (asked == null) {
            return null;
        }
        try {
            Instant start = LocalDateTime.parse(TypedMoment.iso(asked, true, now, hours.zone()))
                    .atZone(hours.zone())
                    .toInstant();
            return start.isBefore(now) ? null : start;
        } catch (DateTimeParseException e) {
            return null;
        }
    }

    /** What the strip still counts from: the same act as it was planned when the job was last written to, once that moved on. */
    private static @Nullable Instant wasPlannedAt(
            JobFile job, OpeningHours hours, ClockPlan.Outcome.Planned now, @Nullable String startAt) {
        Instant written = job.state().counting().getLast().at();
        if (startAt != null
                || now.actions().isEmpty()
                || !(SoakCycle.of(job).clockPlan(written, hours, null).result()
                        instanceof ClockPlan.Outcome.Planned then)) {
            return null;
        }
        return then.actions().stream()
                .filter(action -> action.what().equals(now.actions().getFirst().what()))
                .map(ClockPlan.HandAction::at)
                .filter(at ->
                        Duration.between(at, now.actions().getFirst().at()).compareTo(Duration.ofMinutes(1)) >= 0)
                .findFirst()
                .orElse(null);
    }

    /** When it must have shut down by itself, if that lies behind. */
    private static @Nullable Instant reckonedAt(Progress cycle, ClockPlan.Outcome.Planned planned, Instant now) {
        if (cycle.runDownStarted() == null || cycle.shutDownSeen() != null) {
            return null;
        }
        return planned.slots().stream()
                .filter(slot -> slot.phase() == Phase.RUN_DOWN)
                .map(ClockPlan.Slot::end)
                .filter(end -> !end.isAfter(now))
                .findFirst()
                .orElse(null);
    }

    private static CalibrateEntry.@Nullable CycleStep nextEvent(Progress cycle, boolean fullUnseen) {
        if (cycle.chargeStarted() == null) {
            return CalibrateEntry.CycleStep.CHARGE_STARTED;
        }
        if (cycle.runDownStarted() == null) {
            return cycle.fullSeen() == null && !fullUnseen
                    ? CalibrateEntry.CycleStep.FULL_SEEN
                    : CalibrateEntry.CycleStep.RUN_DOWN_STARTED;
        }
        if (cycle.shutDownSeen() == null) {
            return CalibrateEntry.CycleStep.SHUT_DOWN_SEEN;
        }
        if (cycle.lastChargeStarted() == null) {
            return CalibrateEntry.CycleStep.LAST_CHARGE_STARTED;
        }
        return cycle.lastChargeEnded() == null ? CalibrateEntry.CycleStep.LAST_CHARGE_ENDED : null;
    }
}
