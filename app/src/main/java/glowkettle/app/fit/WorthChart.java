package glowkettle.app.fit;

import glowkettle.app.drawing.Axes;
import glowkettle.app.drawing.Plot;
import glowkettle.finding.Figures;
import glowkettle.fit.Worth;
import glowkettle.fit.WorthOverYears;
import glowkettle.limits.ShopLimits;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What a delivered watt-hour costs against the years a device is kept: a line an offer, with the points where they cross. */
final class WorthChart {
    private static final Axes.Sheet SHEET = new Axes.Sheet(720, 320, 76, 16, 26, 30);
    private static final int STEPS = 240;
    private static final int YEARS = 4;
    private static final int LEVELS = 3;
    /** Beyond so many times the dearest of the planned years the first weeks would flatten everything else. */
    private static final double ROOM = 1.6;
    /** A jump is drawn upright. */
    private static final double HAIR = 1e-6;

    private final Worth.Request asked;
    private final Worth answer;
    private final WorthOverYears line;
    private final Axes axes;
    private final double plannedYears;

    private WorthChart(Worth.Request asked, Worth answer, ShopLimits limits) {
        this.asked = asked;
        this.answer = answer;
        plannedYears = Objects.requireNonNull(asked.years()).doubleValue();
        line = WorthOverYears.of(asked, limits);
        double most = asked.offers().stream()
                .mapToDouble(offer -> line.costPerWh(offer, plannedYears))
                .max()
                .orElseThrow();
        axes = new Axes(SHEET, new Axes.Range(0, line.horizonYears()), new Axes.Range(0, Math.max(most * ROOM, HAIR)));
    }

    /** Null without planned years: over one pack's life there is nothing to draw. */
    static @Nullable Plot of(Worth.Request asked, Worth answer, ShopLimits limits) {
        return asked.years() == null ? null : new WorthChart(asked, answer, limits).draw();
    }

    private Plot draw() {
        List<Plot.Mark> marks = new ArrayList<>();
        IntStream.rangeClosed(1, LEVELS).mapToObj(this::level).forEach(marks::add);
        marks.add(new Plot.Day("planned", axes.x(plannedYears), "kept"));
        for (int i = 0; i < asked.offers().size(); i++) {
            Worth.Offer offer = asked.offers().get(i);
            marks.add(new Plot.Line(
                    pen(i), axes.line(at(offer), Double::doubleValue, years -> line.costPerWh(offer, years))));
        }
        answer.overtakings().stream().limit(1).map(this::meeting).forEach(marks::add);
        return new Plot(
                "worth",
                "What a delivered watt-hour costs against the years it is kept; the table below lists it",
                axes,
                marks,
                IntStream.rangeClosed(0, YEARS).mapToObj(this::year).toList(),
                Stream.concat(
                                IntStream.range(0, asked.offers().size())
                                        .mapToObj(i -> new Plot.Key(
                                                pen(i),
                                                false,
                                                asked.offers().get(i).name())),
                                Stream.of(new Plot.Key("cost", false, "cost per Wh, upwards")))
                        .toList(),
                table());
    }

    private static String pen(int offer) {
        return "offer-" + (offer + 1);
    }

    /** Every step, and both sides of every jump. */
    private List<Double> at(Worth.Offer offer) {
        TreeSet<Double> at = new TreeSet<>();
        IntStream.rangeClosed(1, STEPS).forEach(step -> at.add(line.horizonYears() * step / STEPS));
        line.jumps(offer).forEach(jump -> {
            at.add(jump - HAIR);
            at.add(jump + HAIR);
        });
        return List.copyOf(at);
    }

    private Plot.Level level(int step) {
        double cost = axes.up().high() * step / (LEVELS + 1);
        return new Plot.Level("cost", axes.y(cost), Figures.of(cost, 4), "");
    }

    private Plot.Dot meeting(Worth.Overtaking overtaking) {
        Worth.Offer cheaper = asked.offers().stream()
                .filter(offer -> offer.name().equals(overtaking.cheaper()))
                .findFirst()
                .orElseThrow();
        double years = overtaking.afterYears().doubleValue();
        return new Plot.Dot(
                "meeting",
                axes.x(years),
                axes.y(line.costPerWh(cheaper, years)),
                Figures.withUnit(overtaking.afterYears(), "years"));
    }

    private Plot.Tick year(int step) {
        double years = line.horizonYears() * step / YEARS;
        return Plot.Tick.at(step, YEARS, axes.x(years), Figures.of(years, 1) + (step == YEARS ? " years" : ""));
    }

    private Plot.Table table() {
        List<Double> years = IntStream.rangeClosed(1, 2 * YEARS)
                .mapToObj(step -> line.horizonYears() * step / (2 * YEARS))
                .toList();
        return Plot.Table.of(
                "Cost per Wh in figures",
                Stream.concat(Stream.of("Years"), asked.offers().stream().map(Worth.Offer::name))
                        .toList(),
                years,
                at -> Stream.concat(
                                Stream.of(Figures.of(at, 2)),
                                asked.offers().stream().map(offer -> Figures.of(line.costPerWh(offer, at), 5)))
                        .toList());
    }
}
