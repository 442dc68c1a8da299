package glowkettle.library;

import glowkettle.cell.Chemistry;
import glowkettle.cell.OpenCircuitCurve;
import glowkettle.finding.Figures;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.limits.Limit;
import glowkettle.limits.LimitTable;
import glowkettle.limits.Remembered;
import glowkettle.limits.ShopLimits;
import glowkettle.limits.Table;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The rested voltage of a model's own cells against their charge, where it is known better than the shop's table. It takes
 * the table's place for the jobs of this model: every sum goes on reading one table.
 */
public final class OwnCurve {
    private static final int MOST_POINTS = 60;
    private static final BigDecimal FULL = BigDecimal.valueOf(100);
    /** Finer than any meter, and exact when the table is stretched again. */
    private static final int PLACES = 8;

    /** Asked for every time a job of such a model is looked at. */
    private static final Remembered<Measured, ShopLimits> JUDGING = new Remembered<>(50, OwnCurve::with);

    private record Measured(List<Point> curve, BigDecimal chargeLimitV) {}

    private OwnCurve() {}

    /** A point of the curve, as measured at rest at 25 °C. */
    public record Point(
            @Says("Charge") @Within(min = "0", max = "100", unit = "%")
            BigDecimal socPercent,

            @Says("Rested voltage of one cell") @Within(min = "2", max = "4.6", unit = "V")
            BigDecimal cellV) {}

    /** What keeps a curve from being used: it must rise from empty to full, else one voltage would mean two charges. */
    static Optional<String> fault(List<Point> points) {
        if (points.isEmpty()) {
            return Optional.empty();
        }
        if (points.size() < 2 || points.size() > MOST_POINTS) {
            return Optional.of(
                    "The voltage curve has %s points; 2 to %s are accepted".formatted(points.size(), MOST_POINTS));
        }
        if (points.getFirst().socPercent().signum() != 0
                || points.getLast().socPercent().compareTo(FULL) != 0) {
            return Optional.of("The voltage curve must reach from 0 to 100 %");
        }
        for (int i = 1; i < points.size(); i++) {
            Point before = points.get(i - 1);
            Point here = points.get(i);
            if (here.socPercent().compareTo(before.socPercent()) <= 0
                    || here.cellV().compareTo(before.cellV()) <= 0) {
                return Optional.of("The voltage curve must rise: %s at %s follows %s at %s"
                        .formatted(
                                Figures.withUnit(here.cellV(), "V"),
                                Figures.withUnit(here.socPercent(), "%"),
                                Figures.withUnit(before.cellV(), "V"),
                                Figures.withUnit(before.socPercent(), "%")));
            }
        }
        return Optional.empty();
    }

    /**
     * The limits by which a model's jobs are judged: the shop's, with its curve in their table.
     *
     * @param chargeLimitV of its pack
     */
    public static ShopLimits judging(List<Point> curve, BigDecimal chargeLimitV, ShopLimits limits) {
        return curve.isEmpty() ? limits : JUDGING.of(new Measured(curve, chargeLimitV), limits);
    }

    private static ShopLimits with(Measured measured, ShopLimits limits) {
        BigDecimal chargeLimitV = measured.chargeLimitV();
        boolean iron = Chemistry.chargedTo(chargeLimitV, limits).family() == Chemistry.Family.IRON_PHOSPHATE;
        OpenCircuitCurve others = OpenCircuitCurve.of(
                new Chemistry(
                        iron ? Chemistry.Family.LITHIUM : Chemistry.Family.IRON_PHOSPHATE,
                        limits.of(Limit.FLAT_BASE_LIMIT_V)),
                limits);
        double stretch = OpenCircuitCurve.stretch(chargeLimitV, limits);
        List<List<BigDecimal>> rows = new ArrayList<>();
        for (Point point : measured.curve()) {
            BigDecimal other = Figures.round(others.volts(point.socPercent().doubleValue()), PLACES);
            rows.add(
                    iron
                            ? List.of(point.socPercent(), other, point.cellV())
                            : List.of(point.socPercent(), unstretched(point.cellV(), stretch, limits), other));
        }
        return limits.with(
                LimitTable.OPEN_CIRCUIT,
                new Table(limits.table(LimitTable.OPEN_CIRCUIT).columns(), rows));
    }

    /** The table is stretched to charge limits over its own; what was measured has been so already. */
    private static BigDecimal unstretched(BigDecimal cellV, double stretch, ShopLimits limits) {
        BigDecimal from = limits.of(Limit.STRETCH_FROM_V);
        return cellV.compareTo(from) <= 0
                ? cellV
                : from.add(Figures.round(cellV.subtract(from).doubleValue() / stretch, PLACES));
    }
}
