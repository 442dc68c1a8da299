package glowkettle.journal;

import glowkettle.assess.HazardReadings;
import glowkettle.assess.HazardReadings.Cell;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Point;
import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.VoltageDrop;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.HazardTier;
import glowkettle.assess.TierVerdict;
import glowkettle.finding.Result;
import glowkettle.free.Bending;
import glowkettle.heat.Refit;
import glowkettle.library.DeviceModel;
import glowkettle.library.OperationKind;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Gathers the readings of a journal for the hazard tier of each pack. What was once seen or smelt stays until the entry that
 * said so is corrected; figures count by their latest reading; growth comes from the dated series. When heat and current
 * were on is known here and never asked for.
 */
final class Hazards {
    private static final BigDecimal GROWTH_MINUTES = BigDecimal.valueOf(5);
    private static final Duration GROWTH_MEMORY = Duration.ofMinutes(60);

    private final JobState state;
    private final DeviceModel model;
    private final ShopLimits limits;
    private final List<Overrun> overruns;
    private final Activity activity;

    Hazards(JobState state, DeviceModel model, ShopLimits limits, List<Overrun> overruns) {
        this.state = state;
        this.model = model;
        this.limits = limits;
        this.overruns = overruns;
        this.activity = new Activity(state, model, limits);
    }

    /** The pack that was in the device when it came. */
    Result<TierVerdict> oldPack() {
        return HazardTier.judge(oldReadings(), limits);
    }

    /** The pack that goes in; empty until somebody has looked at it, or it has current. */
    Optional<Result<TierVerdict>> newPack() {
        return seen().isPresent() || !readingsOf(Belongs.NEW).isEmpty()
                ? Optional.of(HazardTier.judge(newReadings(readingsOf(Belongs.NEW)), limits))
                : Optional.empty();
    }

    /** Alone in a container: it took its tier along. A device that was put away whole keeps its pack. */
    static boolean oldPackIsAway(JobState state, DeviceModel model) {
        return state.latest(Entry.PackStored.class)
                .filter(stored -> !Boolean.TRUE.equals(stored.wholeDevice()) && liftedOut(state, model))
                .isPresent();
    }

    static boolean isReading(Entry entry) {
        return entry instanceof Entry.Looked
                || entry instanceof Entry.Watched
                || entry instanceof Entry.WarmthTaken
                || entry instanceof Entry.SeamTaken
                || entry instanceof FreeEntry.HeatRead
                || entry instanceof FreeEntry.Bent
                || entry instanceof Entry.ThicknessTaken
                || entry instanceof Entry.VoltageTaken
                || entry instanceof Entry.NewPackSeen
                || entry instanceof Entry.GaugeRead;
    }

    /** The pack a reading tells of. */
    private enum Belongs {
        OLD,
        NEW
    }

    /**
     * The old pack is read until it is put away alone, or the way back begins with another one. Its watch goes on; a bend
     * and a heat at its bond are its own in any case.
     */
    private List<Recorded> readingsOf(Belongs wanted) {
        List<Recorded> readings = new ArrayList<>();
        boolean returns = PackPromise.isOfTheOldPack(state);
        boolean lifted = false;
        boolean changed = false;
        for (Recorded recorded : state.counting()) {
            Entry entry = recorded.entry();
            lifted |=
                    entry instanceof Entry.StepDone step && step.way() == Entry.Way.IN && liftsOut(model, step.step());
            changed |= !returns
                    && lifted
                    && (entry instanceof Entry.StepDone step && step.way() == Entry.Way.BACK
                            || entry instanceof Entry.PackStored stored && !Boolean.TRUE.equals(stored.wholeDevice()));
            if (isReading(entry) && !(entry instanceof Entry.NewPackSeen) && belongs(entry, changed) == wanted) {
                readings.add(recorded);
            }
        }
        return readings;
    }

    private static Belongs belongs(Entry entry, boolean changed) {
        boolean always = entry instanceof Entry.Watched
                || entry instanceof FreeEntry.HeatRead
                || entry instanceof FreeEntry.Bent
                || entry instanceof Entry.GaugeRead read && read.moment() == Entry.Moment.BEFORE;
        boolean fresh = changed || entry instanceof Entry.GaugeRead read && read.moment() == Entry.Moment.AFTER;
        return always || !fresh ? Belongs.OLD : Belongs.NEW;
    }

    HazardReadings oldReadings() {
        List<Recorded> readings = readingsOf(Belongs.OLD);
        return new HazardReadings(
                liftedOut(state, model) ? Point.LIFTED_OUT : Point.INTAKE,
                look(readings),
                stale(warmth(readings)),
                cell(readings),
                thickness(readings),
                seam(readings),
                voltage(readings),
                VoltageDrop.NONE,
                VoltageDrop.NONE);
    }

