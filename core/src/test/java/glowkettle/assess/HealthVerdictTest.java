package glowkettle.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.assess.HealthVerdict.Word;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HealthVerdictTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static @Nullable BigDecimal figure(@Nullable String text) {
        return text == null || text.isEmpty() ? null : new BigDecimal(text);
    }

    private static Evidence told(Evidence.Way way, String low, String high) {
        return new Evidence.Told(way, new BigDecimal(low), new BigDecimal(low), new BigDecimal(high), "again " + way);
    }

    private static Result<Evidence> run(
            String low, String high, @Nullable String loadW, @Nullable String newLow, @Nullable String newHigh) {
        return TimedRun.read(
                new TimedRun.Readings(
                        new TimedRun.Ran(new BigDecimal(low), new BigDecimal(high), true, false),
                        figure(loadW),
                        figure(newLow),
                        figure(newHigh),
                        new BigDecimal("11.4"),
                        new BigDecimal("5000")),
                LIMITS);
    }

    private static Resistance resistance(String loadV, String reference, String errorMv) {
        return Resistance.of(
                        new Resistance.Readings(
                                new Resistance.LoadStep(
                                        new BigDecimal("11.40"), new BigDecimal(loadV), null, new BigDecimal("2")),
                                figure(reference),
                                new BigDecimal("3"),
                                new BigDecimal("4.2"),
                                new BigDecimal("3.2"),
                                new BigDecimal(errorMv)),
                        LIMITS)
                .result();
    }

    @ParameterizedTest
    @CsvSource({
        "79.9, 79.9, REPLACE",
        "80, 80, KEEP",
        "50, 79.9, REPLACE",
        "50, 80, MEASURE_MORE",
        "79.9, 95, MEASURE_MORE",
        "80, 104, KEEP"
    })
    void aRangeOnBothSidesOfTheLimitIsNoVerdict(String low, String high, Word word) {
        HealthVerdict verdict = HealthVerdict.of(List.of(told(Evidence.Way.PARTIAL_WINDOW, low, high)), null, LIMITS)
                .result();

        assertThat(verdict.word()).isEqualTo(word);
        assertThat(verdict.measureNext()).isEqualTo(word == Word.MEASURE_MORE ? "again PARTIAL_WINDOW" : null);
    }

    @Test
    void theMostTrustedWayDecidesUnlessAnotherContradictsIt() {
        Evidence gauge = told(Evidence.Way.GAUGE, "91", "91");

        assertThat(HealthVerdict.of(List.of(told(Evidence.Way.TIMED_RUN, "70", "85"), gauge), null, LIMITS)
                        .result())
                .satisfies(verdict -> assertThat(verdict.word()).isEqualTo(Word.KEEP))
                .satisfies(verdict -> assertThat(verdict.decidedBy()).isEqualTo(Evidence.Way.GAUGE));
        Result<HealthVerdict> torn =
                HealthVerdict.of(List.of(gauge, told(Evidence.Way.TIMED_RUN, "50", "60")), null, LIMITS);
        assertThat(torn.result().word()).isEqualTo(Word.MEASURE_MORE);
        assertThat(torn.result().measureNext()).isEqualTo("again TIMED_RUN");
        assertThat(torn.findings()).extracting(Finding::rule).contains("health-contradiction");
    }

    @Test
    void nothingMeasuredIsNeverGood() {
        assertThat(HealthVerdict.of(List.of(), null, LIMITS).result().word()).isEqualTo(Word.MEASURE_MORE);
        assertThat(HealthVerdict.of(
                                List.of(new Evidence.Refused(Evidence.Way.PARTIAL_WINDOW, "too small")), null, LIMITS)
                        .result()
                        .measureNext())
                .startsWith("Time a run");
    }

    @Test
    void twiceItsResistanceIsWornWhateverTheCapacitySays() {
        List<Evidence> good = List.of(told(Evidence.Way.GAUGE, "95", "95"));
        assertThat(HealthVerdict.of(good, resistance("11.00", "0.1", "0"), LIMITS)
                        .result()
                        .word())
                .isEqualTo(Word.KEEP);
        assertThat(HealthVerdict.of(good, resistance("10.98", "0.1", "0"), LIMITS)
                        .result()
                        .word())
                .isEqualTo(Word.REPLACE);
    }

    /** R = 0.3 Ω in the pack, 0.1 Ω a cell: dark where V_oc < 3.2 + 2 · 0.1 = 3.4 V, which is 2.8 % of charge. */
    @Test
    void resistanceExplainsASuddenShutDown() {
        Resistance resistance = resistance("10.80", "0.12", "10");

        assertThat(resistance.ohm()).isEqualByComparingTo("0.300");
        assertThat(resistance.lowOhm()).isEqualByComparingTo("0.290");
        assertThat(resistance.highOhm()).isEqualByComparingTo("0.310");
        assertThat(resistance.timesReference()).isEqualByComparingTo("2.5");
        assertThat(resistance.shutDown().socPercent()).isEqualByComparingTo("3");
        assertThat(resistance("9.00", "0.12", "10").shutDown().socPercent()).isEqualByComparingTo("76");
        assertThat(resistance.runsToEmpty()).isFalse();
        assertThat(resistance("11.38", "0.12", "0").runsToEmpty()).isTrue();
        assertThatThrownBy(() -> resistance("11.40", "0.1", "10"))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("not below 11.40 V");
    }

    @ParameterizedTest
    @CsvSource({
        // FCC = P·t/V: 10 W · 4 h / 11.4 V = 3.51 Ah of 5 Ah
        "4, 4, 10, '', '', 70.2, 70.2",
        "4, 5, 10, '', '', 70.2, 87.7",
        // [t_lo/T_hi, t_hi/T_lo] = [2/8, 3/6]
        "2, 3, '', 6, 8, 25.0, 50.0",
        "3, 3, '', 6, 6, 50.0, 50.0",
    })
    void aRunTellsARange(
            String low,
            String high,
            String load,
            String newLow,
            String newHigh,
            String lowPercent,
            String highPercent) {
        assertThat(run(low, high, load, newLow, newHigh).result()).isInstanceOfSatisfying(Evidence.Told.class, told -> {
            assertThat(told.lowPercent()).isEqualByComparingTo(lowPercent);
            assertThat(told.highPercent()).isEqualByComparingTo(highPercent);
        });
    }

    @Test
    void theVaguestPartOfARunIsWhatIsMeasuredNext() {
        assertThat(((Evidence.Told) run("2", "3", null, "6", "7").result()).narrowsIt())
                .startsWith("See the moment");
        assertThat(((Evidence.Told) run("2", "2.1", null, "4", "7").result()).narrowsIt())
                .startsWith("Measure the average load");
    }

    @Test
    void sleepOrAnEmptyStartSpoilARun() {
        List<Evidence> spoilt = new ArrayList<>();
        for (boolean slept : List.of(true, false)) {
            spoilt.add(TimedRun.read(
                            new TimedRun.Readings(
                                    new TimedRun.Ran(BigDecimal.TWO, BigDecimal.TWO, slept, slept),
                                    BigDecimal.TEN,
                                    null,
                                    null,
                                    BigDecimal.TEN,
                                    BigDecimal.TEN),
                            LIMITS)
                    .result());
        }
        assertThat(spoilt).allMatch(Evidence.Refused.class::isInstance);
        assertThat(run("2", "2", null, null, null).result()).isInstanceOf(Evidence.Refused.class);
        assertThatThrownBy(() -> run("3", "2", "10", null, null)).isInstanceOf(Unanswerable.class);
    }
}
