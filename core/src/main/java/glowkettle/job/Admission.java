package glowkettle.job;

import glowkettle.assess.Tier;
import glowkettle.finding.Unanswerable;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Whether an entry may be written now, and if not, why. */
public final class Admission {
    private Admission() {}

    /** The reason an entry is not taken, with the field it belongs to. */
    public record Refusal(String field, String reason) {}

    /** Who wants to write. */
    public record Author(String name, Role role) {}

    /**
     * @param corrects the entry that is corrected or taken back; none for what is new
     * @param files the same job at other states and moments
     */
    public static Optional<Refusal> refuse(
            JobFile job, Entry entry, @Nullable Long corrects, Author author, Instant now, Correction.Files files) {
        return corrects != null || entry instanceof TakenBack
                ? Correction.refuse(job, corrects, entry, author, files)
                : refuse(job, entry, author, now).or(() -> lowers(job, entry, author, now, files));
    }

    /** What is no reading and lowers a tier all the same, such as another size of the pack, is a lead's to say. */
    private static Optional<Refusal> lowers(
            JobFile job, Entry entry, Author author, Instant now, Correction.Files files) {
        if (author.role() == Role.LEAD || traits(job, entry).reads() == Traits.Reads.READING) {
            return Optional.empty();
        }
        Recorded next = new Recorded(job.state().seq() + 1, now, author.name(), entry, null);
        JobFile then = files.at(job.state().and(next), now);
        if (job.isToldNothingNew(entry, then)) {
            return Optional.empty();
        }
        return Correction.lowered(job, then, file -> Optional.of(file.oldPackTier()))
                .flatMap(lowered ->
                        no("", "This would lower the tier %s: only a lead does that.".formatted(lowered.words())));
    }

    private static Traits traits(JobFile job, Entry entry) {
        return job.chapters().of(entry).traits();
    }

    static Optional<Refusal> closedOrTrainee(JobFile job, Entry entry, Role by) {
        Traits traits = traits(job, entry);
        if (job.closed() && traits.signed() == Traits.Signed.UNTIL_SIGNED) {
            return no("", "The job is signed and closed; write an addendum.");
        }
        return by == Role.TRAINEE
                        && job.tier().result().tier().atLeast(Tier.ISOLATE)
                        && traits.hands() == Traits.Hands.NO_TRAINEE_IN_DANGER
                ? no(
                        "",
                        "Trainees work up to tier Guarded; this job is %s."
                                .formatted(job.tier().result().tier().word()))
                : Optional.empty();
    }

    /** Of a new entry, by what stands in this job alone. */
    public static Optional<Refusal> refuse(JobFile job, Entry entry, Author author, Instant now) {
        Role by = author.role();
        Optional<Refusal> barred = closedOrTrainee(job, entry, by);
        if (barred.isPresent()) {
            return barred;
        }
        Spark spark = job.chapters().of(entry).sparkOf(entry);
        return job.chapters()
                .bars(job, spark, now)
                .or(() -> job.chapters().tooEarly(job, entry))
                .or(() -> job.chapters().refuse(job, entry, author, now));
    }

    /** Why a technician could not write it now, to be said before anybody tries; empty when they could. */
    public static Optional<String> refusedNow(JobFile job, Entry entry, Instant now) {
        return refuse(job, entry, new Author("", Role.TECHNICIAN), now).map(Refusal::reason);
    }

    /** Values that are each in range and cannot be judged together are asked for again at once. */
    public static Optional<Refusal> answerable(String record, Runnable sum) {
        try {
            sum.run();
            return Optional.empty();
        } catch (Unanswerable unanswerable) {
            return no(record + unanswerable.field(), String.valueOf(unanswerable.getMessage()));
        }
    }

    public static Optional<Refusal> no(String field, String reason) {
        return Optional.of(new Refusal(field, reason));
    }
}
