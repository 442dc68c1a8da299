package glowkettle.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** An old pack is drawn whole, or what is missing or contradicts is named. */
class OldPackDrawingTest {
    /** Cells as {@code 1+} for group 1, plus up, one after the other; senses as the tap of each pin. */
    private static Result<OldPackDrawing> drawn(String cells, String taps) {
        String[] groups = cells.isEmpty() ? new String[0] : cells.split(" ");
        String[] pins = taps.isEmpty() ? new String[0] : taps.split(" ");
        return OldPackDrawing.of(
                new OldPackDrawing.Request(
                        new BigDecimal("2"),
                        new BigDecimal("2"),
                        Stream.iterate(0, i -> i < groups.length, i -> i + 1)
                                .map(i -> new OldPackDrawing.Cell(
                                        BigDecimal.valueOf(i + 1L),
                                        new BigDecimal(groups[i].substring(0, 1)),
                                        groups[i].endsWith("+")))
                                .toList(),
                        Stream.iterate(0, i -> i < pins.length, i -> i + 1)
                                .map(i -> new OldPackDrawing.Sense(BigDecimal.valueOf(i + 1L), new BigDecimal(pins[i])))
                                .toList()),
                ShopLimits.defaults());
    }

    @ParameterizedTest
    @CsvSource({
        "1+ 1+ 2- 2-, 0 1 2, true, ''",
        "1+ 2- 1+ 2-, 0 1 2, true, ''",
        "1+ 1- 2- 2-, 0 1 2, false, drawn-polarity",
        "1+ 1+ 1+ 2-, 0 1 2, false, drawn-too-many",
        "1+ 1+ 2- 3-, 0 1 2, false, drawn-beyond",
        "1+ 1+ 2- 2-, 2 1 0, false, sense-order",
        "1+ 1+ 2- 2-, 0 1 1, false, sense-order",
        "1+ 1+ 2- 2-, 0 1, false, ''",
        "1+ 1+ 2-, 0 1 2, false, ''",
        "'', '', false, ''"
    })
    void isWholeOrSaysWhatIsNot(String cells, String taps, boolean whole, String rule) {
        Result<OldPackDrawing> found = drawn(cells, taps);

        assertThat(found.result().whole()).isEqualTo(whole);
        if (!rule.isEmpty()) {
            assertThat(found.findings()).extracting(Finding::rule).contains(rule);
        } else if (!whole) {
            assertThat(found.result().open()).isNotEmpty();
        }
    }

    @Test
    void namesTheTapThatIsMissing() {
        assertThat(drawn("1+ 1+ 2- 2-", "0 2").result().open()).containsExactly("Sense leads on tap 1");
    }

    @Test
    void aPlaceStandsOnce() {
        OldPackDrawing.Cell cell = new OldPackDrawing.Cell(BigDecimal.ONE, BigDecimal.ONE, true);
        assertThatThrownBy(() -> OldPackDrawing.of(
                        new OldPackDrawing.Request(BigDecimal.ONE, BigDecimal.TWO, List.of(cell, cell), List.of()),
                        ShopLimits.defaults()))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("Place 1 stands twice");
    }
}
