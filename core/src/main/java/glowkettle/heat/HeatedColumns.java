package glowkettle.heat;

import glowkettle.finding.Figures;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** The columns of a bond under one heating, from the temperatures that earlier heatings left. */
final class HeatedColumns {
    private static final int CURVE_POINTS = 90;

    private final HeatWindow.Request request;
    private final Doubt doubt;
    private final double toleranceK;
    private final ShopLimits limits;
    private final double ambientC;
    private final List<Part> parts = new ArrayList<>();

    /** Factors on every transfer, and once more on the heated face's. */
    record Doubt(double everyFace, double heatedFace) {}

    /** One column and its course while the heat is on. */
    private record Part(Column column, ColumnHistory course) {}

    /** Times in s; not a number for what never happens. */
    record Outcome(double bondReadyS, double limitS, double latestLiftOffS, Layer.@Nullable Part clippedBy) {
        boolean isEmpty() {
            return !(bondReadyS < latestLiftOffS);
        }
    }

    HeatedColumns(HeatWindow.Request request, Doubt doubt, double cellMm, double toleranceK, ShopLimits limits) {
        this(request, doubt, cellMm, toleranceK, limits.number(Limit.HEAT_MOST_S), false, limits);
    }

    /** Followed to a moment, whatever happens on the way. */
    static HeatedColumns fully(
            HeatWindow.Request request,
            Doubt doubt,
            double cellMm,
            double toleranceK,
            double untilS,
            ShopLimits limits) {
        return new HeatedColumns(request, doubt, cellMm, toleranceK, untilS, true, limits);
    }

    private HeatedColumns(
            HeatWindow.Request request,
            Doubt doubt,
            double cellMm,
            double toleranceK,
            double untilS,
            boolean fully,
            ShopLimits limits) {
        this.request = request;
        this.doubt = doubt;
        this.toleranceK = toleranceK;
        this.limits = limits;
        this.ambientC = request.ambientC().doubleValue();
        addColumn(request.stack().cell(), cellMm, fully ? untilS : 0, untilS);
        if (!request.stack().rim().isEmpty()) {
            double cellToldS = parts.getFirst().course().lastS();
            addColumn(request.stack().rim(), cellMm, cellToldS, untilS);
        }
    }

    private void addColumn(List<Layer> layers, double cellMm, double notBeforeS, double untilS) {
        Column column = new Column(layers, cellMm, limits);
        double[] state = column.allAt(ambientC);
        Column heated = column;
        for (HeatWindow.Earlier earlier : request.earlier()) {
            Column next = earlier.stack() == null
                    ? column
                    : new Column(earlier.stack().cell(), cellMm, limits);
            state = next.takenOver(heated, state);
            heated = next;
            ColumnHistory on = new ColumnHistory(heated, on(earlier.setting()), state, toleranceK)
                    .walk(earlier.heatedS().doubleValue(), instant -> false);
            ColumnHistory off = new ColumnHistory(heated, off(earlier.setting()), on.at(on.lastS()), toleranceK)
                    .walk(earlier.restedS().doubleValue(), instant -> false);
            state = off.at(off.lastS());
        }
        state = column.takenOver(heated, state);
        ColumnHistory course = new ColumnHistory(column, on(request.setting()), state, toleranceK);
        parts.add(new Part(
                column, course.walk(untilS, instant -> instant.sinceS() >= notBeforeS && isTold(column, instant))));
    }

    /** Nothing more is learnt once a layer is over what it bears, if any must, and the bond is ready. */
    private boolean isTold(Column column, Column.Instant instant) {
        boolean over = column.limited().isEmpty()
                || column.limited().stream().anyMatch(limited -> instant.hottestC(limited.layer()) > limited.mostC());
        return over && (!column.hasBond() || instant.coldestBondC() > limits.number(worksFrom()));
    }

    private Limit worksFrom() {
        return java.util.Objects.requireNonNull(request.stack().adhesive().worksFrom());
    }

    private ColumnHistory.Faces on(Setting setting) {
        Surroundings hot = setting.heated(ambientC, doubt.everyFace(), limits);
        hot = Surroundings.steady(hot.transferWm2K() * doubt.heatedFace(), hot.endC());
        return setting.face() == Setting.Face.BELOW
                ? new ColumnHistory.Faces(hot, resting())
                : new ColumnHistory.Faces(resting(), hot);
    }

    /** The heated face rests, or stays on the switched-off mat. */
    private ColumnHistory.Faces off(Setting setting) {
        if (!request.staysOnMat()) {
            return new ColumnHistory.Faces(resting(), resting());
        }
        Surroundings hot = on(setting).below();
        Surroundings mat = Surroundings.cooling(
                setting.face() == Setting.Face.BELOW
                        ? hot.transferWm2K()
                        : on(setting).above().transferWm2K(),
                setting.temperatureC().doubleValue(),
                ambientC,
                limits.number(Limit.MAT_COOLS_S));
        return setting.face() == Setting.Face.BELOW
                ? new ColumnHistory.Faces(mat, resting())
                : new ColumnHistory.Faces(resting(), mat);
    }

    private Surroundings resting() {
        return Surroundings.steady(limits.number(Limit.REST_WM2K) * doubt.everyFace(), ambientC);
    }

    private LiftOff liftOff(Part part) {
        return new LiftOff(part.column(), part.course(), off(request.setting()), toleranceK);
    }

    double lastS() {
        return parts.stream().mapToDouble(part -> part.course().lastS()).min().orElseThrow();
    }

