package glowkettle.app.journal;

import glowkettle.journal.Admission;
import glowkettle.journal.Entry;
import glowkettle.journal.JobState;
import glowkettle.journal.OpenEntry;
import glowkettle.journal.Recorded;
import java.util.Optional;

/** What may be corrected: an entry that counts, by one of its own kind; and what may be taken back. */
final class Corrections {
    private Corrections() {}

    static Optional<Admission.Refusal> refuse(JobState state, Draft draft) {
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
                ? Optional.empty()
                : no("Entry %s is of the kind '%s'; it is corrected by one of the same kind, not by '%s'."
                        .formatted(
                                corrects, corrected.get().kind(), draft.entry().kind()));
    }

    private static Optional<Admission.Refusal> no(String reason) {
        return Optional.of(new Admission.Refusal("corrects", reason));
    }
}
