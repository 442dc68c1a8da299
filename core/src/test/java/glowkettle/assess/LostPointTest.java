package glowkettle.assess;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LostPointTest {
    @ParameterizedTest
    @CsvSource({
        "warmth.surfaceC, 215, 21.5",
        "surfaceC, ' 198 ', 19.8",
        "warmth.ambientC, 600, 60.0",
        "temperatureC, 100, 10.0"
    })
    void aTemperatureOfThreeDigitsIsAskedForOnceMore(String field, String typed, String meant) {
        assertThat(LostPoint.meant(field, typed)).contains(meant);
    }

    /** What no point explains clears the room at once; an iron, a mat and a length are no readings of a pack. */
    @ParameterizedTest
    @CsvSource({
        "warmth.surfaceC, 21.5",
        "warmth.surfaceC, 61",
        "warmth.surfaceC, 601",
        "warmth.surfaceC, 999",
        "warmth.surfaceC, 1000",
        "setting.temperatureC, 150",
        "heat.ironC, 350",
        "voltage.cellSpreadMv, 215"
    })
    void everythingElseStandsAsItWasTyped(String field, String typed) {
        assertThat(LostPoint.meant(field, typed)).isEmpty();
    }

    /** No figure that would clear a room is replaced by another one that would. */
    @Test
    void whatIsProposedIsNeverAnEvacuateItself() {
        for (int typed = 0; typed < 2_000; typed++) {
            LostPoint.meant("surfaceC", String.valueOf(typed))
                    .ifPresent(meant -> assertThat(Double.parseDouble(meant)).isBetween(10.0, 60.0));
        }
    }
}
