package glowkettle.job;

import glowkettle.assess.Tier;
import glowkettle.assess.TierVerdict;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import glowkettle.library.OwnCurve;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A job with everything the rules make of it, as a pure function of its journal, its model and the limits it is judged by.
 * Sums that only one page needs are made when that page asks.
 */
public final class JobFile {
    private static final Sum<Tellings> TOLD = new Sum<>();
    private static final Sum<Tiers> TIERS = new Sum<>();
    private static final Sum<Hazards> GATHERED = new Sum<>();
    private static final Sum<Activity> ACTIVITY = new Sum<>();
    private static final Sum<Optional<Result<TierVerdict>>> UNPACKED = new Sum<>();
    private static final Sum<Boolean> CLOSED = new Sum<>();
    private static final Sum<NextThing> NEXT = new Sum<>();

    private final long number;
    private final Chapters chapters;
    private final JobState state;
    private final DeviceModel model;
    private final DeviceModel asDescribed;
    private final ShopLimits version;
    private final ShopLimits limits;
    private final Instant now;
    private final boolean tiersAside;
    private final Map<Sum<?>, Object> known;

    /**
     * @param now the moment it is looked at: heat that is still on gets hotter without an entry
     */
    public JobFile(long number, Chapters chapters, JobState state, DeviceModel model, ShopLimits limits, Instant now) {
        this(
                number,
                chapters,
                state,
                model,
                chapters.known(state, model),
                limits,
                now,
                false,
                new ConcurrentHashMap<>());
    }

    private JobFile(
            long number,
            Chapters chapters,
            JobState state,
            DeviceModel asDescribed,
            DeviceModel model,
            ShopLimits version,
            Instant now,
            boolean tiersAside,
            Map<Sum<?>, Object> known) {
        this.number = number;
        this.chapters = chapters;
        this.state = state;
        this.asDescribed = asDescribed;
        this.model = model;
        this.version = version;
        this.limits =
                OwnCurve.judging(model.voltageCurve(), model.pack().ratings().chargeLimitV(), version);
        this.now = now;
        this.tiersAside = tiersAside;
        this.known = known;
    }

    /**
     * The same job at a later moment. Only what goes on by itself tells something new without an entry: where nothing does,
     * whatever was reckoned holds.
     */
    public JobFile later(Instant moment) {
        return new JobFile(
                number,
                chapters,
                state,
                asDescribed,
                model,
                version,
                moment,
                false,
                chapters.runsOn(state) ? new ConcurrentHashMap<>() : known);
    }

    /** A sum of this job as it stands, made once. Two that ask at the same moment may both make it. */
    @SuppressWarnings("unchecked")
    public <T> T once(Sum<T> sum, Function<JobFile, T> reckon) {
        Object made = known.get(sum);
        if (made == null) {
            made = reckon.apply(this);
            known.put(sum, made);
        }
        return (T) made;
    }

    /** It is this model, and these limits, that the job was reckoned by. */
    public boolean isBy(DeviceModel library, ShopLimits judgedBy) {
        return asDescribed == library && version == judgedBy;
    }

    /** The same job as if every pack of it were sound: what its entries stand on, apart from what they tell. */
    JobFile withTiersAside() {
        return new JobFile(number, chapters, state, asDescribed, model, version, now, true, new ConcurrentHashMap<>());
    }

    private Tiers tiers() {
        return once(TIERS, job -> tiersAside ? Tiers.ASIDE : Tiers.of(told(), model, limits, chapters.overheats(job)));
    }

    private Tellings told() {
        return once(TOLD, job -> Tellings.of(chapters, state, model, limits));
    }

    private Hazards gathered() {
        return once(GATHERED, job -> Hazards.all(told(), model, limits));
    }

    /** Whether one entry more leaves every pack as it was: it tells of none, and the model and the limits stay. */
    boolean isToldNothingNew(Entry entry, JobFile then) {
        return chapters.tells(entry, model, limits).isEmpty() && limits.equals(then.limits) && model.equals(then.model);
    }

    /** What isolates, or was ever worse, is left out of account. */
    public boolean tiersAside() {
        return tiersAside;
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
        return asDescribed.isFamily();
    }

    /** False while the model is a family and nobody has read the pack's label. */
    public boolean packKnown() {
        return !model.isFamily();
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
        return told().oldPackIsAway();
    }

    /** The job as it would be at another state, such as without an entry. */
    public JobFile at(JobState other) {
        return at(other, now);
    }

    /** The job as it was at another state and moment, by the limits and the model of today. */
    public JobFile at(JobState other, Instant moment) {
        return new JobFile(number, chapters, other, asDescribed, version, moment);
    }

    /** The job as it was at another state and moment, of a device as it is known now. */
    public JobFile asKnownNow(JobState other, Instant moment) {
        return new JobFile(
                number, chapters, other, asDescribed, model, version, moment, false, new ConcurrentHashMap<>());
    }

    public Instant now() {
        return now;
    }

    @Nullable
    public BigDecimal lastAmbientC() {
        return gathered().lastAmbientC();
    }

    public Tier worstTier() {
        return tiers().worst();
    }

    /** A pack was ever Guarded or worse, or still is for want of a reading: a lead signs, too. */
    public boolean needsLead() {
        return worstTier().atLeast(Tier.GUARDED) || tiers().wanting();
    }

    public boolean liftedOut() {
        return told().liftedOut();
    }

    /** The label of a pack was read that may go in. */
    public boolean isOffered() {
        return told().offered();
    }

    /** The old pack is off its connector. */
    public boolean isDisconnected() {
        return told().disconnected();
    }

    /** The way back has begun. */
    public boolean isClosingUp() {
        return told().closingUp();
    }

    /** The old pack is in a container, or the whole device is. */
    public boolean isPutAway() {
        return told().putAway();
    }

    /** What was said last is that the old pack goes in again, whether that still holds or not. */
    public boolean oldPackReturns() {
        return told().oldPackReturns();
    }

    /** When heat and current were on in the pack at the device. */
    public Activity activity() {
        return once(ACTIVITY, job -> Activity.of(told(), told().atHand()));
    }

    /** The model as the library has it, without what was found in this device. */
    public DeviceModel asDescribed() {
        return asDescribed;
    }

    /** The new pack as it came out of its box. */
    public Optional<Result<TierVerdict>> unpacked() {
        return once(UNPACKED, job -> {
            Optional<Result<TierVerdict>> judged = gathered().unpacked();
            return tiersAside ? judged.map(ignored -> Tiers.SOUND) : judged;
        });
    }

    /** Signed by everybody who must, a lead being another person: a closed job takes addenda only. */
    public boolean closed() {
        return once(CLOSED, chapters::closes);
    }

    public Optional<Operation> operation(String id) {
        return model.anatomy().operation(id);
    }

    public NextThing next() {
        return once(NEXT, NextThing::of);
    }
}
