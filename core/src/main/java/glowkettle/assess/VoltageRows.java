package glowkettle.assess;

import glowkettle.assess.HazardReadings.Point;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.VoltageDrop;
import glowkettle.assess.HazardReadings.VoltageSource;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The rows of rested voltage, of its drop at rest, and of cells apart. */
final class VoltageRows {
    private static final BigDecimal HOURS_PER_DAY = BigDecimal.valueOf(24);

    private final HazardReadings readings;
    private final FiredRows row;
    private final @Nullable BigDecimal lowestV;
    private final boolean plugSaysNothing;

    VoltageRows(HazardReadings readings, FiredRows row) {
        this.readings = readings;
        this.row = row;
        Voltage voltage = readings.voltage();
        plugSaysNothing = voltage.voltageSource() == VoltageSource.PLUG
                && voltage.restedCellV() != null
                && voltage.restedCellV().compareTo(row.limits().of(Limit.PLUG_UNKNOWN_V)) < 0;
        lowestV = plugSaysNothing ? null : voltage.restedCellV();
    }

    void judge(boolean anySwelling, boolean warm) {
        level();
        spread();
        boolean first = drop(readings.drops().voltageDrop());
        boolean second = drop(readings.drops().secondVoltageDrop());
        boolean dropKnown = first || second;
        boolean liftedOut = readings.point() != Point.INTAKE;
        row.missing(
                plugSaysNothing || liftedOut && lowestV == null,
                MissingReading.RESTED_VOLTAGE,
                plugSaysNothing
                        ? "So low a reading at the plug says nothing, the board may be latched off: read at the cells or the gauge."
                        : "Read the rested voltage at the cells, the gauge or the plug.");
        row.missing(
                liftedOut && readings.voltage().chargeLimitV() == null,
                MissingReading.CHARGE_LIMIT,
                "Find the charge limit per cell on the label.");
        row.missing(
                readings.point() == Point.LIFTED_OUT && dropNeeded(anySwelling, warm) && !dropKnown,
                MissingReading.VOLTAGE_DROP,
                "Measure the voltage drop at rest: twice, with the temperature steady.");
    }

    private void level() {
        BigDecimal lowestV = lowest();
        row.downTo(
                Limit.CELL_LOW_ISOLATE_V,
                lowestV,
                Tier.ISOLATE,
                "cell-low",
                "A cell this low has dissolved copper: never charge it.");
        row.downTo(
                Limit.CELL_LOW_GUARDED_V,
                lowestV,
                Tier.GUARDED,
                "cell-low",
                "Too low to be charged again.",
                Condition.NO_CHARGE,
                Condition.NO_HEAT,
                Condition.REPLACE_PACK);
        BigDecimal chargeLimit = readings.voltage().chargeLimitV() != null
                ? readings.voltage().chargeLimitV()
                : row.limits().of(Limit.FLAT_BASE_LIMIT_V);
        Stream.of(readings.voltage().highestRestedCellV(), lowestV)
                .filter(java.util.Objects::nonNull)
                .max(java.util.Comparator.naturalOrder())
                .map(highest -> highest.subtract(chargeLimit))
                .ifPresent(over -> row.from(
                        Limit.CELL_OVER_ISOLATE_V,
                        over,
                        Tier.ISOLATE,
                        "cell-over",
                        "A cell is over its charge limit."));
    }

    /** The highest cell is never lower than the lowest: known alone, it bounds it. */
    private @Nullable BigDecimal lowest() {
        return lowestV != null
                ? lowestV
                : plugSaysNothing ? null : readings.voltage().highestRestedCellV();
    }

    private void spread() {
        Voltage voltage = readings.voltage();
        BigDecimal computed = voltage.highestRestedCellV() == null || lowestV == null
                ? null
                : voltage.highestRestedCellV().subtract(lowestV).movePointRight(3);
        Stream.of(voltage.cellSpreadMv(), computed)
                .filter(java.util.Objects::nonNull)
                .max(java.util.Comparator.naturalOrder())
                .ifPresent(spread -> {
                    row.from(
                            Limit.SPREAD_ISOLATE_MV,
                            spread,
                            Tier.ISOLATE,
                            "cells-apart",
                            "The cells of the pack stand far apart.");
                    row.from(
                            Limit.SPREAD_GUARDED_MV,
                            spread,
                            Tier.GUARDED,
                            "cells-apart",
                            "The cells of the pack stand apart.",
                            Condition.NO_CHARGE,
                            Condition.NO_HEAT);
                });
    }

    /** Judges the drop by each row it is valid for; false when it is valid for none. */
    private boolean drop(VoltageDrop drop) {
        if (drop.dropMv() == null || drop.dropOverHours() == null || drop.hoursSinceCurrent() == null) {
            return false;
        }
        boolean steady = drop.temperatureMoveK() != null
                && drop.temperatureMoveK().compareTo(row.limits().of(Limit.DROP_STEADY_K)) <= 0;
        BigDecimal perHour = drop.dropMv().divide(drop.dropOverHours(), MathContext.DECIMAL64);
        // Multiplied before it is divided, so that a boundary is met exactly.
        BigDecimal perDay = drop.dropMv().multiply(HOURS_PER_DAY).divide(drop.dropOverHours(), MathContext.DECIMAL64);
        boolean perDayValid = steady && row.reaches(Limit.DROP_DAY_REST_HOURS, drop.hoursSinceCurrent());
        boolean perHourValid = steady
                && row.reaches(Limit.DROP_HOUR_REST_HOURS, drop.hoursSinceCurrent())
                && row.reaches(Limit.DROP_HOUR_OVER_HOURS, drop.dropOverHours());
        if (perHourValid) {
            row.from(Limit.DROP_ISOLATE_MV_HOUR, perHour, Tier.ISOLATE, "voltage-drop", "The cell drains itself fast.");
        }
        if (perDayValid) {
            row.from(
                    Limit.DROP_GUARDED_MV_DAY,
                    perDay,
                    Tier.GUARDED,
                    "voltage-drop",
                    "The cell drains itself.",
                    Condition.NO_CHARGE,
                    Condition.NO_HEAT);
        }
        return perDayValid || perHourValid;
    }

    private boolean dropNeeded(boolean anySwelling, boolean warm) {
        HazardReadings.Look look = readings.look();
        boolean low = lowestV != null && lowestV.compareTo(row.limits().of(Limit.CELL_DROP_NEEDED_V)) <= 0;
        boolean wet = look.wet() == Wet.DEVICE || look.wet() == Wet.PACK;
        boolean damaged = Boolean.TRUE.equals(look.dentedBentDropped())
                || row.reaches(Limit.STRAIN_BENT_PERCENT, look.damage().faceStrainPercent());
        return wet || damaged || warm || anySwelling || low;
    }
}