    double bondReadyS(double worksFromC) {
        return orNever(bonded().course().reaches(worksFromC, Column.Instant::coldestBondC));
    }

    private static double orNever(OptionalDouble moment) {
        return moment.orElse(Double.NaN);
    }

    private Part bonded() {
        return parts.stream()
                .filter(part -> part.column().hasBond())
                .findFirst()
                .orElseThrow();
    }

    Outcome outcome(double worksFromC) {
        double limitS = Double.NaN;
        double latestS = limits.number(Limit.HEAT_MOST_S);
        Layer.Part clippedBy = null;
        for (Part part : parts) {
            double ownLimitS = part.course().lastS();
            Layer.Part first = null;
            for (Column.Limited limited : part.column().limited()) {
                double reached =
                        orNever(part.course().reaches(limited.mostC(), instant -> instant.hottestC(limited.layer())));
                if (reached <= ownLimitS) {
                    ownLimitS = reached;
                    first = limited.part();
                }
                if (reached < limitS || Double.isNaN(limitS)) {
                    limitS = reached;
                }
            }
            if (part.column().limited().isEmpty()) {
                continue;
            }
            double own = liftOff(part).latest(ownLimitS);
            if (own < latestS) {
                latestS = own;
                clippedBy = first != null ? first : hottestAfter(part, own);
            }
        }
        return new Outcome(bondReadyS(worksFromC), limitS, latestS, clippedBy);
    }

    /** Which layer comes nearest to what it bears after a lift-off. */
    private Layer.Part hottestAfter(Part part, double endS) {
        ColumnHistory after = liftOff(part).pastPeaks(endS);
        return part.column().limited().stream()
                .min(java.util.Comparator.comparingDouble(
                        limited -> limited.mostC() - after.highest(instant -> instant.hottestC(limited.layer()))))
                .orElseThrow()
                .part();
    }

    HeatWindow.Afterwards afterwards(double liftOffS, double worksFromC, double holdC) {
        Part cell = parts.getFirst();
        double peakC = Double.NEGATIVE_INFINITY;
        double peakS = liftOffS;
        for (double[] point : liftOff(cell).pastPeaks(liftOffS).curve(instant -> instant.hottestC(Layer.Part.CELL))) {
            if (point[1] > peakC) {
                peakC = point[1];
                peakS = liftOffS + point[0];
            }
        }
        double readyS = bondReadyS(worksFromC);
        boolean wasReady = readyS <= liftOffS;
        ColumnHistory cooling = liftOff(bonded()).untilCold(liftOffS, worksFromC, holdC, wasReady);
        // Heat still on its way through the layers may ready the bond when the heat is off already.
        double worksFromS =
                wasReady ? readyS : liftOffS + orNever(cooling.reaches(worksFromC, Column.Instant::coldestBondC));
        double coldS = liftOffS + orNever(cooling.coolsBelow(holdC, Column.Instant::coldestBondC));
        return new HeatWindow.Afterwards(
                Figures.round(liftOffS, 1),
                Figures.round(peakC, 1),
                Figures.round(peakS, 1),
                Double.isNaN(worksFromS) ? null : Figures.round(worksFromS, 1),
                Double.isNaN(worksFromS) || Double.isNaN(coldS) ? null : Figures.round(coldS, 1));
    }

    /** What a probe would read. */
    double readC(double sinceS, Refit.Spot spot) {
        ColumnHistory course = (spot == Refit.Spot.BOND ? bonded() : parts.getFirst()).course();
        return Refit.figure(spot).applyAsDouble(course.instantAt(sinceS));
    }

    /** The column of a spot from the moment the heat is taken away, to be walked on. */
    ColumnHistory after(double liftOffS, Refit.Spot spot) {
        return liftOff(spot == Refit.Spot.BOND ? bonded() : parts.getFirst()).after(liftOffS);
    }

    List<HeatWindow.Point> curve() {
        return points(bonded().course(), parts.getFirst().course(), 0, lastS());
    }

    /** From a lift-off on, through so many seconds. */
    List<HeatWindow.Point> cooling(double liftOffS, double forS) {
        ColumnHistory cell = liftOff(parts.getFirst()).through(liftOffS, forS);
        ColumnHistory bond =
                bonded() == parts.getFirst() ? cell : liftOff(bonded()).through(liftOffS, forS);
        return points(bond, cell, liftOffS, forS);
    }

    private static List<HeatWindow.Point> points(
            ColumnHistory bonded, ColumnHistory withCell, double fromS, double forS) {
        List<double[]> bond = bonded.curve(Column.Instant::coldestBondC);
        List<double[]> cell = withCell.curve(instant -> instant.hottestC(Layer.Part.CELL));
        List<HeatWindow.Point> points = new ArrayList<>();
        for (int k = 0; k <= CURVE_POINTS; k++) {
            double sinceS = forS * k / CURVE_POINTS;
            points.add(new HeatWindow.Point(
                    Figures.round(fromS + sinceS, 1),
                    Figures.round(between(bond, sinceS), 2),
                    Figures.round(between(cell, sinceS), 2)));
        }
        return points;
    }

    private static double between(List<double[]> points, double sinceS) {
        int next = 1;
        while (next < points.size() - 1 && points.get(next)[0] < sinceS) {
            next++;
        }
        double[] a = points.get(next - 1);
        double[] b = points.get(next);
        return a[1] + (b[1] - a[1]) * (sinceS - a[0]) / (b[0] - a[0]);
    }
}
