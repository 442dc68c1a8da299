package glowkettle.job.assess;

import glowkettle.assess.Tier;
import glowkettle.job.Call;
import glowkettle.job.Danger;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.Traits;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What of a pack that was assessed calls for hands: danger before all. */
final class AssessCalls {
    private AssessCalls() {}

    static List<Call> of(JobFile job, OpeningHours hours) {
        return Stream.of(evacuated(job), isolated(job), loaded(job, hours))
                .flatMap(Optional::stream)
                .toList();
    }

    private static Instant lastReading(JobFile job) {
        return job.state().counting().stream()
                .filter(recorded -> job.chapters().of(recorded.entry()).traits().reads() == Traits.Reads.READING)
                .map(Recorded::at)
                .reduce((earlier, later) -> later)
                .orElseGet(job::now);
    }

    private static Optional<Call> evacuated(JobFile job) {
        if (job.tier().result().tier() != Tier.EVACUATE) {
            return Optional.empty();
        }
        Instant read = lastReading(job);
        boolean accounted = job.state()
                .latestRecorded(AssessEntry.Evacuated.class)
                .filter(account -> !account.at().isBefore(read))
                .isPresent();
        return accounted
                ? Optional.empty()
                : Optional.of(Call.danger(
                        read, "Evacuate: nobody has accounted for it", AssessChapter.STAGE, Danger.EVACUATE));
    }

    private static Optional<Call> isolated(JobFile job) {
        return Assessing.of(job).wantsAContainer()
                ? Optional.of(Call.danger(
                        lastReading(job), "isolated, and in no container", AssessChapter.STAGE, Danger.LOOSE))
                : Optional.empty();
    }

    /** Charge and load belong to staffed hours: at closing they are off. */
    private static Optional<Call> loaded(JobFile job, OpeningHours hours) {
        return PackHealth.of(job).waitsForRunDown()
                ? job.state()
                        .latestRecorded(AssessEntry.RunDownChosen.class)
                        .flatMap(chosen -> hours.closingAfter(chosen.at()))
                        .map(at -> Call.danger(
                                at, "still under its load at closing: load off", AssessChapter.STAGE, Danger.ON))
                : Optional.empty();
    }
}
