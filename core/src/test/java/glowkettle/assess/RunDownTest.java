package glowkettle.assess;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.RunDown.School;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RunDownTest {
    private static RunDown of(Tier tier, boolean glued, String socPercent) {
        return RunDown.of(
                        new RunDown.Case(
                                tier,
                                glued,
                                true,
                                new BigDecimal(socPercent),
                                new BigDecimal("3.0"),
                                new BigDecimal("3.85"),
                                new BigDecimal("2.5")),
                        ShopLimits.defaults())
                .result();
    }

    @ParameterizedTest
    @CsvSource({
        "CLEAR, true, 60, RUN_DOWN_FIRST", "GUARDED, true, 26, RUN_DOWN_FIRST", "CLEAR, true, 25, DISCONNECT_AT_ONCE",
        "CLEAR, false, 100, DISCONNECT_AT_ONCE", "ISOLATE, true, 100, LEAVE_AS_IT_IS",
                "EVACUATE, false, 10, LEAVE_AS_IT_IS"
    })
    void theSchoolThatSuitsTheCaseStandsFirst(Tier tier, boolean glued, String socPercent, School first) {
        RunDown answer = of(tier, glued, socPercent);

        assertThat(answer.schools().getFirst().school()).isEqualTo(first);
        assertThat(answer.schools())
                .hasSize(3)
                .allSatisfy(ranked -> assertThat(ranked.reason()).isNotBlank());
    }

    @Test
    void fromIsolateOnNothingIsRunDownInTheDevice() {
        for (Tier tier : List.of(Tier.ISOLATE, Tier.EVACUATE)) {
            RunDown answer = of(tier, true, "80");
            assertThat(answer.hours()).isNull();
            assertThat(answer.schools())
                    .filteredOn(ranked -> ranked.school() != School.LEAVE_AS_IT_IS)
                    .allMatch(RunDown.Ranked::refused);
        }
    }

    /** E = 0.68 · 3 Ah · 3.85 V = 7.85 Wh; down to 2.89 Wh at 2.5 W in 1.99 h. */
    @Test
    void energyAndTimeToTheTarget() {
        RunDown answer = of(Tier.CLEAR, true, "68");

        assertThat(answer.energyWh()).isEqualByComparingTo("7.9");
        assertThat(answer.targetWh()).isEqualByComparingTo("2.9");
        assertThat(answer.hours()).isEqualByComparingTo("1.99");
        assertThat(of(Tier.CLEAR, true, "20").hours()).isNull();
    }

    private static RunDownProgress progress(String now, String... seen) {
        List<RunDownProgress.Seen> readings = new ArrayList<>();
        for (String one : seen) {
            String[] parts = one.split("=");
            readings.add(new RunDownProgress.Seen(
                    Instant.parse("2026-11-18T" + parts[0] + ":00Z"), new BigDecimal(parts[1])));
        }
        return RunDownProgress.of(readings, 20.0, new BigDecimal("25"), Instant.parse("2026-11-18T" + now + ":00Z"));
    }

    @Test
    void whatIsSeenCountsMoreThanWhatWasMeant() {
        assertThat(progress("11:00", "10:00=65"))
                .isEqualTo(new RunDownProgress(
                        new BigDecimal("45"), new BigDecimal("65"), false, Instant.parse("2026-11-18T12:00:00Z")));
        assertThat(progress("11:00", "10:00=65", "11:00=55").readyAt()).isEqualTo("2026-11-18T14:00:00Z");
        assertThat(progress("12:30", "10:00=65", "12:30=25").there()).isTrue();
        assertThat(progress("11:00", "10:00=65", "11:00=66").readyAt()).isNull();
    }
}
