package glowkettle.job.wayback;

import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.Sum;
import glowkettle.job.fit.Fitting;
import glowkettle.job.open.Opening;
import glowkettle.library.Operation;
import glowkettle.open.Refit;
import glowkettle.open.WayBack;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** How far the device is closed again. */
public final class ClosingUp {
    private static final Sum<Result<WayBack.Plan>> WAY_BACK = new Sum<>();

    private final JobFile job;
    private final JobState state;

    private ClosingUp(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static ClosingUp of(JobFile job) {
        return new ClosingUp(job);
    }

    public List<String> stepsBack() {
        return state.all(WayBackEntry.StepBack.class)
                .map(WayBackEntry.StepBack::step)
                .toList();
    }

    /** When a step was done. */
    Optional<Instant> doneAt(String step) {
        return state.counting().stream()
                .filter(recorded -> recorded.entry() instanceof WayBackEntry.StepBack back
                        && back.step().equals(step))
                .reduce((earlier, later) -> later)
                .map(Recorded::at);
    }

    /** When its newest step was done. */
    public Optional<Instant> closedAt() {
        return state.latestRecorded(WayBackEntry.StepBack.class).map(Recorded::at);
    }

    public Result<WayBack.Plan> wayBack() {
        return job.once(
                WAY_BACK,
                known -> WayBack.plan(
                        new WayBack.Request(
                                job.model().anatomy().operations(),
                                Opening.of(job).stepsIn(),
                                Refit.of(
                                        job.model(),
                                        Opening.of(job).stepsIn(),
                                        !Fitting.of(job).keepsPack(),
                                        isLiveCheckLast())),
                        job.limits()));
    }

    private boolean isLiveCheckLast() {
        return state.latest(WayBackEntry.LiveCheckChosen.class)
                .map(WayBackEntry.LiveCheckChosen::last)
                .orElse(false);
    }

    /** Nothing that was opened is glued: whether it lives may be looked at after closing, too. */
    public boolean mayCheckLast() {
        return Refit.mayCheckLast(job.model(), Opening.of(job).stepsIn());
    }

    /** Until when a step is pressed; empty where it is not, or nobody has begun. */
    public Optional<Instant> pressedUntil(WayBack.Step step) {
        BigDecimal seconds = step.pressS();
        return seconds == null
                ? Optional.empty()
                : state.counting().stream()
                        .filter(recorded -> recorded.entry() instanceof WayBackEntry.PressBegun begun
                                && begun.step().equals(step.id()))
                        .reduce((earlier, later) -> later)
                        .map(recorded -> recorded.at().plusSeconds(seconds.longValue()));
    }

    /** A check is not asked for any more once something after it was done: what is closed is not opened to look. */
    public Optional<WayBack.Step> nextStepBack() {
        List<String> done = stepsBack();
        List<WayBack.Step> steps = wayBack().result().steps();
        int last = -1;
        for (int i = 0; i < steps.size(); i++) {
            last = done.contains(steps.get(i).id()) ? i : last;
        }
        int newest = last;
        return IntStream.range(0, steps.size())
                .filter(i -> !done.contains(steps.get(i).id()))
                .filter(i -> i > newest || !steps.get(i).check())
                .mapToObj(steps::get)
                .findFirst();
    }

    /** How far a device is open: with its pack connected before all others. */
    public Standing standing() {
        if (job.closed() || Opening.of(job).stepsIn().isEmpty()) {
            return Standing.CLOSED;
        }
        boolean shut = !stepsBack().isEmpty() && nextStepBack().isEmpty();
        if (shut) {
            return Standing.CLOSED;
        }
        boolean inside = Opening.of(job).stepsIn().stream()
                .flatMap(step -> job.operation(step).stream())
                .anyMatch(Operation::isInside);
        return inside && !job.isDisconnected() ? Standing.LIVE : Standing.OPEN;
    }

    /** In the order in which work comes first. */
    public enum Standing {
        LIVE,
        OPEN,
        CLOSED
    }
}
