package glowkettle.prove;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Weight;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Charge and energy out of and into a pack, step by step: {@code Q = Σ ½(I_k + I_{k+1})·Δt}, energy the same with V·I. What
 * lies between two steps belongs to neither; a gap is not bridged, so what is told is at least that. Source: handbook, Prove.
 */
public record LogResults(List<StepSums> steps) {
    private static final int DECIMALS = 6;
    private static final double SECONDS_PER_HOUR = 3600;

    public LogResults {
        steps = List.copyOf(steps);
    }

    /** A log, in its order. */
    public record Request(@Says("Samples") List<LogSample> samples) {
        public Request {
            samples = List.copyOf(samples);
        }
    }

    /**
     * One step.
     *
     * @param lowerBound something of it was not logged
     * @param gaps how many times
     */
    public record StepSums(
            @Nullable String step,
            @Says("Charge out") BigDecimal outAh,
            @Says("Charge in") BigDecimal inAh,
            @Says("Energy out") BigDecimal outWh,
            @Says("Energy in") BigDecimal inWh,
            @Says("At least so much") boolean lowerBound,
            @Says("Gaps") int gaps) {}

    /** @throws glowkettle.finding.Unanswerable where the samples do not follow each other in time */
    public static Result<LogResults> of(Request request, ShopLimits limits) {
        LogIntervals intervals = LogIntervals.of(request.samples(), limits);
        List<StepSums> steps = intervals.runs().stream()
                .map(run -> sums(request.samples(), run, intervals))
                .toList();
        List<Finding> findings = new ArrayList<>();
        steps.stream()
                .filter(StepSums::lowerBound)
                .forEach(step -> findings.add(new Finding(
                        "log-gap",
                        Weight.CARE,
                        Quantity.of(BigDecimal.valueOf(step.gaps()), ""),
                        limits.applied(Limit.LOG_GAP_S),
                        "%s of “%s” was not logged: its sums are at least that."
                                .formatted(
                                        step.gaps() == 1 ? "Some" : step.gaps() + " stretches", name(step.step())))));
        return new Result<>(
                new LogResults(steps),
                findings,
                Working.of("Q = Σ ½(I_k + I_{k+1})·Δt inside each step; longer than %s is a gap and is not bridged"
                        .formatted(Figures.withUnit(intervals.gapS(), 1, "s"))));
    }

    private static String name(@Nullable String step) {
        return step == null ? "the log" : step;
    }

    private static StepSums sums(List<LogSample> samples, LogIntervals.Run run, LogIntervals intervals) {
        double outAs = 0;
        double inAs = 0;
        double outWs = 0;
        double inWs = 0;
        int gaps = 0;
        for (int k = run.from(); k + 1 < run.to(); k++) {
            if (intervals.isGap(k)) {
                gaps++;
                continue;
            }
            LogSample one = samples.get(k);
            LogSample next = samples.get(k + 1);
            double chargeAs = mean(one.currentA().doubleValue(), next.currentA().doubleValue()) * intervals.lengthS(k);
            double energyWs = mean(powerW(one), powerW(next)) * intervals.lengthS(k);
            outAs += Math.max(0, chargeAs);
            inAs += Math.max(0, -chargeAs);
            outWs += Math.max(0, energyWs);
            inWs += Math.max(0, -energyWs);
        }
        return new StepSums(
                samples.get(run.from()).step(),
                perHour(outAs),
                perHour(inAs),
                perHour(outWs),
                perHour(inWs),
                gaps > 0,
                gaps);
    }

    private static double powerW(LogSample sample) {
        return sample.voltageV().doubleValue() * sample.currentA().doubleValue();
    }

    private static double mean(double one, double other) {
        return (one + other) / 2;
    }

    private static BigDecimal perHour(double perSecond) {
        return Figures.round(perSecond / SECONDS_PER_HOUR, DECIMALS);
    }
}
