package glowkettle.app.arrive;

import glowkettle.app.drawing.Axes;
import glowkettle.app.drawing.Plot;
import glowkettle.arrive.PressureHold;
import glowkettle.finding.Figures;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A pressure-hold test as it is drawn: pressure over time, as far from the top as it is from its target, whether it was
 * pumped in or out; the test before the refit beside the one after it.
 */
final class HoldChart {
    private static final Axes.Sheet SHEET = new Axes.Sheet(660, 226, 54, 12, 14, 32);
    private static final double ROOM_ABOVE = 1 / 0.9;
    private static final int PARTS = 4;

    private HoldChart() {}

    /**
     * @param now the newest test, empty while there is none: its line is drawn as it comes
     * @param before the one it is held against
     */
    static Plot of(
            BigDecimal targetKpa,
            BigDecimal seconds,
            PressureHold.@Nullable Log now,
            PressureHold.@Nullable Log before) {
        Axes axes = new Axes(SHEET, new Axes.Range(0, seconds.doubleValue()), new Axes.Range(0, ROOM_ABOVE));
        List<Plot.Mark> marks = new ArrayList<>();
        marks.add(new Plot.Level("aim", axes.y(1), Figures.of(targetKpa), ""));
        if (before != null) {
            marks.add(line("before", axes, before));
        }
        marks.add(now == null ? new Plot.Line("now", "") : line("now", axes, now));
        return new Plot(
                "hold",
                "Pressure over time; the dotted line is the target of %s".formatted(Figures.withUnit(targetKpa, "kPa")),
                axes,
                marks,
                IntStream.rangeClosed(0, PARTS)
                        .mapToObj(part -> new Plot.Tick(
                                axes.x(seconds.doubleValue() * part / PARTS),
                                Figures.withUnit(seconds.doubleValue() * part / PARTS, 0, part == 0 ? "" : "s"),
                                part == PARTS ? "end" : "middle"))
                        .toList(),
                List.of(new Plot.Key("now", false, "pressure"), new Plot.Key("aim", false, "target, kPa")),
                now == null ? null : table(now));
    }

    private static Plot.Line line(String pen, Axes axes, PressureHold.Log log) {
        double target = log.targetKpa().doubleValue();
        return new Plot.Line(
                pen,
                axes.line(
                        log.samples(),
                        sample -> sample.seconds().doubleValue(),
                        sample -> sample.kpa().doubleValue() / target));
    }

    private static Plot.Table table(PressureHold.Log log) {
        return Plot.Table.of(
                "The log in figures",
                List.of("After", "Pressure"),
                log.samples(),
                sample -> List.of(Figures.withUnit(sample.seconds(), "s"), Figures.withUnit(sample.kpa(), "kPa")));
    }
}
