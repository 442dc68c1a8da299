package glowkettle.job.free;

import glowkettle.heat.Adhesive;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.open.Held;
import java.util.Optional;
import java.util.Set;

/** Whether it may be said now what holds a device nobody described: once, when hands stand before it. */
final class FoundAdmission {
    private FoundAdmission() {}

    static Optional<Refusal> leads(JobFile job) {
        return Freeing.of(job).heldAtHand().filter(Held.LEADS::equals).isPresent()
                ? FreeAdmission.ready(job)
                : Admission.no("", "No leads are at hand.");
    }

    static Optional<Refusal> rim(JobFile job, FreeEntry.RimFound rim) {
        return at(job, rim.bond(), Set.of(Held.RIM)).or(() -> switch (rim.adhesive()) {
            case SEAM_FOAM, SEAM_GLUE -> Optional.empty();
            case PACK_TAPE, PACK_GLUE, STRETCH_STRIPS ->
                Admission.no(
                        "adhesive",
                        "'%s' holds no rim; foam tape or liquid glue does."
                                .formatted(rim.adhesive().words()));
        });
    }

    static Optional<Refusal> bed(JobFile job, FreeEntry.BedFound bed) {
        return at(job, bed.bond(), Set.of(Held.BED))
                .or(() -> switch (bed.adhesive()) {
                    case PACK_TAPE, PACK_GLUE, STRETCH_STRIPS -> Optional.empty();
                    case SEAM_FOAM, SEAM_GLUE ->
                        Admission.no("adhesive", "That is glue of a seam; a pack lies on strips, tape or liquid glue.");
                })
                .or(() -> bed.adhesive() == Adhesive.STRETCH_STRIPS && bed.strips() == null
                        ? Admission.no("strips", "Missing: how many strips, 1 to 20.")
                        : Optional.empty());
    }

    static Optional<Refusal> notGlued(JobFile job, FreeEntry.NotGlued not) {
        return at(job, not.bond(), Set.of(Held.RIM, Held.BED));
    }

    private static Optional<Refusal> at(JobFile job, String step, Set<Held> wanted) {
        Freeing freeing = Freeing.of(job);
        return freeing.undescribedAtHand()
                                .filter(operation -> operation.id().equals(step))
                                .isPresent()
                        && freeing.heldAtHand().filter(wanted::contains).isPresent()
                ? FreeAdmission.ready(job)
                : Admission.no("bond", "'%s' is not the step at hand.".formatted(step));
    }
}
