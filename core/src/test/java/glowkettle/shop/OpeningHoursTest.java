package glowkettle.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.shop.OpeningHours.Span;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class OpeningHoursTest {
    private static Span span(String opens, String closes) {
        return new Span(LocalTime.parse(opens), LocalTime.parse(closes));
    }

    private static OpeningHours daily(Map<LocalDate, List<Span>> exceptions, Span... spans) {
        Map<DayOfWeek, List<Span>> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            week.put(day, List.of(spans));
        }
        return new OpeningHours(ZoneId.of("Europe/Lisbon"), week, exceptions);
    }

    private static List<String> between(OpeningHours hours, String from, String to) {
        return hours.between(Instant.parse(from), Instant.parse(to)).stream()
                .map(stretch -> stretch.startInclusive() + "/" + stretch.length())
                .toList();
    }

    @Test
    void aBreakIsTheGapBetweenTwoSpans() {
        OpeningHours hours = daily(Map.of(), span("08:00", "12:00"), span("13:00", "18:00"));

        assertThat(between(hours, "2026-11-18T00:00:00Z", "2026-11-19T00:00:00Z"))
                .containsExactly("2026-11-18T08:00:00Z/PT4H", "2026-11-18T13:00:00Z/PT5H");
        assertThat(hours.at(Instant.parse("2026-11-18T12:00:00Z"))).isEmpty();
        assertThat(hours.at(Instant.parse("2026-11-18T13:00:00Z"))).isPresent();
    }

    /** In spring 01:00 becomes 02:00, in autumn 02:00 becomes 01:00: a span over the change is shorter or longer. */
    @Test
    void aSpanOverAClockChangeIsShorterOrLonger() {
        OpeningHours nights = daily(Map.of(), span("00:30", "06:00"));

        assertThat(between(nights, "2026-03-29T00:00:00Z", "2026-03-29T12:00:00Z"))
                .containsExactly("2026-03-29T00:30:00Z/PT4H30M");
        assertThat(between(nights, "2026-10-24T23:00:00Z", "2026-10-25T12:00:00Z"))
                .containsExactly("2026-10-24T23:30:00Z/PT6H30M");
    }

    @Test
    void anExceptionReplacesItsDay() {
        OpeningHours hours = daily(
                Map.of(
                        LocalDate.parse("2026-12-25"),
                        List.of(),
                        LocalDate.parse("2026-12-24"),
                        List.of(span("08:00", "12:00"))),
                span("08:00", "18:00"));

        assertThat(between(hours, "2026-12-24T00:00:00Z", "2026-12-27T00:00:00Z"))
                .containsExactly("2026-12-24T08:00:00Z/PT4H", "2026-12-26T08:00:00Z/PT10H");
    }

    @Test
    void closingBeforeOpeningIsNoSpan() {
        assertThatThrownBy(() -> span("18:00", "08:00")).hasMessageContaining("must come before closing");
    }
}
