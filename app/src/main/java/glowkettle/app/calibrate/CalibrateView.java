package glowkettle.app.calibrate;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.drawing.Plot;
import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.Phase;
import glowkettle.calibrate.Progress;
import glowkettle.calibrate.School;
import glowkettle.calibrate.SoakVerdict;
import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.calibrate.SoakCycle;
import glowkettle.limits.Limit;
import glowkettle.shop.OpeningHours;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Calibrate as it is drawn: the plan by the clock, what to do with the hands next, and the verdict. */
public record CalibrateView(
        JobFile job,
        Result<ClockPlan.Outcome> clockPlan,
        Asking asking,
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
        SoakCycle soak = SoakCycle.of(job);
        Progress cycle = soak.progress();
        Asking asking = cycle.chargeStarted() == null ? Asking.of(filled.asked("startAt"), hours, now) : Asking.NOTHING;
        Result<ClockPlan.Outcome> plan = soak.clockPlan(asking.at() == null ? now : asking.at(), hours);
        Result<SoakVerdict.Verdict> verdict = soak.verdict();
        boolean again = isAgain(verdict);
        ClockPlan.Outcome.Planned planned = planned(plan);
        return new CalibrateView(
                job,
                plan,
                asking,
                cycle,
                verdict,
                again ? null : nextEvent(cycle, filled.asked("unseen") != null),
                new Timing(
                        planned == null ? null : wasPlannedAt(job, hours, planned, asking),
                        planned == null ? null : reckonedAt(cycle, planned, now),
                        planned == null || again ? null : ClockChart.of(planned, soak.school(), hours)));
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

    public School school() {
        return SoakCycle.of(job).school();
    }

    /** The others, while nothing has begun. */
    public List<School> otherSchools() {
        return cycle.equals(Progress.NONE)
                ? Arrays.stream(School.values())
                        .filter(other -> other != school())
                        .toList()
                : List.of();
    }

    /** What the next event is called. */
    public String nextWords() {
        return nextEvent == null ? "" : nextEvent.words(school());
    }

    /** Phases that take a while. */
    public List<ClockPlan.Slot> slots() {
        ClockPlan.Outcome.Planned planned = planned();
        return planned == null
                ? List.of()
                : planned.slots().stream()
                        .filter(slot -> school().has(slot.phase()))
                        .toList();
    }

    /** Where a start that was asked for finds no room, when the soonest after it is; null where it does. */
    public @Nullable Instant soonestAfterAsked() {
        ClockPlan.Outcome.Planned planned = planned();
        if (asking.at() == null || planned == null) {
            return null;
        }
        Instant start = planned.slots().getFirst().start();
        return Duration.between(asking.at(), start).compareTo(oneStep()) >= 0 ? start : null;
    }

    private Duration oneStep() {
        return Duration.ofMinutes(Math.round(job.limits().number(Limit.GRID_MINUTES)));
    }

    /** What the strip still counts from: the same act as it was planned when the job was last written to, once that moved on. */
    private static @Nullable Instant wasPlannedAt(
            JobFile job, OpeningHours hours, ClockPlan.Outcome.Planned now, Asking asking) {
        Instant written = job.state().counting().getLast().at();
        if (asking.at() != null
                || now.actions().isEmpty()
                || !(SoakCycle.of(job).clockPlan(written, hours).result() instanceof ClockPlan.Outcome.Planned then)) {
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