    /** The new pack as it came out of its box, whatever was read of it later. */
    Optional<Result<TierVerdict>> unpacked() {
        return seen().map(ignored -> HazardTier.judge(newReadings(List.of()), limits));
    }

    private HazardReadings newReadings(List<Recorded> readings) {
        Optional<Entry.NewPackSeen> seen = seen();
        Voltage taken = voltage(readings);
        Thickness measured = thickness(readings);
        return new HazardReadings(
                Point.NEW,
                seen.map(Entry.NewPackSeen::look)
                        .map(look -> worse(look, look(readings)))
                        .orElse(look(readings)),
                warmth(readings),
                Cell.NONE,
                measured.middleThicknessMm() != null
                        ? measured
                        : seen.map(this::thicknessOf).orElse(Thickness.NONE),
                Seam.NONE,
                taken.restedCellV() != null ? taken : seen.map(this::voltageOf).orElse(taken),
                VoltageDrop.NONE,
                VoltageDrop.NONE);
    }

    /** The look at the pack that was offered last: another pack is looked at anew. */
    private Optional<Entry.NewPackSeen> seen() {
        long offered =
                state.latestRecorded(Entry.PackOffered.class).map(Recorded::seq).orElse(0L);
        return state.latestRecorded(Entry.NewPackSeen.class)
                .filter(recorded -> recorded.seq() > offered)
                .map(recorded -> (Entry.NewPackSeen) recorded.entry());
    }

    /** Held against its own size, not the old pack's. */
    private Thickness thicknessOf(Entry.NewPackSeen seen) {
        Thickness taken = seen.thickness();
        BigDecimal ownMm = state.latest(Entry.PackOffered.class)
                .map(offered -> offered.label().thicknessMm())
                .orElse(null);
        return taken.nominalThicknessMm() != null
                ? taken
                : taken.withNominal(ownMm != null ? ownMm : model.pack().thicknessMm());
    }

    private Voltage voltageOf(Entry.NewPackSeen seen) {
        Voltage read = seen.voltage();
        return new Voltage(
                read.restedCellV(),
                read.highestRestedCellV(),
                read.voltageSource(),
                read.chargeLimitV() != null ? read.chargeLimitV() : model.pack().chargeLimitV(),
                read.cellSpreadMv());
    }

    static boolean liftedOut(JobState state, DeviceModel model) {
        return state.steps(Entry.Way.IN).stream().anyMatch(step -> liftsOut(model, step));
    }

    static boolean liftsOut(DeviceModel model, String step) {
        return model.operation(step)
                .filter(operation -> operation.kind() == OperationKind.LIFT_PACK_OUT
                        || operation.kind() == OperationKind.LIFT_DOCKED_PACK_OUT)
                .isPresent();
    }

    private static Look look(List<Recorded> readings) {
        return readings.stream().flatMap(recorded -> seen(recorded.entry())).reduce(Look.NONE, Hazards::worse);
    }

    private static Stream<Look> seen(Entry entry) {
        return switch (entry) {
            case Entry.Looked looked -> Stream.of(looked.look());
            case Entry.Watched watched -> Stream.ofNullable(watched.look());
            case FreeEntry.Bent bent -> Stream.of(bent(bent));
            default -> Stream.empty();
        };
    }

    /** A crease counts as torn; anything else by the strain of its face. */
    private static Look bent(FreeEntry.Bent bent) {
        boolean creased = Boolean.TRUE.equals(bent.bend().creased());
        return new Look(
                null, null, null, creased ? true : null, null, null, null, null, Bending.strainPercent(bent.bend()));
    }

    /** The warmth an entry tells of. A pack in the store lies at rest in its air. */
    private Optional<Warmth> felt(Recorded recorded) {
        return switch (recorded.entry()) {
            case Entry.WarmthTaken taken -> Optional.of(activity.explained(taken.warmth(), recorded.at()));
            case Entry.Watched watched ->
                Optional.of(new Warmth(watched.surfaceC(), watched.ambientC(), true, null, null, null, null, null));
            // Other places are as hot as the mat; what tells of the pack is the pack.
            case FreeEntry.HeatRead read
            when read.spot() == Refit.Spot.CELL ->
                Optional.of(activity.explained(
                        new Warmth(read.temperatureC(), null, false, null, null, null, read.predictedC(), null),
                        recorded.at()));
            default -> Optional.empty();
        };
    }

