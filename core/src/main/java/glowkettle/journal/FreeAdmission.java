package glowkettle.journal;

import glowkettle.finding.Figures;
import glowkettle.finding.Unanswerable;
import glowkettle.free.IgnitionLock;
import glowkettle.free.Ladder;
import glowkettle.free.LeadOrder;
import glowkettle.free.Loosening;
import glowkettle.free.Solvent;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Setting;
import glowkettle.journal.Admission.Refusal;
import glowkettle.library.Bond;
import glowkettle.library.Leads;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Whether something may be done to a bond or to leads now: what is hot, wet or bare blocks what it endangers. */
final class FreeAdmission {
    private FreeAdmission() {}

    static Optional<Refusal> refuse(JobFile job, FreeEntry entry, Instant now) {
        return switch (entry) {
            case FreeEntry.SandReady ignored -> Admission.unlessHalted(job);
            case FreeEntry.HeatStarted started -> heat(job, started, now);
            // What makes it safer is always taken, halted or not.
            case FreeEntry.HeatStopped stopped ->
                job.freeing().heatings(stopped.bond()).isOn()
                        ? Optional.empty()
                        : Admission.no("bond", "Nothing is being heated there.");
            case FreeEntry.HeatRead read ->
                job.freeing().heatings(read.bond()).isWarm(now)
                        ? Optional.empty()
                        : Admission.no("bond", "Nothing was heated there lately; take the reading at Assess.");
            case FreeEntry.StripDrawn drawn -> strip(job, drawn);
            case FreeEntry.Prised prised -> prised(job, prised, now);
            case FreeEntry.Bent ignored -> Optional.empty();
            case FreeEntry.SolventApplied applied -> solvent(job, applied);
            case FreeEntry.SolventUncovered ignored ->
                job.freeing().ignition().filter(lock -> lock.dryAt() == null).isPresent()
                        ? Optional.empty()
                        : Admission.no("", "No solvent is covered.");
            case FreeEntry.LeadsNoted noted -> noted(job, noted);
            case FreeEntry.NewLeadsMeasured measured -> newLeads(job, measured);
            case FreeEntry.LeadSchoolChosen ignored -> leadSchool(job);
            case FreeEntry.ConductorFreed freed -> freed(job, freed, now);
            case FreeEntry.ConductorCovered covered ->
                job.freeing().bareConductor().filter(covered.lead()::equals).isPresent()
                        ? Optional.empty()
                        : Admission.no("lead", "'%s' is not bare.".formatted(covered.lead()));
        };
    }

    private static Optional<Refusal> ready(JobFile job) {
        return Admission.unlessHalted(job)
                .or(() -> OpenAdmission.paused(job))
                .or(() -> job.freeing().sandReady()
                        ? Optional.empty()
                        : Admission.no("", "Confirm first: sand in reach, exit clear."))
                .or(() -> job.freeing().waitsForConditions()
                        ? Admission.no("", "Confirm mat or wrist strap, and the conditions, before work inside.")
                        : Optional.empty());
    }

    private static Optional<Refusal> atHand(JobFile job, String bond) {
        return job.freeing()
                        .bondAtHand()
                        .filter(found -> found.operation().equals(bond))
                        .isPresent()
                ? Optional.empty()
                : Admission.no("bond", "'%s' is not the bond at hand.".formatted(bond));
    }

    private static Optional<Refusal> coldNow(JobFile job) {
        return job.freeing().isHeating()
                ? Admission.no("", "It is being heated: take it off the heat first.")
                : Optional.empty();
    }

    private static Optional<Refusal> heat(JobFile job, FreeEntry.HeatStarted started, Instant now) {
        return ready(job)
                .or(() -> coldNow(job))
                .or(() -> ignition(job, now))
                .or(() -> atHand(job, started.bond()))
                .or(() -> allowed(job, started.bond(), Loosening.HEAT, now))
                .or(() -> window(job, started, now));
    }

