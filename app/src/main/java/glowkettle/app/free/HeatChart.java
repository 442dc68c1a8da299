package glowkettle.app.free;

import glowkettle.app.drawing.Axes;
import glowkettle.app.drawing.Plot;
import glowkettle.finding.Figures;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Refit;
import glowkettle.heat.Stack;
import glowkettle.job.Phrases;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A heating as it is drawn: the coldest point of the bond and the hottest of the cell over time, the two temperatures that
 * matter, and the window between them.
 */
final class HeatChart {
    private static final Axes.Sheet SHEET = new Axes.Sheet(640, 370, 46, 12, 12, 32);
    private static final int[] TICK_SECONDS = {10, 30, 60, 120, 300, 600};
    private static final int MOST_TICKS = 8;

    private HeatChart() {}

    /**
     * What is drawn of a heating.
     *
     * @param readings what a probe read while it was on
     * @param shownToS it is drawn at least as far, where the curve goes so far
     * @param live a hand moves along it
     */
    record Course(
            List<HeatWindow.Point> curve,
            BigDecimal latestLiftOffS,
            List<Refit.Reading> readings,
            BigDecimal shownToS,
            boolean live) {
        /** As it is reckoned, before it begins. */
        static Course of(HeatWindow window) {
            return new Course(window.curve(), window.latestLiftOffS(), List.of(), BigDecimal.ZERO, false);
        }
    }

    static Plot of(Stack stack, HeatWindow window, Course course, ShopLimits limits) {
        List<HeatWindow.Point> curve = course.curve();
        BigDecimal latestLiftOffS = course.latestLiftOffS();
        BigDecimal worksC = limits.of(Objects.requireNonNull(stack.adhesive().worksFrom()));
        BigDecimal bearsC = limits.of(Limit.CELL_HEATING_C);
        double untilS = untilS(window, course);
        Axes axes = new Axes(SHEET, new Axes.Range(0, untilS), range(course, untilS, worksC, bearsC));
        List<Plot.Mark> marks = new ArrayList<>();
        BigDecimal readyS = window.isEmpty() ? null : window.bondReadyS();
        if (readyS != null && latestLiftOffS.compareTo(readyS) > 0) {
            double from = axes.x(readyS.doubleValue());
            marks.add(new Plot.Shade("window", from, axes.x(latestLiftOffS.doubleValue()) - from));
        }
        marks.add(new Plot.Level("works", axes.y(worksC.doubleValue()), degrees(worksC), ""));
        marks.add(new Plot.Level("bears", axes.y(bearsC.doubleValue()), degrees(bearsC), ""));
        marks.add(line("cell", axes, curve, false));
        marks.add(line("bond", axes, curve, true));
        course.readings().stream().map(reading -> dot(reading, axes)).forEach(marks::add);
        if (course.live()) {
            marks.add(new Plot.Hand("hand"));
        }
        return new Plot(
                "heat",
                "Temperature of the bond and of the cell over the heating; the bond works from %s °C, the cell bears %s °C"
                        .formatted(worksC, bearsC),
                axes,
                marks,
                ticks(axes, untilS),
                List.of(
                        new Plot.Key("bond", false, "bond, coldest point"),
                        new Plot.Key("cell", false, "cell, hottest point"),
                        new Plot.Key("works", false, "bond works from " + Figures.withUnit(worksC, "°C")),
                        new Plot.Key("bears", false, "cell bears " + Figures.withUnit(bearsC, "°C")),
                        new Plot.Key("window", true, "window")),
                table(curve, course.readings()));
    }

    private static Plot.Dot dot(Refit.Reading reading, Axes axes) {
        return new Plot.Dot(
                "read-" + Phrases.lower(reading.spot()).replace(' ', '-'),
                axes.x(reading.sinceS().doubleValue()),
                axes.y(reading.temperatureC().doubleValue()),
                degrees(reading.temperatureC()));
    }

    /** What comes long after the window says nothing more; a curve that was carried on is shown to its end. */
    private static double untilS(HeatWindow window, Course course) {
        List<HeatWindow.Point> curve = course.curve();
        double lastS = curve.getLast().sinceS().doubleValue();
        double ends = Math.max(course.latestLiftOffS().doubleValue(), orZero(window.bondReadyS()));
        boolean carriedOn = curve != window.curve();
        return !carriedOn && ends > 0
                ? Math.min(lastS, Math.max(ends * 1.25 + 10, course.shownToS().doubleValue()))
                : lastS;
    }

    private static Axes.Range range(Course course, double untilS, BigDecimal worksC, BigDecimal bearsC) {
        double hottestRead = course.readings().stream()
                .mapToDouble(reading -> reading.temperatureC().doubleValue())
                .reduce(bearsC.doubleValue(), Math::max);
        double highest = course.curve().stream()
                .filter(point -> point.sinceS().doubleValue() <= untilS)
                .mapToDouble(point ->
                        Math.max(point.bondC().doubleValue(), point.cellC().doubleValue()))
                .reduce(Math.max(worksC.doubleValue(), hottestRead), Math::max);
        return new Axes.Range(course.curve().getFirst().bondC().doubleValue() - 2, highest + 6);
    }

    private static Plot.Line line(String pen, Axes axes, List<HeatWindow.Point> curve, boolean bond) {
        return new Plot.Line(
                pen,
                axes.line(
                        curve,
                        point -> point.sinceS().doubleValue(),
                        point -> (bond ? point.bondC() : point.cellC()).doubleValue()));
    }

    private static String degrees(BigDecimal temperatureC) {
        return temperatureC + "°";
    }

    private static double orZero(@Nullable BigDecimal value) {
        return value == null ? 0 : value.doubleValue();
    }

    private static List<Plot.Tick> ticks(Axes axes, double untilS) {
        int step = IntStream.of(TICK_SECONDS)
                .filter(seconds -> untilS / seconds <= MOST_TICKS)
                .findFirst()
                .orElse(TICK_SECONDS[TICK_SECONDS.length - 1]);
        return IntStream.iterate(0, seconds -> seconds <= untilS, seconds -> seconds + step)
                .mapToObj(seconds -> new Plot.Tick(axes.x(seconds), minutes(seconds), "middle"))
                .toList();
    }

    private static String minutes(int seconds) {
        return "%d:%02d".formatted(seconds / 60, seconds % 60);
    }

    private static Plot.Table table(List<HeatWindow.Point> curve, List<Refit.Reading> readings) {
        Plot.Table table = curveTable(curve);
        List<List<String>> rows = new ArrayList<>(table.rows());
        readings.forEach(reading -> rows.add(List.of(
                minutes(reading.sinceS().intValue()) + ", read",
                reading.spot() == Refit.Spot.BOND ? Figures.withUnit(reading.temperatureC(), "°C") : "",
                reading.spot() == Refit.Spot.BOND
                        ? ""
                        : "%s: %s".formatted(reading.spot().words(), Figures.withUnit(reading.temperatureC(), "°C")))));
        return new Plot.Table(table.words(), table.columns(), rows);
    }

    private static Plot.Table curveTable(List<HeatWindow.Point> curve) {
        return Plot.Table.of(
                "The curve in figures",
                List.of("After", "Bond, coldest", "Cell, hottest"),
                curve,
                point -> List.of(
                        minutes(point.sinceS().intValue()),
                        Figures.withUnit(point.bondC().doubleValue(), 1, "°C"),
                        Figures.withUnit(point.cellC().doubleValue(), 1, "°C")));
    }
}
