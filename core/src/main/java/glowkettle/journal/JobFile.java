package glowkettle.journal;

import glowkettle.assess.Health;
import glowkettle.assess.Tier;
import glowkettle.assess.TierVerdict;
import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.Kept;
import glowkettle.calibrate.PhaseTimes;
import glowkettle.calibrate.Progress;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.fit.PackComparison;
import glowkettle.fit.PackLabel;
import glowkettle.isolation.Watch;
import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.PackData;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.open.Teardown;
import glowkettle.open.TeardownPlan;
import glowkettle.open.Tray;
import glowkettle.open.WayBack;
import glowkettle.prove.CheckList;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A job with everything the rules make of it, as a pure function of its journal, its model and the limits it is judged by.
 * Sums that only one page needs are made when that page asks.
 */
public final class JobFile {
    private final long number;
    private final JobState state;
    private final DeviceModel model;
    private final boolean byFamily;
    private final ShopLimits limits;
    private final Result<TierVerdict> tier;
    private @Nullable Result<TeardownPlan> plan;
    private @Nullable Result<WayBack.Plan> wayBack;

    public JobFile(long number, JobState state, DeviceModel model, ShopLimits limits) {
        this.number = number;
        this.state = state;
        this.byFamily = model.isFamily();
        this.model = state.latest(Entry.OldPackRead.class)
                .filter(read -> model.isFamily())
                .map(read -> model.with(read.pack()))
                .orElse(model);
        this.limits = limits;
        this.tier = Hazards.judge(state, this.model, limits);
    }

    public long number() {
        return number;
    }

    public JobState state() {
        return state;
    }

    public DeviceModel model() {
        return model;
    }

    public ShopLimits limits() {
        return limits;
    }

    /** The device is in no library: it is worked on by the generic teardown of its family. */
    public boolean isByFamily() {
        return byFamily;
    }

    /** False while the model is a family and nobody has read the pack's label. */
    public boolean packKnown() {
        return !model.isFamily();
    }

    /** Photos that have not been removed, in the order they were taken. */
    public List<Entry.PhotoTaken> photos() {
        Set<String> removed = state.all(Entry.PhotoRemoved.class)
                .map(Entry.PhotoRemoved::photo)
                .collect(Collectors.toSet());
        return state.all(Entry.PhotoTaken.class)
                .filter(photo -> !removed.contains(photo.photo()))
                .toList();
    }

    /** Photos that belong to a step, on the way in and on the way back. */
    public List<Entry.PhotoTaken> photosOf(String step) {
        return photos().stream().filter(photo -> step.equals(photo.step())).toList();
    }

    public Entry.JobOpened opened() {
        return state.opened();
    }

    public Result<TierVerdict> tier() {
        return tier;
    }

    public Tier worstTier() {
        return Hazards.worst(state, model, limits);
    }

    public boolean needsLead() {
        return worstTier().atLeast(Tier.GUARDED);
    }

    /** Isolated or worse, and no lead has taken it on. */
    public boolean halted() {
        Tier now = tier.result().tier();
        return now == Tier.EVACUATE
                || now == Tier.ISOLATE
                        && state.latest(Entry.LeadContinued.class).isEmpty();
    }

    public boolean liftedOut() {
        return Hazards.liftedOut(state, model);
    }

    /** The step that took the pack out of the device. */
    public Optional<Recorded> liftedOutAt() {
        return state.counting().stream()
                .filter(recorded -> recorded.entry() instanceof Entry.StepDone step
                        && step.way() == Entry.Way.IN
                        && Hazards.liftsOut(model, step.step()))
                .findFirst();
    }

    public Optional<Result<Health>> healthBefore() {
        return gauge(Entry.Moment.BEFORE).map(read -> Health.fromGauge(read.reading(), limits));
    }

    public Optional<Result<Health>> healthAfter() {
        return gauge(Entry.Moment.AFTER).map(read -> Health.fromGauge(read.reading(), limits));
    }

    public Optional<Entry.GaugeRead> gauge(Entry.Moment moment) {
        return state.all(Entry.GaugeRead.class)
                .filter(read -> read.moment() == moment)
                .reduce((earlier, later) -> later);
    }

