package glowkettle.job;

import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.HazardTier;
import glowkettle.assess.Health;
import glowkettle.assess.Tier;
import glowkettle.assess.TierVerdict;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Weight;
import glowkettle.fit.PackComparison;
import glowkettle.fit.PackLabel;
import glowkettle.heat.Refit;
import glowkettle.isolation.Watch;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.ReadingAdmission;
import glowkettle.job.calibrate.SoakCycle;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.fit.PackPromise;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Freeing;
import glowkettle.job.free.Heatings;
import glowkettle.job.free.Overrun;
import glowkettle.job.handback.Signatures;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.isolation.StoredPack;
import glowkettle.job.open.FastenerLog;
import glowkettle.job.open.LearntMinutes;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.prove.ProveEntry;
import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.open.HandOrder;
import glowkettle.open.Teardown;
import glowkettle.open.TeardownPlan;
import glowkettle.open.WayBack;
import glowkettle.prove.CheckList;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
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
    private final Chapters chapters;
    private final JobState state;
    private final DeviceModel model;
    private final DeviceModel asDescribed;
    private final DeviceModel asDescribedByLibrary;
    private final boolean byFamily;
    private final ShopLimits limits;
    private final Instant now;
    private final boolean tiersAside;
    private volatile @Nullable List<Overrun> overruns;
    private volatile @Nullable Tiers tiers;
    private volatile @Nullable Hazards gathered;
    private volatile @Nullable Optional<Result<TierVerdict>> unpacked;
    private volatile @Nullable Optional<Result<PackComparison.Comparison>> comparison;
    private volatile @Nullable Boolean closed;
    private volatile @Nullable Result<TeardownPlan> plan;
    private volatile @Nullable Result<WayBack.Plan> wayBack;
    private volatile @Nullable Map<String, Instant> stepsInAt;
    private volatile @Nullable NextThing next;

    /**
     * @param now the moment it is looked at: heat that is still on gets hotter without an entry
     */
    public JobFile(long number, Chapters chapters, JobState state, DeviceModel model, ShopLimits limits, Instant now) {
        this(number, chapters, state, model, limits, now, false);
    }

    private JobFile(
            long number,
            Chapters chapters,
            JobState state,
            DeviceModel model,
            ShopLimits limits,
            Instant now,
            boolean tiersAside) {
        this.number = number;
        this.chapters = chapters;
        this.state = state;
        this.byFamily = model.isFamily();
        this.asDescribedByLibrary = model;
        DeviceModel known = state.latest(FitEntry.OldPackRead.class)
                .filter(read -> model.isFamily())
                .map(read -> model.with(read.pack()))
                .orElse(model);
        this.asDescribed = known;
        this.model = known.with(LearntMinutes.of(state), FastenerLog.found(state));
        this.limits = limits;
        this.now = now;
        this.tiersAside = tiersAside;
    }

    /**
     * The same job at a later moment. Only heat tells something new without an entry: where none was ever on, whatever was
     * reckoned holds.
     */
    public JobFile later(Instant moment) {
        JobFile later = new JobFile(number, chapters, state, asDescribedByLibrary, limits, moment);
        if (Heatings.every(state).isEmpty()) {
            later.overruns = overruns;
            later.tiers = tiers;
            later.unpacked = unpacked;
            later.comparison = comparison;
            later.closed = closed;
            later.plan = plan;
            later.wayBack = wayBack;
            later.stepsInAt = stepsInAt;
            later.next = next;
        }
        return later;
    }

    /** It is this model, and these limits, that the job was reckoned by. */
    public boolean isBy(DeviceModel library, ShopLimits version) {
        return asDescribedByLibrary == library && limits == version;
    }

    /** The same job as if every pack of it were sound: what its entries stand on, apart from what they tell. */
    JobFile withTiersAside() {
        return new JobFile(number, chapters, state, asDescribedByLibrary, limits, now, true);
    }

    private Tiers tiers() {
        if (tiers == null) {
            tiers = tiersAside ? Tiers.ASIDE : Tiers.of(chapters, state, model, limits, overruns());
        }
        return tiers;
    }

    private Hazards gathered() {
        if (gathered == null) {
            gathered = Hazards.all(chapters, state, model, limits);
        }
        return gathered;
    }

    public long number() {
        return number;
    }

    /** What every kind of entry is, and what its stage makes of it. */
    public Chapters chapters() {
        return chapters;
    }

    /** What can be taken back: the newest entry that counts, never the opening of the job, and nothing past a point of no return. */
    public Optional<Recorded> lastTakeable() {
        return state.counting().reversed().stream()
                .takeWhile(recorded -> !chapters.firmness(recorded.entry()).isForGood())
                .filter(recorded -> chapters.firmness(recorded.entry()).isTakeable())
                .findFirst();
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
    public List<ArriveEntry.PhotoTaken> photos() {
        Set<String> removed = state.all(ArriveEntry.PhotoRemoved.class)
                .map(ArriveEntry.PhotoRemoved::photo)
                .collect(Collectors.toSet());
        return state.all(ArriveEntry.PhotoTaken.class)
                .filter(photo -> !removed.contains(photo.photo()))
                .toList();
    }

    /** Photos that belong to a step, on the way in and on the way back. */
    public List<ArriveEntry.PhotoTaken> photosOf(String step) {
        return photos().stream().filter(photo -> step.equals(photo.step())).toList();
    }

    public ArriveEntry.JobOpened opened() {
        return state.opened();
    }

    public Result<TierVerdict> tier() {
        return tiers().job();
    }

    /** What isolates a pack by an earlier reading alone, and stands until a lead lowers it. */
    public List<Finding> held() {
        return tiers().held();
    }

    /** The tier of the pack that was in the device when it came, wherever it is now. */
    public Result<TierVerdict> oldPackTier() {
        return tiers().old();
    }

    /** The tier of the pack that goes in, once somebody has looked at it. */
    public Optional<Result<TierVerdict>> newPackTier() {
        return tiers().fresh();
    }

    /** The old pack lies alone in a container: its tier and its watch went along. */
    public boolean oldPackIsAway() {
        return Hazards.oldPackIsAway(state, model);
    }

    /** The job as it would be at another state, such as without an entry. */
    public JobFile at(JobState other) {
        return new JobFile(number, chapters, other, asDescribedByLibrary, limits, now);
    }

    public Instant now() {
        return now;
    }

    public Activity activity() {
        return new Activity(state, model, limits);
    }

    /** Heat or current that was on within the length of a rest, in words; empty where none is known. */
    public Optional<String> disturbedBy() {
        return ReadingAdmission.disturbedBy(this, Warmth.NONE, now);
    }

    @Nullable
    public BigDecimal lastAmbientC() {
        return gathered().lastAmbientC();
    }

    /** Heat that stayed on past its latest lift-off. */
    public List<Overrun> overruns() {
        if (overruns == null) {
            overruns = tiersAside ? List.of() : Overrun.of(state, model, limits, now);
        }
        return overruns;
    }

    /** The warmest the old pack's cells got by the curve or a reading, where heat stayed on too long or they were read. */
    public Optional<BigDecimal> cellPeakC() {
        return Stream.concat(
                        overruns().stream().map(Overrun::peakC),
                        state.all(FreeEntry.HeatRead.class)
                                .filter(read -> read.spot() == Refit.Spot.CELL)
                                .map(FreeEntry.HeatRead::temperatureC))
                .max(java.util.Comparator.naturalOrder());
    }

    /** Its cells were hotter than any cell may be: it is not fitted again, and watched like a Guarded one. */
    public boolean cellsWereTooHot() {
        return cellPeakC()
                .filter(peak -> peak.compareTo(limits.of(Limit.SURFACE_EVACUATE_C)) >= 0)
                .isPresent();
    }

    public Tier worstTier() {
        return tiers().worst();
    }

    public boolean needsLead() {
        return worstTier().atLeast(Tier.GUARDED);
    }

    /** Isolated or worse, and no lead has taken it on as it is now: what came after a lead's word was not in it. */
    public boolean halted() {
        Tier now = tier().result().tier();
        return now == Tier.EVACUATE || now == Tier.ISOLATE && !takenOn();
    }

    private boolean takenOn() {
        List<Recorded> counting = state.counting();
        for (int i = counting.size() - 1; i >= 0; i--) {
            if (counting.get(i).entry() instanceof AssessEntry.LeadContinued) {
                Instant at = counting.get(i).at();
                JobState then = state.before(i);
                Result<TierVerdict> known = Tiers.of(chapters, then, model, limits, Overrun.of(then, model, limits, at))
                        .job();
                return isolating(known).containsAll(isolating(tier()));
            }
        }
        return false;
    }

    private static Set<String> isolating(Result<TierVerdict> verdict) {
        return verdict.findings().stream()
                .filter(finding -> finding.weight().compareTo(Weight.STOP) >= 0)
                .map(Finding::rule)
                .collect(Collectors.toSet());
    }

    /** An isolated pack is taken out of its device, cold, on a lead's word. */
    public boolean isColdRemoval() {
        return tier().result().tier() == Tier.ISOLATE && !halted() && !liftedOut();
    }

    /** What has to be confirmed next before a cold removal goes on; empty when everything is, or none is under way. */
    public Optional<AssessEntry.ColdStep> coldRemovalNext() {
        if (!isColdRemoval()) {
            return Optional.empty();
        }
        long since = state.latestRecorded(AssessEntry.LeadContinued.class)
                .map(Recorded::seq)
                .orElse(0L);
        Set<AssessEntry.ColdStep> confirmed = state.counting().stream()
                .filter(recorded -> recorded.seq() > since)
                .filter(recorded -> recorded.entry() instanceof AssessEntry.ColdRemovalConfirmed)
                .map(recorded -> ((AssessEntry.ColdRemovalConfirmed) recorded.entry()).step())
                .collect(Collectors.toSet());
        return Stream.of(AssessEntry.ColdStep.values())
                .filter(step -> !confirmed.contains(step))
                .findFirst();
    }

    public boolean liftedOut() {
        return Hazards.liftedOut(state, model);
    }

    /** The step that took the pack out of the device. */
    public Optional<Recorded> liftedOutAt() {
        return state.counting().stream()
                .filter(recorded -> recorded.entry() instanceof OpenEntry.StepDone step
                        && step.way() == OpenEntry.Way.IN
                        && Hazards.liftsOut(model, step.step()))
                .findFirst();
    }

    public Optional<Result<Health>> healthBefore() {
        return gauge(Moment.BEFORE).map(read -> Health.fromGauge(read.reading(), limits));
    }

    public Optional<Result<Health>> healthAfter() {
        return gauge(Moment.AFTER).map(read -> Health.fromGauge(read.reading(), limits));
    }

    /** A new pack whose gauge says less than a new one should; empty while nobody has read it, or it is as it should be. */
    public Optional<Finding> notFuller() {
        return healthAfter()
                .map(health -> health.result().sohPercent())
                .filter(soh -> soh.compareTo(limits.of(Limit.FULLER_PERCENT)) < 0)
                .map(
                        soh -> limits.finding(
                                "new-pack-not-full",
                                Weight.CARE,
                                soh,
                                Limit.FULLER_PERCENT,
                                "The new pack's gauge says less than a new one holds: calibrate it, then read it again; else the label is not kept."));
    }

    public Optional<AssessEntry.GaugeRead> gauge(Moment moment) {
        return state.all(AssessEntry.GaugeRead.class)
                .filter(read -> read.moment() == moment)
                .reduce((earlier, later) -> later);
    }

    /** Readings the next step waits for. The voltage drop takes days and concerns the old pack in its container only. */
    public List<String> readingsToTake() {
        return toTake(tier()).toList();
    }

    public static Stream<String> toTake(Result<TierVerdict> verdict) {
        return verdict.findings().stream()
                .filter(HazardTier::isMissing)
                .filter(finding -> !finding.rule().equals("missing-voltage-drop"))
                .map(Finding::sentence);
    }

    public Result<TeardownPlan> plan() {
        if (plan == null) {
            plan = handOrder().orElseGet(() -> Teardown.plan(teardown(), limits));
        }
        return plan;
    }

    private Teardown.Request teardown() {
        return new Teardown.Request(model.operations(), targets(), null);
    }

    /** What the device is opened for. */
    public List<String> targets() {
        return state.latest(OpenEntry.TargetsChosen.class)
                .map(OpenEntry.TargetsChosen::targets)
                .orElse(model.targets());
    }

    private Optional<Result<TeardownPlan>> handOrder() {
        return laidDown().map(reordered -> {
            Result<HandOrder> order = HandOrder.of(new HandOrder.Request(teardown(), reordered.order()), limits);
            return new Result<>(order.result().plan(), order.findings(), order.working());
        });
    }

    /** An order laid down by hand, while it still fits what is to be reached. */
    private Optional<OpenEntry.Reordered> laidDown() {
        Entry last = null;
        for (Recorded recorded : state.counting()) {
            if (recorded.entry() instanceof OpenEntry.Reordered
                    || recorded.entry() instanceof OpenEntry.OrderDropped
                    || recorded.entry() instanceof OpenEntry.TargetsChosen) {
                last = recorded.entry();
            }
        }
        return last instanceof OpenEntry.Reordered reordered ? Optional.of(reordered) : Optional.empty();
    }

    public boolean isByHand() {
        return laidDown().isPresent();
    }

    /** Operations done on the way in, in their order. A loosening is done with its last fastener, without a word more. */
    public List<String> stepsIn() {
        return List.copyOf(stepsInAt().keySet());
    }

    /** When each was done. */
    public Map<String, Instant> stepsInAt() {
        if (stepsInAt == null) {
            stepsInAt = Collections.unmodifiableMap(stepsInDone());
        }
        return stepsInAt;
    }

    private Map<String, Instant> stepsInDone() {
        Map<String, Instant> done = new LinkedHashMap<>();
        Set<String> loose = new HashSet<>();
        for (Recorded recorded : state.counting()) {
            switch (recorded.entry()) {
                case OpenEntry.StepDone step
                when step.way() == OpenEntry.Way.IN -> done.putIfAbsent(step.step(), recorded.at());
                case OpenEntry.FastenersOut out -> {
                    loose.addAll(out.out());
                    loose.addAll(out.missing());
                    loosened(loose).forEach(step -> done.putIfAbsent(step, recorded.at()));
                }
                default -> {}
            }
        }
        return done;
    }

    private Stream<String> loosened(Set<String> loose) {
        return model.operations().stream()
                .filter(operation -> operation.kind() == OperationKind.LOOSEN_FASTENERS)
                .map(Operation::id)
                .filter(id -> !model.fastenersOf(id).isEmpty())
                .filter(id -> model.fastenersOf(id).stream().allMatch(fastener -> loose.contains(fastener.id())));
    }

    /** The old pack is off its connector. */
    public boolean disconnected() {
        return stepsIn().stream()
                .anyMatch(step -> operation(step)
                        .filter(operation -> operation.kind().disconnects())
                        .isPresent());
    }

    public List<String> stepsBack() {
        return state.steps(OpenEntry.Way.BACK);
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
        return state.latest(OpenEntry.ConditionsConfirmed.class).isPresent();
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

    public Optional<Result<PackComparison.Comparison>> comparison() {
        if (comparison == null) {
            comparison = state.latest(FitEntry.PackOffered.class)
                    .filter(offered -> packKnown())
                    .map(offered -> compare(offered.label()));
        }
        return comparison;
    }

    public Result<PackComparison.Comparison> compare(PackLabel offered) {
        return PackComparison.compare(new PackComparison.Request(model.pack(), offered, model.leads() != null), limits);
    }

    /** Somebody said which pack goes in, and that still holds. */
    public boolean packChosen() {
        return new PackPromise(this).isOfANewPack() || keepsPack();
    }

    /** Why what was said of the pack that goes in does not hold any more. */
    public Optional<String> promiseFallen() {
        return new PackPromise(this).fallen().map(Admission.Refusal::reason);
    }

    /** The old pack stays in the device, or goes in again: something else was reached. */
    public boolean keepsPack() {
        return new PackPromise(this).keepsTheOldPack() || packStaysIn();
    }

    private boolean packStaysIn() {
        return !liftedOut()
                && (isDeclined()
                        || plan().result().steps().stream()
                                .noneMatch(step ->
                                        Hazards.liftsOut(model, step.operation().id())));
    }

    /** The new pack as it came out of its box. */
    public Optional<Result<TierVerdict>> unpacked() {
        if (unpacked == null) {
            Optional<Result<TierVerdict>> judged = gathered().unpacked();
            unpacked = tiersAside ? judged.map(ignored -> Tiers.SOUND) : judged;
        }
        return unpacked;
    }

    /** The owner said no to the newest quote: nothing more is opened. */
    public boolean isDeclined() {
        return state.counting().stream()
                .map(Recorded::entry)
                .filter(entry -> entry instanceof ArriveEntry.Quoted || entry instanceof ArriveEntry.QuoteAnswered)
                .reduce((earlier, later) -> later)
                .filter(newest -> newest instanceof ArriveEntry.QuoteAnswered answered && !answered.accepted())
                .isPresent();
    }

    public Optional<IsolationEntry.PackStored> stored() {
        return state.latest(IsolationEntry.PackStored.class);
    }

    public Optional<IsolationEntry.PackReleased> released() {
        return state.latest(IsolationEntry.PackReleased.class);
    }

    /** When the stored pack is looked at next; empty while none is in the store. */
    public Optional<Result<Watch.Due>> watch(OpeningHours hours) {
        return released().isPresent()
                ? Optional.empty()
                : StoredPack.of(state, watchedTier(), limits).map(stored -> Watch.next(stored, hours, limits));
    }

    private Tier watchedTier() {
        Tier old = oldPackTier().result().tier();
        return cellsWereTooHot() ? Tier.worse(old, Tier.GUARDED) : old;
    }

    public List<CheckList.Check> checks() {
        return CheckList.of(model, Set.copyOf(stepsIn()));
    }

    public Map<String, ProveEntry.Checked> checked() {
        Map<String, ProveEntry.Checked> checked = new HashMap<>();
        state.all(ProveEntry.Checked.class).forEach(check -> checked.put(check.check(), check));
        return checked;
    }

    /** What the old pack's label has otherwise than the ordered pack; empty while nobody found a difference. */
    public Optional<String> labelDiffers() {
        return state.latest(OpenEntry.LabelSeen.class)
                .filter(seen -> !seen.asOrdered())
                .map(seen -> String.valueOf(seen.difference()));
    }

    public boolean labelSeen() {
        return state.latest(OpenEntry.LabelSeen.class).isPresent();
    }

    /** The calibration of the new pack. */
    public SoakCycle soak() {
        return new SoakCycle(this);
    }

    /** Fasteners that came out and went back. */
    public FastenerLog fasteners() {
        return new FastenerLog(state, model, asDescribed, limits);
    }

    /** What holds the pack, and how it is freed. */
    public Freeing freeing() {
        return new Freeing(this);
    }

    public Signatures signatures() {
        return new Signatures(this);
    }

    public boolean signedBy(Role role) {
        return signatures().by(role);
    }

    /** Signed by everybody who must, a lead being another person: a closed job takes addenda only. */
    public boolean closed() {
        if (closed == null) {
            closed = signatures().close();
        }
        return closed;
    }

    /** A check that failed and stands so. */
    public Optional<String> failedCheck() {
        return signatures().failedCheck();
    }

    /** What a lead says to the owner of a check that failed. */
    public Optional<String> failureForTheOwner() {
        return signatures().forTheOwner();
    }

    public boolean failuresTakenOn() {
        return failureForTheOwner().isPresent();
    }

    /** A reading that cannot be true as it stands. */
    public Optional<String> askedAgain() {
        return tier().findings().stream()
                .filter(HazardTier::isMissing)
                .map(Finding::sentence)
                .filter(sentence -> sentence.contains(" again"))
                .findFirst();
    }

    public Optional<Operation> operation(String id) {
        return model.operation(id);
    }

    public NextThing next() {
        if (next == null) {
            next = NextThing.of(this);
        }
        return next;
    }
}
