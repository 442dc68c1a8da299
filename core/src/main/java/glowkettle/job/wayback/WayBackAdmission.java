package glowkettle.job.wayback;

import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.open.OpenEntry;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.open.WayBack;
import java.util.List;
import java.util.Optional;

/** Whether a step of the way back, and its fasteners, may be written now. */
public final class WayBackAdmission {
    private WayBackAdmission() {}

    public static Optional<Refusal> wayBackBegun(JobFile job) {
        return job.stepsBack().isEmpty()
                ? Optional.empty()
                : Admission.no("", "The way back has begun; take its steps back first.");
    }

    public static Optional<Refusal> afterWayBack(JobFile job) {
        boolean backDone = job.packChosen()
                && !job.stepsBack().isEmpty()
                && job.nextStepBack(job.wayBack().result()).isEmpty();
        return backDone
                ? Optional.empty()
                : Admission.no("", "The device is not closed yet; finish the way back first.");
    }

    public static Optional<Refusal> stepBack(JobFile job, OpenEntry.StepDone done) {
        if (!job.packChosen()) {
            return Admission.no("step", "No pack has been chosen; nothing is closed over an empty bay.");
        }
        Optional<WayBack.Step> next = job.nextStepBack(job.wayBack().result());
        if (next.isEmpty() || !next.get().id().equals(done.step())) {
            return Admission.no(
                    "step",
                    "The next step back is “%s”."
                            .formatted(next.map(WayBack.Step::label).orElse("none: it is closed")));
        }
        boolean joinsLeads = job.model().leadsOf(done.step()).isPresent() && !job.keepsPack();
        if (joinsLeads && job.freeing().newLeads().isEmpty()) {
            return Admission.no(
                    "step",
                    "Measure the new pack's leads first, each against the lowest: colours are a hint, the meter decides.");
        }
        Optional<Operation> operation = job.operation(done.step());
        if (operation.isPresent() && operation.get().kind() == OperationKind.LOOSEN_FASTENERS) {
            List<String> empty = job.fasteners().emptyHolesOf(done.step());
            if (!empty.isEmpty()) {
                return Admission.no(
                        "step",
                        "Empty holes: %s. Left over in the tray: %s."
                                .formatted(
                                        String.join(", ", empty),
                                        String.join(
                                                ", ",
                                                job.fasteners().tray().result().leftOver())));
            }
            return job.fasteners().tray().findings().stream()
                    .filter(finding -> finding.weight().compareTo(Weight.STOP) >= 0)
                    .findFirst()
                    .map(finding -> new Refusal("step", finding.sentence()));
        }
        return Optional.empty();
    }

    /** Every hole and every fastener of it came out, and nothing is put in twice: the tray itself says what is wrong. */
    static Optional<Refusal> fastenersBack(JobFile job, WayBackEntry.FastenersBack back) {
        if (!job.packChosen()) {
            return Admission.no("placements", "No pack has been chosen; nothing is closed over an empty bay.");
        }
        if (back.placements().isEmpty()) {
            return Admission.no("placements", "Name at least one fastener and its hole.");
        }
        try {
            job.fasteners().with(back.placements());
        } catch (Unanswerable unanswerable) {
            return Admission.no("placements", unanswerable.getMessage() + ".");
        }
        return Admission.unlessHalted(job);
    }
}