    private static Look worse(Look a, Look b) {
        return new Look(
                either(a.flameSmokeHissJet(), b.flameSmokeHissJet()),
                either(a.visiblePillow(), b.visiblePillow()),
                either(a.pushedOutOfPlace(), b.pushedOutOfPlace()),
                either(a.piercedTornCreased(), b.piercedTornCreased()),
                either(a.dentedBentDropped(), b.dentedBentDropped()),
                either(a.leakOrSolventSmell(), b.leakOrSolventSmell()),
                Stream.of(a.wet(), b.wet())
                        .filter(java.util.Objects::nonNull)
                        .max(Comparator.<Wet>naturalOrder())
                        .orElse(null),
                b.damageAgeHours() != null ? b.damageAgeHours() : a.damageAgeHours(),
                Stream.of(a.faceStrainPercent(), b.faceStrainPercent())
                        .filter(java.util.Objects::nonNull)
                        .max(Comparator.naturalOrder())
                        .orElse(null));
    }

    private static @Nullable Boolean either(@Nullable Boolean a, @Nullable Boolean b) {
        if (a == null || b == null) {
            return a == null ? b : a;
        }
        return a || b;
    }

    private Warmth warmth(List<Recorded> readings) {
        Warmth latest = readings.stream()
                .flatMap(recorded -> felt(recorded).stream())
                .reduce((earlier, later) -> later)
                .orElse(Warmth.NONE);
        BigDecimal ambientC = latest.ambientC() != null ? latest.ambientC() : lastAmbientC(readings);
        BigDecimal rise = latest.riseKIn5Min() != null ? latest.riseKIn5Min() : rise(readings);
        return new Warmth(
                latest.surfaceC(),
                ambientC,
                latest.atRest(),
                latest.minutesSinceHeat(),
                latest.minutesSinceCurrent(),
                rise,
                latest.predictedC(),
                latest.excessRiseKIn5Min() != null ? latest.excessRiseKIn5Min() : excessRise(readings));
    }

    /** What was read before heat that overran says nothing of the pack as it is now. */
    private Warmth stale(Warmth warmth) {
        boolean overran = overruns.stream().anyMatch(Overrun::live);
        return overran
                ? new Warmth(
                        warmth.surfaceC(),
                        warmth.ambientC(),
                        false,
                        BigDecimal.ZERO,
                        warmth.minutesSinceCurrent(),
                        null,
                        warmth.predictedC(),
                        warmth.excessRiseKIn5Min())
                : warmth;
    }

    /** How warm the cell is where heat stayed on too long: as read last, and by the curve of this moment. */
    private Cell cell(List<Recorded> readings) {
        return overruns.stream()
                .filter(Overrun::live)
                .max(Comparator.comparing(Overrun::cellC))
                .map(overrun -> {
                    Optional<Recorded> read = readings.stream()
                            .filter(recorded -> recorded.entry() instanceof FreeEntry.HeatRead heat
                                    && heat.spot() == Refit.Spot.CELL
                                    && recorded.at().isAfter(overrun.heating().from()))
                            .reduce((earlier, later) -> later);
                    return new Cell(
                            read.map(one -> ((FreeEntry.HeatRead) one.entry()).temperatureC())
                                    .orElse(null),
                            read.map(one -> Activity.minutes(one.at(), overrun.asked()))
                                    .orElse(null),
                            overrun.cellC(),
                            true);
                })
                .orElse(Cell.NONE);
    }

    /** How much further over its prediction a heated cell got within five minutes, at the worst. */
    private static @Nullable BigDecimal excessRise(List<Recorded> readings) {
        List<Recorded> read = readings.stream()
                .filter(recorded -> recorded.entry() instanceof FreeEntry.HeatRead heat
                        && heat.spot() == Refit.Spot.CELL
                        && heat.predictedC() != null)
                .toList();
        if (read.size() < 2) {
            return null;
        }
        Recorded last = read.getLast();
        return read.subList(0, read.size() - 1).stream()
                .filter(earlier ->
                        Duration.between(earlier.at(), last.at()).toMillis() <= GROWTH_MINUTES.longValue() * 60_000)
                .map(earlier -> excess(last).subtract(excess(earlier)))
                .max(Comparator.naturalOrder())
                .orElse(null);
    }

    private static BigDecimal excess(Recorded recorded) {
        FreeEntry.HeatRead read = (FreeEntry.HeatRead) recorded.entry();
        return read.temperatureC().subtract(java.util.Objects.requireNonNull(read.predictedC()));
    }

    @Nullable
    BigDecimal lastAmbientC() {
        return lastAmbientC(state.counting());
    }

    private @Nullable BigDecimal lastAmbientC(List<Recorded> readings) {
        return readings.stream()
                .flatMap(recorded -> felt(recorded).stream())
                .map(Warmth::ambientC)
                .filter(java.util.Objects::nonNull)
                .reduce((earlier, later) -> later)
                .orElse(null);
    }

