package glowkettle.job.free;

import glowkettle.heat.HeatCourse;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Refit;
import glowkettle.job.JobState;
import glowkettle.job.Overheat;
import glowkettle.library.Bond;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * Heat that stayed on past its latest lift-off. The curve is carried on to this moment, never cut off where a chart ended.
 * Source: handbook, Free the pack.
 *
 * @param live on, or off for less than a rest lasts: it is a danger, not history
 * @param asked the moment the curve was asked for
 * @param cellC what the curve says of the cell at the moment it is asked; after a rest, of its end
 * @param peakC the warmest the cell got by the curve
 */
public record Overrun(
        Bond bond,
        Heatings.Heating heating,
        Instant latestLiftOff,
        boolean live,
        Instant asked,
        BigDecimal cellC,
        BigDecimal peakC) {

    /** Every heating of a job that stayed on for too long, as known at a moment. */
    public static List<Overrun> of(JobState state, DeviceModel model, ShopLimits limits, Instant now) {
        return Heatings.every(state).stream()
                .flatMap(heating -> model
                        .anatomy()
                        .bondOf(heating.started().bond())
                        .filter(bond -> bond.layers().stack().adhesive().worksFrom() != null)
                        .flatMap(bond -> of(bond, heating, Heatings.of(state, model, bond.operation()), limits, now))
                        .stream())
                .toList();
    }

    private static Optional<Overrun> of(
            Bond bond, Heatings.Heating heating, Heatings heatings, ShopLimits limits, Instant now) {
        HeatWindow.Request request = heatings.request(heating, bond.layers().stack());
        Instant off = heating.to();
        Instant until = off == null ? now : off;
        Instant latest = heating.from()
                .plusMillis(latestS(request, heating, limits).movePointRight(3).longValue());
        if (!until.isAfter(latest)) {
            return Optional.empty();
        }
        boolean live = heating.isWarm(now);
        Instant asked = live || off == null ? now : off;
        BigDecimal cellC =
                HeatCourse.of(request, heating.readings(), limits).readC(heating.sinceS(asked), Refit.Spot.CELL);
        return Optional.of(
                new Overrun(bond, heating, latest, live, asked, cellC, peakC(request, heating, cellC, limits)));
    }

    /** In force when the heat was on: as planned, or as readings corrected it. */
    private static BigDecimal latestS(HeatWindow.Request request, Heatings.Heating heating, ShopLimits limits) {
        return heating.readings().isEmpty()
                ? HeatWindow.of(request, limits).result().latestLiftOffS()
                : Refit.of(new Refit.Request(request, heating.readings()), limits)
                        .result()
                        .latestLiftOffS();
    }

    private static BigDecimal peakC(
            HeatWindow.Request request, Heatings.Heating heating, BigDecimal cellC, ShopLimits limits) {
        HeatWindow.Afterwards after = HeatWindow.of(request, limits).result().afterwards();
        return heating.to() == null || after == null ? cellC : cellC.max(after.cellPeakC());
    }

    Overheat asOverheat() {
        return new Overheat(heating.from(), live, asked, cellC, peakC);
    }

    public boolean isOn() {
        return heating.to() == null;
    }

    public Duration late(Instant now) {
        return Duration.between(latestLiftOff, isOn() ? now : heating.to());
    }
}
