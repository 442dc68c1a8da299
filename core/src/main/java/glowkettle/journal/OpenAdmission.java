package glowkettle.journal;

import glowkettle.assess.Tier;
import glowkettle.finding.Figures;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.journal.Admission.Refusal;
import glowkettle.open.HandOrder;
import glowkettle.open.Teardown;
import java.util.Optional;

/** Whether the plan may be changed so, and whether the old pack may go in again. */
final class OpenAdmission {
    private OpenAdmission() {}

    static Optional<Refusal> refuse(JobFile job, OpenEntry entry) {
        return switch (entry) {
            case OpenEntry.TargetsChosen chosen -> targets(job, chosen);
            case OpenEntry.Reordered reordered -> order(job, reordered);
            case OpenEntry.OrderDropped ignored -> Optional.empty();
            case OpenEntry.FoundInstead found ->
                job.model().fastener(found.fastener()).isPresent()
                        ? Optional.empty()
                        : Admission.no(
                                "fastener",
                                "'%s' is no fastener of %s."
                                        .formatted(found.fastener(), job.model().name()));
            case OpenEntry.MinutesLearnt ignored -> Optional.empty();
            case OpenEntry.LabelSeen seen ->
                !seen.asOrdered() && seen.difference() == null
                        ? Admission.no("difference", "Missing: what differs, such as the voltage or the code.")
                        : Optional.empty();
            case OpenEntry.OldPackReturns ignored -> oldPack(job);
        };
    }

    /** Nothing more is opened or freed for an owner who said no, or for a pack that was ordered wrong. */
    static Optional<Refusal> paused(JobFile job) {
        if (job.isDeclined()) {
            return Admission.no(
                    "",
                    "The owner declined the quote: nothing more is opened. Quote anew, or hand it back as it came.");
        }
        return job.labelDiffers()
                .map(difference -> new Refusal(
                        "",
                        "Paused: the label differs from the ordered pack (%s). Get the right one, then say it is as ordered."
                                .formatted(difference)));
    }

    private static Optional<Refusal> targets(JobFile job, OpenEntry.TargetsChosen chosen) {
        if (chosen.targets().isEmpty()) {
            return Admission.no("targets", "Choose at least one thing to reach.");
        }
        if (!job.stepsBack().isEmpty()) {
            return Admission.no("targets", "The way back has begun; take its steps back first.");
        }
        try {
            Teardown.plan(new Teardown.Request(job.model().operations(), chosen.targets(), null), job.limits());
            return Optional.empty();
        } catch (Unanswerable unanswerable) {
            return Admission.no("targets", String.valueOf(unanswerable.getMessage()));
        }
    }

    private static Optional<Refusal> order(JobFile job, OpenEntry.Reordered reordered) {
        try {
            return HandOrder.of(
                            new HandOrder.Request(
                                    new Teardown.Request(job.model().operations(), job.targets(), null),
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

    private static Optional<Refusal> oldPack(JobFile job) {
        if (!job.stepsBack().isEmpty()) {
            return Admission.no("", "The way back has begun; take its steps back first.");
        }
        return fitForReturn(job)
                .or(() -> job.stored()
                        .flatMap(stored -> Admission.no(
                                "", "It lies in %s; take that back first.".formatted(stored.containerName()))));
    }

    /** A pack goes in again only as sound as it came out. */
    static Optional<Refusal> fitForReturn(JobFile job) {
        if (job.freeing().prisedOff()) {
            return Admission.no("", "It was prised off: its bond and its jacket are gone. It is not fitted again.");
        }
        if (job.worstTier().atLeast(Tier.ISOLATE)) {
            return Admission.no(
                    "",
                    "It was of tier %s: it is not fitted again."
                            .formatted(job.worstTier().word()));
        }
        if (job.cellsWereTooHot()) {
            return Admission.no(
                    "",
                    "Its cells were at %s: it is not fitted again."
                            .formatted(Figures.withUnit(job.cellPeakC().orElseThrow(), "°C")));
        }
        Optional<String> missing = JobFile.toTake(job.oldPackTier()).findFirst();
        if (missing.isPresent()) {
            return Admission.no("", missing.get());
        }
        Tier now = job.oldPackTier().result().tier();
        return now.atLeast(Tier.GUARDED)
                ? Admission.no("", "It is of tier %s: it is not fitted again.".formatted(now.word()))
                : Optional.empty();
    }
}
