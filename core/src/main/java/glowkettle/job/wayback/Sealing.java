package glowkettle.job.wayback;

import glowkettle.arrive.PressureHold;
import glowkettle.finding.Result;
import glowkettle.fit.Seal;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.open.Opening;
import glowkettle.library.Bond;
import glowkettle.limits.Limit;
import glowkettle.open.WayBack;
import java.time.Instant;
import java.util.Optional;

/** The glued rim of a shell that was opened, and whether it holds again. */
public final class Sealing {
    private final JobFile job;

    private Sealing(JobFile job) {
        this.job = job;
    }

    public static Sealing of(JobFile job) {
        return new Sealing(job);
    }

    /** A rim that was cut open on the way in. */
    public Optional<Bond> rim() {
        return job.model().anatomy().bonds().stream()
                .filter(bond -> bond.layers().stack().adhesive().isSeam())
                .filter(bond -> Opening.of(job).stepsIn().contains(bond.operation()))
                .findFirst();
    }

    /** When a rim that was glued anew may be tested; empty once it was, and before it was pressed. */
    public Optional<Instant> setAt() {
        if (Arriving.of(job).held(Moment.AFTER).isPresent()) {
            return Optional.empty();
        }
        return rim().flatMap(rim -> ClosingUp.of(job).doneAt(WayBack.RIM + rim.operation()))
                .map(pressed ->
                        pressed.plusSeconds(job.limits().of(Limit.RIM_SET_MIN).longValue() * 60));
    }

    /** Empty where no rim was opened and nothing was tested when it came. */
    public Optional<Result<Seal>> seal() {
        Optional<PressureHold> before = Arriving.of(job).held(Moment.BEFORE);
        Optional<PressureHold> after = Arriving.of(job).held(Moment.AFTER);
        boolean sealed = rim().isPresent() || before.isPresent() || after.isPresent();
        return sealed && ClosingUp.of(job).closedAt().isPresent()
                ? Optional.of(Seal.of(
                        new Seal.Request(
                                before.map(PressureHold::verdict).orElse(null),
                                before.map(PressureHold::leakMlPerMin).orElse(null),
                                after.map(PressureHold::verdict).orElse(null),
                                after.map(PressureHold::leakMlPerMin).orElse(null)),
                        job.limits()))
                : Optional.empty();
    }
}
