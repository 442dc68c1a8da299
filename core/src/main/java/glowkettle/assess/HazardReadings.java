package glowkettle.assess;

import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Everything the hazard tier is judged from. What was not taken is null, and null is never good. */
public record HazardReadings(
        @Says("Where in the job the pack stands") Point point,
        Look look,
        Hand hand,
        Warmth warmth,
        Cell cell,
        @Flat Shape shape,
        Voltage voltage,
        @Flat Drops drops) {
    public static final HazardReadings NONE = new HazardReadings(
            Point.INTAKE, Look.NONE, Hand.NONE, Warmth.NONE, Cell.NONE, Shape.NONE, Voltage.NONE, Drops.NONE);

    public Thickness thickness() {
        return shape.thickness();
    }

    public Seam seam() {
        return shape.seam();
    }

    /** Where the pack is: in its device, out of it, or new and out of its box. Each needs other readings. */
    public enum Point {
        INTAKE,
        LIFTED_OUT,
        NEW
    }

    HazardReadings with(Warmth other) {
        return new HazardReadings(point, look, hand, other, cell, shape, voltage, drops);
    }

    HazardReadings with(Cell other) {
        return new HazardReadings(point, look, hand, warmth, other, shape, voltage, drops);
    }

    HazardReadings with(Thickness other) {
        return new HazardReadings(point, look, hand, warmth, cell, new Shape(other, seam()), voltage, drops);
    }

    HazardReadings with(Voltage other) {
        return new HazardReadings(point, look, hand, warmth, cell, shape, other, drops);
    }

    /** Where wetness reaches. */
    public enum Wet {
        NO,
        DEVICE,
        PACK
    }

    /** Where a rested voltage was read; a plug can be cut off from its cells. */
    public enum VoltageSource {
        CELLS,
        GAUGE,
        PLUG
    }

    /** What is seen and smelt. */
    public record Look(
            @Says("Flame, smoke, hiss or jet") @Nullable Boolean flameSmokeHissJet,
            @Says("A pillow can be seen") @Nullable Boolean visiblePillow,

            @Says("Panel, screen or cover pushed out of place") @Nullable
            Boolean pushedOutOfPlace,

            @Says("Pierced, torn, or creased with layers showing") @Nullable
            Boolean piercedTornCreased,

            @Says("Dented, bent, dropped or crushed") @Nullable
            Boolean dentedBentDropped,

            @Says("Leak, or a sweet solvent smell") @Nullable
            Boolean leakOrSolventSmell,

            @Says("Wet: no, the device only, or the pack itself") @Nullable
            Wet wet,

            @Flat Damage damage) {
        public static final Look NONE = new Look(null, null, null, null, null, null, null, Damage.NONE);
        public static final Look SMELLS = new Look(null, null, null, null, null, true, null, Damage.NONE);
        public static final Look GOOD = new Look(false, false, false, false, false, false, Wet.NO, Damage.NONE);

        /** Anything that a sound pack does not show. */
        public boolean findsSomething() {
            return Stream.of(
                                    flameSmokeHissJet,
                                    visiblePillow,
                                    pushedOutOfPlace,
                                    piercedTornCreased,
                                    dentedBentDropped,
                                    leakOrSolventSmell)
                            .anyMatch(Boolean.TRUE::equals)
                    || wet == Wet.DEVICE
                    || wet == Wet.PACK;
        }

        boolean complete() {
            return Stream.of(
                            flameSmokeHissJet,
                            visiblePillow,
                            pushedOutOfPlace,
                            piercedTornCreased,
                            dentedBentDropped,
                            leakOrSolventSmell,
                            wet)
                    .allMatch(java.util.Objects::nonNull);
        }
    }

    /** How old and how deep a dent or a bend is. */
    public record Damage(
            @Says("Hours since the damage") @Within(min = "0", max = "100000", unit = "h") @Nullable
            BigDecimal damageAgeHours,

            @Says("Face strain by bending") @Within(min = "0", max = "100", unit = "%") @Nullable
            BigDecimal faceStrainPercent) {
        public static final Damage NONE = new Damage(null, null);
    }

    /**
     * What a hand says of a pack that shows nothing: a reading with the error of a hand. It stands in for a figure that was
     * not taken, never against one, and says nothing once anything else was found. Source: handbook, Assess, Quick readings.
     */
    public record Hand(
            @Says("As cool as the table, by the back of the hand, both sides") @Nullable
            Boolean coolAsTheTable,

            @Says("Seam closed all round, a nail does not catch") @Nullable
            Boolean seamClosed,

            @Says("Lies flat on the plate, rocks on neither side") @Nullable
            Boolean liesFlat) {
        public static final Hand NONE = new Hand(null, null, null);

        boolean isCool() {
            return Boolean.TRUE.equals(coolAsTheTable);
        }

        boolean isClosed() {
            return Boolean.TRUE.equals(seamClosed);
        }

        boolean isFlat() {
            return Boolean.TRUE.equals(liesFlat);
        }

        /** What was so stays so, until something is found. */
        public Hand and(Hand later) {
            return new Hand(
                    later.coolAsTheTable != null ? later.coolAsTheTable : coolAsTheTable,
                    later.seamClosed != null ? later.seamClosed : seamClosed,
                    later.liesFlat != null ? later.liesFlat : liesFlat);
        }

        /** What was felt before it was heated says nothing of it now. */
        public Hand heatedSince() {
            return new Hand(null, seamClosed, liesFlat);
        }
    }

    /** Surface temperature and what could explain it. */
    public record Warmth(
            @Says("Surface over the pack") @Within(min = "-40", max = "1000", unit = "°C") @Nullable
            BigDecimal surfaceC,

            @Says("Shop air") @Within(min = "-40", max = "60", unit = "°C") @Nullable
            BigDecimal ambientC,

            @Says("Off, unplugged, unheated and in the shop's air for 30 minutes") @Nullable
            Boolean atRest,

            @Says("Since heat was applied, 0 while heated") @Within(min = "0", max = "100000", unit = "min") @Nullable
            BigDecimal minutesSinceHeat,

            @Says("Since current flowed, 0 while it flows") @Within(min = "0", max = "100000", unit = "min") @Nullable
            BigDecimal minutesSinceCurrent,

            @Says("Rise of the surface within five minutes") @Within(min = "-500", max = "1000", unit = "K") @Nullable
            BigDecimal riseKIn5Min,

            @Says("Surface predicted by the heat plan") @Within(min = "-40", max = "200", unit = "°C") @Nullable
            BigDecimal predictedC,

            @Says("Growth within five minutes of what the surface is over the prediction")
            @Within(min = "-500", max = "1000", unit = "K")
            @Nullable
            BigDecimal excessRiseKIn5Min) {
        public static final Warmth NONE = new Warmth(null, null, null, null, null, null, null, null);

        public static Warmth atRest(String surfaceC, String ambientC) {
            return new Warmth(new BigDecimal(surfaceC), new BigDecimal(ambientC), true, null, null, null, null, null);
        }

        Warmth withSurface(@Nullable BigDecimal otherC) {
            return new Warmth(
                    otherC,
                    ambientC,
                    atRest,
                    minutesSinceHeat,
                    minutesSinceCurrent,
                    riseKIn5Min,
                    predictedC,
                    excessRiseKIn5Min);
        }

        Warmth notAtRest() {
            return new Warmth(
                    surfaceC,
                    ambientC,
                    false,
                    minutesSinceHeat,
                    minutesSinceCurrent,
                    riseKIn5Min,
                    predictedC,
                    excessRiseKIn5Min);
        }

        Warmth withoutMinutesSinceHeat() {
            return new Warmth(
                    surfaceC, ambientC, atRest, null, minutesSinceCurrent, riseKIn5Min, predictedC, excessRiseKIn5Min);
        }

        Warmth withoutMinutesSinceCurrent() {
            return new Warmth(
                    surfaceC, ambientC, atRest, minutesSinceHeat, null, riseKIn5Min, predictedC, excessRiseKIn5Min);
        }
    }

    /**
     * The cell's own temperature while heat is on or just off, and whether the heat stayed on for too long. A reading less
     * than two minutes old counts before the curve; of unknown age, the warmer of both counts.
     */
    public record Cell(
            @Says("Cell's own temperature, as read") @Within(min = "-40", max = "1000", unit = "°C") @Nullable
            BigDecimal cellC,

            @Says("Minutes since the cell was read") @Within(min = "0", max = "100000", unit = "min") @Nullable
            BigDecimal minutesSinceCellRead,

            @Says("Cell's temperature now by the heat plan's curve")
            @Within(min = "-40", max = "200", unit = "°C")
            @Nullable
            BigDecimal curveCellC,

            @Says("Heat was on past its latest lift-off") @Nullable
            Boolean overrun) {
        public static final Cell NONE = new Cell(null, null, null, null);

        Cell withRead(BigDecimal otherC) {
            return new Cell(otherC, minutesSinceCellRead, curveCellC, overrun);
        }
    }

    /** The pack in the hand, under calipers laid on without pressing. */
    public record Thickness(
            @Says("Thickness at the middle") @Within(min = "0.3", max = "100", unit = "mm") @Nullable
            BigDecimal middleThicknessMm,

            @Says("Thickness at up to four corners") @Within(min = "0.3", max = "100", unit = "mm")
            List<BigDecimal> cornerThicknessMm,

            @Says("Nominal thickness, from the model or the size code")
            @Within(min = "0.3", max = "100", unit = "mm")
            @Nullable
            BigDecimal nominalThicknessMm,

            @Says("Thickness the model says, where the nominal was typed")
            @Within(min = "0.3", max = "100", unit = "mm")
            @Nullable
            BigDecimal modelThicknessMm,

            @Says("Last digit of the calipers: growth by it alone is none")
            @Within(min = "0", max = "0.1", unit = "mm")
            @Nullable
            BigDecimal caliperDigitMm) {
        public static final Thickness NONE = new Thickness(null, List.of(), null);

        public Thickness {
            cornerThicknessMm = List.copyOf(cornerThicknessMm);
        }

        public Thickness(
                @Nullable BigDecimal middleThicknessMm,
                List<BigDecimal> cornerThicknessMm,
                @Nullable BigDecimal nominalThicknessMm) {
            this(middleThicknessMm, cornerThicknessMm, nominalThicknessMm, null, null);
        }

        /** Nothing was measured: what is left to hold a measure against. */
        Thickness withoutPoints() {
            return new Thickness(null, List.of(), nominalThicknessMm, modelThicknessMm, caliperDigitMm);
        }

        public Thickness withNominal(@Nullable BigDecimal otherMm) {
            return new Thickness(middleThicknessMm, cornerThicknessMm, otherMm, null, caliperDigitMm);
        }

        Stream<BigDecimal> points() {
            return Stream.concat(Stream.ofNullable(middleThicknessMm), cornerThicknessMm.stream());
        }
    }

    /** The pack inside the device: a feeler gauge along the seam, and the rock test on a flat plate. */
    public record Seam(
            @Says("Seam gap at up to eight points") @Within(min = "0", max = "30", unit = "mm")
            List<BigDecimal> seamMm,

            @Says("Seam gap of a sound device of this model") @Within(min = "0", max = "5", unit = "mm") @Nullable
            BigDecimal seamNominalMm,

            @Says("Rocks on a flat plate") @Nullable Boolean rocks,
            @Says("The touch panel clicks") @Nullable Boolean panelClicks,

            @Says("Screen lifted by") @Within(min = "0", max = "30", unit = "mm") @Nullable
            BigDecimal screenLiftMm) {
        public static final Seam NONE = new Seam(List.of(), null, null);

        public Seam {
            seamMm = List.copyOf(seamMm);
        }

        public Seam(List<BigDecimal> seamMm, @Nullable BigDecimal seamNominalMm, @Nullable Boolean rocks) {
            this(seamMm, seamNominalMm, rocks, null, null);
        }

        /** A panel that no longer clicks, or a lifted screen, is pushed out of place. */
        boolean pushedOutOfPlace() {
            return Boolean.FALSE.equals(panelClicks) || screenLiftMm != null && screenLiftMm.signum() > 0;
        }

        boolean taken() {
            return !seamMm.isEmpty() || rocks != null;
        }
    }

    /** Its thickness in hand, and what it does to its device. */
    public record Shape(Thickness thickness, Seam seam) {
        public static final Shape NONE = new Shape(Thickness.NONE, Seam.NONE);
    }

    /** Rested voltage per cell. With several cells the first is the lowest. */
    public record Voltage(
            @Says("Rested voltage per cell; the lowest where several are read")
            @Within(min = "0", max = "10", unit = "V")
            @Nullable
            BigDecimal restedCellV,

            @Says("The highest cell, rested") @Within(min = "0", max = "10", unit = "V") @Nullable
            BigDecimal highestRestedCellV,

            @Says("Where it was read") @Nullable VoltageSource voltageSource,

            @Says("Charge limit per cell") @Within(min = "3.5", max = "4.6", unit = "V") @Nullable
            BigDecimal chargeLimitV,

            @Says("Cells apart, rested") @Within(min = "0", max = "10000", unit = "mV") @Nullable
            BigDecimal cellSpreadMv) {
        public static final Voltage NONE = new Voltage(null, null, null, null, null);

        Voltage with(@Nullable BigDecimal lowestV, @Nullable BigDecimal highestV) {
            return new Voltage(lowestV, highestV, voltageSource, chargeLimitV, cellSpreadMv);
        }

        Voltage withoutLimit() {
            return new Voltage(restedCellV, highestRestedCellV, voltageSource, null, cellSpreadMv);
        }
    }

    /** How far the voltage fell at rest, per cell. */
    public record VoltageDrop(
            @Says("Drop per cell at rest") @Within(min = "-1000", max = "5000", unit = "mV") @Nullable
            BigDecimal dropMv,

            @Says("Span of the drop") @Within(min = "0.1", max = "10000", unit = "h") @Nullable
            BigDecimal dropOverHours,

            @Says("Hours from the last current to the first of the two readings")
            @Within(min = "0", max = "100000", unit = "h")
            @Nullable
            BigDecimal hoursSinceCurrent,

            @Says("How far the temperature moved meanwhile") @Within(min = "0", max = "100", unit = "K") @Nullable
            BigDecimal temperatureMoveK) {
        public static final VoltageDrop NONE = new VoltageDrop(null, null, null, null);
    }

    /** The voltage at rest, watched once and, where that is not enough, again. */
    public record Drops(VoltageDrop voltageDrop, VoltageDrop secondVoltageDrop) {
        public static final Drops NONE = new Drops(VoltageDrop.NONE, VoltageDrop.NONE);
    }
}
