package glowkettle.app.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {
    /** Noon in Lisbon, in summer time. */
    private static final Words WORDS = new Words(ZoneId.of("Europe/Lisbon"), Instant.parse("2026-07-01T11:00:00Z"));

    @ParameterizedTest
    @CsvSource({
        "2026-07-01T13:20:00Z,'14:20','14:20'", "2026-07-02T13:20:00Z,'Thu 2 Jul, 14:20','Thu 14:20'",
        "2026-06-30T23:30:00Z,'00:30','00:30'", "2026-12-24T09:00:00Z,'Thu 24 Dec, 09:00','Thu 09:00'"
    })
    void timesAreTheShopsAndNameTheirDayOnlyWhenItIsAnother(String at, String when, String brief) {
        assertThat(WORDS.when(Instant.parse(at))).isEqualTo(when);
        assertThat(WORDS.brief(Instant.parse(at))).isEqualTo(brief);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-07-01T11:00:00Z,in 0 min", "2026-07-01T11:20:30Z,in 20 min", "2026-07-01T13:05:00Z,in 2 h 5 min",
        "2026-07-03T14:00:00Z,in 2 d 3 h", "2026-07-01T10:30:00Z,30 min ago", "2026-06-29T11:00:00Z,2 d 0 h ago"
    })
    void distancesUseTheLargestUnitsThatMatter(String at, String distance) {
        assertThat(WORDS.distance(Instant.parse(at))).isEqualTo(distance);
    }

    @Test
    void aFigureThatIsNotThereSaysSo() {
        assertThat(WORDS.figure(null, "mm")).isEqualTo("not measured");
        assertThat(WORDS.figure(new BigDecimal("4.20"), "mm")).isEqualTo("4.20\u00a0mm");
        assertThat(WORDS.when(null)).isEmpty();
    }

    @Test
    void aClockIsOverAtItsVeryMoment() {
        assertThat(WORDS.over(WORDS.now())).isTrue();
        assertThat(WORDS.over(WORDS.now().plusMillis(1))).isFalse();
    }

    @Test
    void theFieldOfATimeIsReadBackAsTheSameTime() {
        assertThat(WORDS.field(Instant.parse("2026-07-01T11:05:00Z"))).isEqualTo("2026-07-01T12:05");
    }
}
