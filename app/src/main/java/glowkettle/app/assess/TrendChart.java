package glowkettle.app.assess;

import glowkettle.assess.SwellTrend;
import glowkettle.job.assess.PackHealth;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The swelling trend as it is drawn: readings, the line and its band, the limit, and the dates between which the limit is
 * reached.
 */
public record TrendChart(
        int width,
        int height,
        List<Point> points,
        String line,
        String band,
        double limitY,
        @Nullable Span reached,
        List<Mark> days) {
    private static final int WIDTH = 720;
    private static final int HEIGHT = 240;
    private static final int LEFT = 54;
    private static final int BOTTOM = 30;
    private static final int STEPS = 40;

    /** A reading. */
    public record Point(double x, double y, BigDecimal sizeMm, Instant at) {}

    /** A stretch along the time. */
    public record Span(double x, double width) {}

    /** A day under the drawing. */
    public record Mark(double x, Instant at) {}

    static TrendChart of(PackHealth.Trend trend) {
        return new Scale(trend).draw();
    }

    private static final class Scale {
        private final PackHealth.Trend trend;
        private final SwellTrend fitted;
        private final Instant from;
        private final Instant to;
        private final double lowMm;
        private final double highMm;

        Scale(PackHealth.Trend trend) {
            this.trend = trend;
            fitted = trend.trend().result();
            from = trend.readings().getFirst().at();
            Instant last = trend.readings().getLast().at();
            Duration seen = Duration.between(from, last);
            Instant furthest = last.plus(seen.multipliedBy(3));
            Instant latest = Stream.of(fitted.latest(), fitted.expected())
                    .filter(Objects::nonNull)
                    .findFirst()
                    .orElse(last.plus(seen));
            to = latest.isAfter(furthest)
                    ? furthest
                    : latest.plus(seen.dividedBy(6)).plusSeconds(3_600);
            double least = trend.readings().stream()
                    .mapToDouble(reading -> reading.sizeMm().doubleValue())
                    .min()
                    .orElseThrow();
            double most = Math.max(
                    trend.limitMm().doubleValue(),
                    trend.readings().stream()
                            .mapToDouble(reading -> reading.sizeMm().doubleValue())
                            .max()
                            .orElseThrow());
            double room = Math.max(0.05, (most - least) * 0.15);
            lowMm = least - room;
            highMm = most + room;
        }

        TrendChart draw() {
            List<Point> points = trend.readings().stream()
                    .map(reading -> new Point(
                            x(reading.at()), y(reading.sizeMm().doubleValue()), reading.sizeMm(), reading.at()))
                    .toList();
            return new TrendChart(
                    WIDTH, HEIGHT, points, line(), band(), y(trend.limitMm().doubleValue()), reached(), days());
        }

        private double x(Instant at) {
            double share = (double) Duration.between(from, at).toSeconds()
                    / Duration.between(from, to).toSeconds();
            return tenth(LEFT + Math.clamp(share, 0, 1) * (WIDTH - LEFT - 12));
        }

        private double y(double mm) {
            double share = (mm - lowMm) / (highMm - lowMm);
            return tenth((1 - Math.clamp(share, 0, 1)) * (HEIGHT - BOTTOM - 8) + 8);
        }

        private static double tenth(double value) {
            return Math.round(value * 10) / 10.0;
        }

        private Instant at(int step) {
            return from.plus(Duration.between(from, to).multipliedBy(step).dividedBy(STEPS));
        }

        private String line() {
            SwellTrend.Line line = fitted.line();
            return "M%s %s L%s %s".formatted(x(from), y(line.sizeMm(from)), x(to), y(line.sizeMm(to)));
        }

        private String band() {
            SwellTrend.Line line = fitted.line();
            StringBuilder path = new StringBuilder();
            for (int i = 0; i <= STEPS; i++) {
                path.append(i == 0 ? 'M' : 'L')
                        .append(x(at(i)))
                        .append(' ')
                        .append(y(line.sizeMm(at(i)) + line.bandMm(at(i))));
            }
            for (int i = STEPS; i >= 0; i--) {
                path.append('L').append(x(at(i))).append(' ').append(y(line.sizeMm(at(i)) - line.bandMm(at(i))));
            }
            return path.append('Z').toString();
        }

        private @Nullable Span reached() {
            if (fitted.earliest() == null) {
                return null;
            }
            double begins = x(fitted.earliest());
            double ends = fitted.latest() == null ? x(to) : x(fitted.latest());
            return new Span(begins, Math.max(3, ends - begins));
        }

        private List<Mark> days() {
            List<Mark> marks = new ArrayList<>();
            for (int i = 0; i <= STEPS; i += STEPS / 4) {
                marks.add(new Mark(x(at(i)), at(i)));
            }
            return marks;
        }
    }
}