    /** Readings the next step waits for. The voltage drop takes days and concerns the old pack in its container only. */
    public List<String> readingsToTake() {
        return tier.findings().stream()
                .filter(finding -> finding.rule().startsWith("missing-"))
                .filter(finding -> !finding.rule().equals("missing-voltage-drop"))
                .map(Finding::sentence)
                .toList();
    }

    public Result<TeardownPlan> plan() {
        if (plan == null) {
            plan = Teardown.plan(new Teardown.Request(model.operations(), model.targets(), null), limits);
        }
        return plan;
    }

    /** Operations done on the way in, in their order. A loosening is done with its last fastener, without a word more. */
    public List<String> stepsIn() {
        Set<String> done = new LinkedHashSet<>();
        Set<String> loose = new HashSet<>();
        for (Recorded recorded : state.counting()) {
            switch (recorded.entry()) {
                case Entry.StepDone step when step.way() == Entry.Way.IN -> done.add(step.step());
                case Entry.FastenersOut out -> {
                    loose.addAll(out.out());
                    loose.addAll(out.missing());
                    loosened(loose).forEach(done::add);
                }
                default -> {}
            }
        }
        return List.copyOf(done);
    }

    private Stream<String> loosened(Set<String> loose) {
        return model.operations().stream()
                .filter(operation -> operation.kind() == OperationKind.LOOSEN_FASTENERS)
                .map(Operation::id)
                .filter(id -> !model.fastenersOf(id).isEmpty())
                .filter(id -> model.fastenersOf(id).stream().allMatch(fastener -> loose.contains(fastener.id())));
    }

    public List<String> stepsBack() {
        return state.steps(Entry.Way.BACK);
    }

    /** Minutes of the whole work, there and back, tool changes and turns with it; the live penalty is no labour. */
    public BigDecimal labourMinutes() {
        TeardownPlan there = plan().result();
        BigDecimal penalty = there.liveMinutes().multiply(limits.of(Limit.LIVE_WEIGHT));
        BigDecimal back = WayBack.plan(new WayBack.Request(model.operations(), there.order()), limits)
                .result()
                .costMinutes();
        return there.costMinutes().subtract(penalty).add(back);
    }

    /** The first step of the plan that has not been done. */
    public Optional<TeardownPlan.Step> nextStep(TeardownPlan plan) {
        List<String> done = stepsIn();
        return plan.steps().stream()
                .filter(step -> !done.contains(step.operation().id()))
                .findFirst();
    }

    public boolean conditionsConfirmed() {
        return state.latest(Entry.ConditionsConfirmed.class).isPresent();
    }

    public Result<WayBack.Plan> wayBack() {
        if (wayBack == null) {
            wayBack = WayBack.plan(new WayBack.Request(model.operations(), stepsIn()), limits);
        }
        return wayBack;
    }

    public Optional<WayBack.Step> nextStepBack(WayBack.Plan plan) {
        List<String> done = stepsBack();
        return plan.steps().stream().filter(step -> !done.contains(step.id())).findFirst();
    }

