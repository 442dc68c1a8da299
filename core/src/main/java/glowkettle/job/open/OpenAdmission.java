package glowkettle.job.open;

import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.Arriving;
import glowkettle.open.HandOrder;
import glowkettle.open.Teardown;
import java.util.Optional;

/** Whether the plan may be changed so, and whether the old pack may go in again. */
public final class OpenAdmission {
    private OpenAdmission() {}

    /** Nothing more is opened or freed for an owner who said no, or for a pack that was ordered wrong. */
    public static Optional<Refusal> paused(JobFile job) {
        if (Arriving.of(job).isDeclined()) {
            return Admission.no(
                    "", "The owner declined the quote: nothing more is opened. Quote anew, or hand it back.");
        }
        return Opening.of(job)
                .labelDiffers()
                .map(difference -> new Refusal(
                        "",
                        "Paused: the label differs from the ordered pack (%s). Get the right one, then say it is as ordered."
                                .formatted(difference)));
    }

    static Optional<Refusal> targets(JobFile job, OpenEntry.TargetsChosen chosen) {
        if (chosen.targets().isEmpty()) {
            return Admission.no("targets", "Choose at least one thing to reach.");
        }
        if (job.isClosingUp()) {
            return Admission.no("targets", "The way back has begun; take its steps back first.");
        }
        try {
            Teardown.plan(
                    new Teardown.Request(job.model().anatomy().operations(), chosen.targets(), null), job.limits());
            return Optional.empty();
        } catch (Unanswerable unanswerable) {
            return Admission.no("targets", String.valueOf(unanswerable.getMessage()));
        }
    }

    static Optional<Refusal> order(JobFile job, OpenEntry.Reordered reordered) {
        try {
            return HandOrder.of(
                            new HandOrder.Request(
                                    new Teardown.Request(
                                            job.model().anatomy().operations(),
                                            Opening.of(job).targets(),
                                            null),
                                    reordered.order()),
                            job.limits())
                    .findings()
                    .stream()
                    .filter(finding -> finding.weight() == Weight.STOP)
                    .findFirst()
                    .map(finding -> new Refusal("order", finding.sentence()));
        } catch (Unanswerable unanswerable) {
            return Admission.no("order", String.valueOf(unanswerable.getMessage()));
        }
    }
}
