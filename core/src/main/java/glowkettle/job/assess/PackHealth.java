package glowkettle.job.assess;

import glowkettle.assess.Evidence;
import glowkettle.assess.HealthVerdict;
import glowkettle.assess.PartialWindow;
import glowkettle.assess.Resistance;
import glowkettle.assess.RunDown;
import glowkettle.assess.RunDownProgress;
import glowkettle.assess.SwellTrend;
import glowkettle.assess.Swelling;
import glowkettle.assess.TimedRun;
import glowkettle.cell.Chemistry;
import glowkettle.cell.OpenCircuitCurve;
import glowkettle.finding.Figures;
import glowkettle.finding.Result;
import glowkettle.job.Fold;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Moment;
import glowkettle.job.Recorded;
import glowkettle.library.Mounting;
import glowkettle.library.PackData;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What the journal of a job makes known of its old pack: how worn it is, how it swells, how it is brought down. */
public final class PackHealth {
    private static final Duration ONE_LOOK = Duration.ofHours(20);

    private final JobFile job;
    private final JobState state;
    private final ShopLimits limits;
    private final PackData pack;

    private PackHealth(JobFile job) {
        this.job = job;
        this.state = job.state();
        this.limits = job.limits();
        this.pack = job.model().pack();
    }

    public static PackHealth of(JobFile job) {
        return new PackHealth(job);
    }

    /** Everything that was measured, the most trusted way first. */
    public List<Result<Evidence>> evidence() {
        List<Result<Evidence>> evidence = new ArrayList<>();
        Assessing.of(job)
                .gauge(Moment.BEFORE)
                .ifPresent(read -> evidence.add(Evidence.ofGauge(read.reading(), limits)));
        state.latest(AssessEntry.WindowCounted.class).ifPresent(counted -> evidence.add(window(counted.window())));
        state.latest(AssessEntry.RunTimed.class).ifPresent(timed -> evidence.add(TimedRun.read(timed.run(), limits)));
        return evidence;
    }

    /** A run before the work that says something: from full, and without sleep. */
    public Optional<TimedRun.Ran> run() {
        return state.latest(AssessEntry.RunTimed.class)
                .map(timed -> timed.run().ran())
                .filter(TimedRun.Ran::saysSomething);
    }

    Result<Evidence> window(PartialWindow.Readings window) {
        return Evidence.ofWindow(window, pack.ratings().capacityMah(), limits);
    }

    public Optional<Result<Resistance>> resistance() {
        return state.latest(AssessEntry.ResistanceMeasured.class)
                .map(measured -> Resistance.of(measured.step(), limits));
    }

    public Result<HealthVerdict> verdict() {
        return HealthVerdict.of(
                evidence().stream().map(Result::result).toList(),
                resistance().map(Result::result).orElse(null),
                limits);
    }

    /** A series of sizes, what it is of, and its trend. */
    public record Trend(String of, List<SwellTrend.Dated> readings, BigDecimal limitMm, Result<SwellTrend> trend) {}

    /** By the thickness in hand where there are two or more, else by the widest seam; empty while there is neither. */
    public Optional<Trend> trend() {
        return trend("Thickness in hand", thicknesses(), thicknessLimit())
                .or(() -> trend("Widest seam", seams(), seamLimit()));
    }

    private Optional<Trend> trend(String of, List<SwellTrend.Dated> readings, BigDecimal limitMm) {
        // Readings of one working day are one look: a tenth of a millimetre within hours is the calipers, not growth.
        boolean oneLook = readings.size() < 2
                || Duration.between(readings.getFirst().at(), readings.getLast().at())
                                .compareTo(ONE_LOOK)
                        < 0;
        return oneLook
                ? Optional.empty()
                : Optional.of(new Trend(
                        of, readings, limitMm, SwellTrend.of(new SwellTrend.Readings(readings, limitMm), limits)));
    }

    private List<SwellTrend.Dated> thicknesses() {
        return dated(recorded -> recorded.entry() instanceof AssessEntry.ThicknessTaken taken
                ? Swelling.of(taken.thickness())
                        .map(Swelling::thickestMm)
                        .or(() -> Optional.ofNullable(taken.thickness().middleThicknessMm()))
                : Optional.empty());
    }

