package glowkettle.app.match;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.binding.Fault;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Tables of cells as people and testers write them. */
class CellCsvTest {
    private static CellCsv read(String text) {
        return CellCsv.read(text.replace("|", "\n"));
    }

    private static CellCsv.Taken taken(String text) {
        CellCsv csv = read(text);
        return csv.cells(csv.guessed());
    }

    private static Screening.Cell first(String text) {
        CellCsv.Taken taken = taken(text);
        assertThat(taken.faults()).isEmpty();
        return taken.cells().getFirst();
    }

    /** With and without heads, set apart and marked in every usual way, in any unit: the same cell. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "id,capacity,resistance,voltage|K1,2610.5,31.2,3.62",
                "Zelle;Kapazität (mAh);Innenwiderstand (mΩ);Ruhespannung (V)|K1;2610,5;31,2;3,62",
                "Zellen-Nr.;Kapazität Ah;Ri mOhm;Spannung mV|K1;2,6105;31,2;3620",
                "id;capacity mAh;resistance mΩ;rested voltage V|K1;2610,5;31,2;3,62",
                "Cell\tmAh\tIR\tVolt|K1\t2610,5\t31,2\t3,62",
                "\ufeffNr;Ah;Ohm;mV|K1;2,6105;0,0312;3620",
                "Name,Cap,R,OCV|K1,2.6105,0.0312,3.62",
                "K1;3,62;31,2;2610,5",
                "id,capacity,resistance,voltage||K1,\"2610,5\",31.2,3.62|",
                "id,remark,capacity,resistance,voltage|K1,\"first, of the lower box\",2610.5,31.2,3.62"
            })
    void theSameCellHoweverItIsWritten(String table) {
        Screening.Cell cell = first(table);

        assertThat(cell.id()).isEqualTo("K1");
        assertThat(cell.capacityMah()).isEqualByComparingTo("2610.5");
        assertThat(cell.resistanceMohm()).isEqualByComparingTo("31.2");
        assertThat(cell.restedV()).isEqualByComparingTo("3.62");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "id,capacity|K1,lots! Line 2",
                "id,capacity|K1,2600|K2,1e999999! Line 3",
                "id,capacity|K1,99999999999! Line 2",
                "id,capacity|K1,2600|K1,2601! 'K1' stands twice",
                "id,capacity|,2600! Line 2",
                "capacity,resistance|2600,31! No column is the id",
                "id,capacity,dent|K1,2600,perhaps! Line 2",
                "id,voltage|K1,9.9! Line 2"
            })
    void whatIsWrongIsNamedWithItsLineAndNothingIsTaken(String table, String says) {
        CellCsv.Taken taken = taken(table);

        assertThat(taken.cells()).isEmpty();
        assertThat(taken.faults()).extracting(Fault::message).anyMatch(message -> message.contains(says.strip()));
    }

    /** Zero and less are read: screening says of them that they were not measured. */
    @Test
    void zeroAndLessAreReadAndNotBelieved() {
        assertThat(taken("id,capacity,resistance|K1,0,31|K2,-2600,31|K3,2600,").cells())
                .extracting(Screening.Cell::capacityMah)
                .usingElementComparator(BigDecimal::compareTo)
                .containsExactly(BigDecimal.ZERO, new BigDecimal("-2600"), new BigDecimal("2600"));
    }

    @Test
    void aTableTooLongOrTooWideOrEmptyIsRefusedBeforeItIsTakenApart() {
        String long10000 =
                IntStream.range(0, 10_000).mapToObj(i -> "K" + i + ",2600,31").collect(Collectors.joining("\n"));
        assertThat(CellCsv.read(long10000).faults())
                .extracting(Fault::message)
                .containsExactly("More than 2000 rows; at most that many are taken");
        assertThat(CellCsv.read("a,".repeat(60)).faults().getFirst().message()).contains("60 columns".substring(3));
        assertThat(CellCsv.read("").faults().getFirst().message()).contains("empty");
        assertThat(CellCsv.read("\"never closed").faults().getFirst().message()).contains("no CSV");
    }

    @Test
    void twoThousandRowsAreTaken() {
        String rows = IntStream.range(0, 2_000)
                .mapToObj(i -> "K" + i + ";2600,5;31")
                .collect(Collectors.joining("\n", "id;capacity;resistance\n", ""));
        assertThat(taken(rows).cells()).hasSize(2_000);
    }

    @Test
    void aColumnThatIsTwoThingsIsAskedAbout() {
        CellCsv csv = read("id,capacity,capacity|K1,2600,2590");
        assertThat(csv.guessed()).containsExactly(Column.ID, Column.CAPACITY_MAH, Column.IGNORED);
        assertThat(csv.cells(List.of(Column.ID, Column.CAPACITY_MAH, Column.CAPACITY_AH))
                        .faults())
                .extracting(Fault::message)
                .contains("Two columns are the same: each is one thing");
    }
}
