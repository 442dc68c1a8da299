package glowkettle.app.join;

import glowkettle.app.drawing.Axes;
import glowkettle.app.drawing.Plot;
import glowkettle.finding.Figures;
import glowkettle.join.JointHeat;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** How warm the can gets by how long the iron stands, with the limit and the longest dwell under it. */
final class JointChart {
    private static final Axes.Sheet SHEET = new Axes.Sheet(720, 260, 60, 16, 12, 30);
    private static final int TICKS = 4;
    private static final double ROOM = 1.1;

    private JointChart() {}

    /** Null where not even the shortest dwell is borne. */
    static @Nullable Plot of(JointHeat.Request asked, JointHeat heat, ShopLimits limits) {
        if (heat.curve().isEmpty()) {
            return null;
        }
        JointHeat.Moment cold = new JointHeat.Moment(BigDecimal.ZERO, asked.ambientC());
        List<JointHeat.Moment> curve = new ArrayList<>(List.of(cold));
        curve.addAll(heat.curve());
        BigDecimal most = limits.of(Limit.CAN_SOLDERING_C);
        double until = curve.getLast().dwellS().doubleValue();
        double warmest = curve.getLast().canC().max(most).doubleValue() * ROOM;
        Axes axes = new Axes(
                SHEET, new Axes.Range(0, until), new Axes.Range(asked.ambientC().doubleValue(), warmest));
        double longest = Math.min(until, heat.longestDwellS().doubleValue());
        return new Plot(
                "joint",
                "How warm the can gets by the dwell of the iron; the table below lists it",
                axes,
                List.of(
                        new Plot.Shade("borne", axes.x(0), axes.x(longest) - axes.x(0)),
                        new Plot.Level(
                                "limit",
                                axes.y(most.doubleValue()),
                                Figures.of(most),
                                "can at most " + Figures.withUnit(most, "°C")),
                        new Plot.Line(
                                "can",
                                axes.line(
                                        curve,
                                        moment -> moment.dwellS().doubleValue(),
                                        moment -> moment.canC().doubleValue()))),
                IntStream.rangeClosed(0, TICKS)
                        .mapToObj(tick -> Plot.Tick.at(
                                tick,
                                TICKS,
                                axes.x(until * tick / TICKS),
                                Figures.withUnit(until * tick / TICKS, 1, "s")))
                        .toList(),
                List.of(new Plot.Key("can", false, "the can at the tag"), new Plot.Key("borne", true, "borne")),
                Plot.Table.of(
                        "In figures",
                        List.of("Dwell", "Can at most"),
                        curve,
                        moment -> List.of(
                                Figures.withUnit(Figures.plain(moment.dwellS()), "s"),
                                Figures.withUnit(Figures.plain(moment.canC()), "°C"))));
    }
}
