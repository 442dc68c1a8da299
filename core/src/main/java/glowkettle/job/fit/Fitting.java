package glowkettle.job.fit;

import glowkettle.finding.Result;
import glowkettle.fit.PackComparison;
import glowkettle.fit.PackLabel;
import glowkettle.job.Admission;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Sum;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.open.Opening;
import java.util.Optional;

/** Which pack goes in. */
public final class Fitting {
    private static final Sum<Optional<Result<PackComparison.Comparison>>> COMPARISON = new Sum<>();

    private final JobFile job;
    private final JobState state;

    private Fitting(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Fitting of(JobFile job) {
        return new Fitting(job);
    }

    public Optional<Result<PackComparison.Comparison>> comparison() {
        return job.once(
                COMPARISON, known -> offered().filter(label -> job.packKnown()).map(this::compare));
    }

    public Result<PackComparison.Comparison> compare(PackLabel offered) {
        return PackComparison.compare(
                new PackComparison.Request(
                        job.model().pack(), offered, job.model().housing().leads() != null),
                job.limits());
    }

    /** Somebody said which pack goes in, and that still holds. */
    public boolean packChosen() {
        return new PackPromise(job).isOfANewPack() || keepsPack();
    }

    /** Why what was said of the pack that goes in does not hold any more. */
    public Optional<String> promiseFallen() {
        return new PackPromise(job).fallen().map(Admission.Refusal::reason);
    }

    /** The old pack stays in the device, or goes in again: something else was reached. */
    public boolean keepsPack() {
        return new PackPromise(job).keepsTheOldPack() || packStaysIn();
    }

    private boolean packStaysIn() {
        return !job.liftedOut()
                && (Arriving.of(job).isDeclined()
                        || Opening.of(job).plan().result().steps().stream()
                                .noneMatch(step -> Opening.liftsOut(
                                        job.model(), step.operation().id())));
    }

    /** The label of the new pack that was read last. */
    public Optional<PackLabel> offered() {
        return state.latest(FitEntry.PackOffered.class).map(FitEntry.PackOffered::label);
    }

    /** The new pack's leads under the meter. */
    public Optional<FitEntry.NewLeadsMeasured> newLeads() {
        return state.latest(FitEntry.NewLeadsMeasured.class);
    }
}
