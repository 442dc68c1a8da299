package glowkettle.assess;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.LeastSquares;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How fast a pack swells, from dated readings of one kind: the least-squares line, its rate in mm per week with the 95 %
 * interval by Student's t on n − 2 degrees of freedom (three readings or more), and from when to when the line's 95 % band
 * reaches a limit. Source: handbook, Assess; the band is the confidence band of a regression line, any textbook.
 *
 * @param lowMmPerWeek null with two readings, which leave nothing to judge the scatter by
 * @param earliest when the upper edge of the band reaches the limit, or null when it never does
 * @param latest when the lower edge reaches it, or null when it may never
 */
public record SwellTrend(
        @Says("It grows by") BigDecimal rateMmPerWeek,
        @Says("At least") @Nullable BigDecimal lowMmPerWeek,
        @Says("At most") @Nullable BigDecimal highMmPerWeek,
        @Says("Reaches it at the earliest") @Nullable Instant earliest,
        @Says("Reaches it, most likely") @Nullable Instant expected,
        @Says("Reaches it at the latest") @Nullable Instant latest,
        Line line) {
    private static final double SECONDS_PER_WEEK = 7 * 86_400.0;
    /** Beyond it a date says nothing that helps. */
    private static final Duration HORIZON = Duration.ofDays(365 * 3L);

    /** Readings of one kind, and the size at which something is due. */
    public record Readings(
            List<Dated> readings,

            @Says("Size at which the limit is reached") @Within(min = "0", max = "100", unit = "mm")
            BigDecimal limitMm) {
        public Readings {
            readings = readings.stream().sorted(Comparator.comparing(Dated::at)).toList();
        }
    }

    /** One reading. */
    public record Dated(
            @Says("When") Instant at,

            @Says("Size") @Within(min = "0", max = "100", unit = "mm")
            BigDecimal sizeMm) {}

    /** The fitted line, for its drawing: sizes and half-widths of its band at any time. */
    public record Line(
            Instant mean, double meanMm, double mmPerWeek, double scatterMm, double sumOfSquares, int readings) {
        public double sizeMm(Instant at) {
            return meanMm + mmPerWeek * weeks(at);
        }

        /** Half the width of the 95 % band, 0 where two readings leave nothing to judge it by. */
        public double bandMm(Instant at) {
            double u = weeks(at);
            return scatterMm * Math.sqrt(1.0 / readings + u * u / sumOfSquares);
        }

        private double weeks(Instant at) {
            return Duration.between(mean, at).toSeconds() / SECONDS_PER_WEEK;
        }
    }

    public static Result<SwellTrend> of(Readings asked, ShopLimits limits) {
        List<Dated> readings = asked.readings();
        int n = readings.size();
        if (n < 2) {
            throw new Unanswerable("readings", "%s readings; a trend needs two or more".formatted(n));
        }
        Instant first = readings.getFirst().at();
        double[] weeks = readings.stream()
                .mapToDouble(reading -> Duration.between(first, reading.at()).toSeconds() / SECONDS_PER_WEEK)
                .toArray();
        double[] sizes = readings.stream()
                .mapToDouble(reading -> reading.sizeMm().doubleValue())
                .toArray();
        LeastSquares fit = LeastSquares.through(weeks, sizes);
        if (fit.sumOfSquares() < 1e-9) {
            throw new Unanswerable("readings", "all readings are of one moment; a trend needs some time between them");
        }
        double rate = fit.slope();
        double margin = fit.slopeMargin();
        Line line = new Line(
                first.plusSeconds(Math.round(fit.meanX() * SECONDS_PER_WEEK)),
                fit.meanY(),
                rate,
                fit.scatter(),
                fit.sumOfSquares(),
                n);
        SwellTrend trend = new SwellTrend(
                Figures.round(rate, 3),
                n < 3 ? null : Figures.round(rate - margin, 3),
                n < 3 ? null : Figures.round(rate + margin, 3),
                reaches(line, asked, 1),
                reaches(line, asked, 0),
                reaches(line, asked, -1),
                line);
        return new Result<>(trend, List.of(finding(trend)), working(trend, n));
    }

    /** The first moment, from the last reading on, at which the line, or an edge of its band, is at the limit or over it. */
    private static @Nullable Instant reaches(Line line, Readings asked, int edge) {
        Instant from = asked.readings().getLast().at();
        double limit = asked.limitMm().doubleValue();
        Instant to = from.plus(HORIZON);
        if (over(line, from, edge, limit)) {
            return from;
        }
        if (!over(line, to, edge, limit)) {
            return null;
        }
        // The upper edge bends up, the lower one down: each crosses the limit once on its way to the horizon.
        Instant low = from;
        Instant high = to;
        while (Duration.between(low, high).toMinutes() > 10) {
            Instant middle = low.plus(Duration.between(low, high).dividedBy(2));
            if (over(line, middle, edge, limit)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }

    private static boolean over(Line line, Instant at, int edge, double limitMm) {
        return line.sizeMm(at) + edge * line.bandMm(at) >= limitMm;
    }

    private static Finding finding(SwellTrend trend) {
        boolean grows = trend.rateMmPerWeek().signum() > 0;
        String sentence = grows
                ? "It grows by %s a week.".formatted(Figures.withUnit(trend.rateMmPerWeek(), "mm"))
                : "It does not grow.";
        return grows ? Finding.care("swell-trend", sentence) : Finding.note("swell-trend", sentence);
    }

    private static Working working(SwellTrend trend, int n) {
        return trend.lowMmPerWeek() == null || trend.highMmPerWeek() == null
                ? Working.of("rate = %s per week through %s readings; three would give it a range"
                        .formatted(Figures.withUnit(trend.rateMmPerWeek(), "mm"), n))
                : Working.of("rate = %s per week, 95 %% between %s and %s (%s readings, t on %s degrees of freedom)"
                        .formatted(
                                Figures.withUnit(trend.rateMmPerWeek(), "mm"),
                                Figures.of(trend.lowMmPerWeek()),
                                Figures.withUnit(trend.highMmPerWeek(), "mm"),
                                n,
                                n - 2));
    }
}
