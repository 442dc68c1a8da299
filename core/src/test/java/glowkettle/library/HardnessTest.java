package glowkettle.library;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HardnessTest {
    @ParameterizedTest
    @CsvSource({
        "1, 0, 0, 0, 1 step",
        "14, 31, 0, 0, '14 steps, 31 screws'",
        "9, 1, 1, 3, '9 steps, 1 screw, glued, 3 leads'",
        "12, 0, 2, 0, '12 steps, glued 2 ×'"
    })
    void saysWhatLiesAheadAndNothingThatDoesNot(int steps, int screws, int bonds, int leads, String words) {
        assertThat(new Hardness(steps, screws, bonds, leads).words()).isEqualTo(words);
    }
}
