package glowkettle.job.free;

import glowkettle.assess.Condition;
import glowkettle.assess.Tier;
import glowkettle.finding.Result;
import glowkettle.free.Effort;
import glowkettle.free.IgnitionLock;
import glowkettle.free.Ladder;
import glowkettle.free.LeadOrder;
import glowkettle.free.Loosening;
import glowkettle.free.Solvent;
import glowkettle.heat.Adhesive;
import glowkettle.heat.HeatCourse;
import glowkettle.heat.Refit;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.assess.PackHealth;
import glowkettle.job.open.Held;
import glowkettle.job.open.Opening;
import glowkettle.library.Bond;
import glowkettle.library.Leads;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What holds the pack of a job, what was done to loosen it, and what is wet, warm or bare meanwhile. */
public final class Freeing {
    /** After so long nothing is left of a heat, whatever the curve of its last seconds says. */
    private static final Duration COOLED = Duration.ofHours(6);

    /** A heat that is on moves its job until somebody says that it is off. */
    private static final Duration STAYS_ON = Duration.ofDays(3650);

    private final JobFile job;
    private final JobState state;

    private Freeing(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Freeing of(JobFile job) {
        return new Freeing(job);
    }

    /** The bond that the next step of the plan loosens. */
    public Optional<Bond> bondAtHand() {
        return stepAtHand().flatMap(job.model().anatomy()::bondOf);
    }

    /** The leads that the next step of the plan frees. */
    public Optional<Leads> leadsAtHand() {
        return stepAtHand().flatMap(job.model()::leadsOf);
    }

    private Optional<String> stepAtHand() {
        return Opening.of(job).nextStep().map(step -> step.operation().id());
    }

    /** The next step of a device nobody described, while nobody has said what holds it there. */
    public Optional<Operation> undescribedAtHand() {
        return stepAtHand().flatMap(job::operation).filter(this::isUndescribed);
    }

    /** What holds at it. */
    public Optional<Held> heldAtHand() {
        return undescribedAtHand().flatMap(operation -> Opening.heldUndescribed(job, operation));
    }

    /** The next step, where somebody looked and nothing is glued. */
    public Optional<Operation> notGluedAtHand() {
        return stepAtHand().flatMap(job::operation).filter(operation -> isNotGlued(operation.id()));
    }

    boolean isUndescribed(Operation operation) {
        return Opening.heldUndescribed(job, operation).isPresent()
                && job.model().anatomy().bondOf(operation.id()).isEmpty()
                && job.model().leadsOf(operation.id()).isEmpty()
                && !isNotGlued(operation.id());
    }

    /** Somebody looked at a step of a device nobody described, and nothing is glued there. */
    public boolean isNotGlued(String step) {
        return state.all(FreeEntry.NotGlued.class).anyMatch(not -> not.bond().equals(step));
    }

    public boolean sandReady() {
        return state.latest(FreeEntry.SandReady.class).isPresent();
    }

    /** Nobody works inside before mat or strap, and the conditions of the tier, were confirmed. */
    public boolean waitsForConditions() {
        return !Opening.of(job).conditionsConfirmed()
                && stepAtHand()
                        .flatMap(job::operation)
                        .filter(Operation::isInside)
                        .isPresent();
    }

    /** Heatings of a bond, the first one first; the last one may still run. */
    public Heatings heatings(String bond) {
        return Heatings.of(state, job.model(), bond);
    }

    /** The bond that is being heated now. */
    public Optional<Bond> heated() {
        return job.model().anatomy().bonds().stream()
                .filter(bond -> heatings(bond.operation()).isOn())
                .findFirst();
    }

    /** The bond that is hot, or cools from its heat. */
    public Optional<Bond> warm(Instant now) {
        return heated().or(() -> job.model().anatomy().bonds().stream()
                .filter(bond -> heatings(bond.operation()).isWarm(now))
                .findFirst());
    }

    public boolean isHeating() {
        return heated().isPresent();
    }

    /**
     * How warm the cell is now where a heat was on: as read since the heat is off, else by the curve; empty where nothing
     * was heated, or all of it has long been off.
     */
    public Optional<BigDecimal> cellNowC() {
        Instant now = job.now();
        List<Heatings.Heating> every = Heatings.every(state);
        if (every.isEmpty()) {
            return Optional.empty();
        }
        Heatings.Heating last = every.getLast();
        Optional<Bond> bond = job.model().anatomy().bondOf(last.started().bond());
        if (bond.isEmpty()
                || last.to() != null && Duration.between(last.to(), now).compareTo(COOLED) > 0) {
            return Optional.empty();
        }
        Optional<BigDecimal> read = state.counting().stream()
                .filter(recorded -> last.to() != null && !recorded.at().isBefore(last.to()))
                .filter(recorded ->
                        recorded.entry() instanceof FreeEntry.HeatRead heat && heat.spot() == Refit.Spot.CELL)
                .map(recorded -> ((FreeEntry.HeatRead) recorded.entry()).temperatureC())
                .reduce((earlier, later) -> later);
        return read.or(() -> Optional.of(course(last, bond.get()).readC(last.sinceS(now), Refit.Spot.CELL)));
    }

    private HeatCourse course(Heatings.Heating heating, Bond bond) {
        return HeatCourse.of(
                heatings(bond.operation()).request(heating, bond.layers().stack()), heating.readings(), job.limits());
    }

    /** Until when its tier and its next thing change by the clock alone, since a heat is in it; empty where none is. */
    public Optional<Instant> movesUntil() {
        return Heatings.every(state).stream()
                .map(heating -> heating.to() == null
                        ? heating.from().plus(STAYS_ON)
                        : heating.to().plus(COOLED))
                .max(Instant::compareTo);
    }

    /** Whether the strips of a bond have to wait until a heat has left the cell. */
    public boolean stripsWait() {
        return cellNowC()
                .filter(nowC -> nowC.compareTo(job.limits().of(Limit.STRIP_MOST_C)) > 0)
                .isPresent();
    }

    /** The bond that was heated last, while its heat is still in the cell. */
    public Optional<Bond> heatedLast() {
        List<Heatings.Heating> every = Heatings.every(state);
        return every.isEmpty()
                ? Optional.empty()
                : job.model().anatomy().bondOf(every.getLast().started().bond());
    }

    /** When the cell is down to what strips are drawn at, by the curve; empty where it does not wait. */
    public Optional<Instant> cooledAt() {
        if (!stripsWait() || isHeating()) {
            return Optional.empty();
        }
        Heatings.Heating last = Heatings.every(state).getLast();
        Instant cooled = course(last, heatedLast().orElseThrow())
                .cellCooledS(job.limits().of(Limit.STRIP_MOST_C), COOLED)
                .map(sinceS -> last.from().plusMillis(sinceS.movePointRight(3).longValue()))
                .orElseGet(() -> Objects.requireNonNull(last.to()).plus(COOLED));
        return Optional.of(cooled.isBefore(job.now()) ? job.now() : cooled);
    }

    /** The shop's air as it was read last. */
    public Optional<BigDecimal> lastAmbientC() {
        return Optional.ofNullable(job.lastAmbientC());
    }

    /** Heat is forbidden by the tier, or under a condition that came from swelling, damage, voltage or warmth. */
    public boolean heatForbidden() {
        Set<Condition> conditions = job.tier().result().conditions();
        return job.tier().result().tier().atLeast(Tier.ISOLATE)
                || conditions.contains(Condition.NO_HEAT)
                || conditions.contains(Condition.HEAT_OFF);
    }

    public boolean forceForbidden() {
        return job.tier().result().tier().atLeast(Tier.ISOLATE)
                || job.tier().result().conditions().contains(Condition.NO_FORCE);
    }

    public List<FreeEntry.StripDrawn> strips(String bond) {
        return state.all(FreeEntry.StripDrawn.class)
                .filter(strip -> strip.bond().equals(bond))
                .toList();
    }

    public List<Ladder.Try> tries(String bond) {
        return state.all(FreeEntry.Prised.class)
                .filter(tried -> tried.bond().equals(bond))
                .map(tried -> new Ladder.Try(tried.way(), tried.effort()))
                .toList();
    }

    /** The ways for a bond as the case stands; whether any heat setting leaves a window is asked of whoever searched. */
    public Result<Ladder> ladder(Bond bond, @Nullable Boolean windowExists, Instant now) {
        List<FreeEntry.StripDrawn> drawn = strips(bond.operation());
        long broken = drawn.stream().filter(strip -> !strip.whole()).count();
        return Ladder.of(
                new Ladder.Case(
                        bond.layers().stack().adhesive(),
                        new Ladder.Forbidden(heatForbidden(), forceForbidden()),
                        PackHealth.of(job).socPercent(),
                        isWet(now),
                        windowExists,
                        new Ladder.Strips(
                                BigDecimal.valueOf(broken),
                                bond.strips() == null ? null : BigDecimal.valueOf(bond.stripCount() - drawn.size())),
                        bond.delicate(),
                        tries(bond.operation())),
                job.limits());
    }

    /** Whatever of this job is wet with solvent; the longest lock. */
    public Optional<IgnitionLock> ignition() {
        return IgnitionLock.of(wettings(), job.limits());
    }

    public boolean isWet(Instant now) {
        return ignition().filter(lock -> lock.holds(now)).isPresent();
    }

    /** Solvent put on, each place open since the pack or the part came off it, or somebody said so. */
    private List<IgnitionLock.Wetting> wettings() {
        List<IgnitionLock.Wetting> wettings = new ArrayList<>();
        for (Recorded recorded : state.counting()) {
            if (recorded.entry() instanceof FreeEntry.SolventApplied applied) {
                Bond bond = job.model().anatomy().bondOf(applied.bond()).orElseThrow();
                Solvent.Use use = new Solvent.Use(
                        applied.solvent(),
                        applied.lies(),
                        bond.area().areaMm2(),
                        bond.area().exposedMm2());
                wettings.add(new IgnitionLock.Wetting(
                        use, recorded.at(), applied.lies() == Solvent.Lies.OPEN ? recorded.at() : null));
            } else if (uncovers(recorded.entry())) {
                wettings.replaceAll(wetting -> wetting.openSince() == null
                        ? new IgnitionLock.Wetting(wetting.use(), wetting.at(), recorded.at())
                        : wetting);
            }
        }
        return wettings;
    }

    private boolean uncovers(Entry entry) {
        return entry instanceof FreeEntry.SolventUncovered || Opening.of(job).liftsOut(entry);
    }

    public Optional<FreeEntry.LeadsNoted> leadsNoted() {
        return state.latest(FreeEntry.LeadsNoted.class);
    }

    /** The colour that was found on a lead of the old pack. */
    public Optional<String> colourNoted(String lead) {
        return leadsNoted().stream()
                .flatMap(noted -> noted.leads().stream())
                .filter(note -> note.lead().equals(lead))
                .map(FreeEntry.LeadNote::colour)
                .findFirst();
    }

    public Optional<LeadOrder.School> leadSchool() {
        return state.latest(FreeEntry.LeadSchoolChosen.class).map(FreeEntry.LeadSchoolChosen::school);
    }

    public Result<LeadOrder> leadOrder(Leads leads) {
        boolean steady = leadSchool()
                .filter(school -> school == LeadOrder.School.UNSOLDER)
                .isPresent();
        return LeadOrder.of(
                new LeadOrder.Case(leads.leads(), leads.hasController(), steady, leads.ownOrder()), job.limits());
    }

    public Set<String> conductorsFreed() {
        return state.all(FreeEntry.ConductorFreed.class)
                .map(FreeEntry.ConductorFreed::lead)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    public Set<String> conductorsCovered() {
        return state.all(FreeEntry.ConductorCovered.class)
                .map(FreeEntry.ConductorCovered::lead)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** The conductor that was cut or lifted and is still bare. */
    public Optional<String> bareConductor() {
        Set<String> covered = conductorsCovered();
        return conductorsFreed().stream()
                .filter(lead -> !covered.contains(lead))
                .findFirst();
    }

    /** The conductor to free next, once the one before is covered. */
    public Optional<String> nextConductor(Leads leads) {
        Set<String> freed = conductorsFreed();
        return leadOrder(leads).result().off().stream()
                .filter(lead -> !freed.contains(lead))
                .findFirst();
    }

    /**
     * Whether its bond and its jacket are gone: prised off a glued bed, whatever it took. Strips that were drawn whole leave
     * it as it was; of a model nobody described the worst is taken.
     */
    public boolean prisedOff() {
        return job.model().anatomy().operations().stream()
                        .filter(operation -> operation.kind() == OperationKind.FREE_PACK)
                        .filter(operation -> Opening.of(job).stepsIn().contains(operation.id()))
                        .anyMatch(this::leavesThePackPrised)
                || state.all(FreeEntry.Prised.class)
                        .filter(tried -> tried.effort() != Effort.NONE)
                        .anyMatch(tried -> tried.way() == Loosening.CARD || isThePacks(tried.bond()));
    }

    private boolean isThePacks(String bond) {
        return job.operation(bond)
                .filter(operation -> operation.kind() == OperationKind.FREE_PACK)
                .isPresent();
    }

    private boolean leavesThePackPrised(Operation operation) {
        if (job.model().leadsOf(operation.id()).isPresent() || isNotGlued(operation.id())) {
            return false;
        }
        return job.model()
                .anatomy()
                .bondOf(operation.id())
                .map(bond -> bond.layers().stack().adhesive() != Adhesive.STRETCH_STRIPS
                        || strips(bond.operation()).stream().anyMatch(strip -> !strip.whole()))
                .orElse(true);
    }
}
