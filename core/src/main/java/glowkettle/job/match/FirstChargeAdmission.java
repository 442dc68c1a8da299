package glowkettle.job.match;

import glowkettle.assess.Tier;
import glowkettle.finding.Figures;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import java.util.Optional;

/** When a pack that was built may have its first charge, and when that counts. */
final class FirstChargeAdmission {
    private FirstChargeAdmission() {}

    static Optional<Refusal> chargeBegun(JobFile job, MatchEntry.PackChargeBegun begun) {
        Building building = Building.of(job);
        if (!building.isAlike()) {
            return Admission.no("", "Its groups are metered and alike first.");
        }
        return building.isCharging()
                ? Admission.no("", "It is charging already.")
                : Assessing.unlessHalted(job)
                        .or(() -> sound(job))
                        .or(() -> cooled(job))
                        .or(() -> charger(job, begun));
    }

    /** Nobody charges a pack that nobody looked at, or that is not as a new one is. */
    static Optional<Refusal> sound(JobFile job) {
        return job.newPackTier()
                .map(verdict -> verdict.result().tier() == Tier.CLEAR
                        ? Optional.<Refusal>empty()
                        : Admission.no(
                                "",
                                "The new pack is %s: %s"
                                        .formatted(
                                                verdict.result().tier().word(),
                                                verdict.findings().getFirst().sentence())))
                .orElseGet(() -> Admission.no("", "Look at the new pack first: look and smell, thickness, groups."));
    }

    /** What got hot is felt again before it is charged again. */
    static Optional<Refusal> cooled(JobFile job) {
        return Building.of(job)
                .firstCharge()
                .filter(charge -> charge.hot(job.limits()).isPresent()
                        && !Building.of(job).isFeltCoolSince(charge))
                .flatMap(charge -> Admission.no("", charge.flaw(job.limits()).orElseThrow() + " Feel it first."));
    }

    static Optional<Refusal> charger(JobFile job, MatchEntry.PackChargeBegun begun) {
        FirstCharge.Charger most = Building.of(job).charger().orElseThrow();
        if (begun.chargerV() == null || begun.chargerA() == null) {
            return Admission.no(
                    begun.chargerV() == null ? "chargerV" : "chargerA",
                    "Missing: what the charger is set to; accepted is up to %s and %s."
                            .formatted(Figures.withUnit(most.volts(), "V"), Figures.withUnit(most.mostA(), "A")));
        }
        if (begun.chargerV().compareTo(most.volts()) > 0) {
            return Admission.no(
                    "chargerV",
                    "%s would overcharge it; at most %s."
                            .formatted(Figures.withUnit(begun.chargerV(), "V"), Figures.withUnit(most.volts(), "V")));
        }
        return begun.chargerA().compareTo(most.mostA()) > 0
                ? Admission.no(
                        "chargerA",
                        "%s is too much for a first charge; at most %s."
                                .formatted(
                                        Figures.withUnit(begun.chargerA(), "A"), Figures.withUnit(most.mostA(), "A")))
                : Optional.empty();
    }

    /** What ends a charge is always taken; that nobody felt it meanwhile is not. */
    static Optional<Refusal> chargeEnded(JobFile job) {
        return Building.of(job).isCharging() ? Optional.empty() : Admission.no("", "No first charge is running.");
    }

    static Optional<Refusal> felt(JobFile job, MatchEntry.BuiltPackFelt felt) {
        if (!Building.of(job).isBuilt()) {
            return Admission.no("", "The pack is not built yet.");
        }
        return felt.warmth().surfaceC() == null
                ? Admission.no("warmth.surfaceC", "Missing: how warm the pack is.")
                : Optional.empty();
    }
}
