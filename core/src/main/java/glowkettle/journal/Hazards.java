package glowkettle.journal;

import glowkettle.assess.HazardReadings;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Point;
import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.VoltageDrop;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.HazardTier;
import glowkettle.assess.Tier;
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
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Gathers the readings of a journal for the hazard tier. What was once seen or smelt stays until the entry that said so is
 * corrected; figures count by their latest reading; growth comes from the dated series.
 */
final class Hazards {
    private static final BigDecimal GROWTH_MINUTES = BigDecimal.valueOf(5);
    private static final Duration GROWTH_MEMORY = Duration.ofMinutes(60);

    private Hazards() {}

    static Result<TierVerdict> judge(JobState state, DeviceModel model, ShopLimits limits) {
        return HazardTier.judge(readings(state, model), limits);
    }

    /** The worst tier this job ever had: a sign-off must answer for it. */
    static Tier worst(JobState state, DeviceModel model, ShopLimits limits) {
        Tier worst = Tier.CLEAR;
        List<Recorded> counting = state.counting();
        for (int i = 1; i <= counting.size(); i++) {
            boolean told = i == counting.size() || isReading(counting.get(i - 1).entry());
            if (told) {
                worst = Tier.worse(worst, firm(state.before(i), model, limits));
            }
        }
        return worst;
    }

    /** The tier without what only a missing reading says: nobody has taken every reading at the counter yet. */
    private static Tier firm(JobState state, DeviceModel model, ShopLimits limits) {
        return judge(state, model, limits).findings().stream()
                .filter(finding -> !finding.rule().startsWith("missing-"))
                .map(finding -> Tier.values()[finding.weight().ordinal()])
                .reduce(Tier.CLEAR, Tier::worse);
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
                || entry instanceof Entry.GaugeRead;
    }

    static HazardReadings readings(JobState state, DeviceModel model) {
        return new HazardReadings(
                liftedOut(state, model) ? Point.LIFTED_OUT : Point.INTAKE,
                look(state),
                warmth(state),
                thickness(state, model),
                seam(state, model),
                voltage(state, model),
                VoltageDrop.NONE);
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

    private static Look look(JobState state) {
        return state.counting().stream()
                .flatMap(recorded -> seen(recorded.entry()))
                .reduce(Look.NONE, Hazards::worse);
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
    private static Optional<Warmth> felt(Entry entry) {
        return switch (entry) {
            case Entry.WarmthTaken taken -> Optional.of(taken.warmth());
            case Entry.Watched watched ->
                Optional.of(new Warmth(watched.surfaceC(), watched.ambientC(), true, null, null, null, null, null));
            // Other places are as hot as the mat; what tells of the pack is the pack.
            case FreeEntry.HeatRead read
            when read.spot() == Refit.Spot.CELL ->
                Optional.of(new Warmth(
                        read.temperatureC(), null, false, BigDecimal.ZERO, null, null, read.predictedC(), null));
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
                b.faceStrainPercent() != null ? b.faceStrainPercent() : a.faceStrainPercent());
    }

    private static @Nullable Boolean either(@Nullable Boolean a, @Nullable Boolean b) {
        if (a == null || b == null) {
            return a == null ? b : a;
        }
        return a || b;
    }

    private static Warmth warmth(JobState state) {
        Warmth latest = state.counting().stream()
                .flatMap(recorded -> felt(recorded.entry()).stream())
                .reduce((earlier, later) -> later)
                .orElse(Warmth.NONE);
        BigDecimal ambientC = latest.ambientC() != null ? latest.ambientC() : lastAmbientC(state);
        BigDecimal rise = latest.riseKIn5Min() != null ? latest.riseKIn5Min() : rise(state);
        return new Warmth(
                latest.surfaceC(),
                ambientC,
                latest.atRest(),
                latest.minutesSinceHeat(),
                latest.minutesSinceCurrent(),
                rise,
                latest.predictedC(),
                latest.excessRiseKIn5Min() != null ? latest.excessRiseKIn5Min() : excessRise(state));
    }

    /** How much further over its prediction a heated cell got within five minutes, at the worst. */
    private static @Nullable BigDecimal excessRise(JobState state) {
        List<Recorded> read = state.counting().stream()
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

    static @Nullable BigDecimal lastAmbientC(JobState state) {
        return state.counting().stream()
                .flatMap(recorded -> felt(recorded.entry()).stream())
                .map(Warmth::ambientC)
                .filter(java.util.Objects::nonNull)
                .reduce((earlier, later) -> later)
                .orElse(null);
    }

    /**
     * The steepest rise towards the newest reading. A rise over less than five minutes counts as it is; a slower one
     * counts by its share of five minutes, which some five minutes within it must have reached.
     */
    private static @Nullable BigDecimal rise(JobState state) {
        List<Recorded> taken = state.counting().stream()
                .filter(recorded -> felt(recorded.entry())
                        .filter(warmth -> warmth.surfaceC() != null)
                        .isPresent())
                .toList();
        if (taken.size() < 2) {
            return null;
        }
        Recorded last = taken.getLast();
        return taken.subList(0, taken.size() - 1).stream()
                .filter(earlier -> Duration.between(earlier.at(), last.at()).compareTo(GROWTH_MEMORY) <= 0)
                .map(earlier -> riseInFiveMinutes(earlier, last))
                .max(Comparator.naturalOrder())
                .orElse(null);
    }

    private static BigDecimal riseInFiveMinutes(Recorded earlier, Recorded later) {
        BigDecimal rise = surface(later).subtract(surface(earlier));
        BigDecimal minutes = BigDecimal.valueOf(
                        Duration.between(earlier.at(), later.at()).toMillis())
                .divide(BigDecimal.valueOf(60_000), MathContext.DECIMAL64);
        return minutes.compareTo(GROWTH_MINUTES) <= 0
                ? rise
                : rise.multiply(GROWTH_MINUTES).divide(minutes, MathContext.DECIMAL64);
    }

    private static BigDecimal surface(Recorded recorded) {
        return java.util.Objects.requireNonNull(
                felt(recorded.entry()).orElseThrow().surfaceC());
    }

    private static Thickness thickness(JobState state, DeviceModel model) {
        return state.latest(Entry.ThicknessTaken.class)
                .map(Entry.ThicknessTaken::thickness)
                .map(taken -> new Thickness(
                        taken.middleThicknessMm(),
                        taken.cornerThicknessMm(),
                        taken.nominalThicknessMm() != null
                                ? taken.nominalThicknessMm()
                                : model.isFamily() ? null : model.pack().thicknessMm()))
                .orElse(Thickness.NONE);
    }

    private static Seam seam(JobState state, DeviceModel model) {
        return state.all(Entry.SeamTaken.class)
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
    private static Voltage voltage(JobState state, DeviceModel model) {
        BigDecimal limit = model.isFamily() ? null : model.pack().chargeLimitV();
        Voltage found = new Voltage(null, null, null, limit, null);
        for (Recorded recorded : state.counting()) {
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
                    && gauge.moment() == Entry.Moment.BEFORE
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
