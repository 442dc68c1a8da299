package glowkettle.arrive;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.LeastSquares;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
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
        @Says("At least") @Nullable BigDecimal lowMlPerMin,
        @Says("At most") @Nullable BigDecimal highMlPerMin,
        int usedSamples) {
    private static final double SECONDS_PER_MINUTE = 60;
    private static final double NEAR_S = 1e-6;

    /** What the test says. */
    public enum Verdict implements Worded {
        INTACT("intact"),
        DOUBTFUL("doubtful"),
        OPEN("open"),
        REPEAT("repeat it");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        @Override
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
        Optional<String> unusable = unusable(log, target, limits);
        if (unusable.isPresent()) {
            return repeat(0, unusable.get(), limits);
        }
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
        if (hasAHole(used, limits)) {
            return repeat(
                    used.size(),
                    "The log has a hole: two samples lie more than %s apart. Start the tester again."
                            .formatted(limits.applied(Limit.HOLD_GAP_S)),
                    limits);
        }
        if (tooShort(log, reached, until, limits)) {
            return repeat(
                    used.size(), "The log is shorter than the test lasts: let the tester run to its end.", limits);
        }
        if (used.size() < limits.of(Limit.HOLD_SAMPLES).intValue()) {
            return open(used.size(), limits);
        }
        LeastSquares fit = LeastSquares.through(
                used.stream().mapToDouble(point -> point[0]).toArray(),
                used.stream().mapToDouble(point -> point[1]).toArray());
        if (fit.slope() - fit.slopeMargin() > 0) {
            return repeat(
                    used.size(),
                    "The pressure moves away from zero: wait until the temperature has settled, then repeat it.",
                    limits);
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

    /** A log that tells nothing: out of order, or pressed further than the shell is asked to bear. */
    private static Optional<String> unusable(Log log, double target, ShopLimits limits) {
        List<Sample> samples = log.samples();
        if (samples.size() < 2) {
            return Optional.of("The log has %s samples: start the tester again.".formatted(samples.size()));
        }
        for (int i = 1; i < samples.size(); i++) {
            if (samples.get(i).seconds().compareTo(samples.get(i - 1).seconds()) <= 0) {
                return Optional.of("The log does not go forward in time: %s s comes after %s s."
                        .formatted(samples.get(i).seconds(), samples.get(i - 1).seconds()));
            }
        }
        double most = target * limits.number(Limit.HOLD_PRESSED_PERCENT) / 100;
        if (samples.stream().anyMatch(sample -> Math.abs(sample.kpa().doubleValue()) > most)) {
            return Optional.of("It was pressed to more than %s of the target: bring it to the target and repeat it."
                    .formatted(limits.applied(Limit.HOLD_PRESSED_PERCENT)));
        }
        return Optional.empty();
    }

    /** Nobody knows how the pressure fell where nobody looked. */
    private static boolean hasAHole(List<double[]> used, ShopLimits limits) {
        return IntStream.range(1, used.size())
                .anyMatch(at -> used.get(at)[0] - used.get(at - 1)[0] > limits.number(Limit.HOLD_GAP_S) + NEAR_S);
    }

    private static double span(Log log) {
        return log.samples()
                .getLast()
                .seconds()
                .subtract(log.samples().getFirst().seconds())
                .doubleValue();
    }

    /** Unless it fell to a fifth sooner: that ends the test by itself. The last sample may lie one interval before the end. */
    private static boolean tooShort(Log log, double reached, double until, ShopLimits limits) {
        double sign = Math.signum(log.targetKpa().doubleValue());
        boolean pressed = false;
        for (Sample sample : log.samples()) {
            double pressure = sign * sample.kpa().doubleValue();
            pressed |= pressure >= reached;
            if (pressed && pressure < until) {
                return false;
            }
        }
        return span(log) < limits.number(Limit.HOLD_SECONDS) - 1 / limits.number(Limit.HOLD_HERTZ) - NEAR_S;
    }

    private static Result<PressureHold> repeat(int used, String why, ShopLimits limits) {
        return new Result<>(
                new PressureHold(Verdict.REPEAT, null, null, null, null, used),
                List.of(Finding.care("pressure-hold", why)),
                Working.of("a log of %s at %s or denser is asked for"
                        .formatted(limits.applied(Limit.HOLD_SECONDS), limits.applied(Limit.HOLD_HERTZ))));
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
