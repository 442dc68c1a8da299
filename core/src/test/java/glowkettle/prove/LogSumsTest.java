package glowkettle.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LogSumsTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static LogSample at(double tS, double volts, double amperes, @Nullable String step) {
        return new LogSample(
                BigDecimal.valueOf(tS), BigDecimal.valueOf(volts), BigDecimal.valueOf(amperes), null, step);
    }

    private static List<LogResults.StepSums> sums(LogSample... samples) {
        return LogResults.of(new LogResults.Request(List.of(samples)), LIMITS)
                .result()
                .steps();
    }

    @Test
    void chargeAndEnergyAreSummedInsideStepsAndNotBetweenThem() {
        List<LogResults.StepSums> steps = sums(
                at(0, 4, -2, "charge"),
                at(1, 4, -2, "charge"),
                at(2, 4, -1, "charge"),
                at(4, 3.9, 3, "discharge"),
                at(5, 3.7, 3, "discharge"));

        assertThat(steps).extracting(LogResults.StepSums::step).containsExactly("charge", "discharge");
        assertThat(steps.getFirst().inAh().doubleValue()).isCloseTo(3.5 / 3600, within(1e-6));
        assertThat(steps.getFirst().outAh()).isZero();
        assertThat(steps.getFirst().inWh().doubleValue()).isCloseTo(14 / 3600.0, within(1e-6));
        assertThat(steps.getLast().outAh().doubleValue()).isCloseTo(3 / 3600.0, within(1e-6));
        assertThat(steps.getLast().outWh().doubleValue()).isCloseTo(11.4 / 3600, within(1e-6));
        assertThat(steps).noneMatch(LogResults.StepSums::lowerBound);
    }

    /** A sample a second: five seconds without one are bridged, longer is a gap; ten times the interval where that is longer. */
    @ParameterizedTest
    @CsvSource({"0.4, 5, 0", "0.4, 5.01, 1", "1, 10, 0", "1, 10.5, 1", "30, 299, 0", "30, 301, 1"})
    void whatIsLongerThanAGapIsNotBridged(double intervalS, double hole, int gaps) {
        List<LogSample> samples = new ArrayList<>();
        IntStream.rangeClosed(0, 20).forEach(k -> samples.add(at(k * intervalS, 3.7, 1, "run")));
        double end = 20 * intervalS + hole;
        samples.add(at(end, 3.7, 1, "run"));

        LogResults.StepSums run = sums(samples.toArray(LogSample[]::new)).getFirst();

        assertThat(run.gaps()).isEqualTo(gaps);
        assertThat(run.lowerBound()).isEqualTo(gaps > 0);
        assertThat(run.outAh().doubleValue()).isCloseTo((gaps > 0 ? 20 * intervalS : end) / 3600, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"1, 1", "2, 1"})
    void samplesFollowEachOtherInTime(double before, double after) {
        assertThatThrownBy(() -> sums(at(before, 4, 1, null), at(after, 4, 1, null)))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("does not come after");
        assertThatThrownBy(() -> sums(at(1, 4, 1, null))).isInstanceOf(Unanswerable.class);
    }

    /** However a constant current is sampled, its charge is current times time. */
    @Property(tries = 200)
    void aConstantCurrentGivesItsCharge(
            @ForAll @IntRange(min = -50, max = 50) int tenthsOfAmpere,
            @ForAll List<@IntRange(min = 1, max = 50) Integer> widths) {
        List<LogSample> samples = new ArrayList<>(List.of(at(0, 3.7, tenthsOfAmpere / 10.0, "run")));
        double tS = 0;
        for (int width : widths) {
            tS += width / 10.0;
            samples.add(at(tS, 3.7, tenthsOfAmpere / 10.0, "run"));
        }
        if (samples.size() > 1) {
            LogResults.StepSums run = sums(samples.toArray(LogSample[]::new)).getFirst();
            assertThat(run.outAh().subtract(run.inAh()).doubleValue())
                    .isCloseTo(tenthsOfAmpere / 10.0 * tS / 3600, within(1e-6));
            assertThat(run.lowerBound()).isFalse();
        }
    }

    private static Result<PulseResistance> pulse(double stepAtS, LogSample... samples) {
        return PulseResistance.of(new PulseResistance.Request(List.of(samples), BigDecimal.valueOf(stepAtS)), LIMITS);
    }

    private static LogSample[] stepping(double amperes, double atOnceV, double at10sV) {
        return Stream.concat(
                        IntStream.range(0, 3).mapToObj(k -> at(k, 4, 0, "rest")),
                        Stream.of(
                                at(3, atOnceV, amperes, "pulse"),
                                at(4, atOnceV, amperes, "pulse"),
                                at(8, atOnceV, amperes, "pulse"),
                                at(13, at10sV, amperes, "pulse")))
                .toArray(LogSample[]::new);
    }

    @ParameterizedTest
    @CsvSource({"2, 3.9, 3.8, 0.05, 0.1", "-2, 4.1, 4.2, 0.05, 0.1"})
    void resistanceIsPositiveBothWays(double amperes, double atOnceV, double at10sV, double r1, double r10) {
        PulseResistance found = pulse(3, stepping(amperes, atOnceV, at10sV)).result();

        assertThat(found.r1Ohm()).isEqualByComparingTo(BigDecimal.valueOf(r1));
        assertThat(found.r10Ohm()).isEqualByComparingTo(BigDecimal.valueOf(r10));
    }

    @Test
    void betweenSamplesTheVoltageIsLinear() {
        PulseResistance found = pulse(
                        2.5,
                        at(0, 4, 0, "a"),
                        at(1, 4, 0, "a"),
                        at(2, 4, 0, "a"),
                        at(3, 3.9, 1, "b"),
                        at(4, 3.7, 1, "b"))
                .result();

        assertThat(found.r1Ohm()).isEqualByComparingTo("0.2");
        assertThat(found.r10Ohm()).isNull();
    }

    @Test
    void whereThereIsNoFigureItSaysWhy() {
        assertThat(pulse(2, at(0, 4, 0, null), at(1, 4, 0, null), at(3, 3.9, 1, null))
                        .findings())
                .extracting(finding -> finding.sentence())
                .allMatch(sentence -> sentence.contains("2 samples before the step, and 3 are needed"));
        assertThat(pulse(3, stepping(0, 4, 4)).findings())
                .extracting(finding -> finding.sentence())
                .allMatch(sentence -> sentence.contains("the current did not step"));
        Result<PulseResistance> sparse = pulse(
                2.5,
                at(0, 4, 0, null),
                at(1, 4, 0, null),
                at(2, 4, 0, null),
                at(3, 3.9, 1, null),
                at(20, 3.7, 1, null));
        assertThat(sparse.result()).isEqualTo(new PulseResistance(null, null));
        assertThat(sparse.findings())
                .extracting(finding -> finding.sentence())
                .allMatch(sentence -> sentence.contains("in a gap of the log"));
    }

    private static MeasuredHealth health(String chargeAh, String temperatureC) {
        return MeasuredHealth.of(
                        new MeasuredHealth.Request(
                                new BigDecimal(chargeAh),
                                new BigDecimal("5.1"),
                                new BigDecimal("3.2"),
                                new BigDecimal(temperatureC),
                                null,
                                null),
                        LIMITS)
                .result();
    }

    @Test
    void theHandbooksExampleOfAMeasuredCharge() {
        MeasuredHealth health = health("2.95", "25");

        assertThat(health.halfWidthAh()).isEqualByComparingTo("0.01905");
        assertThat(health.lowPercent().doubleValue()).isCloseTo(91.6, within(0.05));
        assertThat(health.highPercent().doubleValue()).isCloseTo(92.8, within(0.05));
    }

    @ParameterizedTest
    @CsvSource({"20, 0", "30, 0", "18, 2", "35, 5"})
    void eachKelvinOutsideWidensTheRange(String temperatureC, int outsideK) {
        assertThat(health("2.95", temperatureC).halfWidthAh().doubleValue())
                .isCloseTo(0.01905 + 2.95 * 0.005 * outsideK, within(1e-5));
    }

    @Test
    void efficiencyIsToldBetweenEqualStatesOfChargeOnly() {
        Efficiency.Request equal = new Efficiency.Request(
                new BigDecimal("3"), new BigDecimal("3.03"), null, null, BigDecimal.ZERO, new BigDecimal("0.0"));
        Efficiency found = Efficiency.of(equal, LIMITS).result();
        assertThat(found.chargePercent()).isEqualByComparingTo("99.01");
        assertThat(found.energyPercent()).isNull();
        assertThatThrownBy(() -> Efficiency.of(
                        new Efficiency.Request(
                                BigDecimal.ONE, BigDecimal.ONE, null, null, BigDecimal.ZERO, BigDecimal.TEN),
                        LIMITS))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("equal states of charge only");
        assertThatThrownBy(() -> Efficiency.of(
                        new Efficiency.Request(
                                BigDecimal.ONE, BigDecimal.ZERO, null, null, BigDecimal.ONE, BigDecimal.ONE),
                        LIMITS))
                .isInstanceOf(Unanswerable.class);
    }
}
