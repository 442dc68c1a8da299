package glowkettle.job.assess;

import glowkettle.assess.Tier;
import glowkettle.finding.Figures;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.Role;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

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
        if (confirmed.step() == AssessEntry.ColdStep.REMOVER
                && isSame(confirmed.name(), Assessing.of(job).namedAt(AssessEntry.ColdStep.SECOND_PERSON))) {
            return Admission.no(
                    "name",
                    "%s is the second person, who stays near: somebody else takes it out.".formatted(confirmed.name()));
        }
        return confirmed.step() == AssessEntry.ColdStep.REMOVER && by != Role.LEAD
                ? Admission.no("name", "A lead says who takes it out.")
                : Optional.empty();
    }

    private static boolean isSame(@Nullable String name, Optional<String> other) {
        return name != null
                && other.filter(known -> plain(known).equals(plain(name))).isPresent();
    }

    private static String plain(String name) {
        return name.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
    }

    /** Energy, time and power are held against each other: no pack empties within moments under a small load. */
    static Optional<Refusal> charge(JobFile job, BigDecimal socPercent, Instant now) {
        return PackHealth.of(job)
                .lowestBelievable(now)
                .filter(least -> socPercent.compareTo(least.socPercent()) < 0)
                .flatMap(least -> Admission.no(
                        "socPercent",
                        "%s now and %s %s min ago cannot both be true: %s. Read the charge again."
                                .formatted(
                                        Figures.withUnit(socPercent, "%"),
                                        Figures.withUnit(least.beforePercent(), "%"),
                                        least.minutes(),
                                        least.because())));
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
