package glowkettle.app.library;

import glowkettle.app.drawing.Axes;
import glowkettle.cell.Chemistry;
import glowkettle.cell.OpenCircuitCurve;
import glowkettle.finding.Figures;
import glowkettle.library.DeviceModel;
import glowkettle.library.OwnCurve;
import glowkettle.limits.LimitTable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;

/**
 * Rested voltage against charge as a model has it, over the shop's own curve.
 *
 * @param seed the shop's curve as points, to start one from
 */
public record CurveDrawing(Axes axes, String shops, String own, List<Drawn> points, List<Drawn> levels, String seed) {
    private static final Axes.Sheet SHEET = new Axes.Sheet(640, 280, 56, 34, 12, 30);
    private static final int[] CHARGES = {0, 20, 40, 60, 80, 100};
    private static final double ROOM_V = 0.1;

    /** A mark in its place with its words; a point of the curve also says where it stands in the model. */
    public record Drawn(String path, double x, double y, String words) {}

    static CurveDrawing of(DeviceModel model, ShopLimits limits) {
        OpenCircuitCurve shops =
                OpenCircuitCurve.of(Chemistry.chargedTo(model.pack().ratings().chargeLimitV(), limits), limits);
        List<BigDecimal> charges = limits.table(LimitTable.OPEN_CIRCUIT).rows().stream()
                .map(List::getFirst)
                .toList();
        List<OwnCurve.Point> tabled = charges.stream()
                .map(soc -> new OwnCurve.Point(soc, Figures.round(shops.volts(soc.doubleValue()), 3)))
                .toList();
        DoubleStream volts = DoubleStream.concat(
                tabled.stream().mapToDouble(point -> point.cellV().doubleValue()),
                model.voltageCurve().stream().mapToDouble(point -> point.cellV().doubleValue()));
        List<Double> all = volts.boxed().toList();
        double least = all.stream().min(Double::compare).orElse(3.0) - ROOM_V;
        double most = all.stream().max(Double::compare).orElse(4.2) + ROOM_V;
        Axes axes = new Axes(SHEET, new Axes.Range(0, 100), new Axes.Range(least, most));
        List<Drawn> points = new ArrayList<>();
        for (OwnCurve.Point point : model.voltageCurve()) {
            points.add(new Drawn(
                    "voltageCurve[" + points.size() + "]",
                    axes.x(point.socPercent().doubleValue()),
                    axes.y(point.cellV().doubleValue()),
                    Figures.withUnit(point.cellV(), "V") + " at " + Figures.withUnit(point.socPercent(), "%")));
        }
        return new CurveDrawing(
                axes,
                line(axes, tabled),
                model.voltageCurve().isEmpty() ? "" : line(axes, model.voltageCurve()),
                points,
                levels(axes, least, most),
                tabled.stream()
                        .map(point -> "{\"socPercent\":%s,\"cellV\":%s}"
                                .formatted(
                                        point.socPercent().toPlainString(),
                                        point.cellV().toPlainString()))
                        .collect(Collectors.joining(",", "[", "]")));
    }

    private static String line(Axes axes, List<OwnCurve.Point> points) {
        return axes.line(
                points,
                point -> point.socPercent().doubleValue(),
                point -> point.cellV().doubleValue());
    }

    /** Every fifth of a volt, at its left end. */
    private static List<Drawn> levels(Axes axes, double least, double most) {
        return DoubleStream.iterate(Math.ceil(least * 5) / 5, volt -> volt <= most, volt -> volt + 0.2)
                .mapToObj(volt -> new Drawn("", axes.sheet().left(), axes.y(volt), "%.1f".formatted(volt)))
                .toList();
    }

    /** Charges that stand under it. */
    public List<Drawn> below() {
        List<Drawn> below = new ArrayList<>();
        for (int charge : CHARGES) {
            below.add(new Drawn("", axes.x(charge), axes.bottom() + 20, charge + " %"));
        }
        return below;
    }
}
