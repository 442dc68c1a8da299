package glowkettle.job;

import glowkettle.assess.Condition;
import glowkettle.assess.HazardTier;
import glowkettle.assess.Tier;
import glowkettle.assess.TierVerdict;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Weight;
import glowkettle.finding.Working;
import glowkettle.library.DeviceModel;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The tier of each pack of a job, as its readings went. What isolated a pack, or worse, stays in force until a lead lowers
 * it: a later reading that is better does not. What only waits for a measurement goes with the measurement. Source: handbook,
 * Arrive (journal) and Assess (hazard tier).
 *
 * @param old the pack that was in the device when it came
 * @param fresh the one that goes in; empty until somebody has looked at it, or it has current
 * @param job what the job stands under: the old pack while it is here, the new one once it is, the worse of both meanwhile
 * @param worst the worst that any pack of this job ever was, by what was measured: a sign-off must answer for it
 * @param held what stands by an earlier reading alone
 * @param wanting a pack is Guarded for want of a reading, or was when it was put away
 */
record Tiers(
        Result<TierVerdict> old,
        Optional<Result<TierVerdict>> fresh,
        Result<TierVerdict> job,
        Tier worst,
        List<Finding> held,
        boolean wanting) {
    static final Result<TierVerdict> SOUND =
            new Result<>(new TierVerdict(Tier.CLEAR, Set.of(), List.of()), List.of(), new Working(List.of()));

    /** Nothing isolates, nothing is held, nothing ever was worse. */
    static final Tiers ASIDE = new Tiers(SOUND, Optional.of(SOUND), SOUND, Tier.CLEAR, List.of(), false);

    /** Between the old pack's leaving and a look at the new one there is nothing here that could hurt. */
    private static final Result<TierVerdict> NO_PACK = new Result<>(
            new TierVerdict(Tier.CLEAR, Set.of(), List.of()),
            List.of(Finding.note("no-pack", "The old pack is in the store; no new one has been looked at yet.")),
            new Working(List.of()));

    static Tiers of(Tellings told, DeviceModel model, ShopLimits limits, List<Overheat> overheats) {
        Tier worst = overheats.stream()
                .map(overheat -> reached(overheat.peakC(), limits))
                .reduce(Tier.CLEAR, Tier::worse);
        Map<String, Finding> heldOfOld = new LinkedHashMap<>();
        Map<String, Finding> heldOfNew = new LinkedHashMap<>();
        Hazards hazards = new Hazards(told, model, limits);
        QuietWatch watch = new QuietWatch();
        boolean wanting = false;
        for (Tellings.At one : told.all()) {
            boolean another = hazards.isAnotherPack(one.told());
            Optional<Hazards.Belongs> reading = hazards.take(one.told(), one.at());
            wanting |= one.told() instanceof Told.PutAway away
                    && !away.wholeDevice()
                    && hazards.oldPack(List.of()).result().tier().atLeast(Tier.GUARDED);
            if (one.told() instanceof Told.Lowered) {
                heldOfOld.clear();
                heldOfNew.clear();
            } else if (another) {
                heldOfNew.clear();
            } else if (reading.isPresent() && !watch.tellsNothingNew(one.told(), hazards.ofTheOld())) {
                worst = Tier.worse(
                        worst,
                        switch (reading.get()) {
                            case OLD -> hold(hazards.oldPack(List.of()), heldOfOld);
                            case NEW ->
                                hazards.newPack()
                                        .map(verdict -> hold(verdict, heldOfNew))
                                        .orElse(Tier.CLEAR);
                        });
            }
        }
        Result<TierVerdict> oldNow = hazards.oldPack(overheats);
        Optional<Result<TierVerdict>> newNow = hazards.newPack();
        Result<TierVerdict> old = with(oldNow, heldOfOld);
        Optional<Result<TierVerdict>> fresh = newNow.map(verdict -> with(verdict, heldOfNew));
        worst = Tier.worse(worst, firm(old));
        worst = Tier.worse(worst, fresh.map(Tiers::firm).orElse(Tier.CLEAR));
        boolean away = told.oldPackIsAway();
        List<Finding> held = Stream.concat(
                        notTold(oldNow, heldOfOld), newNow.stream().flatMap(verdict -> notTold(verdict, heldOfNew)))
                .toList();
        Result<TierVerdict> job = job(old, fresh, away);
        return new Tiers(
                old, fresh, job, worst, held, wanting || job.result().tier().atLeast(Tier.GUARDED));
    }

    private static Result<TierVerdict> job(Result<TierVerdict> old, Optional<Result<TierVerdict>> fresh, boolean away) {
        // Smoke from a container clears the room like any other.
        if (away && old.result().tier() != Tier.EVACUATE) {
            return fresh.orElse(NO_PACK);
        }
        return fresh.map(one -> both(old, one)).orElse(old);
    }

    /** Keeps what isolates, and says how bad it was. */
    private static Tier hold(Result<TierVerdict> verdict, Map<String, Finding> held) {
        verdict.findings().stream()
                .filter(finding -> finding.weight().compareTo(Weight.STOP) >= 0)
                .filter(finding -> !HazardTier.waitsForMeasurement(finding))
                .forEach(finding -> held.merge(finding.rule(), finding, Tiers::worse));
        return firm(verdict);
    }

    private static Finding worse(Finding earlier, Finding later) {
        return later.weight().compareTo(earlier.weight()) < 0 ? earlier : later;
    }

    /** What is held and not told, or told as less, by the readings as they are now. */
    private static Stream<Finding> notTold(Result<TierVerdict> verdict, Map<String, Finding> held) {
        return held.values().stream()
                .filter(kept -> verdict.findings().stream()
                        .noneMatch(finding -> finding.rule().equals(kept.rule())
                                && finding.weight().compareTo(kept.weight()) >= 0));
    }

    private static Result<TierVerdict> with(Result<TierVerdict> verdict, Map<String, Finding> held) {
        List<Finding> kept = notTold(verdict, held)
                .map(finding -> new Finding(
                        finding.ruleId(),
                        finding.weight(),
                        finding.measured(),
                        finding.limit(),
                        finding.sentence() + " So it was read before; a lead lowers that, with a reason."))
                .toList();
        if (kept.isEmpty()) {
            return verdict;
        }
        Tier tier = kept.stream().map(Tiers::tierOf).reduce(verdict.result().tier(), Tier::worse);
        return new Result<>(
                new TierVerdict(
                        tier, verdict.result().conditions(), verdict.result().measureNext()),
                strongestFirst(joined(kept, verdict.findings())),
                verdict.working());
    }

    private static Result<TierVerdict> both(Result<TierVerdict> old, Result<TierVerdict> fresh) {
        Set<Condition> conditions = new HashSet<>(old.result().conditions());
        conditions.addAll(fresh.result().conditions());
        return new Result<>(
                new TierVerdict(
                        Tier.worse(old.result().tier(), fresh.result().tier()),
                        conditions,
                        joined(old.result().measureNext(), fresh.result().measureNext())),
                strongestFirst(joined(old.findings(), fresh.findings())),
                new Working(joined(old.working().lines(), fresh.working().lines())));
    }

    private static List<Finding> strongestFirst(List<Finding> findings) {
        return findings.stream()
                .sorted(Comparator.comparing(Finding::weight).reversed())
                .toList();
    }

    private static <T> List<T> joined(List<T> first, List<T> second) {
        List<T> both = new ArrayList<>(first);
        both.addAll(second);
        return both;
    }

    private static Tier reached(BigDecimal cellC, ShopLimits limits) {
        if (cellC.compareTo(limits.of(Limit.SURFACE_EVACUATE_C)) >= 0) {
            return Tier.ISOLATE;
        }
        return cellC.compareTo(limits.of(Limit.CELL_HEATING_C)) >= 0 ? Tier.GUARDED : Tier.CLEAR;
    }

    /** The tier without what only a missing reading says: nobody has taken every reading at the counter yet. */
    private static Tier firm(Result<TierVerdict> verdict) {
        return verdict.findings().stream()
                .filter(finding -> !finding.ruleId().asksForAReading())
                .map(Tiers::tierOf)
                .reduce(Tier.CLEAR, Tier::worse);
    }

    private static Tier tierOf(Finding finding) {
        return switch (finding.weight()) {
            case NOTE -> Tier.CLEAR;
            case CARE -> Tier.GUARDED;
            case STOP -> Tier.ISOLATE;
            case DANGER -> Tier.EVACUATE;
        };
    }
}