    private List<SwellTrend.Dated> seams() {
        return dated(recorded -> recorded.entry() instanceof AssessEntry.SeamTaken taken
                ? taken.seam().seamMm().stream().max(Comparator.naturalOrder())
                : Optional.empty());
    }

    private List<SwellTrend.Dated> dated(java.util.function.Function<Recorded, Optional<BigDecimal>> size) {
        return state.counting().stream()
                .flatMap(recorded -> size.apply(recorded).map(mm -> new SwellTrend.Dated(recorded.at(), mm)).stream())
                .toList();
    }

    private BigDecimal thicknessLimit() {
        return pack.size()
                .thicknessMm()
                .multiply(BigDecimal.valueOf(100).add(limits.of(Limit.SWELL_ISOLATE_PERCENT)))
                .movePointLeft(2);
    }

    private BigDecimal seamLimit() {
        BigDecimal nominal = job.model().housing().seamNominalMm();
        return limits.of(Limit.BULGE_ISOLATE_MM).add(nominal != null ? nominal : limits.of(Limit.SEAM_NOMINAL_MM));
    }

    /** Charge in the pack by what was seen last: on the device's own display, or of a rested voltage. */
    public @Nullable BigDecimal socPercent() {
        return Fold.from(Optional.<BigDecimal>empty())
                .at(AssessEntry.ChargeSeen.class, (before, seen) -> Optional.of(seen.socPercent()))
                .at(AssessEntry.RunDownChosen.class, (before, chosen) -> Optional.of(chosen.socPercent()))
                .at(
                        AssessEntry.VoltageTaken.class,
                        (before, taken) -> Optional.ofNullable(taken.voltage().restedCellV())
                                .flatMap(this::ofVoltage)
                                .or(() -> before))
                .at(
                        AssessEntry.GaugeRead.class,
                        (before, read) ->
                                highestBefore(read).flatMap(this::ofVoltage).or(() -> before))
                .over(state.counting())
                .orElse(null);
    }

    private static Optional<BigDecimal> highestBefore(AssessEntry.GaugeRead read) {
        return read.moment() == Moment.BEFORE
                ? read.reading().cellV().stream().max(Comparator.naturalOrder())
                : Optional.empty();
    }

    private Optional<BigDecimal> ofVoltage(BigDecimal restedCellV) {
        var soc = OpenCircuitCurve.of(Chemistry.chargedTo(pack.ratings().chargeLimitV(), limits), limits)
                .readSocPercent(restedCellV.doubleValue());
        return soc.isPresent()
                ? Optional.of(BigDecimal.valueOf(soc.getAsDouble()).setScale(0, RoundingMode.HALF_UP))
                : Optional.empty();
    }

    public boolean glued() {
        return job.model().housing().mounting() == Mounting.GLUED_FRONT
                || job.model().housing().mounting() == Mounting.GLUED_BACK;
    }

    /** The schools for this job. A pack of unknown wear is reckoned as if it still held all it was made for. */
    public Result<RunDown> runDown(BigDecimal socPercent, @Nullable BigDecimal loadW) {
        boolean shippingMode = job.model().housing().shippingMode() != null;
        if (!job.packKnown()) {
            return RunDown.ofUnread(job.tier().result().tier(), glued(), shippingMode, socPercent, limits);
        }
        HealthVerdict verdict = verdict().result();
        BigDecimal share = verdict.highPercent() == null ? BigDecimal.valueOf(100) : verdict.highPercent();
        BigDecimal capacityAh =
                pack.ratings().capacityMah().multiply(share).movePointLeft(5).round(new MathContext(4));
        return RunDown.of(
                new RunDown.Case(
                        job.tier().result().tier(),
                        glued(),
                        shippingMode,
                        socPercent,
                        capacityAh.max(new BigDecimal("0.01")),
                        pack.ratings().nominalV(),
                        loadW),
                limits);
    }

    /** How the run-down stands that was chosen last; empty while none was, or nothing is run down. */
    public Optional<RunDownProgress> progress(Instant now) {
        return state.latestRecorded(AssessEntry.RunDownChosen.class)
                .filter(recorded ->
                        ((AssessEntry.RunDownChosen) recorded.entry()).school() == RunDown.School.RUN_DOWN_FIRST)
                .map(recorded -> progress(recorded, now));
    }

