package glowkettle.app.match;

import glowkettle.app.drawing.Axes;
import glowkettle.app.drawing.Plot;
import glowkettle.finding.Figures;
import glowkettle.job.match.CellTable;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Cells by capacity, each a point at its resistance: what is alike lies together. The lines are those of the first lot that is large
 * enough for a rule.
 */
public record CellPlot(
        Axes axes, List<Point> points, List<Line> lines, List<Plot.Tick> below, List<Plot.Tick> beside, String says) {
    private static final Axes.Sheet SHEET = new Axes.Sheet(640, 360, 66, 16, 20, 50);
    private static final int TICKS = 4;

    /** A cell. */
    public record Point(String id, double x, double y, boolean accepted, String words) {}

    /** A median or a limit, upright for capacities, flat for resistances. */
    public record Line(boolean upright, double at, boolean limit, String words) {}

    public CellPlot {
        points = List.copyOf(points);
        lines = List.copyOf(lines);
        below = List.copyOf(below);
        beside = List.copyOf(beside);
    }

    /** Empty where no cell has both figures. */
    static Optional<CellPlot> of(CellTable table) {
        return table.screening().flatMap(found -> of(table.cells(), found.result()));
    }

    static Optional<CellPlot> of(List<Screening.Cell> cells, Screening screened) {
        List<Screening.Cell> measured = cells.stream()
                .filter(cell -> cell.capacityMah() != null && cell.resistanceMohm() != null)
                .toList();
        return measured.isEmpty() ? Optional.empty() : Optional.of(drawn(measured, screened));
    }

    private static CellPlot drawn(List<Screening.Cell> cells, Screening screened) {
        Map<String, Screening.Judged> judged = new HashMap<>();
        screened.cells().forEach(cell -> judged.put(cell.id(), cell));
        Optional<Screening.Lot> lot =
                screened.lots().stream().filter(one -> one.medianMah() != null).findFirst();
        Axes axes = new Axes(
                SHEET,
                range(
                        cells,
                        Screening.Cell::capacityMah,
                        lot.map(Screening.Lot::leastMah),
                        lot.map(Screening.Lot::mostMah)),
                // The limit lies half as high again: what it says stands in words where no cell is near it.
                range(cells, Screening.Cell::resistanceMohm, Optional.empty(), Optional.empty()));
        List<Point> points = cells.stream()
                .map(cell -> point(cell, Objects.requireNonNull(judged.get(cell.id())), axes))
                .toList();
        return new CellPlot(
                axes,
                points,
                lot.map(one -> lines(one, axes)).orElse(List.of()),
                ticks(axes.across(), axes::x, "mAh"),
                ticks(axes.up(), axes::y, "mΩ"),
                "%s cells by capacity and resistance, %s accepted".formatted(cells.size(), screened.accepted()));
    }

    private static Point point(Screening.Cell cell, Screening.Judged judged, Axes axes) {
        BigDecimal mah = Objects.requireNonNull(cell.capacityMah());
        BigDecimal mohm = Objects.requireNonNull(cell.resistanceMohm());
        String why = judged.accepted() ? "" : ": " + judged.rejects().getFirst().sentence();
        return new Point(
                cell.id(),
                axes.x(mah.doubleValue()),
                axes.y(mohm.doubleValue()),
                judged.accepted(),
                "%s, %s, %s%s".formatted(cell.id(), Figures.withUnit(mah, "mAh"), Figures.withUnit(mohm, "mΩ"), why));
    }

    /** Nine tenths of the cells decide what is shown; what lies far out is drawn at the edge. */
    private static Axes.Range range(
            List<Screening.Cell> cells,
            Function<Screening.Cell, @Nullable BigDecimal> figure,
            Optional<BigDecimal> least,
            Optional<BigDecimal> most) {
        double[] sorted = cells.stream()
                .map(figure)
                .filter(Objects::nonNull)
                .mapToDouble(BigDecimal::doubleValue)
                .sorted()
                .toArray();
        int out = sorted.length / 20;
        double low = Math.min(sorted[out], least.map(BigDecimal::doubleValue).orElse(sorted[out]));
        double high = Math.max(
                sorted[sorted.length - 1 - out],
                most.map(BigDecimal::doubleValue).orElse(sorted[sorted.length - 1 - out]));
        double room = Math.max((high - low) * 0.06, Math.max(1, Math.abs(high) * 0.002));
        return new Axes.Range(low - room, high + room);
    }

    private static List<Line> lines(Screening.Lot lot, Axes axes) {
        List<Line> lines = new ArrayList<>();
        add(lines, true, lot.medianMah(), false, "median", axes);
        add(lines, true, lot.leastMah(), true, "least", axes);
        add(lines, true, lot.mostMah(), true, "most", axes);
        add(lines, false, lot.medianMohm(), false, "median", axes);
        add(lines, false, lot.mostMohm(), true, "most", axes);
        return lines;
    }

    private static void add(
            List<Line> lines, boolean upright, @Nullable BigDecimal figure, boolean limit, String words, Axes axes) {
        Axes.Range shown = upright ? axes.across() : axes.up();
        if (figure != null && figure.doubleValue() >= shown.low() && figure.doubleValue() <= shown.high()) {
            double at = figure.doubleValue();
            lines.add(new Line(upright, upright ? axes.x(at) : axes.y(at), limit, words));
        }
    }

    private static List<Plot.Tick> ticks(Axes.Range range, DoubleUnaryOperator place, String unit) {
        return IntStream.rangeClosed(0, TICKS)
                .mapToObj(tick -> {
                    double value = range.low() + (range.high() - range.low()) * tick / TICKS;
                    return Plot.Tick.at(
                            tick,
                            TICKS,
                            place.applyAsDouble(value),
                            tick == TICKS ? Figures.withUnit(value, 0, unit) : Figures.of(value, 0));
                })
                .toList();
    }
}
