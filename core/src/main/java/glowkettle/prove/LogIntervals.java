package glowkettle.prove;

import glowkettle.finding.Median;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;

/**
 * What lies between the samples of a log. Only what lies inside a step counts, and of that only what is no gap: longer than
 * {@code max(5 s, 10 × the median interval inside steps)}. Source: handbook, Prove, From the log.
 */
final class LogIntervals {
    private final List<LogSample> samples;
    private final double gapS;

    private LogIntervals(List<LogSample> samples, double gapS) {
        this.samples = samples;
        this.gapS = gapS;
    }

    /** @throws Unanswerable where there are fewer than two samples, or they do not follow each other in time */
    static LogIntervals of(List<LogSample> samples, ShopLimits limits) {
        if (samples.size() < 2) {
            throw new Unanswerable("samples", "%s samples; a log has two at least".formatted(samples.size()));
        }
        for (int k = 1; k < samples.size(); k++) {
            if (samples.get(k).tS().compareTo(samples.get(k - 1).tS()) <= 0) {
                throw new Unanswerable(
                        "samples[%s].tS".formatted(k),
                        "%s s does not come after the sample before it, %s s"
                                .formatted(
                                        samples.get(k).tS(), samples.get(k - 1).tS()));
            }
        }
        BigDecimal median = Median.of(IntStream.range(0, samples.size() - 1)
                .filter(k -> isOneStep(samples, k))
                .mapToObj(k -> length(samples, k))
                .toList());
        double gapS = Math.max(
                limits.number(Limit.LOG_GAP_S),
                median == null ? 0 : limits.number(Limit.LOG_GAP_TIMES_MEDIAN) * median.doubleValue());
        return new LogIntervals(samples, gapS);
    }

    private static boolean isOneStep(List<LogSample> samples, int k) {
        return Objects.equals(samples.get(k).step(), samples.get(k + 1).step());
    }

    private static BigDecimal length(List<LogSample> samples, int k) {
        return samples.get(k + 1).tS().subtract(samples.get(k).tS());
    }

    double gapS() {
        return gapS;
    }

    /** From a sample to the one after it. */
    double lengthS(int k) {
        return length(samples, k).doubleValue();
    }

    boolean isGap(int k) {
        return lengthS(k) > gapS;
    }

    /** Samples of one step, one after the other: the first, and the one after the last. */
    record Run(int from, int to) {}

    List<Run> runs() {
        List<Run> runs = new ArrayList<>();
        int from = 0;
        for (int k = 0; k < samples.size(); k++) {
            if (k == samples.size() - 1 || !isOneStep(samples, k)) {
                runs.add(new Run(from, k + 1));
                from = k + 1;
            }
        }
        return runs;
    }
}
