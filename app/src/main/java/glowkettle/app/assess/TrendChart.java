package glowkettle.app.assess;

import glowkettle.app.drawing.Axes;
import glowkettle.app.drawing.Plot;
import glowkettle.app.format.Words;
import glowkettle.assess.SwellTrend;
import glowkettle.finding.Figures;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The swelling trend as it is drawn: readings, the line and its band, the limit, and the dates between which the limit is
 * reached.
 */
final class TrendChart {
    private static final Axes.Sheet SHEET = new Axes.Sheet(720, 240, 54, 12, 8, 30);
    private static final int STEPS = 40;
    private static final int DAYS = 4;

    private final String of;
    private final List<SwellTrend.Dated> readings;
    private final BigDecimal limitMm;
    private final String limitIs;
    private final SwellTrend fitted;
    private final Words words;
    private final Instant from;
    private final Instant to;
    private final Axes axes;

    private TrendChart(
            String of,
            List<SwellTrend.Dated> readings,
            BigDecimal limitMm,
            String limitIs,
            SwellTrend fitted,
            Words words) {
        this.limitIs = limitIs;
        this.of = of;
        this.readings = readings;
        this.limitMm = limitMm;
        this.fitted = fitted;
        this.words = words;
        from = readings.getFirst().at();
        to = ends();
        axes = new Axes(SHEET, new Axes.Range(0, Duration.between(from, to).toSeconds()), sizes());
    }

    /**
     * @param of what was measured
     * @param limitIs what happens at the limit
     */
    static Plot of(
            String of,
            List<SwellTrend.Dated> readings,
            BigDecimal limitMm,
            String limitIs,
            SwellTrend fitted,
            Words words) {
        return new TrendChart(of, readings, limitMm, limitIs, fitted, words).draw();
    }

    private Instant ends() {
        Instant last = readings.getLast().at();
        Duration seen = Duration.between(from, last);
        Instant furthest = last.plus(seen.multipliedBy(3));
        Instant latest = Stream.of(fitted.latest(), fitted.expected())
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(last.plus(seen));
        return latest.isAfter(furthest)
                ? furthest
                : latest.plus(seen.dividedBy(6)).plusSeconds(3_600);
    }

    private Axes.Range sizes() {
        DoubleSummaryStatistics sizes = readings.stream()
                .mapToDouble(reading -> reading.sizeMm().doubleValue())
                .summaryStatistics();
        double most = Math.max(limitMm.doubleValue(), sizes.getMax());
        double room = Math.max(0.05, (most - sizes.getMin()) * 0.15);
        return new Axes.Range(sizes.getMin() - room, most + room);
    }

    private Plot draw() {
        SwellTrend.Line line = fitted.line();
        List<Instant> steps = IntStream.rangeClosed(0, STEPS)
                .mapToObj(step -> at(step, STEPS))
                .toList();
        List<Plot.Mark> marks = new ArrayList<>();
        if (fitted.earliest() != null) {
            double begins = x(fitted.earliest());
            double until = fitted.latest() == null ? x(to) : x(fitted.latest());
            marks.add(new Plot.Shade("reached", begins, Math.max(3, until - begins)));
        }
        marks.add(new Plot.Line(
                "band",
                axes.band(
                        steps,
                        this::since,
                        at -> line.sizeMm(at) - line.bandMm(at),
                        at -> line.sizeMm(at) + line.bandMm(at))));
        marks.add(new Plot.Line("fit", axes.line(List.of(from, to), this::since, line::sizeMm)));
        marks.add(new Plot.Level(
                "limit", axes.y(limitMm.doubleValue()), "", limitIs + " " + Figures.withUnit(limitMm, "mm")));
        readings.forEach(reading -> marks.add(new Plot.Dot(
                "reading", x(reading.at()), axes.y(reading.sizeMm().doubleValue()), Figures.of(reading.sizeMm()))));
        return new Plot(
                "trend",
                of + " over time; the table below lists the readings",
                axes,
                marks,
                IntStream.rangeClosed(0, DAYS).mapToObj(this::day).toList(),
                List.of(),
                new Plot.Table(
                        "Readings",
                        List.of("When", of),
                        readings.stream()
                                .map(reading ->
                                        List.of(words.when(reading.at()), Figures.withUnit(reading.sizeMm(), "mm")))
                                .toList()));
    }

    private Plot.Tick day(int day) {
        Instant at = at(day, DAYS);
        return new Plot.Tick(x(at), words.shortDay(at), day == DAYS ? "end" : "middle");
    }

    private Instant at(int step, int steps) {
        return from.plus(Duration.between(from, to).multipliedBy(step).dividedBy(steps));
    }

    private double since(Instant at) {
        return Duration.between(from, at).toSeconds();
    }

    private double x(Instant at) {
        return axes.x(since(at));
    }
}
