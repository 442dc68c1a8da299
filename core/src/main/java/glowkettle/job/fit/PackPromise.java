package glowkettle.job.fit;

import glowkettle.assess.Tier;
import glowkettle.assess.TierVerdict;
import glowkettle.finding.Result;
import glowkettle.fit.Verdict;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import java.util.Optional;

/**
 * Which pack goes in: the new one that was chosen, or the old one again. A promise names what it was made about, and is
 * judged anew whenever somebody asks: it falls with the label, the look or the pack it was made about. Source: handbook,
 * Fit.
 */
final class PackPromise {
    private final JobFile job;
    private final JobState state;

    public PackPromise(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    /** Why the promise that was made last does not hold any more; empty while it does, or none was made. */
    public Optional<Refusal> fallen() {
        if (job.oldPackReturns()) {
            return FitAdmission.fitForReturn(job);
        }
        return state.latestRecorded(FitEntry.PackChosen.class).flatMap(this::fallen);
    }

    private Optional<Refusal> fallen(Recorded chosen) {
        Optional<Recorded> offered = state.latestRecorded(FitEntry.PackOffered.class);
        FitEntry.PackChosen promise = (FitEntry.PackChosen) chosen.entry();
        boolean theSame = offered.filter(newest -> promise.offer() == null
                        ? newest.seq() < chosen.seq()
                        : newest.seq() == promise.offer().longValue())
                .isPresent();
        return theSame ? good() : Admission.no("", "Another pack was read since one was chosen: choose anew.");
    }

    /** Whether the pack that was read last may go in. */
    Optional<Refusal> good() {
        if (Fitting.of(job).comparison().isEmpty()) {
            return Admission.no("", "Read the new pack's label first.");
        }
        Verdict verdict = Fitting.of(job).comparison().get().result().verdict();
        return switch (verdict) {
            case FITS, WITH_CARE -> isSound(job.unpacked(), state);
            case ASK -> Admission.no("", "The comparison has open questions; answer them first.");
            case REFUSED ->
                Admission.no(
                        "",
                        "This pack is refused: "
                                + Fitting.of(job)
                                        .comparison()
                                        .get()
                                        .findings()
                                        .getFirst()
                                        .sentence());
        };
    }

    /** A new pack that is not sound is sent back, not fitted. */
    static Optional<Refusal> isSound(Optional<Result<TierVerdict>> judged, JobState state) {
        if (judged.isEmpty()) {
            return Admission.no("", "Look at the new pack first: look and smell, thickness, rested voltage.");
        }
        TierVerdict verdict = judged.get().result();
        if (verdict.tier() == Tier.CLEAR || Asleep.isSaid(state) && Asleep.isAllThatIsMissing(judged.get())) {
            return Optional.empty();
        }
        return Admission.no(
                "",
                verdict.measureNext().isEmpty()
                        ? "The new pack is %s: %s It is sent back."
                                .formatted(
                                        verdict.tier().word(),
                                        judged.get().findings().getFirst().sentence())
                        : verdict.measureNext().getFirst());
    }

    public boolean isOfANewPack() {
        return !job.oldPackReturns()
                && state.latestRecorded(FitEntry.PackChosen.class).isPresent()
                && fallen().isEmpty();
    }

    /** The old pack goes in again: something else was reached. */
    public boolean keepsTheOldPack() {
        return job.oldPackReturns() && fallen().isEmpty();
    }
}
