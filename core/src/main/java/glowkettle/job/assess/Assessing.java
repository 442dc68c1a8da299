package glowkettle.job.assess;

import glowkettle.assess.GaugeReading;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.Health;
import glowkettle.assess.MissingReading;
import glowkettle.assess.Tier;
import glowkettle.assess.TierVerdict;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.RuleId;
import glowkettle.finding.Weight;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Moment;
import glowkettle.job.Recorded;
import glowkettle.job.Told;
import glowkettle.job.arrive.Arriving;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How the pack that came was read, and what a lead has decided of it. */
public final class Assessing {
    private final JobFile job;
    private final JobState state;

    private Assessing(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Assessing of(JobFile job) {
        return new Assessing(job);
    }

    /** Isolated or worse, and no lead has taken it on as it is now: what came after a lead's word was not in it. */
    public boolean halted() {
        Tier now = job.tier().result().tier();
        return now == Tier.EVACUATE || now == Tier.ISOLATE && (!takenOn() || stoppedCold());
    }

    /**
     * An isolated pack that lies in nothing: in a hand it goes into a container before anything else is read of it, whoever
     * took it out; in its device, unless a lead goes on with it.
     */
    public boolean wantsAContainer() {
        boolean here = job.liftedOut() ? !job.oldPackIsAway() : halted() && !job.isPutAway();
        return job.tier().result().tier() == Tier.ISOLATE
                && here
                && (!job.liftedOut() || job.oldPackTier().result().tier() == Tier.ISOLATE);
    }

    /** How often a lead went on with it. */
    public long timesTakenOn() {
        return state.all(AssessEntry.LeadContinued.class).count();
    }

    private boolean takenOn() {
        List<Recorded> counting = state.counting();
        for (int i = counting.size() - 1; i >= 0; i--) {
            if (counting.get(i).entry() instanceof AssessEntry.LeadContinued) {
                Result<TierVerdict> known =
                        job.asKnownNow(state.before(i), counting.get(i).at()).tier();
                return isolating(known).containsAll(isolating(job.tier()));
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
        return job.tier().result().tier() == Tier.ISOLATE && !halted() && !job.liftedOut();
    }

    /** Somebody looked at the pack and smelt, whatever was found. */
    public boolean isLookedAt() {
        return state.latest(AssessEntry.Looked.class).isPresent();
    }

    /** The charge limit per cell that somebody read off the label of the old pack. */
    public Optional<BigDecimal> labelledChargeLimitV() {
        return state.latest(AssessEntry.VoltageTaken.class)
                .map(taken -> taken.voltage().chargeLimitV());
    }

    /** Its nominal thickness, as somebody read it off the label or the size code. */
    public Optional<BigDecimal> labelledThicknessMm() {
        return state.latest(AssessEntry.ThicknessTaken.class)
                .map(taken -> taken.thickness().nominalThicknessMm());
    }

    /**
     * What has to be confirmed next before a cold removal goes on; empty when everything is, or none is under way. What was
     * confirmed stays when a reading follows, until the pack was put away or the room was cleared.
     */
    public Optional<AssessEntry.ColdStep> coldRemovalNext() {
        if (!isColdRemoval()) {
            return Optional.empty();
        }
        Set<AssessEntry.ColdStep> confirmed =
                coldConfirmations().map(AssessEntry.ColdRemovalConfirmed::step).collect(Collectors.toSet());
        return Stream.of(AssessEntry.ColdStep.values())
                .filter(step -> !confirmed.contains(step))
                .findFirst();
    }

    private Stream<AssessEntry.ColdRemovalConfirmed> coldConfirmations() {
        long since = state.counting().stream()
                .filter(recorded -> recorded.entry() instanceof AssessEntry.Evacuated
                        || job.chapters()
                                .tells(recorded.entry(), job.model(), job.limits())
                                .filter(Told.PutAway.class::isInstance)
                                .isPresent())
                .mapToLong(Recorded::seq)
                .max()
                .orElse(0);
        return state.counting().stream()
                .filter(recorded -> recorded.seq() > since)
                .map(Recorded::entry)
                .filter(AssessEntry.ColdRemovalConfirmed.class::isInstance)
                .map(AssessEntry.ColdRemovalConfirmed.class::cast);
    }

    /** Who was named at another step of the cold removal. */
    Optional<String> namedAt(AssessEntry.ColdStep step) {
        return coldConfirmations()
                .filter(confirmed -> confirmed.step() == step)
                .flatMap(confirmed -> Stream.ofNullable(confirmed.name()))
                .reduce((earlier, later) -> later);
    }

    /** Resistance, smell or warmth at a step stops a cold removal until a lead goes on with it anew. */
    private boolean stoppedCold() {
        return !job.liftedOut()
                && state.counting().stream()
                        .map(Recorded::entry)
                        .filter(entry -> entry instanceof AssessEntry.LeadContinued
                                || entry instanceof AssessEntry.ColdStepLooked)
                        .reduce((earlier, later) -> later)
                        .filter(last -> last instanceof AssessEntry.ColdStepLooked looked && looked.stops())
                        .isPresent();
    }

    /** Between two steps of a cold removal somebody looks, smells and feels; empty where nobody has to now. */
    public boolean owesAColdLook() {
        if (!isColdRemoval() || coldRemovalNext().isPresent()) {
            return false;
        }
        for (Recorded recorded : state.counting().reversed()) {
            if (recorded.entry() instanceof AssessEntry.ColdStepLooked) {
                return false;
            }
            if (job.chapters().isAStepIn(recorded.entry())) {
                return true;
            }
        }
        return false;
    }

    public Optional<AssessEntry.GaugeRead> gauge(Moment moment) {
        return state.all(AssessEntry.GaugeRead.class)
                .filter(read -> read.moment() == moment)
                .reduce((earlier, later) -> later);
    }

    /** What the gauge of a pack said when it was read last. */
    public Optional<GaugeReading> gaugeReading(Moment moment) {
        return gauge(moment).map(AssessEntry.GaugeRead::reading);
    }

    public Optional<Result<Health>> healthBefore() {
        return gauge(Moment.BEFORE).map(read -> Health.fromGauge(read.reading(), job.limits()));
    }

    public Optional<Result<Health>> healthAfter() {
        return gauge(Moment.AFTER).map(read -> Health.fromGauge(read.reading(), job.limits()));
    }

    /** A new pack whose gauge says less than a new one should; empty while nobody has read it, or it is as it should be. */
    public Optional<Finding> notFuller() {
        return healthAfter()
                .map(health -> health.result().sohPercent())
                .filter(soh -> soh.compareTo(job.limits().of(Limit.FULLER_PERCENT)) < 0)
                .map(
                        soh -> job.limits()
                                .finding(
                                        "new-pack-not-full",
                                        Weight.CARE,
                                        soh,
                                        Limit.FULLER_PERCENT,
                                        "The new pack's gauge says less than a new one holds: calibrate it, then read it again; else the label is not kept."));
    }

    /** Readings the next step waits for. The voltage drop takes days and concerns the old pack in its container only. */
    public List<String> readingsToTake() {
        return toTake(job.tier()).toList();
    }

    public static Stream<String> toTake(Result<TierVerdict> verdict) {
        return verdict.findings().stream()
                .filter(finding -> finding.ruleId().asksForAReading())
                .filter(finding -> MissingReading.of(finding)
                        .filter(MissingReading.VOLTAGE_DROP::equals)
                        .isEmpty())
                .map(Finding::sentence);
    }

    /** Heat or current that was on within the length of a rest, in words; empty where none is known. */
    public Optional<String> disturbedBy() {
        return ReadingAdmission.disturbedBy(job, Warmth.NONE, job.now());
    }

    /** A reading that cannot be true as it stands. */
    public Optional<String> askedAgain() {
        return job.tier().findings().stream()
                .filter(finding -> finding.ruleId().sort() == RuleId.Sort.CONTRADICTED)
                .map(Finding::sentence)
                .findFirst();
    }

    /** The version of the shop limits that a job is judged by. */
    public static int limitsVersion(JobState state) {
        return state.latest(AssessEntry.Rejudged.class)
                .map(AssessEntry.Rejudged::limitsVersion)
                .orElse(Arriving.of(state).limitsVersion());
    }

    /** How warm somebody felt or read a pack to be; empty where an entry says something else. */
    public static Optional<Warmth> warmth(Recorded recorded) {
        return recorded.entry() instanceof AssessEntry.WarmthTaken taken
                ? Optional.of(taken.warmth())
                : Optional.empty();
    }

    /** While it is isolated, nothing goes on. */
    public static Optional<Refusal> unlessHalted(JobFile job) {
        return of(job).halted()
                ? Admission.no(
                        "",
                        "Tier %s: the plan waits; %s."
                                .formatted(
                                        job.tier().result().tier().word(),
                                        job.tier().result().tier().meaning()))
                : Optional.empty();
    }
}
