package glowkettle.finding;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FiguresTest {
    @ParameterizedTest
    @CsvSource({"0,0", "999,999", "1000,1 000", "1234567.5,1 234 567.5", "-12.50,−12.50", "0.001,0.001", "-1000,−1 000"
    })
    void thousandsAreSetApartAndMinusIsAMinus(String figure, String shown) {
        assertThat(Figures.of(new BigDecimal(figure)).replace('\u00a0', ' ')).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({"50.0115,50.01 Wh", "11.8400,11.84 Wh", "100,100 Wh", "1200,1 200 Wh", "0.004,0 Wh", "37.50,37.5 Wh"})
    void energyHasNoZerosAtItsEnd(String figure, String shown) {
        assertThat(Figures.energy(new BigDecimal(figure)).replace('\u00a0', ' '))
                .isEqualTo(shown);
    }

    @Test
    void theUnitNeverBreaksAwayFromItsFigure() {
        assertThat(Figures.withUnit(new BigDecimal("4.2"), "mm")).isEqualTo("4.2\u00a0mm");
        assertThat(Figures.withUnit(new BigDecimal("7"), "")).isEqualTo("7");
    }

    @Test
    void aResultSortsItsFindingsStrongestFirst() {
        Result<String> result = new Result<>(
                "x", List.of(Finding.note("a", "a"), Finding.stop("b", "b"), Finding.care("c", "c")), Working.of());

        assertThat(result.findings()).extracting(Finding::rule).containsExactly("b", "c", "a");
    }
}
