package glowkettle.library;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DriveTest {
    @ParameterizedTest
    @CsvSource({
        "PH0, PH0",
        "ph 00, PH00",
        "cross 0, PH0",
        "star 5, T5",
        "six-lobe 6, T6",
        "TR8, TR8",
        "six-lobe pin 8, TR8",
        "five-point star 2, P2",
        "P5, P5",
        "tri-wing 000, Y000",
        "three-lobed 1, Y1",
        "blade 2, SL2",
        "'hex key 1,5', H1.5"
    })
    void aBitIsFoundByWhatDrawersAndPeopleCallIt(String called, String name) {
        assertThat(Drive.named(called)).contains(name);
        assertThat(Drive.named(name)).contains(name);
    }

    @ParameterizedTest
    @ValueSource(strings = {"plastic lever", "driver set", "", "5", "Q5"})
    void whatIsNoBitIsNone(String called) {
        assertThat(Drive.named(called)).isEmpty();
        assertThat(Drive.told(called)).isEqualTo(called);
    }
}