    private RunDownProgress progress(Recorded chosen, Instant now) {
        AssessEntry.RunDownChosen start = (AssessEntry.RunDownChosen) chosen.entry();
        List<RunDownProgress.Seen> seen = new ArrayList<>();
        seen.add(new RunDownProgress.Seen(chosen.at(), start.socPercent()));
        state.counting().stream()
                .filter(recorded -> recorded.seq() > chosen.seq())
                .filter(recorded -> recorded.entry() instanceof AssessEntry.ChargeSeen)
                .forEach(recorded -> seen.add(new RunDownProgress.Seen(
                        recorded.at(), ((AssessEntry.ChargeSeen) recorded.entry()).socPercent())));
        RunDown planned = runDown(start.socPercent(), start.loadW()).result();
        Double pace = planned.hours() == null || planned.hours().signum() == 0
                ? null
                : start.socPercent()
                                .subtract(limits.of(Limit.RUN_DOWN_TARGET_PERCENT))
                                .doubleValue()
                        / planned.hours().doubleValue();
        return RunDownProgress.of(seen, pace, limits.of(Limit.RUN_DOWN_TARGET_PERCENT), now);
    }

    /**
     * The lowest charge that can be shown by now.
     *
     * @param beforePercent what was shown before, so many minutes ago
     */
    record Lowest(BigDecimal socPercent, BigDecimal beforePercent, long minutes, String because) {}

    /** By the load that was chosen, with as much again for what the device draws itself; empty before anything was shown. */
    Optional<Lowest> lowestBelievable(Instant now) {
        Recorded last = state.counting().stream()
                .filter(recorded -> recorded.entry() instanceof AssessEntry.ChargeSeen
                        || recorded.entry() instanceof AssessEntry.RunDownChosen)
                .reduce((earlier, later) -> later)
                .orElse(null);
        if (last == null) {
            return Optional.empty();
        }
        BigDecimal before = last.entry() instanceof AssessEntry.ChargeSeen seen
                ? seen.socPercent()
                : ((AssessEntry.RunDownChosen) last.entry()).socPercent();
        double hours = Math.max(0, Duration.between(last.at(), now).toMillis()) / 3_600_000.0;
        Optional<BigDecimal> loadW = job.packKnown()
                ? runDownChosen().flatMap(chosen -> Optional.ofNullable(chosen.loadW()))
                : Optional.empty();
        double wh = pack.ratings().energyWh().doubleValue();
        double fastest = limits.number(Limit.RUN_DOWN_MOST_C) * 100;
        double perHour = loadW.map(watts ->
                        Math.min(fastest, watts.doubleValue() * limits.number(Limit.RUN_DOWN_MOST_FACTOR) / wh * 100))
                .orElse(fastest);
        double least = before.doubleValue() - limits.number(Limit.SOC_SHOWN_PERCENT) - perHour * hours;
        return Optional.of(new Lowest(
                Figures.round(Math.max(0, least), 1),
                before,
                Math.round(hours * 60),
                loadW.map(watts -> "a load of %s takes at most %s of %s in that time"
                                .formatted(
                                        Figures.withUnit(watts, "W"),
                                        Figures.withUnit(Figures.round(perHour * hours, 1), "%"),
                                        Figures.energy(pack.ratings().energyWh())))
                        .orElse("no device empties its pack so fast")));
    }

    /**
     * It is to be run down first, and its charge has neither been read at the target nor been let be by a lead: nothing is
     * opened until then. The newest choice counts.
     */
    public boolean waitsForRunDown() {
        BigDecimal target = limits.of(Limit.RUN_DOWN_TARGET_PERCENT);
        boolean waits = Fold.from(false)
                .at(
                        AssessEntry.RunDownChosen.class,
                        (before, chosen) -> chosen.school() == RunDown.School.RUN_DOWN_FIRST
                                && chosen.socPercent().compareTo(target) > 0)
                .at(
                        AssessEntry.ChargeSeen.class,
                        (before, seen) -> before && seen.socPercent().compareTo(target) > 0)
                .at(AssessEntry.RunDownWaived.class, (before, waived) -> false)
                .over(state.counting());
        return waits && !job.isDisconnected();
    }

    public Optional<AssessEntry.RunDownChosen> runDownChosen() {
        return state.latest(AssessEntry.RunDownChosen.class);
    }
}
