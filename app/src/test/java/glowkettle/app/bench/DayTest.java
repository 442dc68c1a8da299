package glowkettle.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.format.Words;
import glowkettle.assess.Tier;
import glowkettle.shop.OpeningHours;
import glowkettle.shop.OpeningHours.Span;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DayTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Lisbon");
    private static final OpeningHours FRIDAYS = new OpeningHours(
            ZONE,
            Map.of(
                    DayOfWeek.FRIDAY,
                    List.of(
                            new Span(LocalTime.of(8, 30), LocalTime.of(12, 30)),
                            new Span(LocalTime.of(13, 30), LocalTime.of(18, 0)))),
            Map.of());

    private static Instant friday(String time) {
        return Instant.parse("2026-11-27T" + time + ":00Z");
    }

    @ParameterizedTest
    @CsvSource({
        "2026-11-27T10:00:00Z, 2026-11-27T08:30:00Z, 2026-11-27T18:00:00Z",
        "2026-11-27T07:20:00Z, 2026-11-27T07:00:00Z, 2026-11-27T18:00:00Z",
        "2026-11-27T19:40:00Z, 2026-11-27T08:30:00Z, 2026-11-27T21:00:00Z",
        "2026-11-28T10:20:00Z, 2026-11-28T10:00:00Z, 2026-11-28T22:00:00Z"
    })
    void theLineReachesFromOpeningToClosingAndHoldsNow(Instant now, Instant from, Instant to) {
        Day day = Day.of(FRIDAYS, now);

        assertThat(day.from()).isEqualTo(from);
        assertThat(day.to()).isEqualTo(to);
        assertThat(Double.parseDouble(day.nowX())).isBetween(0.0, (double) Day.WIDTH);
        assertThat(day.hours()).isNotEmpty();
    }

    /** On the night the clocks go back there are 25 hours, and every one has its place. */
    @Test
    void labelsStandInOrderAlsoWhenTheClocksChange() {
        Day day = Day.of(new OpeningHours(ZONE, Map.of(), Map.of()), Instant.parse("2026-10-24T23:30:00Z"));

        assertThat(day.hours()).extracting(hour -> Double.parseDouble(hour.x())).isSorted();
    }

    private static Lane lane(@Nullable Instant next, int rank, @Nullable Instant promise, Instant now) {
        BenchMapper.BenchJob job = new BenchMapper.BenchJob(
                1, "o", "m", "open", Tier.CLEAR, "w", false, next, promise, false, friday("09:00"), rank);
        return Lane.of(job, List.of(), Day.of(FRIDAYS, now), new Words(ZONE, now));
    }

    @Test
    void whatRunsByItselfWaitsAheadAndWhatIsDueIsLateSince() {
        Instant now = friday("12:00");

        assertThat(lane(friday("15:00"), 5, null, now).bars())
                .extracting(Lane.Bar::manner)
                .containsExactly("waits");
        assertThat(lane(friday("11:00"), 3, null, now).bars())
                .extracting(Lane.Bar::manner)
                .containsExactly("late");
        assertThat(lane(friday("11:00"), 1, null, now).bars())
                .extracting(Lane.Bar::manner)
                .containsExactly("danger");
        assertThat(lane(null, 5, null, now).bars()).isEmpty();
    }

    @Test
    void aPromiseOfTodayStandsOnTheLineAndOneOfAnotherDayDoesNot() {
        Instant now = friday("12:00");

        assertThat(lane(null, 5, friday("16:00"), now).marks())
                .extracting(Lane.Mark::says)
                .containsExactly("16:00 promised");
        assertThat(lane(null, 5, friday("16:00").plusSeconds(86_400), now).marks())
                .isEmpty();
    }

    /** What a job waits for may have been typed by anybody. */
    @Test
    void wordsInALaneAreWordsAndNoMarkup() {
        Instant now = friday("12:00");
        BenchMapper.BenchJob job = new BenchMapper.BenchJob(
                1, "o", "m", "open", Tier.CLEAR, "w", false, null, null, false, friday("09:00"), 5);
        List<BenchMapper.Moment> moments =
                List.of(new BenchMapper.Moment(1, friday("14:00"), "look: <script>alert(1)</script>", 2));

        assertThat(Lane.of(job, moments, Day.of(FRIDAYS, now), new Words(ZONE, now))
                        .svg())
                .contains("14:00 look: &lt;script&gt;")
                .doesNotContain("<script>");
    }
}
