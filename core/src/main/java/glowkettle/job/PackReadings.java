package glowkettle.job;

import glowkettle.assess.HazardReadings;
import glowkettle.assess.HazardReadings.Cell;
import glowkettle.assess.HazardReadings.Hand;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Point;
import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HazardReadings.Shape;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.library.DeviceModel;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import java.util.Iterator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What the readings of one pack add up to, taken one after the other. What was once seen or smelt stays until the entry that
 * said so is corrected; figures count by their latest reading; growth comes from the dated series. Each costs what an hour
 * of readings costs, however long the journal is.
 */
final class PackReadings {
    private static final BigDecimal GROWTH_MINUTES = BigDecimal.valueOf(5);
    private static final Duration GROWTH_MEMORY = Duration.ofMinutes(60);
    private static final double NEAR_K = 1e-6;

    private final DeviceModel model;
    private final ShopLimits limits;
    private final Activity activity;
    private final @Nullable BigDecimal knownLimitV;
    private final Deque<Read> surfaces = new ArrayDeque<>();
    /** Of the same hour, each lower than all before it that still count; the first is the lowest. */
    private final Deque<Read> lows = new ArrayDeque<>();

    private final Deque<Read> excesses = new ArrayDeque<>();
    private boolean any;
    private Look look = Look.NONE;
    private Hand hand = Hand.NONE;
    private Warmth warmth = Warmth.NONE;
    private Instant feltAt = Instant.EPOCH;
    private @Nullable BigDecimal ambientC;
    private @Nullable Read cell;
    private @Nullable Thickness thickness;
    private @Nullable Seam seam;
    private Voltage voltage;

    /** A figure and when it was read; near enough to find the steepest of many by. */
    private record Read(Instant at, BigDecimal figure, double near) {
        Read(Instant at, BigDecimal figure) {
            this(at, figure, figure.doubleValue());
        }
    }

    PackReadings(DeviceModel model, ShopLimits limits, Activity activity) {
        this.model = model;
        this.limits = limits;
        this.activity = activity;
        this.knownLimitV = model.isFamily() ? null : model.pack().ratings().chargeLimitV();
        this.voltage = new Voltage(null, null, null, knownLimitV, null);
    }

    boolean areNone() {
        return !any;
    }

    void take(Told.Reading reading, Instant at) {
        any = true;
        switch (reading) {
            case Told.Seen seen -> look = worse(look, seen.look());
            case Told.ByHand felt -> byHand(felt);
            case Told.Felt felt -> feel(activity.explained(felt.warmth(), at), at);
            case Told.Gauged gauged -> seam = seam == null ? gauged.seam() : later(seam, gauged.seam());
            case Told.Measured measured -> thickness = measured.thickness();
            case Told.Rested rested -> voltage = read(rested.voltage());
            case Told.Cells cells -> voltage = read(cells.cellV());
            case Told.Watched watched -> watch(watched, at);
            case Told.Heated heated -> heat(heated, at);
            // Other places are as hot as the mat; what tells of the pack is the pack.
            case Told.Elsewhere ignored -> {}
            // It is judged by what it came out of its box with, until something else is read of it.
            case Told.Unpacked ignored -> {}
        }
    }

    private void byHand(Told.ByHand felt) {
        hand = hand.and(felt.hand());
        if (felt.ambientC() != null) {
            ambientC = felt.ambientC();
        }
    }

    /** A pack in the store lies at rest in its air. */
    private void watch(Told.Watched watched, Instant at) {
        if (watched.look() != null) {
            look = worse(look, watched.look());
        }
        feel(new Warmth(watched.surfaceC(), watched.ambientC(), true, null, null, null, null, null), at);
    }

    private void heat(Told.Heated read, Instant at) {
        cell = new Read(at, read.temperatureC());
        if (read.predictedC() != null) {
            keep(excesses, new Read(at, read.temperatureC().subtract(read.predictedC())), Duration.ofMinutes(5));
        }
        feel(
                activity.explained(
                        new Warmth(read.temperatureC(), null, false, null, null, null, read.predictedC(), null), at),
                at);
    }

    /** In one part or in two: what comes later takes the place of what it is a reading of, and of nothing else. */
    private void feel(Warmth felt, Instant at) {
        warmth = felt.surfaceC() == null ? airOnly(felt) : felt;
        if (felt.ambientC() != null) {
            ambientC = felt.ambientC();
        }
        if (felt.surfaceC() != null) {
            feltAt = at;
            Read newest = new Read(at, felt.surfaceC());
            while (!lows.isEmpty() && lows.getLast().figure().compareTo(newest.figure()) >= 0) {
                lows.removeLast();
            }
            keep(lows, newest, GROWTH_MEMORY);
            keep(surfaces, newest, GROWTH_MEMORY);
        }
    }

