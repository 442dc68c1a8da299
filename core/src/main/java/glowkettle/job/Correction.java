package glowkettle.job;

import glowkettle.assess.Tier;
import glowkettle.assess.TierVerdict;
import glowkettle.finding.Result;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Whether an entry may be corrected or taken back. One rule for all: the journal, folded anew with the change, must still
 * admit every later entry as it admitted it then. The tier is set aside for that: making it worse is always taken, and
 * making it better than Isolate is a lead's alone, with a reason. Source: handbook, Arrive, Journal.
 *
 * <p>Costs one admission for every later entry, two where that refuses.
 */
public final class Correction {
    private static final String FIELD = "corrects";

    private final JobFile job;
    private final Recorded corrected;
    private final Entry entry;
    private final Author author;
    private final Files files;
    private final JobState changed;

    /** A job as it stood at a moment, with the model and the limits of then. */
    @FunctionalInterface
    public interface Files {
        JobFile at(JobState state, Instant moment);
    }

    private Correction(JobFile job, Recorded corrected, Entry entry, Author author, Files files) {
        this.job = job;
        this.corrected = corrected;
        this.entry = entry;
        this.author = author;
        this.files = files;
        this.changed = job.state().changed(corrected.seq(), instead(entry));
    }

    static Optional<Refusal> refuse(JobFile job, @Nullable Long corrects, Entry entry, Author author, Files files) {
        if (corrects == null) {
            return no("Say which entry is taken back.");
        }
        Optional<Recorded> corrected = job.state().standing(corrects);
        if (corrected.isEmpty()) {
            return no("Entry %s does not count any more, or never did.".formatted(corrects));
        }
        Correction correction = new Correction(job, corrected.get(), entry, author, files);
        return correction
                .kind(corrects)
                .or(correction::firmness)
                .or(() -> Admission.closedOrTrainee(job, corrected.get().entry(), author.role()))
                .or(correction::kept)
                .or(correction::lowering)
                .or(correction::itself)
                .or(correction::later);
    }

    private static @Nullable Entry instead(Entry entry) {
        return entry instanceof TakenBack ? null : entry;
    }

    private Optional<Refusal> kind(long corrects) {
        String kind = job.chapters().id(corrected.entry());
        return entry instanceof TakenBack || kind.equals(job.chapters().id(entry))
                ? Optional.empty()
                : no("Entry %s is of the kind '%s'; it is corrected by one of the same kind, not by '%s'."
                        .formatted(corrects, kind, job.chapters().id(entry)));
    }

    private Optional<Refusal> firmness() {
        Firmness firmness = job.chapters().firmness(corrected.entry());
        return switch (firmness) {
            case LOOSE -> Optional.empty();
            case A_LEADS -> author.role() == Role.LEAD ? Optional.empty() : no(firmness.refusal());
            case DONE_TO_THE_PACK, GONE, OPENING, PHOTO, MODEL, RECKONED -> no(firmness.refusal());
        };
    }

    /** Its stage may keep it as it is. */
    private Optional<Refusal> kept() {
        return job.chapters().keeps(job, corrected.entry()).flatMap(kept -> no(kept.reason()));
    }

    /** Whatever lowers a tier from Isolate or worse is a lead's alone, with a reason; anybody may make it worse. */
    private Optional<Refusal> lowering() {
        JobFile then = files.at(changed, job.now());
        return lowered(job, then, file -> Optional.of(file.oldPackTier()))
                .or(() -> lowered(job, then, JobFile::newPackTier))
                .flatMap(lowered -> unlessByALead(lowered, author, entry));
    }

    /** From which tier to which. */
    record Lowered(Tier from, Tier to) {
        String words() {
            return "from %s to %s".formatted(from.word(), to.word());
        }
    }

    static Optional<Lowered> lowered(
            JobFile before, JobFile after, Function<JobFile, Optional<Result<TierVerdict>>> pack) {
        Tier from = tier(before, pack);
        Tier to = tier(after, pack);
        return from.atLeast(Tier.ISOLATE) && !to.atLeast(from) ? Optional.of(new Lowered(from, to)) : Optional.empty();
    }

    private static Tier tier(JobFile file, Function<JobFile, Optional<Result<TierVerdict>>> pack) {
        return pack.apply(file).map(verdict -> verdict.result().tier()).orElse(Tier.CLEAR);
    }

    private static Optional<Refusal> unlessByALead(Lowered lowered, Author author, Entry entry) {
        if (author.role() != Role.LEAD) {
            return no("This would lower the tier %s: only a lead does that, with a reason.".formatted(lowered.words()));
        }
        return entry instanceof TakenBack taken && taken.reason() != null
                ? Optional.empty()
                : Optional.of(new Refusal(
                        "reason",
                        "This lowers the tier %s: take it back with a reason, then write it anew."
                                .formatted(lowered.words())));
    }

    private int place() {
        return job.state().counting().indexOf(corrected);
    }

    /** A corrected entry is judged at its place, by what was known before it. */
    private Optional<Refusal> itself() {
        return entry instanceof TakenBack
                ? Optional.empty()
                : Admission.refuse(
                        files.at(job.state().before(place()), corrected.at()), entry, author, corrected.at());
    }

    private Optional<Refusal> later() {
        List<Recorded> before = job.state().counting();
        int shift = entry instanceof TakenBack ? 1 : 0;
        for (int i = place() + 1; i < before.size(); i++) {
            Recorded next = before.get(i);
            // Whose right it was to write it was asked when it was written.
            Author then = new Author(next.by(), Role.LEAD);
            Optional<Refusal> fallen = refused(changed.before(i - shift), next, then);
            if (fallen.isPresent() && refused(job.state().before(i), next, then).isEmpty()) {
                return no("Entry %s stands on it (“%s”): %s Take that back first."
                        .formatted(
                                next.seq(),
                                job.chapters().id(next.entry()).replace('-', ' '),
                                fallen.get().reason()));
            }
        }
        return Optional.empty();
    }

    /** Promises are judged anew whenever something is asked of them, so they hold nothing up. */
    private Optional<Refusal> refused(JobState before, Recorded entry, Author then) {
        return job.chapters().of(entry.entry()).traits().holds() == Traits.Holds.JUDGED_ANEW
                ? Optional.empty()
                : Admission.refuse(files.at(before, entry.at()).withTiersAside(), entry.entry(), then, entry.at());
    }

    private static Optional<Refusal> no(String reason) {
        return Optional.of(new Refusal(FIELD, reason));
    }
}
