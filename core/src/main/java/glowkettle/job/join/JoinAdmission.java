package glowkettle.job.join;

import glowkettle.finding.Unanswerable;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.job.fit.Fitting;
import glowkettle.join.LeadFinder;
import glowkettle.join.Splices;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether a lead may be told, cut or soldered now. */
final class JoinAdmission {
    private JoinAdmission() {}

    /** A new pack lies there, and nothing is isolated. */
    static Optional<Refusal> packAtHand(JobFile job) {
        return Fitting.of(job).fitsNewPack()
                ? Assessing.unlessHalted(job)
                : Admission.no("", "No new pack has been chosen: choose it at Fit first.");
    }

    private static Optional<Refusal> leadsAtHand(JobFile job) {
        return job.model().housing().leads() == null
                ? Admission.no(
                        "",
                        "The pack of %s has no soldered leads."
                                .formatted(job.model().identity().name()))
                : packAtHand(job);
    }

    static Optional<Refusal> listed(JobFile job, JoinEntry.LeadsListed listed) {
        return leadsAtHand(job)
                .or(() -> Joining.of(job).isSoldered()
                        ? Admission.no("", "A lead is soldered: what they are was told apart before.")
                        : Optional.empty())
                .or(() -> found(job, listed, List.of()));
    }

    static Optional<Refusal> metered(JobFile job, JoinEntry.LeadMetered metered) {
        Optional<JoinEntry.LeadsListed> listed = Joining.of(job).listed();
        if (listed.isEmpty()) {
            return Admission.no("", "Say which leads the new pack has first.");
        }
        return packAtHand(job)
                .or(() -> alone(job, listed.get(), metered))
                .or(() -> Joining.of(job).isSoldered()
                        ? Admission.no("", "A lead is soldered: what is measured now is measured through the board.")
                        : Optional.empty());
    }

    /** By itself it must be a reading of these leads; whether it agrees with the others is what the finder says. */
    private static Optional<Refusal> alone(JobFile job, JoinEntry.LeadsListed listed, JoinEntry.LeadMetered metered) {
        LeadFinder.Reading reading = metered.reading();
        List<LeadFinder.Reading> with = reading.kind() == LeadFinder.Kind.OHMS
                ? Joining.of(job).readings().stream()
                        .filter(earlier -> earlier.kind() == LeadFinder.Kind.VOLTS)
                        .toList()
                : List.of();
        List<LeadFinder.Reading> readings = new ArrayList<>(with);
        readings.add(reading);
        return found(job, listed, readings);
    }

    private static Optional<Refusal> found(
            JobFile job, JoinEntry.LeadsListed listed, List<LeadFinder.Reading> readings) {
        try {
            LeadFinder.find(Joining.of(job).question(listed, readings), job.limits());
            return Optional.empty();
        } catch (Unanswerable unanswerable) {
            return Admission.no(field(unanswerable.field()), String.valueOf(unanswerable.getMessage()) + ".");
        }
    }

    private static String field(String field) {
        return switch (field) {
            case "identityOhm" -> field;
            case "roles" -> "taps";
            default -> field.startsWith("readings") ? "reading.value" : field;
        };
    }

    static Optional<Refusal> splices(JobFile job, JoinEntry.SplicesPlanned planned) {
        if (!Joining.of(job).isSpliced()) {
            return Admission.no("", "The leads were unsoldered at the board: nothing is spliced.");
        }
        if (!Joining.of(job).isFound()) {
            return Admission.no("", "Find out which lead is which first.");
        }
        int joints = Joining.of(job).inOrder().size();
        if (planned.splices().conductors().intValue() != joints) {
            return Admission.no(
                    "splices.conductors",
                    "%s conductors; %s leads go to pads."
                            .formatted(planned.splices().conductors(), joints));
        }
        try {
            Splices cut = Splices.of(planned.splices(), job.limits()).result();
            return cut.missingMm().signum() == 0
                    ? packAtHand(job)
                    : Admission.no(
                            "splices.pathMm",
                            "%s mm are missing. What would do: %s."
                                    .formatted(cut.missingMm(), String.join("; ", cut.remedies())));
        } catch (Unanswerable unanswerable) {
            return Admission.no("splices." + unanswerable.field(), unanswerable.getMessage() + ".");
        }
    }

    static Optional<Refusal> sleeved(JobFile job, String pad) {
        return phase(job, pad, Joining.Phase.SLEEVE);
    }

    static Optional<Refusal> soldered(JobFile job, String pad) {
        return phase(job, pad, Joining.Phase.SOLDER);
    }

    static Optional<Refusal> tugged(JobFile job, String pad) {
        return phase(job, pad, Joining.Phase.TUG);
    }

    private static Optional<Refusal> phase(JobFile job, String pad, Joining.Phase wanted) {
        Joining joining = Joining.of(job);
        Optional<String> unmet = joining.unmetPad();
        if (unmet.isPresent()) {
            return Admission.no(
                    "pad",
                    "The new pack has no lead for %s: the device refuses to charge it, or charges it blindly. Take another."
                            .formatted(unmet.get()));
        }
        if (!joining.isPlanned()) {
            return Admission.no(
                    "pad", joining.isFound() ? "Plan the splices first." : "Find out which lead is which first.");
        }
        Optional<LeadFinder.Joined> next = joining.atHand();
        if (next.isEmpty()) {
            return Admission.no("pad", "Every lead is joined.");
        }
        if (!pad.equals(next.get().pad())) {
            return Admission.no(
                    "pad",
                    "One lead at a time: %s is next.".formatted(next.get().pad()));
        }
        if (joining.phase(pad) != wanted) {
            return Admission.no("pad", said(joining.phase(pad), pad));
        }
        return packAtHand(job);
    }

    private static String said(Joining.Phase phase, String pad) {
        return switch (phase) {
            case SLEEVE -> "The sleeve goes onto the lead for %s before it is soldered.".formatted(pad);
            case SOLDER -> "The lead for %s is not soldered yet.".formatted(pad);
            case TUG -> "%s is soldered: pull it first.".formatted(pad);
            case JOINED -> "%s is joined.".formatted(pad);
        };
    }
}