    /**
     * The steepest rise towards the newest reading, since heat was last on: what a mat warmed is no growth. A rise over less
     * than five minutes counts as it is; a slower one counts by its share of five minutes, which some five minutes within it
     * must have reached.
     */
    private @Nullable BigDecimal rise(List<Recorded> readings) {
        Optional<Recorded> newest =
                readings.reversed().stream().filter(this::tellsOfTheSurface).findFirst();
        if (newest.isEmpty()) {
            return null;
        }
        Recorded last = newest.get();
        return readings.reversed().stream()
                .takeWhile(earlier -> Duration.between(earlier.at(), last.at()).compareTo(GROWTH_MEMORY) <= 0)
                .filter(earlier -> earlier.seq() < last.seq() && tellsOfTheSurface(earlier))
                .filter(earlier -> !activity.heatedBetween(earlier.at(), last.at()))
                .map(earlier -> riseInFiveMinutes(earlier, last))
                .max(Comparator.naturalOrder())
                .orElse(null);
    }

    private boolean tellsOfTheSurface(Recorded recorded) {
        return felt(recorded).filter(warmth -> warmth.surfaceC() != null).isPresent();
    }

    private BigDecimal riseInFiveMinutes(Recorded earlier, Recorded later) {
        BigDecimal rise = surface(later).subtract(surface(earlier));
        BigDecimal minutes = Activity.minutes(earlier.at(), later.at());
        return minutes.compareTo(GROWTH_MINUTES) <= 0
                ? rise
                : rise.multiply(GROWTH_MINUTES).divide(minutes, MathContext.DECIMAL64);
    }

    private BigDecimal surface(Recorded recorded) {
        return java.util.Objects.requireNonNull(felt(recorded).orElseThrow().surfaceC());
    }

    private static <E extends Entry> Stream<E> of(List<Recorded> readings, Class<E> kind) {
        return readings.stream().map(Recorded::entry).filter(kind::isInstance).map(kind::cast);
    }

    private Thickness thickness(List<Recorded> readings) {
        BigDecimal known = model.isFamily() ? null : model.pack().thicknessMm();
        return of(readings, Entry.ThicknessTaken.class)
                .reduce((earlier, later) -> later)
                .map(Entry.ThicknessTaken::thickness)
                .map(taken -> new Thickness(
                        taken.middleThicknessMm(),
                        taken.cornerThicknessMm(),
                        taken.nominalThicknessMm() != null ? taken.nominalThicknessMm() : known,
                        known))
                .orElse(Thickness.NONE);
    }

    private Seam seam(List<Recorded> readings) {
        return of(readings, Entry.SeamTaken.class)
                .map(Entry.SeamTaken::seam)
                .reduce((earlier, later) -> new Seam(
                        later.seamMm().isEmpty() ? earlier.seamMm() : later.seamMm(),
                        later.seamNominalMm(),
                        later.rocks() != null ? later.rocks() : earlier.rocks(),
                        later.panelClicks() != null ? later.panelClicks() : earlier.panelClicks(),
                        later.screenLiftMm() != null ? later.screenLiftMm() : earlier.screenLiftMm()))
                .map(taken -> new Seam(
                        taken.seamMm(),
                        taken.seamNominalMm() != null ? taken.seamNominalMm() : model.seamNominalMm(),
                        taken.rocks(),
                        taken.panelClicks(),
                        taken.screenLiftMm()))
                .orElse(Seam.NONE);
    }

    /** The newest of what the gauge says of the cells and what was read by hand. */
    private Voltage voltage(List<Recorded> readings) {
        BigDecimal limit = model.isFamily() ? null : model.pack().chargeLimitV();
        Voltage found = new Voltage(null, null, null, limit, null);
        for (Recorded recorded : readings) {
            if (recorded.entry() instanceof Entry.VoltageTaken taken) {
                Voltage read = taken.voltage();
                // What a known model says is not overruled by a label read in a hurry.
                limit = !model.isFamily() || read.chargeLimitV() == null ? limit : read.chargeLimitV();
                found = new Voltage(
                        read.restedCellV(),
                        read.highestRestedCellV(),
                        read.voltageSource(),
                        limit,
                        read.cellSpreadMv());
            } else if (recorded.entry() instanceof Entry.GaugeRead gauge
                    && !gauge.reading().cellV().isEmpty()) {
                List<BigDecimal> cells = gauge.reading().cellV();
                found = new Voltage(
                        cells.stream().min(Comparator.naturalOrder()).orElseThrow(),
                        cells.stream().max(Comparator.naturalOrder()).orElseThrow(),
                        HazardReadings.VoltageSource.GAUGE,
                        limit,
                        null);
            }
        }
        return found;
    }
}
