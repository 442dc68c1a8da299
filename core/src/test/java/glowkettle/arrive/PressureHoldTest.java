package glowkettle.arrive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glowkettle.arrive.PressureHold.Verdict;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PressureHoldTest {
    private static PressureHold hold(double targetKpa, DoubleUnaryOperator kpaAt) {
        List<PressureHold.Sample> samples = new ArrayList<>();
        for (int i = 0; i <= 200; i++) {
            double seconds = i / 10.0;
            samples.add(new PressureHold.Sample(
                    BigDecimal.valueOf(seconds), BigDecimal.valueOf(kpaAt.applyAsDouble(seconds))));
        }
        return PressureHold.judge(
                        new PressureHold.Log(BigDecimal.valueOf(targetKpa), BigDecimal.valueOf(8), samples),
                        ShopLimits.defaults())
                .result();
    }

    private static PressureHold leaking(double mlPerMin) {
        double tau = 60 * 8 * 5 / (101.325 * mlPerMin);
        return hold(5, t -> 5 * Math.exp(-t / tau));
    }

    /** The handbook's example: 8 mL, 5 kPa falling to 2.5 kPa in 20 s. */
    @Test
    void theExampleIsDoubtful() {
        PressureHold held = hold(5, t -> 5 * Math.pow(0.5, t / 20));

        assertThat(held.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(held.tauSeconds()).isEqualByComparingTo("28.9");
        assertThat(held.leakMlPerMin()).isEqualByComparingTo("0.82");
        assertThat(held.usedSamples()).isEqualTo(201);
        assertThat(hold(-5, t -> -5 * Math.pow(0.5, t / 20))).isEqualTo(held);
    }

    @ParameterizedTest
    @CsvSource({"0.19, INTACT", "0.21, DOUBTFUL", "1.99, DOUBTFUL", "2.01, OPEN", "9, OPEN"})
    void theVerdictFollowsTheLeak(double mlPerMin, Verdict verdict) {
        assertThat(leaking(mlPerMin).verdict()).isEqualTo(verdict);
        assertThat(leaking(mlPerMin).leakMlPerMin().doubleValue()).isCloseTo(mlPerMin, within(0.006));
    }

    @Test
    void whatNeverReachesItsPressureOrIsGoneAtOnceIsOpen() {
        assertThat(hold(5, t -> 3.9).verdict()).isEqualTo(Verdict.OPEN);
        assertThat(hold(5, t -> 5 * Math.exp(-t / 0.15)))
                .satisfies(held -> assertThat(held.verdict()).isEqualTo(Verdict.OPEN))
                .satisfies(held -> assertThat(held.leakMlPerMin()).isNull());
        assertThat(hold(5, t -> -5).verdict()).isEqualTo(Verdict.OPEN);
    }

    @Test
    void onlyTheSamplesBeforeAFifthOfTheTargetCount() {
        PressureHold clean = leaking(6);
        double tau = 60 * 8 * 5 / (101.325 * 6);
        PressureHold noisyTail = hold(5, t -> 5 * Math.exp(-t / tau) < 1 ? 0.9 * Math.cos(t) : 5 * Math.exp(-t / tau));

        assertThat(noisyTail).isEqualTo(clean);
    }

    @Test
    void aPressureThatMovesAwayFromZeroIsRepeated() {
        assertThat(hold(5, t -> 5 + 0.01 * t).verdict()).isEqualTo(Verdict.REPEAT);
        assertThat(hold(-5, t -> -5 - 0.01 * t).verdict()).isEqualTo(Verdict.REPEAT);
        assertThat(hold(5, t -> 5).verdict()).isEqualTo(Verdict.INTACT);
    }

    @Test
    void pumpingUpIsNoPartOfTheTest() {
        PressureHold held = hold(5, t -> t < 2 ? 2.5 * t : 5 * Math.pow(0.5, (t - 2) / 20));

        assertThat(held.leakMlPerMin().doubleValue()).isCloseTo(0.82, within(0.05));
    }

    /** More leak never gives a better verdict, and the interval holds the true leak about nineteen times in twenty. */
    @Test
    void aWorseLeakIsNeverJudgedBetterAndTheRangeHoldsTheTruth() {
        SplittableRandom random = new SplittableRandom(3);
        int holds = 0;
        int rounds = 600;
        for (int round = 0; round < rounds; round++) {
            double leak = 0.3 + random.nextDouble(1.2);
            double tau = 60 * 8 * 5 / (101.325 * leak);
            PressureHold held = hold(
                    5,
                    t -> 5
                            * Math.exp(-t / tau
                                    + 0.01 * (random.nextDouble() + random.nextDouble() + random.nextDouble() - 1.5)));
            holds += held.lowMlPerMin().doubleValue() - 0.005 <= leak
                            && leak <= held.highMlPerMin().doubleValue() + 0.005
                    ? 1
                    : 0;
            assertThat(leaking(leak * 3).verdict())
                    .isGreaterThanOrEqualTo(leaking(leak).verdict());
        }
        assertThat(holds / (double) rounds).isBetween(0.92, 1.0);
    }

    /** What says nothing of the shell is no verdict on it. */
    @Test
    void aLogThatIsShortSparseOutOfOrderOrPressedTooFarIsRepeated() {
        assertRepeated(log(201, i -> 0, i -> 5), "forward in time");
        assertRepeated(log(20, i -> i / 10.0, i -> 5), "shorter");
        assertRepeated(log(11, i -> i * 2.0, i -> 5), "hole");
        assertRepeated(log(300, i -> i < 50 ? i / 10.0 : 15 + i / 10.0, i -> 5), "hole");
        assertRepeated(log(201, i -> i / 10.0, i -> i == 3 ? 6.1 : 5), "more than");
        assertRepeated(log(1, i -> 0, i -> 5), "1 samples");
    }

    private static PressureHold.Log log(int count, DoubleUnaryOperator secondsAt, DoubleUnaryOperator kpaAt) {
        List<PressureHold.Sample> samples = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            samples.add(new PressureHold.Sample(
                    BigDecimal.valueOf(secondsAt.applyAsDouble(i)), BigDecimal.valueOf(kpaAt.applyAsDouble(i))));
        }
        return new PressureHold.Log(BigDecimal.valueOf(5), BigDecimal.valueOf(8), samples);
    }

    private static void assertRepeated(PressureHold.Log log, String why) {
        var answer = PressureHold.judge(log, ShopLimits.defaults());
        assertThat(answer.result().verdict()).isEqualTo(Verdict.REPEAT);
        assertThat(answer.findings())
                .singleElement()
                .satisfies(finding -> assertThat(finding.sentence()).contains(why));
    }
}
