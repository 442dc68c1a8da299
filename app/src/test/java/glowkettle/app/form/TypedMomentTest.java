package glowkettle.app.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneId;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TypedMomentTest {
    /** A Wednesday, 10:40 in Lisbon. */
    private static final Instant NOW = Instant.parse("2026-11-18T10:40:00Z");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Thu 16:00 | true | 2026-11-19T16:00",
                "thursday 16.00 | true | 2026-11-19T16:00",
                "Wed 9:30 | true | 2026-11-25T09:30",
                "Wed 9:30 | false | 2026-11-18T09:30",
                "Tue | false | 2026-11-17T12:00",
                "26 Nov | true | 2026-11-26T12:00",
                "26. Nov 9:30 | true | 2026-11-26T09:30",
                "Thu 26 Nov 16:00 | true | 2026-11-26T16:00",
                "3 Jan | true | 2027-01-03T12:00",
                "3 Dec | false | 2025-12-03T12:00",
                "3 Jan 2028 8:00 | true | 2028-01-03T08:00",
                "in 2 h | true | 2026-11-18T12:40",
                "20 min ago | false | 2026-11-18T10:20",
                "14:20 | true | 2026-11-18T14:20",
                "tomorrow 8:00 | true | 2026-11-19T08:00",
                "yesterday 17:05 | false | 2026-11-17T17:05",
                "now | false | 2026-11-18T10:40",
                "2026-11-26T16:00 | true | 2026-11-26T16:00"
            })
    void readsWhatPeopleSay(String typed, boolean ahead, String iso) {
        assertThat(TypedMoment.iso(typed, ahead, NOW, ZoneId.of("Europe/Lisbon")))
                .isEqualTo(iso);
    }

    @ParameterizedTest
    @CsvSource({"soon", "31 Feb", "Thu 25:00", "in 2 moons", "in 2 h ago", "2 h", "11/12/2026", "''"})
    void leavesWhatItDoesNotUnderstandAsItWasTyped(String typed) {
        assertThat(TypedMoment.iso(typed, true, NOW, ZoneId.of("Europe/Lisbon")))
                .isEqualTo(typed);
    }
}
