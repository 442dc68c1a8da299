package glowkettle.app.journal;

import glowkettle.assess.Tier;
import glowkettle.journal.Admission;
import glowkettle.journal.Entry;
import glowkettle.journal.JobFile;
import glowkettle.journal.JobState;
import glowkettle.journal.OpenEntry;
import glowkettle.journal.Recorded;
import glowkettle.journal.Role;
import java.util.Optional;

/** What may be corrected: an entry that counts, by one of its own kind; and what may be taken back. */
final class Corrections {
    private Corrections() {}

    static Optional<Admission.Refusal> refuse(JobFile job, Draft draft) {
        JobState state = job.state();
        Long corrects = draft.corrects();
        boolean takesBack = draft.entry() instanceof Entry.TakenBack;
        if (corrects == null) {
            return takesBack ? no("Say which entry is taken back.") : Optional.empty();
        }
        Optional<Entry> corrected = state.standing(corrects).map(Recorded::entry);
        if (corrected.isEmpty()) {
            return no("Entry %s does not count any more, or never did.".formatted(corrects));
        }
        if (corrected.get() instanceof Entry.JobOpened) {
            return no("The opening of a job cannot be taken back.");
        }
        if (corrected.get() instanceof Entry.PackReleased) {
            return no("The pack has left the house; write an addendum.");
        }
        if (corrected.get() instanceof Entry.PhotoTaken || corrected.get() instanceof Entry.PhotoRemoved) {
            return no("A photo is removed by a lead, with a reason.");
        }
        if (corrected.get() instanceof Entry.ModelNamed) {
            return no("The job goes on as that model; its library entry is where it is corrected.");
        }
        if (corrected.get().isForGood() || corrected.get() instanceof OpenEntry.MinutesLearnt) {
            return no("What was heated, wetted, cut or reckoned from stays so; write what comes next.");
        }
        boolean sameKind = corrected.get().kind().equals(draft.entry().kind());
        return takesBack || sameKind
                ? lowering(job, corrects, draft)
                : no("Entry %s is of the kind '%s'; it is corrected by one of the same kind, not by '%s'."
                        .formatted(
                                corrects, corrected.get().kind(), draft.entry().kind()));
    }

    /** Whatever lowers a tier from Isolate or worse is a lead's alone, with a reason; anybody may make it worse. */
    private static Optional<Admission.Refusal> lowering(JobFile job, long corrects, Draft draft) {
        Tier now = job.tier().result().tier();
        if (!now.atLeast(Tier.ISOLATE)) {
            return Optional.empty();
        }
        Entry instead = draft.entry() instanceof Entry.TakenBack ? null : draft.entry();
        Tier then =
                job.at(job.state().changed(corrects, instead)).tier().result().tier();
        if (then.atLeast(now)) {
            return Optional.empty();
        }
        if (draft.role() != Role.LEAD) {
            return no("This would lower the tier from %s to %s: only a lead does that, with a reason."
                    .formatted(now.word(), then.word()));
        }
        return draft.entry() instanceof Entry.TakenBack taken && taken.reason() != null
                ? Optional.empty()
                : Optional.of(new Admission.Refusal(
                        "reason",
                        "This lowers the tier from %s to %s: take it back with a reason, then write it anew."
                                .formatted(now.word(), then.word())));
    }

    private static Optional<Admission.Refusal> no(String reason) {
        return Optional.of(new Admission.Refusal("corrects", reason));
    }
}
