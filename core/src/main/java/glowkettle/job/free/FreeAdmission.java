package glowkettle.job.free;

import glowkettle.finding.Figures;
import glowkettle.free.Ladder;
import glowkettle.free.Loosening;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.job.open.OpenAdmission;
import glowkettle.library.Bond;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;

/** Whether something may be done to a bond or to leads now: what is hot, wet or bare blocks what it endangers. */
public final class FreeAdmission {
    private FreeAdmission() {}

    static Optional<Refusal> ready(JobFile job) {
        return Assessing.unlessHalted(job)
                .or(() -> OpenAdmission.paused(job))
                .or(() -> Freeing.of(job).sandReady()
                        ? Optional.empty()
                        : Admission.no("", "Confirm first: sand in reach, exit clear."))
                .or(() -> Freeing.of(job).waitsForConditions()
                        ? Admission.no("", "Confirm mat or wrist strap, and the conditions, before work inside.")
                        : Optional.empty());
    }

    static Optional<Refusal> atHand(JobFile job, String bond) {
        return Freeing.of(job)
                        .bondAtHand()
                        .filter(found -> found.operation().equals(bond))
                        .isPresent()
                ? Optional.empty()
                : Admission.no("bond", "'%s' is not the bond at hand.".formatted(bond));
    }

    static Optional<Refusal> coldNow(JobFile job) {
        return Warming.of(job).isHeating()
                ? Admission.no("", "It is being heated: take it off the heat first.")
                : Optional.empty();
    }

    static Optional<Refusal> allowed(JobFile job, String operation, Loosening way, Instant now) {
        Bond bond = job.model().anatomy().bondOf(operation).orElseThrow();
        return Freeing.of(job).ladder(bond, null, now).result().rungs().stream()
                .filter(rung -> rung.way() == way && rung.standing() != Ladder.Standing.OPEN)
                .findFirst()
                .map(rung -> new Refusal("way", rung.way().words() + ": " + rung.reason()));
    }

    static Optional<Refusal> strip(JobFile job, FreeEntry.StripDrawn drawn) {
        return ready(job)
                .or(() -> coldNow(job))
                .or(() -> atHand(job, drawn.bond()))
                .or(() -> tooWarmForStrips(job))
                .or(() -> {
                    Bond bond = job.model().anatomy().bondOf(drawn.bond()).orElseThrow();
                    if (drawn.strip().intValue() > bond.stripCount()) {
                        return Admission.no(
                                "strip", "Strip %s: it has %s.".formatted(drawn.strip(), bond.stripCount()));
                    }
                    boolean twice = Freeing.of(job).strips(drawn.bond()).stream()
                            .anyMatch(other -> other.strip().compareTo(drawn.strip()) == 0);
                    if (twice) {
                        return Admission.no("strip", "Strip %s was drawn already.".formatted(drawn.strip()));
                    }
                    return !drawn.whole() && drawn.brokeAtMm() == null
                            ? Admission.no("brokeAtMm", "Missing: after how many mm it broke.")
                            : Optional.empty();
                });
    }

    /** Warm strips tear: after a heat the cell has to be down to what they are drawn at, by the curve or a reading. */
    static Optional<Refusal> tooWarmForStrips(JobFile job) {
        BigDecimal mostC = job.limits().of(Limit.STRIP_MOST_C);
        return Warming.of(job)
                .cellNowC()
                .filter(nowC -> nowC.compareTo(mostC) > 0)
                .map(nowC -> new Refusal(
                        "",
                        "The cell is still at %s: strips are drawn at %s or cooler, warm ones tear. Wait, or read it."
                                .formatted(
                                        Figures.withUnit(nowC, "°C"),
                                        job.limits().applied(Limit.STRIP_MOST_C))));
    }

    static Optional<Refusal> prised(JobFile job, FreeEntry.Prised prised, Instant now) {
        return ready(job)
                .or(() -> coldNow(job))
                .or(() -> atHand(job, prised.bond()))
                .or(() -> SolventAdmission.dwelling(job, now))
                .or(() -> prised.way() == Loosening.HEAT
                        ? Optional.empty()
                        : allowed(job, prised.bond(), prised.way(), now));
    }

    /** A step is done only when all that holds it was dealt with. */
    public static Optional<Refusal> stepDone(JobFile job, String step, Instant now) {
        Optional<Bond> bond = job.model().anatomy().bondOf(step);
        if (bond.isPresent()) {
            return coldNow(job).or(() -> SolventAdmission.dwelling(job, now)).or(() -> stripsLeft(job, bond.get()));
        }
        return job.operation(step).filter(Freeing.of(job)::isUndescribed).isPresent()
                ? Admission.no("step", "Say what holds it here first: the bench knows nothing of this model.")
                : job.model().leadsOf(step).flatMap(leads -> LeadAdmission.leadsLeft(job, leads));
    }

    static Optional<Refusal> stripsLeft(JobFile job, Bond bond) {
        int left = bond.stripCount() - Freeing.of(job).strips(bond.operation()).size();
        return left > 0
                ? Admission.no(
                        "step",
                        "%s of %s strips are not recorded: whole, or where each broke."
                                .formatted(left, bond.stripCount()))
                : Optional.empty();
    }
}
