package glowkettle.heat;

import glowkettle.finding.Figures;
import glowkettle.limits.Remembered;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A heating, on or off again, corrected by what was read while it was on: walked once and read as often as somebody looks.
 * Many may read it at the same moment. Source: handbook, Free the pack.
 */
public final class HeatCourse {
    /** Walked on by so much at a time, so that a page that is asked for every second walks once in it. */
    private static final double FURTHER_S = 120;

    private static final Remembered<Asked, HeatCourse> COURSES = new Remembered<>(24, HeatCourse::new);

    private final HeatWindow.Request heating;
    private final double factor;
    private final ShopLimits limits;
    private final Map<Refit.Spot, ColumnHistory> cooling = new EnumMap<>(Refit.Spot.class);
    private final Map<Cooling, Optional<BigDecimal>> cooled = new HashMap<>();
    private HeatedColumns heated;

    private record Cooling(BigDecimal toC, Duration within) {}

    private record Asked(HeatWindow.Request heating, List<Refit.Reading> readings) {}

    /**
     * @param heating with its lift-off where the heat is off
     * @param readings taken while it was on, in order; none leaves the curve as planned
     */
    public static HeatCourse of(HeatWindow.Request heating, List<Refit.Reading> readings, ShopLimits limits) {
        return COURSES.of(new Asked(heating, List.copyOf(readings)), limits);
    }

    private HeatCourse(Asked asked, ShopLimits limits) {
        this.heating = asked.heating();
        this.limits = limits;
        this.factor = asked.readings().isEmpty() ? 1 : Refit.fit(heating, asked.readings(), limits);
        double liftOffS = heating.liftOffS() == null ? 0 : heating.liftOffS().doubleValue();
        this.heated = Refit.walked(heating, factor, liftOffS, limits);
    }

    /** What a probe should read so many seconds after the heat was put on. */
    public synchronized BigDecimal readC(BigDecimal sinceS, Refit.Spot spot) {
        double momentS = sinceS.doubleValue();
        double onS = heating.liftOffS() == null ? momentS : heating.liftOffS().doubleValue();
        double readC = momentS > onS ? coolingFor(momentS - onS, spot, onS) : heatingFor(momentS, spot);
        return Figures.round(readC, 1);
    }

    private double heatingFor(double momentS, Refit.Spot spot) {
        if (momentS - heated.lastS() > HeatConduction.NEAR_S) {
            heated = Refit.walked(heating, factor, momentS + FURTHER_S, limits);
        }
        return heated.readC(momentS, spot);
    }

    private double coolingFor(double laterS, Refit.Spot spot, double liftOffS) {
        ColumnHistory course = cooling.computeIfAbsent(spot, some -> heated.after(liftOffS, some));
        if (laterS > course.lastS()) {
            course.walk(laterS + FURTHER_S, instant -> false);
        }
        return Refit.figure(spot).applyAsDouble(course.instantAt(laterS));
    }

    /**
     * When the cell is down to a temperature for good.
     *
     * @param within looked for so long after the lift-off
     * @return since the heat was put on; empty while it is on, and where it takes longer
     */
    public synchronized Optional<BigDecimal> cellCooledS(BigDecimal toC, Duration within) {
        BigDecimal liftOffS = heating.liftOffS();
        return liftOffS == null
                ? Optional.empty()
                : cooled.computeIfAbsent(new Cooling(toC, within), asked -> cellCooledS(asked, liftOffS.doubleValue()));
    }

    private Optional<BigDecimal> cellCooledS(Cooling asked, double liftOffS) {
        double mostC = asked.toC().doubleValue();
        ColumnHistory course = heated.after(liftOffS, Refit.Spot.CELL)
                .walk(
                        asked.within().toSeconds(),
                        instant -> instant.sinceS() > LiftOff.FALLING_S
                                && Refit.figure(Refit.Spot.CELL).applyAsDouble(instant) < mostC);
        OptionalDouble crossed = course.coolsBelow(mostC, Refit.figure(Refit.Spot.CELL));
        return crossed.isPresent() ? Optional.of(Figures.round(liftOffS + crossed.getAsDouble(), 1)) : Optional.empty();
    }
}
