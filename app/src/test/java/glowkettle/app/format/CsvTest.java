package glowkettle.app.format;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.arrive.PressureHold;
import glowkettle.limits.ShopLimits;
import java.io.IOException;
import java.io.StringReader;
import java.math.BigDecimal;
import java.util.List;
import java.util.Random;
import org.apache.commons.csv.CSVFormat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvTest {
    private static final List<String> COLUMNS = List.of("seconds", "kpa");
    private static final int FUZZED = 10_000;

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+1", "-cmd|' /C calc'!A0", "@SUM(A1)", "\t=1", " =1+1", "\r=1"})
    void aCellThatASpreadsheetWouldReckonWithIsSetBehindAnApostrophe(String text) throws IOException {
        String csv = Csv.of(List.of("a"), List.of(List.of(text)));
        assertThat(CSVFormat.RFC4180
                        .parse(new StringReader(csv))
                        .getRecords()
                        .getLast()
                        .get(0))
                .isEqualTo("'" + text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Purser, ferry Kittiwake", "a \"b\" c", "two\nlines", "", "5 = 5", "1-2"})
    void anyOtherCellComesBackAsItWas(String text) throws IOException {
        String csv = Csv.of(List.of("a", "b"), List.of(List.of(text, new BigDecimal("-1E+2"))));
        var record = CSVFormat.RFC4180.parse(new StringReader(csv)).getRecords().getLast();
        assertThat(record.get(0)).isEqualTo(text);
        assertThat(record.get(1)).isEqualTo("-100");
    }

    @Test
    void figuresAreReadWithAnyOfTheThreeSeparators() {
        for (String text : List.of("kpa,seconds\n4.5,1", "SECONDS;KPA\n1;4,5\n", "note\tseconds\tkpa\nx\t1\t4,5")) {
            CsvFigures read = CsvFigures.read(text, COLUMNS);
            assertThat(read.faults()).isEmpty();
            assertThat(read.rows().getFirst()).containsExactly(new BigDecimal("1"), new BigDecimal("4.5"));
        }
    }

    @Test
    void aFaultNamesLineColumnAndValueAndNothingIsKept() {
        CsvFigures read = CsvFigures.read("seconds,kpa\n0,5\n1,\n2,NaN\n", COLUMNS);
        assertThat(read.rows()).isEmpty();
        assertThat(read.faults())
                .extracting(fault -> fault.message())
                .containsExactly("Line 3, column kpa: '' is not a number", "Line 4, column kpa: 'NaN' is not a number");
        assertThat(CsvFigures.read("time,pressure\n", COLUMNS)
                        .faults()
                        .getFirst()
                        .message())
                .contains("names no column seconds, kpa");
        assertThat(CsvFigures.read("seconds,kpa\n1,1e999999", COLUMNS).faults()).hasSize(1);
    }

    /** Whatever a file holds, it is read or refused, and what was read can be judged. */
    @Test
    void tenThousandBrokenFilesAreReadOrRefusedAndNeverFail() {
        Random random = new Random(20261118);
        String pieces = "0123456789.,;-+eE\"\n\r\t 'kpasecondsx\0\uFEFF∞½";
        int readable = 0;
        for (int i = 0; i < FUZZED; i++) {
            StringBuilder text = new StringBuilder(random.nextInt(10) == 0 ? "" : "seconds,kpa\n");
            int rows = random.nextInt(12);
            for (int row = 0; row < rows; row++) {
                text.append(row / 10.0)
                        .append(',')
                        .append(5 * Math.exp(-row * random.nextDouble()))
                        .append('\n');
            }
            for (int change = random.nextInt(6); change > 0; change--) {
                text.insert(random.nextInt(text.length() + 1), pieces.charAt(random.nextInt(pieces.length())));
            }
            CsvFigures read = CsvFigures.read(text.toString(), COLUMNS);
            assertThat(read.rows().isEmpty() || read.faults().isEmpty()).isTrue();
            if (!read.rows().isEmpty()) {
                readable++;
                PressureHold.Log log = new PressureHold.Log(
                        new BigDecimal("5"),
                        new BigDecimal("8"),
                        read.rows().stream()
                                .map(row -> new PressureHold.Sample(row[0], row[1]))
                                .toList());
                assertThat(PressureHold.judge(log, ShopLimits.defaults())
                                .result()
                                .verdict())
                        .isNotNull();
            }
        }
        assertThat(readable).isBetween(FUZZED / 10, FUZZED * 9 / 10);
    }
}