    private Warmth airOnly(Warmth felt) {
        return new Warmth(
                warmth.surfaceC(),
                felt.ambientC() != null ? felt.ambientC() : warmth.ambientC(),
                felt.atRest() != null ? felt.atRest() : warmth.atRest(),
                warmth.minutesSinceHeat(),
                warmth.minutesSinceCurrent(),
                warmth.riseKIn5Min(),
                warmth.predictedC(),
                warmth.excessRiseKIn5Min());
    }

    private static void keep(Deque<Read> series, Read newest, Duration memory) {
        series.addLast(newest);
        while (Duration.between(series.getFirst().at(), newest.at()).compareTo(memory) > 0) {
            series.removeFirst();
        }
    }

    @Nullable
    BigDecimal ambientC() {
        return ambientC;
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
                        .filter(Objects::nonNull)
                        .max(Comparator.<Wet>naturalOrder())
                        .orElse(null),
                new HazardReadings.Damage(
                        b.damage().damageAgeHours() != null
                                ? b.damage().damageAgeHours()
                                : a.damage().damageAgeHours(),
                        Stream.of(a.damage().faceStrainPercent(), b.damage().faceStrainPercent())
                                .filter(Objects::nonNull)
                                .max(Comparator.naturalOrder())
                                .orElse(null)));
    }

    private static @Nullable Boolean either(@Nullable Boolean a, @Nullable Boolean b) {
        if (a == null || b == null) {
            return a == null ? b : a;
        }
        return a || b;
    }

    private static Seam later(Seam earlier, Seam later) {
        return new Seam(
                later.seamMm().isEmpty() ? earlier.seamMm() : later.seamMm(),
                later.seamNominalMm(),
                later.rocks() != null ? later.rocks() : earlier.rocks(),
                later.panelClicks() != null ? later.panelClicks() : earlier.panelClicks(),
                later.screenLiftMm() != null ? later.screenLiftMm() : earlier.screenLiftMm());
    }

    /** What a known model says is not overruled by a label read in a hurry. */
    private Voltage read(Voltage taken) {
        BigDecimal limitV =
                knownLimitV != null || taken.chargeLimitV() == null ? voltage.chargeLimitV() : taken.chargeLimitV();
        return new Voltage(
                taken.restedCellV(), taken.highestRestedCellV(), taken.voltageSource(), limitV, taken.cellSpreadMv());
    }

    private Voltage read(List<BigDecimal> cellV) {
        return cellV.isEmpty()
                ? voltage
                : new Voltage(
                        cellV.stream().min(Comparator.naturalOrder()).orElseThrow(),
                        cellV.stream().max(Comparator.naturalOrder()).orElseThrow(),
                        HazardReadings.VoltageSource.GAUGE,
                        voltage.chargeLimitV(),
                        null);
    }

    Look look() {
        return look;
    }

    Voltage voltage() {
        return voltage;
    }

    Warmth warmth() {
        BigDecimal airC = warmth.ambientC() != null ? warmth.ambientC() : ambientC;
        return new Warmth(
                warmth.surfaceC(),
                airC,
                warmth.atRest(),
                warmth.minutesSinceHeat(),
                warmth.minutesSinceCurrent(),
                warmth.riseKIn5Min() != null ? warmth.riseKIn5Min() : rise(),
                warmth.predictedC() != null ? warmth.predictedC() : warmedByCurrent(airC),
                warmth.excessRiseKIn5Min() != null ? warmth.excessRiseKIn5Min() : excessRise());
    }

    /** A charge or a load that the product knows of warms a pack by so much until it has rested; heat explains more. */
    private @Nullable BigDecimal warmedByCurrent(@Nullable BigDecimal airC) {
        boolean current = isWithinARest(activity.minutesSinceCurrent(feltAt));
        boolean heat = isWithinARest(activity.minutesSinceHeat(feltAt));
        return airC != null && current && !heat ? airC.add(limits.of(Limit.CURRENT_WARMS_K)) : null;
    }

    private boolean isWithinARest(@Nullable BigDecimal minutes) {
        return minutes != null && minutes.compareTo(limits.of(Limit.REST_MINUTES)) < 0;
    }

    /**
     * The steepest rise towards the newest reading, since heat was last on: what a mat warmed is no growth; zero where
     * nothing rose, nothing where there is no reading to compare with. A rise over less than five minutes counts as it is; a
     * slower one counts by its share of five minutes, which some five minutes within it must have reached. A reading that a
     * later one lies under rises less steeply than that one, so the lows are enough, however many readings there are.
     */
    private @Nullable BigDecimal rise() {
        Iterator<Read> latestFirst = surfaces.descendingIterator();
        Read last = latestFirst.hasNext() ? latestFirst.next() : null;
        if (last == null
                || !latestFirst.hasNext()
                || activity.heatedBetween(latestFirst.next().at(), last.at())) {
            return null;
        }
        List<Read> earlier = lows.stream()
                .filter(low -> low != last)
                .filter(low -> !activity.heatedBetween(low.at(), last.at()))
                .toList();
        double steepest =
                earlier.stream().mapToDouble(low -> nearly(low, last)).max().orElse(0);
        // Limits are compared as typed, so the steepest is reckoned in decimals; the others need not be.
        return earlier.stream()
                .filter(low -> nearly(low, last) >= steepest - NEAR_K)
                .map(low -> riseInFiveMinutes(low, last))
                .max(Comparator.naturalOrder())
                .orElse(BigDecimal.ZERO);
    }

    /** No growth towards the newest reading is steeper than this, whenever it was. */
    BigDecimal riseAtMostK() {
        return lows.isEmpty()
                ? BigDecimal.ZERO
                : lows.getLast().figure().subtract(lows.getFirst().figure());
    }

    private static double nearly(Read earlier, Read later) {
        double minutes = (later.at().toEpochMilli() - earlier.at().toEpochMilli()) / 60_000.0;
        double rise = later.near() - earlier.near();
        return minutes <= GROWTH_MINUTES.doubleValue() ? rise : rise * GROWTH_MINUTES.doubleValue() / minutes;
    }

    private static BigDecimal riseInFiveMinutes(Read earlier, Read later) {
        BigDecimal rise = later.figure().subtract(earlier.figure());
        BigDecimal minutes = Activity.minutes(earlier.at(), later.at());
        return minutes.compareTo(GROWTH_MINUTES) <= 0
                ? rise
                : rise.multiply(GROWTH_MINUTES).divide(minutes, MathContext.DECIMAL64);
    }

    /** How much further over its prediction a heated cell got within five minutes, at the worst. */
    private @Nullable BigDecimal excessRise() {
        return excesses.stream()
                .limit(Math.max(0, excesses.size() - 1L))
                .map(earlier -> excesses.getLast().figure().subtract(earlier.figure()))
                .max(Comparator.naturalOrder())
                .orElse(null);
    }

    /** Of known thickness where the model is known. */
    Thickness thickness() {
        if (thickness == null) {
            return Thickness.NONE;
        }
        BigDecimal known = model.isFamily() ? null : model.pack().size().thicknessMm();
        return new Thickness(
                thickness.middleThicknessMm(),
                thickness.cornerThicknessMm(),
                thickness.nominalThicknessMm() != null ? thickness.nominalThicknessMm() : known,
                known,
                limits.of(Limit.CALIPER_DIGIT_MM));
    }

    private Seam seam() {
        return seam == null
                ? Seam.NONE
                : new Seam(
                        seam.seamMm(),
                        seam.seamNominalMm() != null
                                ? seam.seamNominalMm()
                                : model.housing().seamNominalMm(),
                        seam.rocks(),
                        seam.panelClicks(),
                        seam.screenLiftMm());
    }

    /** How warm the cell is where heat stayed on too long: as read last, and by the curve of this moment. */
    private Cell cell(List<Overheat> overheats) {
        return overheats.stream()
                .filter(Overheat::live)
                .max(Comparator.comparing(Overheat::cellC))
                .map(overheat -> {
                    Optional<Read> read =
                            Optional.ofNullable(cell).filter(one -> one.at().isAfter(overheat.from()));
                    return new Cell(
                            read.map(Read::figure).orElse(null),
                            read.map(one -> Activity.minutes(one.at(), overheat.asked()))
                                    .orElse(null),
                            overheat.cellC(),
                            true);
                })
                .orElse(Cell.NONE);
    }

    /** What was read before heat that overran says nothing of the pack as it is now. */
    private static Warmth stale(Warmth warmth) {
        return new Warmth(
                warmth.surfaceC(),
                warmth.ambientC(),
                false,
                BigDecimal.ZERO,
                warmth.minutesSinceCurrent(),
                null,
                warmth.predictedC(),
                warmth.excessRiseKIn5Min());
    }

    /** As the readings of the pack that came in the device. */
    HazardReadings ofTheOldPack(boolean liftedOut, List<Overheat> overheats) {
        boolean overran = overheats.stream().anyMatch(Overheat::live);
        return new HazardReadings(
                liftedOut ? Point.LIFTED_OUT : Point.INTAKE,
                look,
                overran ? hand.heatedSince() : hand,
                overran ? stale(warmth()) : warmth(),
                cell(overheats),
                new Shape(thickness(), seam()),
                voltage,
                HazardReadings.Drops.NONE);
    }

    /** As the readings of the pack that goes in, with what it came out of its box with. */
    HazardReadings ofTheNewPack(Optional<Unpacked> seen) {
        Thickness measured = thickness();
        return new HazardReadings(
                Point.NEW,
                seen.map(one -> worse(one.look(), look)).orElse(look),
                hand,
                warmth(),
                Cell.NONE,
                new Shape(
                        measured.middleThicknessMm() != null
                                ? measured
                                : seen.map(Unpacked::thickness).orElse(Thickness.NONE),
                        Seam.NONE),
                voltage.restedCellV() != null
                        ? voltage
                        : seen.map(Unpacked::voltage).orElse(voltage),
                HazardReadings.Drops.NONE);
    }

    /** A pack as it came out of its box, against its own size. */
    record Unpacked(Look look, Thickness thickness, Voltage voltage) {}
}
