package glowkettle.job.wayback;

import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.job.fit.Fitting;
import glowkettle.job.join.Joining;
import glowkettle.job.join.TransplantStep;
import glowkettle.job.join.Transplanting;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.open.WayBack;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Whether a step of the way back, and its fasteners, may be written now. */
public final class WayBackAdmission {
    private WayBackAdmission() {}

    public static Optional<Refusal> afterWayBack(JobFile job) {
        boolean backDone = Fitting.of(job).packChosen()
                && !ClosingUp.of(job).stepsBack().isEmpty()
                && ClosingUp.of(job).nextStepBack().isEmpty();
        return backDone
                ? Waking.of(job).waits()
                : Admission.no("", "The device is not closed yet; finish the way back first.");
    }

    public static Optional<Refusal> stepBack(JobFile job, WayBackEntry.StepBack done, Instant now) {
        Optional<Refusal> halted = Assessing.unlessHalted(job);
        if (halted.isPresent()) {
            return halted;
        }
        if (!Fitting.of(job).packChosen()) {
            return Admission.no("step", "No pack has been chosen; nothing is closed over an empty bay.");
        }
        if (Fitting.of(job).isCoinCellOpen()) {
            return Admission.no("step", "Say at Fit what becomes of the backup cell first.");
        }
        Optional<TransplantStep> moving = Transplanting.of(job).next();
        if (moving.isPresent()) {
            return Admission.no(
                    "step",
                    "The controller is not moved yet: %s."
                            .formatted(moving.get().words()));
        }
        Optional<WayBack.Step> next = ClosingUp.of(job).nextStepBack();
        if (next.isEmpty() || !next.get().id().equals(done.step())) {
            return Admission.no(
                    "step",
                    "The next step back is “%s”."
                            .formatted(next.map(WayBack.Step::label).orElse("none: it is closed")));
        }
        Optional<Refusal> asleep = Waking.of(job).waits();
        if (asleep.isPresent()) {
            return asleep;
        }
        if (Joining.of(job).isOwedAt(done.step())) {
            return Admission.no("step", "Its leads are told apart, soldered and pulled at Join first.");
        }
        if (next.get().pressS() != null) {
            Optional<Instant> until = ClosingUp.of(job).pressedUntil(next.get());
            if (until.isEmpty()) {
                return Admission.no("step", "Begin to press first: its clock runs from there.");
            }
            if (now.isBefore(until.get())) {
                return Admission.no(
                        "step",
                        "Keep pressing: %s s more."
                                .formatted(Duration.between(now, until.get()).toSeconds() + 1));
            }
        }
        Optional<Operation> operation = job.operation(done.step());
        if (operation.isPresent() && operation.get().kind() == OperationKind.LOOSEN_FASTENERS) {
            List<String> empty = JobTray.of(job).emptyHolesOf(done.step());
            if (!empty.isEmpty()) {
                return Admission.no(
                        "step",
                        "Empty holes: %s. Left over in the tray: %s."
                                .formatted(
                                        String.join(", ", empty),
                                        String.join(
                                                ", ",
                                                JobTray.of(job).tray().result().leftOver())));
            }
            return JobTray.of(job).tray().findings().stream()
                    .filter(finding -> finding.weight().compareTo(Weight.STOP) >= 0)
                    .findFirst()
                    .map(finding -> new Refusal("step", finding.sentence()));
        }
        return Optional.empty();
    }

    static Optional<Refusal> press(JobFile job, String step) {
        boolean due = ClosingUp.of(job)
                .nextStepBack()
                .filter(next -> next.id().equals(step) && next.pressS() != null)
                .isPresent();
        return due ? Assessing.unlessHalted(job) : Admission.no("step", "Nothing is pressed at this step.");
    }

    /** What is glued is not opened again for a look. */
    static Optional<Refusal> liveCheck(JobFile job, boolean last) {
        if (ClosingUp.of(job).stepsBack().contains(WayBack.LIVE_CHECK)) {
            return Admission.no("last", "It was looked at already.");
        }
        return last && !ClosingUp.of(job).mayCheckLast()
                ? Admission.no("last", "Something of it is glued: look whether it lives before it is closed.")
                : Optional.empty();
    }

    /** Every hole and every fastener of it came out, and nothing is put in twice: the tray itself says what is wrong. */
    static Optional<Refusal> fastenersBack(JobFile job, WayBackEntry.FastenersBack back) {
        if (!Fitting.of(job).packChosen()) {
            return Admission.no("placements", "No pack has been chosen; nothing is closed over an empty bay.");
        }
        if (back.placements().isEmpty()) {
            return Admission.no("placements", "Name at least one fastener and its hole.");
        }
        try {
            JobTray.of(job).with(back.placements());
        } catch (Unanswerable unanswerable) {
            return Admission.no("placements", unanswerable.getMessage() + ".");
        }
        return Assessing.unlessHalted(job);
    }
}