    private static Optional<Refusal> window(JobFile job, FreeEntry.HeatStarted started, Instant now) {
        Optional<Refusal> tooHot = searched(job, started);
        if (tooHot.isPresent()) {
            return tooHot;
        }
        Bond bond = job.model().bondOf(started.bond()).orElseThrow();
        try {
            HeatWindow window = HeatWindow.of(
                            job.freeing().heatings(started.bond()).starting(started, bond.stack(), now), job.limits())
                    .result();
            boolean narrow = window.widthS() == null
                    || window.widthS().compareTo(job.limits().of(Limit.WINDOW_LEAST_S)) < 0;
            return narrow
                    ? Admission.no(
                            "setting.temperatureC",
                            "%s leaves no window a hand can meet: the bond is ready %s, the latest lift-off is at %s."
                                    .formatted(
                                            started.setting().words(),
                                            window.bondReadyS() == null
                                                    ? "never"
                                                    : "after " + Figures.withUnit(window.bondReadyS(), "s"),
                                            Figures.withUnit(window.latestLiftOffS(), "s")))
                    : Optional.empty();
        } catch (Unanswerable unanswerable) {
            return Admission.no("bond", String.valueOf(unanswerable.getMessage()));
        }
    }

    /** Hotter than any setting that is searched: nobody has reckoned whether a hand can meet its window. */
    private static Optional<Refusal> searched(JobFile job, FreeEntry.HeatStarted started) {
        Limit most = started.setting().source() == Setting.Source.MAT ? Limit.MAT_MOST_C : Limit.AIR_MOST_C;
        BigDecimal leastC = job.limits().of(Limit.HEAT_LEAST_C);
        BigDecimal temperatureC = started.setting().temperatureC();
        return temperatureC.compareTo(job.limits().of(most)) > 0 || temperatureC.compareTo(leastC) < 0
                ? Admission.no(
                        "setting.temperatureC",
                        "%s is outside of what is searched, %s to %s. Take one of the settings that are offered."
                                .formatted(
                                        started.setting().words(),
                                        Figures.of(leastC),
                                        job.limits().applied(most)))
                : Optional.empty();
    }

    private static Optional<Refusal> allowed(JobFile job, String operation, Loosening way, Instant now) {
        Bond bond = job.model().bondOf(operation).orElseThrow();
        return job.freeing().ladder(bond, null, now).result().rungs().stream()
                .filter(rung -> rung.way() == way && rung.standing() != Ladder.Standing.OPEN)
                .findFirst()
                .map(rung -> new Refusal("way", rung.way().words() + ": " + rung.reason()));
    }

