package glowkettle.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class SwellTrendTest {
    private static final Instant START = Instant.parse("2026-09-02T09:00:00Z");

    private static SwellTrend trend(String limitMm, String... sizesByWeek) {
        List<SwellTrend.Dated> readings = new ArrayList<>();
        for (int week = 0; week < sizesByWeek.length; week++) {
            readings.add(
                    new SwellTrend.Dated(START.plus(Duration.ofDays(7L * week)), new BigDecimal(sizesByWeek[week])));
        }
        return SwellTrend.of(new SwellTrend.Readings(readings, new BigDecimal(limitMm)), ShopLimits.defaults())
                .result();
    }

    /** Worked by hand, with Student's t of a printed table for two degrees of freedom. */
    @Test
    void theRateCarriesStudentsInterval() {
        SwellTrend trend = trend("6.0", "5.00", "5.11", "5.19", "5.30");

        // Σ(u·v)/Σu² = 0.49/5; residuals −0.003, 0.009, −0.009, 0.003; s² = 0.00018/2; t·s/√5 = 4.3027·0.009487/2.236
        assertThat(trend.rateMmPerWeek()).isEqualByComparingTo("0.098");
        assertThat(trend.highMmPerWeek().subtract(trend.rateMmPerWeek()).doubleValue())
                .isCloseTo(0.018, within(0.0011));
        assertThat(trend.line().sizeMm(START.plus(Duration.ofDays(70)))).isCloseTo(5.15 + 8.5 * 0.098, within(1e-6));
    }

    @Test
    void twoReadingsGiveALineAndNoRange() {
        SwellTrend trend = trend("5.4", "5.0", "5.1");

        assertThat(trend.lowMmPerWeek()).isNull();
        assertThat(trend.expected()).isCloseTo(START.plus(Duration.ofDays(28)), within15Minutes());
        assertThat(trend.earliest()).isEqualTo(trend.expected()).isEqualTo(trend.latest());
    }

    private static org.assertj.core.data.TemporalUnitOffset within15Minutes() {
        return within(15, java.time.temporal.ChronoUnit.MINUTES);
    }

    @Test
    void theLimitIsReachedBetweenTheEdgesOfTheBandOrMayNeverBe() {
        SwellTrend steady = trend("5.6", "5.00", "5.11", "5.19", "5.30");
        assertThat(steady.earliest()).isBefore(steady.expected());
        assertThat(steady.expected()).isBefore(steady.latest());

        SwellTrend unsure = trend("5.6", "5.00", "5.20", "5.02", "5.21");
        assertThat(unsure.lowMmPerWeek()).isNegative();
        assertThat(unsure.earliest()).isNotNull();
        assertThat(unsure.latest()).isNull();

        assertThat(trend("5.6", "5.0", "5.0", "5.0").earliest()).isNull();
        assertThat(trend("5.2", "5.0", "5.1", "5.25").expected()).isEqualTo(START.plus(Duration.ofDays(14)));
    }

    @Test
    void oneReadingOrOneMomentIsNoTrend() {
        assertThatThrownBy(() -> trend("6", "5.0"))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("1 readings; a trend needs two or more");
        SwellTrend.Dated same = new SwellTrend.Dated(START, BigDecimal.ONE);
        assertThatThrownBy(() -> SwellTrend.of(
                        new SwellTrend.Readings(List.of(same, same), BigDecimal.TEN), ShopLimits.defaults()))
                .isInstanceOf(Unanswerable.class);
    }

    /** Of a true line with known scatter the interval must hold the true rate about nineteen times in twenty. */
    @Test
    void nineteenOfTwentyIntervalsHoldTheTrueRate() {
        SplittableRandom random = new SplittableRandom(5);
        int holds = 0;
        int rounds = 2_000;
        for (int round = 0; round < rounds; round++) {
            List<SwellTrend.Dated> readings = new ArrayList<>();
            for (int week = 0; week < 6; week++) {
                double noise = java.util.stream.IntStream.range(0, 12)
                                .mapToDouble(i -> random.nextDouble())
                                .sum()
                        - 6;
                readings.add(new SwellTrend.Dated(
                        START.plus(Duration.ofDays(7L * week)), BigDecimal.valueOf(20 + 0.5 * week + noise)));
            }
            SwellTrend trend = SwellTrend.of(
                            new SwellTrend.Readings(readings, BigDecimal.valueOf(90)), ShopLimits.defaults())
                    .result();
            boolean inside = trend.lowMmPerWeek().doubleValue() <= 0.5
                    && trend.highMmPerWeek().doubleValue() >= 0.5;
            holds += inside ? 1 : 0;
        }
        assertThat(holds / (double) rounds).isBetween(0.93, 0.97);
    }
}
