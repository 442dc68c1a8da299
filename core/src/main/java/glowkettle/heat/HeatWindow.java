package glowkettle.heat;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.heat.Layer.Part;
import glowkettle.limits.Limit;
import glowkettle.limits.Remembered;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The time in which a heated bond can be worked and the pack still bears it: from the bond's readiness to the latest
 * lift-off whose after-peak stays under every limit. One-dimensional conduction through a rim column and a cell column that
 * see the same heat. Source: handbook, Free the pack. Times are seconds from the start of this heating.
 *
 * @param bondReadyS when the coldest point of the bond reaches its working temperature; null when it never does
 * @param limitS when the first layer reaches what it bears; null when none does within the longest heating
 * @param clippedBy the layer that ends the window, or null when only the longest heating does
 * @param widthS null when the window is empty
 */
public record HeatWindow(
        @Says("Bond ready after") @Nullable BigDecimal bondReadyS,
        @Says("Cell at its limit after") @Nullable BigDecimal limitS,
        @Says("Off at the latest after") BigDecimal latestLiftOffS,
        @Nullable Part clippedBy,
        @Says("Window") @Nullable BigDecimal widthS,
        @Nullable Afterwards afterwards,
        List<Point> curve) {
    private static final double CELL_MM = 0.05;
    private static final double TOLERANCE_K = 0.05;
    private static final double COARSE_CELL_MM = 0.1;
    private static final double COARSE_TOLERANCE_K = 0.1;

    /** A heating that came before this one, and the pause after it. */
    public record Earlier(
            @Says("How it was heated") Setting setting,

            @Says("Heated for") @Within(min = "0", max = "36000", unit = "s")
            BigDecimal heatedS,

            @Says("Then off for") @Within(min = "0", max = "36000", unit = "s")
            BigDecimal restedS,

            @Says("What that heat went through, where it was at another bond of the device") @Nullable
            Stack stack) {
        public Earlier(Setting setting, BigDecimal heatedS, BigDecimal restedS) {
            this(setting, heatedS, restedS, null);
        }
    }

    /** What to reckon. */
    public record Request(
            @Says("What the heat goes through") Stack stack,
            @Says("How it is heated") Setting setting,

            @Says("Shop air; everything starts at it") @Within(min = "0", max = "45", unit = "°C")
            BigDecimal ambientC,

            @Says("Heatings before this one, the first one first")
            List<Earlier> earlier,

            @Says("Left lying on the switched-off mat") @Nullable
            Boolean leftOnMat,

            @Says("Taken off after, however late") @Within(min = "0", max = "36000", unit = "s") @Nullable
            BigDecimal liftOffS) {
        /** What came before so many heatings has left the device long since. */
        public static final int MOST_HEATINGS = 20;

        public Request {
            earlier = List.copyOf(earlier);
            if (earlier.size() > MOST_HEATINGS) {
                throw new Unanswerable("earlier", "At most %s heatings are reckoned".formatted(MOST_HEATINGS));
            }
        }

        public Request with(Setting other) {
            return new Request(stack, other, ambientC, earlier, leftOnMat, liftOffS);
        }

        /** The same heating, on until a moment. */
        public Request until(BigDecimal otherLiftOffS) {
            return new Request(stack, setting, ambientC, earlier, leftOnMat, otherLiftOffS);
        }

        boolean staysOnMat() {
            return Boolean.TRUE.equals(leftOnMat) && setting.source() == Setting.Source.MAT;
        }
    }

    /**
     * After a lift-off at a moment, late or not: nothing is cut to a limit.
     *
     * @param worksFromS from the start of the heating, when the bond gets ready, also after lift-off; null when it never does
     * @param worksUntilS until when it can be worked; null when it is never ready
     */
    public record Afterwards(
            BigDecimal liftOffS,
            BigDecimal cellPeakC,
            BigDecimal cellPeakAtS,
            @Nullable BigDecimal worksFromS,
            @Nullable BigDecimal worksUntilS) {}

    /** A point of the two curves while the heat is on. */
    public record Point(BigDecimal sinceS, BigDecimal bondC, BigDecimal cellC) {}

    public HeatWindow {
        curve = List.copyOf(curve);
    }

    public boolean isEmpty() {
        return widthS == null;
    }

    private static final Remembered<Request, Result<HeatWindow>> WINDOWS =
            new Remembered<>(400, (request, limits) -> reckon(request, 1, limits));

    public static Result<HeatWindow> of(Request request, ShopLimits limits) {
        return WINDOWS.of(request, limits);
    }

    /** With the heated face's transfer as readings showed it. */
    static Result<HeatWindow> reckon(Request request, double heatedFactor, ShopLimits limits) {
        request.stack().checked();
        double worksFromC =
                limits.number(Objects.requireNonNull(request.stack().adhesive().worksFrom()));
        HeatedColumns heating =
                new HeatedColumns(request, new HeatedColumns.Doubt(1, heatedFactor), CELL_MM, TOLERANCE_K, limits);
        HeatedColumns.Outcome outcome = heating.outcome(worksFromC);
        HeatWindow window = new HeatWindow(
                seconds(outcome.bondReadyS()),
                seconds(outcome.limitS()),
                Figures.round(outcome.latestLiftOffS(), 1),
                outcome.clippedBy(),
                outcome.isEmpty() ? null : Figures.round(outcome.latestLiftOffS() - outcome.bondReadyS(), 1),
                afterwards(request, heating, heatedFactor, outcome, worksFromC, limits),
                heating.curve());
        return new Result<>(
                window, findings(request, window, worksFromC, limits), working(request, window, worksFromC, limits));
    }

    private static @Nullable Afterwards afterwards(
            Request request,
            HeatedColumns heating,
            double heatedFactor,
            HeatedColumns.Outcome outcome,
            double worksFromC,
            ShopLimits limits) {
        double liftOffS = request.liftOffS() != null ? request.liftOffS().doubleValue() : outcome.latestLiftOffS();
        if (liftOffS <= 0) {
            return null;
        }
        HeatedColumns followed = liftOffS <= heating.lastS()
                ? heating
                : HeatedColumns.fully(
                        request, new HeatedColumns.Doubt(1, heatedFactor), CELL_MM, TOLERANCE_K, liftOffS, limits);
        return followed.afterwards(liftOffS, worksFromC, worksFromC - limits.number(Limit.HOLD_BELOW_WORK_K));
    }

    /**
     * The curve of a heating up to a moment, however late, as readings corrected it: at equal distances, the last point at
     * that moment.
     */
    public static List<Point> curveUntil(
            Request request, BigDecimal heatedFactor, BigDecimal untilS, ShopLimits limits) {
        return HeatedColumns.fully(
                        request,
                        new HeatedColumns.Doubt(1, heatedFactor.doubleValue()),
                        COARSE_CELL_MM,
                        COARSE_TOLERANCE_K,
                        untilS.doubleValue(),
                        limits)
                .curve();
    }

    private record Cooled(Request request, BigDecimal liftOffS, BigDecimal untilS) {}

    private static final Remembered<Cooled, List<Point>> COOLED = new Remembered<>(40, (cooled, limits) -> {
        HeatedColumns heated = HeatedColumns.fully(
                cooled.request(),
                new HeatedColumns.Doubt(1, 1),
                COARSE_CELL_MM,
                COARSE_TOLERANCE_K,
                cooled.liftOffS().doubleValue(),
                limits);
        List<Point> points = new ArrayList<>(heated.curve());
        points.removeLast();
        points.addAll(heated.cooling(
                cooled.liftOffS().doubleValue(),
                cooled.untilS().subtract(cooled.liftOffS()).doubleValue()));
        return List.copyOf(points);
    });

    /**
     * The curve of a heating that was ended, and on while it cools, up to a moment.
     *
     * @throws IllegalArgumentException where that moment does not come after the lift-off
     */
    public static List<Point> curveCooling(Request request, BigDecimal liftOffS, BigDecimal untilS, ShopLimits limits) {
        if (untilS.compareTo(liftOffS) <= 0) {
            throw new IllegalArgumentException("%s s is not after the lift-off at %s s".formatted(untilS, liftOffS));
        }
        return COOLED.of(new Cooled(request, liftOffS, untilS), limits);
    }

    private static @Nullable BigDecimal seconds(double value) {
        return Double.isNaN(value) ? null : Figures.round(value, 1);
    }

    private static List<Finding> findings(Request request, HeatWindow window, double worksFromC, ShopLimits limits) {
        List<Finding> findings = new ArrayList<>();
        boolean byConstruction = request.stack().bondTouchesCell() && worksFromC >= limits.number(Limit.CELL_HEATING_C);
        BigDecimal readyS = window.bondReadyS();
        if (byConstruction) {
            findings.add(Finding.stop(
                    "heat-never",
                    "This bond lies on the cell and works from %s; the cell bears less. Solvent only."
                            .formatted(Figures.withUnit(worksFromC, 0, "°C"))));
        } else if (readyS == null || window.isEmpty()) {
            findings.add(Finding.stop(
                    "heat-window-empty",
                    "There is no window: %s. Take another setting or face, or the way without heat."
                            .formatted(
                                    readyS == null
                                            ? "the bond never gets ready in time"
                                            : "the bond is ready after the latest lift-off")));
        } else {
            findings.add(Finding.note(
                    "heat-window",
                    "Workable from %s, off by %s at the latest."
                            .formatted(Figures.withUnit(readyS, "s"), Figures.withUnit(window.latestLiftOffS(), "s"))));
        }
        Part clippedBy = window.clippedBy();
        if (clippedBy != null && clippedBy != Part.CELL) {
            findings.add(Finding.care(
                    "heat-clipped",
                    "The %s ends this window before the cell does."
                            .formatted(clippedBy
                                    .name()
                                    .toLowerCase(java.util.Locale.ROOT)
                                    .replace('_', ' '))));
        }
        Afterwards after = window.afterwards();
        if (after != null && after.cellPeakC().compareTo(limits.of(Limit.CELL_HEATING_C)) > 0) {
            findings.add(new Finding(
                    "heat-after-peak",
                    Weight.STOP,
                    Quantity.of(after.cellPeakC(), "°C"),
                    limits.applied(Limit.CELL_HEATING_C),
                    "Taken off after %s, the cell gets warmer than it may: %s."
                            .formatted(
                                    Figures.withUnit(after.liftOffS(), "s"),
                                    Figures.withUnit(after.cellPeakC(), "°C"))));
        }
        return findings;
    }

    private static Working working(Request request, HeatWindow window, double worksFromC, ShopLimits limits) {
        List<String> lines = new ArrayList<>();
        lines.add("%s on the face %s, %s, shop air %s."
                .formatted(
                        request.setting().source().words(),
                        request.setting().face() == Setting.Face.BELOW ? "below" : "above",
                        Figures.withUnit(request.setting().temperatureC(), "°C"),
                        Figures.withUnit(request.ambientC(), "°C")));
        lines.add("Bond ready at %s: %s; first limit reached: %s; latest lift-off: %s."
                .formatted(
                        Figures.withUnit(worksFromC, 0, "°C"),
                        words(window.bondReadyS()),
                        words(window.limitS()),
                        words(window.latestLiftOffS())));
        Afterwards after = window.afterwards();
        if (after != null) {
            lines.add("Off after %s: the cell peaks at %s, %s from the start; workable until %s."
                    .formatted(
                            words(after.liftOffS()),
                            Figures.withUnit(after.cellPeakC(), "°C"),
                            words(after.cellPeakAtS()),
                            words(after.worksUntilS())));
        }
        lines.add("Layers in cells of at most %s mm, implicit steps with an error of at most %s K each."
                .formatted(CELL_MM, TOLERANCE_K));
        return new Working(lines);
    }

    private static String words(@Nullable BigDecimal seconds) {
        return seconds == null ? "never" : Figures.withUnit(seconds, "s");
    }
}
