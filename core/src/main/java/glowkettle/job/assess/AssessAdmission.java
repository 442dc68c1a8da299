package glowkettle.job.assess;

import glowkettle.assess.Tier;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.Role;
import java.util.Optional;

/** Whether a pack may be brought down so, and what a lead may decide of it. */
final class AssessAdmission {
    private AssessAdmission() {}

    static Optional<Refusal> lowered(JobFile job, Role by) {
        if (by != Role.LEAD) {
            return Admission.no("reason", "Only a lead lowers a tier.");
        }
        return job.held().isEmpty()
                ? Admission.no(
                        "reason",
                        "Nothing is held: it is as the newest readings say. Correct what is wrong, or take it again.")
                : Optional.empty();
    }

    static Optional<Refusal> leadContinues(JobFile job, Role by) {
        if (by != Role.LEAD) {
            return Admission.no("reason", "Only a lead goes on with an isolated job.");
        }
        return job.tier().result().tier() == Tier.ISOLATE
                ? Optional.empty()
                : Admission.no(
                        "reason",
                        "Only a job of tier Isolate needs this; it is %s."
                                .formatted(job.tier().result().tier().word()));
    }

    /** One after the other, each by itself; who takes it out is a lead's word. */
    static Optional<Refusal> cold(JobFile job, AssessEntry.ColdRemovalConfirmed confirmed, Role by) {
        Optional<AssessEntry.ColdStep> next = Assessing.of(job).coldRemovalNext();
        if (next.isEmpty() || next.get() != confirmed.step()) {
            return Admission.no(
                    "step",
                    next.map(step -> "First: %s.".formatted(step.words()))
                            .orElse("Nothing more is to be confirmed for a cold removal."));
        }
        if (confirmed.step().named() && confirmed.name() == null) {
            return Admission.no("name", "Say who.");
        }
        return confirmed.step() == AssessEntry.ColdStep.REMOVER && by != Role.LEAD
                ? Admission.no("name", "A lead says who takes it out.")
                : Optional.empty();
    }

    static Optional<Refusal> runDown(JobFile job, AssessEntry.RunDownChosen chosen) {
        return PackHealth.of(job).runDown(chosen.socPercent(), chosen.loadW()).result().schools().stream()
                .filter(ranked -> ranked.school() == chosen.school() && ranked.refused())
                .findFirst()
                .map(ranked -> new Refusal("school", ranked.reason()));
    }

    static Optional<Refusal> waived(JobFile job, Role by) {
        if (by != Role.LEAD) {
            return Admission.no("reason", "Only a lead lets it be opened at a higher charge.");
        }
        return PackHealth.of(job).waitsForRunDown()
                ? Optional.empty()
                : Admission.no("reason", "No run-down is waited for.");
    }

    static Optional<Refusal> rejudged(JobFile job, AssessEntry.Rejudged rejudged, Role by) {
        if (by != Role.LEAD) {
            return Admission.no("reason", "Only a lead has a job judged by another version of the shop limits.");
        }
        return rejudged.limitsVersion() > job.limits().version()
                ? Optional.empty()
                : Admission.no(
                        "reason",
                        "The job is judged by version %s already."
                                .formatted(job.limits().version()));
    }
}
