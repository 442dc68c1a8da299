package glowkettle.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RefitTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();
    private static final HeatWindow.Request HEATING =
            Stacks.heated(Stacks.HANDHELD_WITH_DISPLAY, Setting.Source.MAT, "60", Setting.Face.BELOW, "22");
    private static final double PLANNED_S =
            HeatWindow.of(HEATING, LIMITS).result().latestLiftOffS().doubleValue();

    /** What a probe reads when the contact is this many times what was planned. */
    private static Refit.Reading read(double factor, double sinceS, Refit.Spot spot) {
        double temperatureC = HeatedColumns.fully(
                        HEATING, new HeatedColumns.Doubt(1, factor), 0.05, 0.02, sinceS, LIMITS)
                .readC(sinceS, spot);
        return new Refit.Reading(
                BigDecimal.valueOf(sinceS),
                spot,
                BigDecimal.valueOf(temperatureC).setScale(1, java.math.RoundingMode.HALF_UP));
    }

    private static Refit fit(Refit.Reading... readings) {
        return Refit.of(new Refit.Request(HEATING, Arrays.asList(readings)), LIMITS)
                .result();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 0.8, 1, 1.4, 2.2})
    void readingsFindTheTransferTheyWereMadeWith(double factor) {
        Refit refit = fit(read(factor, 60, Refit.Spot.CELL), read(factor, 100, Refit.Spot.ABOVE));
        assertThat(refit.factor().doubleValue()).isCloseTo(factor, within(factor * 0.05));
        assertThat(refit.heatOff()).isFalse();
    }

    @Test
    void oneReadingShortensTheHeatingAtOnce() {
        Refit refit = fit(read(1.5, 60, Refit.Spot.CELL));
        assertThat(refit.latestLiftOffS().doubleValue()).isLessThan(PLANNED_S - 10);
    }

    @Test
    void offTheHeatTheCellIsPredictedToWarmOnAndThenToCool() {
        HeatWindow.Request off = endedAfter("120");
        double end = predicted(off, "120");
        double peak =
                HeatWindow.of(off, LIMITS).result().afterwards().cellPeakC().doubleValue();
        assertThat(predicted(off, "122")).isGreaterThanOrEqualTo(end).isLessThanOrEqualTo(peak + 0.1);
        assertThat(predicted(off, "900")).isLessThan(end);
        assertThat(predicted(off, "60")).isLessThan(end);
    }

    private static HeatWindow.Request endedAfter(String liftOffS) {
        return new HeatWindow.Request(
                HEATING.stack(), HEATING.setting(), HEATING.ambientC(), List.of(), null, new BigDecimal(liftOffS));
    }

    private static double predicted(HeatWindow.Request heating, String sinceS) {
        return HeatCourse.of(heating, List.of(), LIMITS)
                .readC(new BigDecimal(sinceS), Refit.Spot.CELL)
                .doubleValue();
    }

    @Test
    void aCourseReadsTheSameWhereverItWasLookedAtBefore() {
        HeatWindow.Request off = endedAfter("120");
        List<String> moments = List.of("60", "121", "180", "400", "900", "3000");
        List<Double> forwards = moments.stream().map(at -> predicted(off, at)).toList();
        // The same heating as another one: nothing is known of its course yet.
        HeatWindow.Request another = endedAfter("120.0");
        List<Double> backwards =
                moments.reversed().stream().map(at -> predicted(another, at)).toList();
        assertThat(backwards.reversed()).isEqualTo(forwards);
    }

    @Test
    void theCellIsCooledWhenTheCurveReadsSo() {
        HeatWindow.Request off = endedAfter("120");
        BigDecimal mostC = new BigDecimal("40");
        BigDecimal cooledS = HeatCourse.of(off, List.of(), LIMITS)
                .cellCooledS(mostC, Duration.ofHours(6))
                .orElseThrow();
        assertThat(predicted(off, cooledS.toPlainString())).isCloseTo(40, within(0.1));
        assertThat(predicted(off, cooledS.subtract(BigDecimal.TEN).toPlainString()))
                .isGreaterThanOrEqualTo(40);
        assertThat(HeatCourse.of(off, List.of(), LIMITS).cellCooledS(mostC, Duration.ofSeconds(1)))
                .isEmpty();
    }

    @Test
    void oneReadingNeverLengthensIt() {
        assertThat(fit(read(0.6, 60, Refit.Spot.CELL)).latestLiftOffS().doubleValue())
                .isEqualTo(PLANNED_S);
        assertThat(fit(read(0.6, 60, Refit.Spot.CELL), read(0.6, 75, Refit.Spot.CELL))
                        .latestLiftOffS()
                        .doubleValue())
                .isEqualTo(PLANNED_S);
    }

    @Test
    void twoReadingsTwentySecondsApartDo() {
        assertThat(fit(read(0.6, 60, Refit.Spot.CELL), read(0.6, 80, Refit.Spot.CELL))
                        .latestLiftOffS()
                        .doubleValue())
                .isGreaterThan(PLANNED_S + 10);
    }

    @Test
    void readingsThatFitNoCurveTurnTheHeatOff() {
        Refit refit = fit(
                new Refit.Reading(new BigDecimal("60"), Refit.Spot.CELL, new BigDecimal("45")),
                new Refit.Reading(new BigDecimal("90"), Refit.Spot.CELL, new BigDecimal("30")));
        assertThat(refit.heatOff()).isTrue();
        assertThat(refit.latestLiftOffS()).isEqualByComparingTo("0");
    }

    @Test
    void aReadingBeyondEveryTransferIsAMisfit() {
        assertThat(fit(new Refit.Reading(new BigDecimal("60"), Refit.Spot.CELL, new BigDecimal("75")))
                        .heatOff())
                .isTrue();
    }

    @Test
    void aShorterHeatingStandsUntilReadingsFarEnoughApartSayOtherwise() {
        List<Refit.Reading> readings = List.of(read(1.5, 60, Refit.Spot.CELL), read(1.0, 70, Refit.Spot.ABOVE));
        double afterOne = fit(readings.getFirst()).latestLiftOffS().doubleValue();
        assertThat(fit(readings.toArray(Refit.Reading[]::new)).latestLiftOffS().doubleValue())
                .isLessThanOrEqualTo(afterOne);
    }
}
