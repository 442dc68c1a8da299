package glowkettle.assess;

import glowkettle.assess.HazardReadings.Cell;
import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Drops;
import glowkettle.assess.HazardReadings.Hand;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Point;
import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HazardReadings.Shape;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.VoltageDrop;
import glowkettle.assess.HazardReadings.VoltageSource;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.HazardReadings.Wet;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Readings as a flat list of columns, so that tests change one of them by its name. */
final class Readings {
    Point point = Point.LIFTED_OUT;

    @Nullable
    Boolean flame = false;

    @Nullable
    Boolean pillow = false;

    @Nullable
    Boolean pushedOut = false;

    @Nullable
    Boolean pierced = false;

    @Nullable
    Boolean dented = false;

    @Nullable
    Boolean leak = false;

    @Nullable
    Wet wet = Wet.NO;

    @Nullable
    BigDecimal damageAgeHours;

    @Nullable
    BigDecimal faceStrainPercent;

    @Nullable
    BigDecimal surfaceC = new BigDecimal("21.5");

    @Nullable
    BigDecimal ambientC = new BigDecimal("21");

    @Nullable
    Boolean atRest = true;

    @Nullable
    BigDecimal minutesSinceHeat;

    @Nullable
    BigDecimal minutesSinceCurrent;

    @Nullable
    BigDecimal riseK;

    @Nullable
    BigDecimal predictedC;

    @Nullable
    BigDecimal excessRiseK;

    @Nullable
    BigDecimal middleMm = new BigDecimal("4.20");

    List<BigDecimal> cornersMm = List.of();

    @Nullable
    BigDecimal nominalMm = new BigDecimal("4.2");

    @Nullable
    BigDecimal seamMm = new BigDecimal("0.10");

    @Nullable
    Boolean rocks = false;

    @Nullable
    BigDecimal restedV = new BigDecimal("3.80");

    @Nullable
    BigDecimal highestV;

    @Nullable
    VoltageSource source = VoltageSource.CELLS;

    @Nullable
    BigDecimal limitV = new BigDecimal("4.2");

    @Nullable
    BigDecimal spreadMv;

    @Nullable
    BigDecimal dropMv;

    @Nullable
    BigDecimal dropOverHours;

    @Nullable
    BigDecimal hoursSinceCurrent;

    @Nullable
    BigDecimal temperatureMoveK;

    /** In 3 h, first read 5 h after the last current. */
    @Nullable
    BigDecimal secondDropMv;

    @Nullable
    BigDecimal cellC;

    @Nullable
    BigDecimal minutesSinceCellRead;

    @Nullable
    BigDecimal curveCellC;

    @Nullable
    Boolean overrun;

    @Nullable
    BigDecimal modelMm;

    @Nullable
    Boolean handCool;

    @Nullable
    Boolean handClosed;

    @Nullable
    Boolean handFlat;

    static Readings good() {
        return new Readings();
    }

    /** Sets a column by its name; an empty text takes the reading away. */
    Readings with(String column, @Nullable String text) {
        BigDecimal figure = text == null || !text.matches("-?[0-9.]+") ? null : new BigDecimal(text);
        Boolean truth = text == null ? null : Boolean.valueOf(text);
        switch (column) {
            case "point" -> point = Point.valueOf(String.valueOf(text));
            case "flame" -> flame = truth;
            case "pillow" -> pillow = truth;
            case "pushedOut" -> pushedOut = truth;
            case "pierced" -> pierced = truth;
            case "dented" -> dented = truth;
            case "leak" -> leak = truth;
            case "wet" -> wet = text == null ? null : Wet.valueOf(text);
            case "damageAgeHours" -> damageAgeHours = figure;
            case "faceStrainPercent" -> faceStrainPercent = figure;
            case "surfaceC" -> surfaceC = figure;
            case "ambientC" -> ambientC = figure;
            case "atRest" -> atRest = truth;
            case "minutesSinceHeat" -> minutesSinceHeat = figure;
            case "minutesSinceCurrent" -> minutesSinceCurrent = figure;
            case "riseK" -> riseK = figure;
            case "predictedC" -> predictedC = figure;
            case "excessRiseK" -> excessRiseK = figure;
            case "middleMm" -> middleMm = figure;
            case "cornerMm" -> cornersMm = figure == null ? List.of() : List.of(figure);
            case "nominalMm" -> nominalMm = figure;
            case "seamMm" -> seamMm = figure;
            case "rocks" -> rocks = truth;
            case "restedV" -> restedV = figure;
            case "highestV" -> highestV = figure;
            case "source" -> source = text == null ? null : VoltageSource.valueOf(text);
            case "limitV" -> limitV = figure;
            case "spreadMv" -> spreadMv = figure;
            case "dropMv" -> dropMv = figure;
            case "dropOverHours" -> dropOverHours = figure;
            case "hoursSinceCurrent" -> hoursSinceCurrent = figure;
            case "temperatureMoveK" -> temperatureMoveK = figure;
            case "secondDropMv" -> secondDropMv = figure;
            case "cellC" -> cellC = figure;
            case "minutesSinceCellRead" -> minutesSinceCellRead = figure;
            case "curveCellC" -> curveCellC = figure;
            case "overrun" -> overrun = truth;
            case "modelMm" -> modelMm = figure;
            case "handCool" -> handCool = truth;
            case "handClosed" -> handClosed = truth;
            case "handFlat" -> handFlat = truth;
            default -> throw new IllegalArgumentException("No reading is called " + column);
        }
        return this;
    }

    /** {@code "surfaceC=45 atRest=true"}; a name without a value takes the reading away. */
    Readings withAll(@Nullable String changes) {
        if (changes != null) {
            for (String change : changes.strip().split(" +")) {
                String[] pair = change.split("=", 2);
                with(pair[0], pair.length == 1 || pair[1].isEmpty() ? null : pair[1]);
            }
        }
        return this;
    }

    HazardReadings take() {
        return new HazardReadings(
                point,
                new Look(
                        flame,
                        pillow,
                        pushedOut,
                        pierced,
                        dented,
                        leak,
                        wet,
                        new Damage(damageAgeHours, faceStrainPercent)),
                new Hand(handCool, handClosed, handFlat),
                new Warmth(
                        surfaceC,
                        ambientC,
                        atRest,
                        minutesSinceHeat,
                        minutesSinceCurrent,
                        riseK,
                        predictedC,
                        excessRiseK),
                new Cell(cellC, minutesSinceCellRead, curveCellC, overrun),
                new Shape(
                        new Thickness(middleMm, cornersMm, nominalMm, modelMm, null),
                        new Seam(seamMm == null ? List.of() : List.of(seamMm), null, rocks)),
                new Voltage(restedV, highestV, source, limitV, spreadMv),
                new Drops(
                        new VoltageDrop(dropMv, dropOverHours, hoursSinceCurrent, temperatureMoveK),
                        secondDropMv == null
                                ? VoltageDrop.NONE
                                : new VoltageDrop(
                                        secondDropMv, new BigDecimal("3"), new BigDecimal("5"), BigDecimal.ONE)));
    }
}
