package glowkettle.job.wayback;

import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.Sum;
import glowkettle.job.open.Opening;
import glowkettle.library.Operation;
import glowkettle.open.WayBack;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

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
                                Opening.of(job).stepsIn()),
                        job.limits()));
    }

    public Optional<WayBack.Step> nextStepBack() {
        List<String> done = stepsBack();
        return wayBack().result().steps().stream()
                .filter(step -> !done.contains(step.id()))
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