    private static Optional<Refusal> strip(JobFile job, FreeEntry.StripDrawn drawn) {
        return ready(job)
                .or(() -> coldNow(job))
                .or(() -> atHand(job, drawn.bond()))
                .or(() -> tooWarmForStrips(job))
                .or(() -> {
                    Bond bond = job.model().bondOf(drawn.bond()).orElseThrow();
                    if (drawn.strip().intValue() > bond.stripCount()) {
                        return Admission.no(
                                "strip", "Strip %s: it has %s.".formatted(drawn.strip(), bond.stripCount()));
                    }
                    boolean twice = job.freeing().strips(drawn.bond()).stream()
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
    private static Optional<Refusal> tooWarmForStrips(JobFile job) {
        BigDecimal mostC = job.limits().of(Limit.STRIP_MOST_C);
        return job.freeing()
                .cellNowC()
                .filter(nowC -> nowC.compareTo(mostC) > 0)
                .map(nowC -> new Refusal(
                        "",
                        "The cell is still at %s: strips are drawn at %s or cooler, warm ones tear. Wait, or read it."
                                .formatted(
                                        Figures.withUnit(nowC, "°C"),
                                        job.limits().applied(Limit.STRIP_MOST_C))));
    }

    private static Optional<Refusal> prised(JobFile job, FreeEntry.Prised prised, Instant now) {
        return ready(job)
                .or(() -> coldNow(job))
                .or(() -> atHand(job, prised.bond()))
                .or(() -> dwelling(job, now))
                .or(() -> prised.way() == Loosening.HEAT
                        ? Optional.empty()
                        : allowed(job, prised.bond(), prised.way(), now));
    }

    /** Solvent that has not worked yet: nothing is pulled at meanwhile. */
    static Optional<Refusal> dwelling(JobFile job, Instant now) {
        return job.freeing()
                .ignition()
                .filter(lock -> lock.dwells(now))
                .map(lock -> new Refusal(
                        "", "The solvent works for another %s s; wait.".formatted(left(now, lock.dwellUntil()))));
    }

    private static long left(Instant now, Instant until) {
        return Math.max(1, Duration.between(now, until).toSeconds());
    }

    private static Optional<Refusal> solvent(JobFile job, FreeEntry.SolventApplied applied) {
        return ready(job)
                .or(() -> coldNow(job))
                .or(() -> atHand(job, applied.bond()))
                .or(() -> {
                    BigDecimal most = job.limits().of(Limit.SOLVENT_SURFACE_C);
                    return applied.surfaceC().compareTo(most) >= 0
                            ? Admission.no(
                                    "surfaceC",
                                    "%s is too warm for solvent; wait until it is below %s."
                                            .formatted(
                                                    Figures.withUnit(applied.surfaceC(), "°C"),
                                                    job.limits().applied(Limit.SOLVENT_SURFACE_C)))
                            : Optional.empty();
                })
                .or(() -> {
                    Bond bond = job.model().bondOf(applied.bond()).orElseThrow();
                    BigDecimal doseMl = Solvent.of(
                                    new Solvent.Use(
                                            applied.solvent(), applied.lies(), bond.areaMm2(), bond.exposedMm2()),
                                    job.limits())
                            .result()
                            .doseMl();
                    return doseMl.compareTo(job.limits().of(Limit.SOLVENT_OPEN_ML)) > 0
                            ? Admission.no(
                                    "solvent",
                                    "This bond takes %s; at most %s stand open."
                                            .formatted(
                                                    Figures.withUnit(doseMl, "mL"),
                                                    job.limits().applied(Limit.SOLVENT_OPEN_ML)))
                            : Optional.empty();
                });
    }

    private static Optional<Refusal> noted(JobFile job, FreeEntry.LeadsNoted noted) {
        if (!job.freeing().conductorsFreed().isEmpty()) {
            return Admission.no("leads", "The first one is off: what was not noted before cannot be seen any more.");
        }
        Optional<Leads> leads = job.freeing().leadsAtHand();
        if (leads.isEmpty()) {
            return Admission.no("leads", "No leads are at hand.");
        }
        Set<String> wanted = leads.get().leads().stream().map(lead -> lead.id()).collect(Collectors.toSet());
        List<String> named =
                noted.leads().stream().map(FreeEntry.LeadNote::lead).toList();
        return new HashSet<>(named).equals(wanted) && named.size() == wanted.size()
                ? Optional.empty()
                : Admission.no("leads", "Note each of %s once.".formatted(String.join(", ", wanted)));
    }

    private static Optional<Refusal> leadSchool(JobFile job) {
        if (!job.freeing().conductorsFreed().isEmpty()) {
            return Admission.no("school", "The first one is off: the others come off the same way.");
        }
        return job.freeing().leadsNoted().isPresent()
                ? Optional.empty()
                : Admission.no("school", "Note colours and routing first.");
    }

    /** One lead is the lowest, and one reads what such a pack holds: the meter's word, not the colours'. */
    private static Optional<Refusal> newLeads(JobFile job, FreeEntry.NewLeadsMeasured measured) {
        Leads known = job.model().leads();
        if (known == null) {
            return Admission.no(
                    "leads",
                    "The pack of %s has no soldered leads."
                            .formatted(job.model().name()));
        }
        if (measured.leads().size() < 2) {
            return Admission.no(
                    "leads",
                    "%s leads; at least two carry the pack."
                            .formatted(measured.leads().size()));
        }
        long lowest = measured.leads().stream()
                .filter(lead -> lead.volts().signum() == 0)
                .count();
        if (lowest == 0) {
            return Admission.no("leads", "One lead reads lowest: give it 0 V, and the others against it.");
        }
        BigDecimal highest = measured.leads().stream()
                .map(FreeEntry.NewLead::volts)
                .max(java.util.Comparator.naturalOrder())
                .orElseThrow();
        BigDecimal series = job.model().pack().series();
        BigDecimal most = job.model()
                .pack()
                .chargeLimitV()
                .add(job.limits().of(Limit.CELL_OVER_ISOLATE_V))
                .multiply(series);
        BigDecimal least = job.limits().of(Limit.PLUG_UNKNOWN_V).multiply(series);
        return highest.compareTo(least) < 0 || highest.compareTo(most) > 0
                ? Admission.no(
                        "leads",
                        "The highest lead reads %s; a pack of %s in series holds %s to %s. Measure again."
                                .formatted(
                                        Figures.withUnit(highest, "V"),
                                        series,
                                        Figures.of(least),
                                        Figures.withUnit(most, "V")))
                : Optional.empty();
    }

    private static Optional<Refusal> freed(JobFile job, FreeEntry.ConductorFreed freed, Instant now) {
        Freeing freeing = job.freeing();
        Optional<LeadOrder.School> school = freeing.leadSchool();
        if (freeing.leadsAtHand().isEmpty() || school.isEmpty()) {
            return Admission.no("lead", "Note the leads and choose how they come off first.");
        }
        Optional<Refusal> notReady =
                ready(job).or(() -> school.get() == LeadOrder.School.UNSOLDER ? ignition(job, now) : Optional.empty());
        if (notReady.isPresent()) {
            return notReady;
        }
        Optional<String> bare = freeing.bareConductor();
        if (bare.isPresent()) {
            return Admission.no("lead", "Cover both ends of %s first.".formatted(bare.get()));
        }
        Optional<String> next = freeing.nextConductor(freeing.leadsAtHand().get());
        return next.filter(freed.lead()::equals).isPresent()
                ? Optional.empty()
                : Admission.no("lead", "The next one is %s.".formatted(next.orElse("none: all are off")));
    }

    /** No spark, heat, charge or load while solvent is wet. */
    static Optional<Refusal> ignition(JobFile job, Instant now) {
        return job.freeing().ignition().filter(lock -> lock.holds(now)).map(lock -> locked(lock, now));
    }

    private static Refusal locked(IgnitionLock lock, Instant now) {
        return new Refusal(
                "",
                lock.dryAt() == null
                        ? "Ignition lock: solvent is wet and covered; the clock begins when it lies open."
                        : "Ignition lock: solvent dries for another %s min."
                                .formatted((left(now, lock.dryAt()) + 59) / 60));
    }

    /** A step is done only when all that holds it was dealt with. */
    static Optional<Refusal> stepDone(JobFile job, String step, Instant now) {
        Optional<Bond> bond = job.model().bondOf(step);
        if (bond.isPresent()) {
            return coldNow(job).or(() -> dwelling(job, now)).or(() -> stripsLeft(job, bond.get()));
        }
        return job.model().leadsOf(step).flatMap(leads -> leadsLeft(job, leads));
    }

    private static Optional<Refusal> stripsLeft(JobFile job, Bond bond) {
        int left = bond.stripCount() - job.freeing().strips(bond.operation()).size();
        return left > 0
                ? Admission.no(
                        "step",
                        "%s of %s strips are not recorded: whole, or where each broke."
                                .formatted(left, bond.stripCount()))
                : Optional.empty();
    }

    private static Optional<Refusal> leadsLeft(JobFile job, Leads leads) {
        Optional<String> bare = job.freeing().bareConductor();
        if (bare.isPresent()) {
            return Admission.no("step", "Cover both ends of %s first.".formatted(bare.get()));
        }
        return job.freeing()
                .nextConductor(leads)
                .map(next -> new Refusal("step", "%s still holds the pack.".formatted(next)));
    }
}
