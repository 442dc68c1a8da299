package glowkettle.job.free;

import glowkettle.finding.Figures;
import glowkettle.finding.Unanswerable;
import glowkettle.free.IgnitionLock;
import glowkettle.free.Ladder;
import glowkettle.free.LeadOrder;
import glowkettle.free.Loosening;
import glowkettle.free.Solvent;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Setting;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.job.open.OpenAdmission;
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
        return Freeing.of(job).isHeating()
                ? Admission.no("", "It is being heated: take it off the heat first.")
                : Optional.empty();
    }

    static Optional<Refusal> heat(JobFile job, FreeEntry.HeatStarted started, Instant now) {
        return ready(job)
                .or(() -> coldNow(job))
                .or(() -> ignition(job, now))
                .or(() -> atHand(job, started.bond()))
                .or(() -> allowed(job, started.bond(), Loosening.HEAT, now))
                .or(() -> window(job, started, now));
    }

    static Optional<Refusal> window(JobFile job, FreeEntry.HeatStarted started, Instant now) {
        Optional<Refusal> tooHot = searched(job, started);
        if (tooHot.isPresent()) {
            return tooHot;
        }
        Bond bond = job.model().anatomy().bondOf(started.bond()).orElseThrow();
        try {
            HeatWindow window = HeatWindow.of(
                            Freeing.of(job)
                                    .heatings(started.bond())
                                    .starting(started, bond.layers().stack(), now),
                            job.limits())
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
    static Optional<Refusal> searched(JobFile job, FreeEntry.HeatStarted started) {
        Bond bond = job.model().anatomy().bondOf(started.bond()).orElseThrow();
        if (bond.layers().of(started.setting().face()).isEmpty()) {
            return Admission.no("setting.face", "Nobody knows what lies behind that face: heat from the other one.");
        }
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
        return Freeing.of(job)
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
                .or(() -> dwelling(job, now))
                .or(() -> prised.way() == Loosening.HEAT
                        ? Optional.empty()
                        : allowed(job, prised.bond(), prised.way(), now));
    }

    /** Solvent that has not worked yet: nothing is pulled at meanwhile. */
    static Optional<Refusal> dwelling(JobFile job, Instant now) {
        return Freeing.of(job)
                .ignition()
                .filter(lock -> lock.dwells(now))
                .map(lock -> new Refusal(
                        "", "The solvent works for another %s s; wait.".formatted(left(now, lock.dwellUntil()))));
    }

    private static long left(Instant now, Instant until) {
        return Math.max(1, Duration.between(now, until).toSeconds());
    }

    static Optional<Refusal> solvent(JobFile job, FreeEntry.SolventApplied applied) {
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
                    Bond bond = job.model().anatomy().bondOf(applied.bond()).orElseThrow();
                    BigDecimal doseMl = Solvent.of(
                                    new Solvent.Use(
                                            applied.solvent(),
                                            applied.lies(),
                                            bond.area().areaMm2(),
                                            bond.area().exposedMm2()),
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

    static Optional<Refusal> noted(JobFile job, FreeEntry.LeadsNoted noted) {
        if (!Freeing.of(job).conductorsFreed().isEmpty()) {
            return Admission.no("leads", "The first one is off: what was not noted before cannot be seen any more.");
        }
        Optional<Leads> leads = Freeing.of(job).leadsAtHand();
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

    static Optional<Refusal> leadSchool(JobFile job) {
        if (!Freeing.of(job).conductorsFreed().isEmpty()) {
            return Admission.no("school", "The first one is off: the others come off the same way.");
        }
        return Freeing.of(job).leadsNoted().isPresent()
                ? Optional.empty()
                : Admission.no("school", "Note colours and routing first.");
    }

    static Optional<Refusal> freed(JobFile job, FreeEntry.ConductorFreed freed, Instant now) {
        Freeing freeing = Freeing.of(job);
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
    public static Optional<Refusal> ignition(JobFile job, Instant now) {
        return Freeing.of(job).ignition().filter(lock -> lock.holds(now)).map(lock -> locked(lock, now));
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
    public static Optional<Refusal> stepDone(JobFile job, String step, Instant now) {
        Optional<Bond> bond = job.model().anatomy().bondOf(step);
        if (bond.isPresent()) {
            return coldNow(job).or(() -> dwelling(job, now)).or(() -> stripsLeft(job, bond.get()));
        }
        return job.operation(step).filter(Freeing.of(job)::isUndescribed).isPresent()
                ? Admission.no("step", "Say what holds it here first: the bench knows nothing of this model.")
                : job.model().leadsOf(step).flatMap(leads -> leadsLeft(job, leads));
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

    static Optional<Refusal> leadsLeft(JobFile job, Leads leads) {
        Optional<String> bare = Freeing.of(job).bareConductor();
        if (bare.isPresent()) {
            return Admission.no("step", "Cover both ends of %s first.".formatted(bare.get()));
        }
        return Freeing.of(job)
                .nextConductor(leads)
                .map(next -> new Refusal("step", "%s still holds the pack.".formatted(next)));
    }
}
