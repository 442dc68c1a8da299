package glowkettle.heat;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.Remembered;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Corrects a running heating by what was read: the heated face's transfer is fitted, by golden section on its logarithm, to
 * the least sum of squares of the readings. A fit that ends the heating earlier holds at once; one that lengthens it needs
 * two readings apart. Source: handbook, Free the pack.
 *
 * @param factor on the heated face's transfer
 * @param misfitK the furthest a reading lies off the fitted curve
 * @param latestLiftOffS in force now
 */
public record Refit(
        BigDecimal factor, BigDecimal misfitK, boolean heatOff, BigDecimal latestLiftOffS, HeatWindow window) {
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;
    /** Enough for a third of a percent of the factor. */
    private static final int ROUNDS = 14;

    private static final double CELL_MM = 0.1;
    private static final double TOLERANCE_K = 0.1;

    /** Where a reading was taken. */
    public enum Spot implements Worded {
        BELOW("face below"),
        ABOVE("face above"),
        CELL("hottest point of the cell"),
        BOND("coldest point of the bond");

        private final String words;

        Spot(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** A contact reading, or an infrared one on matt tape. */
    public record Reading(
            @Says("From the start of the heating") @Within(min = "1", max = "3600", unit = "s")
            BigDecimal sinceS,

            @Says("Where") Spot spot,

            @Says("Temperature read") @Within(min = "-20", max = "200", unit = "°C")
            BigDecimal temperatureC) {}

    /** The heating, and what was read while it ran, in order. */
    public record Request(HeatWindow.Request heating, List<Reading> readings) {
        private static final int MOST_READINGS = 60;

        public Request {
            readings = List.copyOf(readings);
            if (readings.isEmpty() || readings.size() > MOST_READINGS) {
                throw new Unanswerable(
                        "readings",
                        "%s readings given; 1 to %s can be fitted".formatted(readings.size(), MOST_READINGS));
            }
        }
    }

    private static final Remembered<Request, Result<Refit>> FITS = new Remembered<>(200, Refit::fitted);

    public static Result<Refit> of(Request request, ShopLimits limits) {
        return FITS.of(request, limits);
    }

    private static Result<Refit> fitted(Request request, ShopLimits limits) {
        HeatWindow planned = HeatWindow.of(request.heating(), limits).result();
        double standingS = planned.latestLiftOffS().doubleValue();
        // What stood before each reading stands until the readings so far say otherwise.
        for (int k = 1; k < request.readings().size(); k++) {
            List<Reading> sofar = request.readings().subList(0, k);
            double earlierS = HeatWindow.reckon(request.heating(), fit(request.heating(), sofar, limits), limits)
                    .result()
                    .latestLiftOffS()
                    .doubleValue();
            standingS = standing(standingS, earlierS, sofar, limits);
        }
        double factor = fit(request.heating(), request.readings(), limits);
        Result<HeatWindow> window = HeatWindow.reckon(request.heating(), factor, limits);
        double fittedS = window.result().latestLiftOffS().doubleValue();
        standingS = standing(standingS, fittedS, request.readings(), limits);
        double misfitK = misfit(request.heating(), request.readings(), factor, limits);
        boolean off = misfitK > limits.number(Limit.MISFIT_K);
        Refit refit = new Refit(
                Figures.round(factor, 2),
                Figures.round(misfitK, 1),
                off,
                off ? BigDecimal.ZERO : Figures.round(standingS, 1),
                window.result());
        return new Result<>(refit, findings(refit, fittedS, standingS, limits), working(request, refit));
    }

    private static double standing(double beforeS, double fittedS, List<Reading> readings, ShopLimits limits) {
        boolean apart = readings.getLast()
                        .sinceS()
                        .subtract(readings.getFirst().sinceS())
                        .compareTo(limits.of(Limit.LENGTHEN_APART_S))
                >= 0;
        return fittedS < beforeS || apart ? fittedS : beforeS;
    }

    static double fit(HeatWindow.Request heating, List<Reading> readings, ShopLimits limits) {
        double low = Math.log(limits.number(Limit.REFIT_LEAST));
        double high = Math.log(limits.number(Limit.REFIT_MOST));
        double a = high - GOLDEN * (high - low);
        double b = low + GOLDEN * (high - low);
        double atA = squares(heating, readings, Math.exp(a), limits);
        double atB = squares(heating, readings, Math.exp(b), limits);
        for (int i = 0; i < ROUNDS; i++) {
            if (atA <= atB) {
                high = b;
                b = a;
                atB = atA;
                a = high - GOLDEN * (high - low);
                atA = squares(heating, readings, Math.exp(a), limits);
            } else {
                low = a;
                a = b;
                atA = atB;
                b = low + GOLDEN * (high - low);
                atB = squares(heating, readings, Math.exp(b), limits);
            }
        }
        return Math.exp((low + high) / 2);
    }

    private static double squares(
            HeatWindow.Request heating, List<Reading> readings, double factor, ShopLimits limits) {
        double sum = 0;
        for (double off : residuals(heating, readings, factor, limits)) {
            sum += off * off;
        }
        return sum;
    }

    private static double misfit(HeatWindow.Request heating, List<Reading> readings, double factor, ShopLimits limits) {
        double worst = 0;
        for (double off : residuals(heating, readings, factor, limits)) {
            worst = Math.max(worst, Math.abs(off));
        }
        return worst;
    }

    private static double[] residuals(
            HeatWindow.Request heating, List<Reading> readings, double factor, ShopLimits limits) {
        double untilS = readings.stream()
                .mapToDouble(reading -> reading.sinceS().doubleValue())
                .max()
                .orElseThrow();
        HeatedColumns curve = walked(heating, factor, untilS, limits);
        return readings.stream()
                .mapToDouble(reading -> reading.temperatureC().doubleValue()
                        - curve.readC(reading.sinceS().doubleValue(), reading.spot()))
                .toArray();
    }

    /** A heating followed to a moment, with a factor on the heated face's transfer. */
    static HeatedColumns walked(HeatWindow.Request heating, double factor, double untilS, ShopLimits limits) {
        return HeatedColumns.fully(heating, new HeatedColumns.Doubt(1, factor), CELL_MM, TOLERANCE_K, untilS, limits);
    }

    static ToDoubleFunction<Column.Instant> figure(Spot spot) {
        return switch (spot) {
            case BELOW -> instant -> instant.faceC(Setting.Face.BELOW);
            case ABOVE -> instant -> instant.faceC(Setting.Face.ABOVE);
            case CELL -> instant -> instant.hottestC(Layer.Part.CELL);
            case BOND -> Column.Instant::coldestBondC;
        };
    }

    private static List<Finding> findings(Refit refit, double fittedS, double standingS, ShopLimits limits) {
        List<Finding> findings = new ArrayList<>();
        if (refit.heatOff()) {
            findings.add(new Finding(
                    "heat-misfit",
                    Weight.STOP,
                    Quantity.of(refit.misfitK(), "K"),
                    limits.applied(Limit.MISFIT_K),
                    "The readings fit no curve: heat off. Look where the probe sits and what it touches."));
        } else if (standingS < fittedS) {
            findings.add(Finding.note(
                    "heat-not-lengthened",
                    "The readings would allow more, %s; it holds after two readings at least %s apart."
                            .formatted(Figures.withUnit(fittedS, 0, "s"), limits.applied(Limit.LENGTHEN_APART_S))));
        }
        return findings;
    }

    private static Working working(Request request, Refit refit) {
        return Working.of(
                "%s readings; heat transfer of the heated face × %s fits best, furthest off %s."
                        .formatted(
                                request.readings().size(),
                                Figures.of(refit.factor()),
                                Figures.withUnit(refit.misfitK(), "K")),
                "Latest lift-off now %s.".formatted(Figures.withUnit(refit.latestLiftOffS(), "s")));
    }
}