    public Set<String> fastenersOut() {
        return state.all(Entry.FastenersOut.class)
                .flatMap(out -> out.out().stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    public Set<String> fastenersMissing() {
        return state.all(Entry.FastenersOut.class)
                .flatMap(out -> out.missing().stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    public List<Tray.Placement> placements() {
        return state.all(Entry.FastenersBack.class)
                .flatMap(back -> back.placements().stream())
                .toList();
    }

    public Result<Tray.State> tray() {
        return Tray.judge(new Tray.Contents(model.fasteners(), List.copyOf(fastenersOut()), placements()), limits);
    }

    public Optional<Result<PackComparison.Comparison>> comparison() {
        return state.latest(Entry.PackOffered.class)
                .filter(offered -> packKnown())
                .map(offered -> compare(offered.label()));
    }

    Result<PackComparison.Comparison> compare(PackLabel offered) {
        return PackComparison.compare(new PackComparison.Request(model.pack(), offered), limits);
    }

    public boolean packChosen() {
        return state.latest(Entry.PackChosen.class).isPresent();
    }

    public Optional<Entry.PackStored> stored() {
        return state.latest(Entry.PackStored.class);
    }

    public Optional<Entry.PackReleased> released() {
        return state.latest(Entry.PackReleased.class);
    }

    /** When the stored pack is looked at next; empty while none is in the store. */
    public Optional<Result<Watch.Due>> watch(OpeningHours hours) {
        return released().isPresent()
                ? Optional.empty()
                : StoredPack.of(state, tier.result().tier(), limits).map(stored -> Watch.next(stored, hours, limits));
    }

    public List<CheckList.Check> checks() {
        return CheckList.of(model, Set.copyOf(stepsIn()));
    }

    public Map<String, Entry.Checked> checked() {
        Map<String, Entry.Checked> checked = new HashMap<>();
        state.all(Entry.Checked.class).forEach(check -> checked.put(check.check(), check));
        return checked;
    }

    public Progress cycle() {
        return soakLog().progress();
    }

    SoakLog soakLog() {
        return SoakLog.of(state);
    }

    public Result<Kept.Verdict> cycleVerdict() {
        SoakLog log = soakLog();
        Result<Kept.Verdict> kept = Kept.judge(log.progress(), log.mishaps(), limits);
        if (!log.shutDownReckoned()) {
            return kept;
        }
        List<Finding> findings = new ArrayList<>(kept.findings());
        findings.add(Finding.note(
                "calibrate-shut-down-reckoned",
                "Nobody saw it shut down; the time is reckoned from the length of the run-down."));
        return new Result<>(kept.result(), findings, kept.working());
    }

    public boolean cycleLeftOut() {
        return state.latest(Entry.CycleLeftOut.class).isPresent();
    }

    public PhaseTimes phaseTimes() {
        return phaseTimes(state.latest(Entry.PackOffered.class)
                .map(offered -> offered.label().capacityMah())
                .orElse(model.pack().capacityMah()));
    }

    PhaseTimes phaseTimes(BigDecimal capacityMah) {
        PackData pack = model.pack();
        BigDecimal capacityAh = capacityMah.movePointLeft(3);
        return PhaseTimes.of(
                new PhaseTimes.ChargeRequest(
                        capacityAh,
                        pack.resistanceOhm(),
                        pack.series(),
                        pack.chargeLimitV(),
                        pack.chargeA(),
                        chargeLeftPercent()),
                new PhaseTimes.RunDownRequest(
                        capacityAh,
                        pack.resistanceOhm(),
                        pack.series(),
                        pack.chargeLimitV(),
                        pack.lightUseW(),
                        pack.cutOffV(),
                        BigDecimal.valueOf(100),
                        pack.shutDownPercent()),
                limits);
    }

    /** A new pack comes part charged; how far nobody has measured, so the longest charge is planned for. */
    private static BigDecimal chargeLeftPercent() {
        return BigDecimal.ZERO;
    }

    public Result<ClockPlan.Outcome> clockPlan(Instant now, OpeningHours hours, @Nullable Instant startAt) {
        Progress happened = cycle();
        Progress progress =
                startAt != null && happened.chargeStarted() == null ? Progress.startingAt(startAt) : happened;
        return ClockPlan.plan(new ClockPlan.Request(now, state.promise(), phaseTimes(), hours, progress), limits);
    }

    /** Runtime at light use, in hours, from a capacity: what the owner will notice. */
    public BigDecimal expectedHours(BigDecimal capacityMah) {
        return model.pack()
                .nominalV()
                .multiply(capacityMah)
                .movePointLeft(3)
                .divide(model.pack().lightUseW(), new MathContext(3));
    }

    public boolean signedBy(Role role) {
        return state.all(Entry.SignedOff.class).anyMatch(signed -> signed.as() == role);
    }

    /** Signed by everybody who must: a closed job takes addenda only. */
    public boolean closed() {
        boolean technician = state.latest(Entry.SignedOff.class).isPresent();
        return technician && (!needsLead() || signedBy(Role.LEAD));
    }

    public Optional<Operation> operation(String id) {
        return model.operation(id);
    }

    public NextThing next() {
        return NextThing.of(this);
    }
}
