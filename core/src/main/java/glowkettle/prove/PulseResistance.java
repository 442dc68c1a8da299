package glowkettle.prove;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Resistance 1 s and 10 s after a step of the current: {@code R = (V_before − V(t))/ΔI}. V_before is the mean of the last three
 * samples before the step, V(t) lies linearly between samples, ΔI is the rise of the discharge current, so that R is positive
 * both ways. Source: handbook, Prove.
 *
 * @param r1Ohm null where there is no figure; a finding says why
 */
public record PulseResistance(
        @Says("After 1 s") @Nullable BigDecimal r1Ohm,
        @Says("After 10 s") @Nullable BigDecimal r10Ohm) {
    private static final int BEFORE = 3;
    private static final int DECIMALS = 6;

    /** A log, and when the current stepped. */
    public record Request(
            @Says("Samples") List<LogSample> samples,

            @Says("Step of the current") @Within(min = "0", max = "100000000", unit = "s")
            BigDecimal stepAtS) {
        public Request {
            samples = List.copyOf(samples);
        }
    }

    /** @throws glowkettle.finding.Unanswerable where the samples do not follow each other in time */
    public static Result<PulseResistance> of(Request request, ShopLimits limits) {
        Pulse pulse = new Pulse(request, LogIntervals.of(request.samples(), limits));
        List<Finding> findings = new ArrayList<>();
        List<String> sums = new ArrayList<>();
        return new Result<>(
                new PulseResistance(after(pulse, 1, findings, sums), after(pulse, 10, findings, sums)),
                findings,
                new Working(sums));
    }

    private static @Nullable BigDecimal after(Pulse pulse, int seconds, List<Finding> findings, List<String> sums) {
        return switch (pulse.after(seconds)) {
            case Pulse.None none -> {
                findings.add(Finding.care(
                        "pulse-" + seconds + "s", "No resistance after %s s: %s.".formatted(seconds, none.why())));
                yield null;
            }
            case Pulse.Seen seen -> {
                BigDecimal ohm = Figures.round(seen.dropV() / seen.riseA(), DECIMALS);
                sums.add("R after %s s = %s / %s = %s"
                        .formatted(
                                seconds,
                                Figures.withUnit(seen.dropV(), 4, "V"),
                                Figures.withUnit(seen.riseA(), 4, "A"),
                                Figures.withUnit(ohm, "Ω")));
                yield ohm;
            }
        };
    }

    /** The samples around a step. */
    private record Pulse(Request request, LogIntervals intervals) {
        /** What a moment shows. */
        sealed interface Shown {}

        record Seen(double dropV, double riseA) implements Shown {}

        record None(String why) implements Shown {}

        Shown after(int seconds) {
            List<LogSample> samples = request.samples();
            double stepS = request.stepAtS().doubleValue();
            int first = firstFrom(stepS);
            if (first < BEFORE) {
                return new None("%s samples before the step, and %s are needed".formatted(first, BEFORE));
            }
            for (int k = first - BEFORE; k < Math.min(first, samples.size() - 1); k++) {
                if (intervals.isGap(k)) {
                    return new None("the log has a gap where the step begins");
                }
            }
            double atS = stepS + seconds;
            int later = firstFrom(atS);
            if (later == samples.size()) {
                return new None("the log ends before it");
            }
            boolean exact = samples.get(later).tS().doubleValue() == atS;
            if (!exact && later == first) {
                return new None("no sample lies between the step and then");
            }
            if (!exact && intervals.isGap(later - 1)) {
                return new None("it lies in a gap of the log");
            }
            double share = exact ? 1 : (atS - samples.get(later - 1).tS().doubleValue()) / intervals.lengthS(later - 1);
            LogSample before = samples.get(exact ? later : later - 1);
            LogSample after = samples.get(later);
            double volts = between(before.voltageV(), after.voltageV(), share);
            double amperes = between(before.currentA(), after.currentA(), share);
            double riseA = amperes - mean(first, true);
            return riseA == 0 ? new None("the current did not step") : new Seen(mean(first, false) - volts, riseA);
        }

        private int firstFrom(double atS) {
            List<LogSample> samples = request.samples();
            int first = 0;
            while (first < samples.size() && samples.get(first).tS().doubleValue() < atS) {
                first++;
            }
            return first;
        }

        private double mean(int first, boolean current) {
            return request.samples().subList(first - BEFORE, first).stream()
                    .mapToDouble(sample -> (current ? sample.currentA() : sample.voltageV()).doubleValue())
                    .average()
                    .orElseThrow();
        }

        private static double between(BigDecimal before, BigDecimal after, double share) {
            return before.doubleValue() + (after.doubleValue() - before.doubleValue()) * share;
        }
    }
}
