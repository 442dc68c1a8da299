package glowkettle.arrive;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.LeastSquares;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Whether a sealed shell still holds: {@code p(t) = p0·e^(−t/τ)}, τ from a straight line with free intercept through ln|p|
 * over the samples before the first one under a fifth of the target; leak {@code q = 60·V·|p0|/(p_atm·τ)} in mL/min, with
 * the 95 % interval of the line's slope. Source: handbook, Arrive.
 *
 * @param tauSeconds null where nothing could be fitted, or the pressure does not fall
 * @param leakMlPerMin null where it leaks too fast to measure, or must be repeated
 */
public record PressureHold(
        Verdict verdict,
        @Nullable BigDecimal tauSeconds,
        @Nullable BigDecimal leakMlPerMin,
        @Nullable BigDecimal lowMlPerMin,
        @Nullable BigDecimal highMlPerMin,
        int usedSamples) {
    private static final double SECONDS_PER_MINUTE = 60;

    /** What the test says. */
    public enum Verdict {
        INTACT("intact"),
        DOUBTFUL("doubtful"),
        OPEN("open"),
        REPEAT("repeat it");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** A sample of the gauge. */
    public record Sample(
            @Says("Since the start") @Within(min = "0", max = "3600", unit = "s")
            BigDecimal seconds,

            @Says("Over or under the air") @Within(min = "-100", max = "100", unit = "kPa")
            BigDecimal kpa) {}

    /** A log of the gauge. */
    public record Log(
            @Says("Target pressure, over or under the air") @Within(min = "-50", max = "50", unit = "kPa")
            BigDecimal targetKpa,

            @Says("Free volume of device and hose") @Within(min = "0.1", max = "1000", unit = "mL")
            BigDecimal volumeMl,

            List<Sample> samples) {
        public Log {
            samples = List.copyOf(samples);
        }
    }

    public static Result<PressureHold> judge(Log log, ShopLimits limits) {
        double target = Math.abs(log.targetKpa().doubleValue());
        double reached = target * limits.number(Limit.HOLD_REACHED_PERCENT) / 100;
        double until = target * limits.number(Limit.HOLD_UNTIL_PERCENT) / 100;
        double sign = Math.signum(log.targetKpa().doubleValue());
        List<double[]> used = new ArrayList<>();
        for (Sample sample : log.samples()) {
            double pressure = sign * sample.kpa().doubleValue();
            // Bringing the shell to its pressure is not yet the test.
            if (used.isEmpty() && pressure < reached) {
                continue;
            }
            if (pressure < until || pressure <= 0) {
                break;
            }
            used.add(new double[] {sample.seconds().doubleValue(), Math.log(pressure)});
        }
        if (used.size() < limits.of(Limit.HOLD_SAMPLES).intValue()) {
            return open(used.size(), limits);
        }
        LeastSquares fit = LeastSquares.through(
                used.stream().mapToDouble(point -> point[0]).toArray(),
                used.stream().mapToDouble(point -> point[1]).toArray());
        if (fit.slope() - fit.slopeMargin() > 0) {
            return repeat(used.size());
        }
        double perTau = SECONDS_PER_MINUTE * log.volumeMl().doubleValue() * target / limits.number(Limit.HOLD_AIR_KPA);
        return measured(fit, perTau, log, used.size(), limits);
    }

    private static Result<PressureHold> measured(
            LeastSquares fit, double perTau, Log log, int used, ShopLimits limits) {
        double leak = Math.max(0, -fit.slope()) * perTau;
        BigDecimal shown = Figures.round(leak, 2);
        Verdict verdict = leak <= limits.number(Limit.LEAK_INTACT_ML_MIN)
                ? Verdict.INTACT
                : leak <= limits.number(Limit.LEAK_OPEN_ML_MIN) ? Verdict.DOUBTFUL : Verdict.OPEN;
        PressureHold held = new PressureHold(
                verdict,
                fit.slope() < 0 ? Figures.round(-1 / fit.slope(), 1) : null,
                shown,
                Figures.round(Math.max(0, -fit.slope() - fit.slopeMargin()) * perTau, 2),
                Figures.round(Math.max(0, -fit.slope() + fit.slopeMargin()) * perTau, 2),
                used);
        Finding finding = limits.finding(
                "pressure-hold",
                verdict == Verdict.INTACT ? Weight.NOTE : Weight.CARE,
                shown,
                verdict == Verdict.INTACT ? Limit.LEAK_INTACT_ML_MIN : Limit.LEAK_OPEN_ML_MIN,
                sentence(verdict));
        return new Result<>(held, List.of(finding), working(held, log, limits));
    }

    private static String sentence(Verdict verdict) {
        return switch (verdict) {
            case INTACT -> "The shell is sealed: nobody has opened it, or it was sealed again well.";
            case DOUBTFUL -> "The shell leaks a little: look for stretched adhesive before you believe either.";
            default -> "The shell is open: it was opened before, or its seal is broken.";
        };
    }

    private static Result<PressureHold> open(int used, ShopLimits limits) {
        return new Result<>(
                new PressureHold(Verdict.OPEN, null, null, null, null, used),
                List.of(Finding.care(
                        "pressure-hold",
                        "Open, too fast to measure: %s usable samples, %s are needed."
                                .formatted(used, limits.of(Limit.HOLD_SAMPLES)))),
                Working.of("%s of %s of the target reached, used down to %s"
                        .formatted(
                                used,
                                limits.applied(Limit.HOLD_REACHED_PERCENT),
                                limits.applied(Limit.HOLD_UNTIL_PERCENT))));
    }

    private static Result<PressureHold> repeat(int used) {
        return new Result<>(
                new PressureHold(Verdict.REPEAT, null, null, null, null, used),
                List.of(Finding.care(
                        "pressure-hold",
                        "The pressure moves away from zero: wait until the temperature has settled, then repeat it.")),
                Working.of("the line through ln|p| rises over %s samples".formatted(used)));
    }

    private static Working working(PressureHold held, Log log, ShopLimits limits) {
        return held.tauSeconds() == null
                ? Working.of("the pressure does not fall within %s samples".formatted(held.usedSamples()))
                : Working.of(
                        "τ = %s from %s samples"
                                .formatted(Figures.withUnit(held.tauSeconds(), "s"), held.usedSamples()),
                        "q = 60 · %s · %s / (%s · %s) = %s"
                                .formatted(
                                        Figures.withUnit(log.volumeMl(), "mL"),
                                        Figures.withUnit(log.targetKpa().abs(), "kPa"),
                                        Figures.withUnit(limits.of(Limit.HOLD_AIR_KPA), "kPa"),
                                        Figures.withUnit(held.tauSeconds(), "s"),
                                        Figures.withUnit(
                                                java.util.Objects.requireNonNull(held.leakMlPerMin()), "mL/min")));
    }
}
