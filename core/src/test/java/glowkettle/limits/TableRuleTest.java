package glowkettle.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.finding.AppliedLimit;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class TableRuleTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static List<List<BigDecimal>> rows(String text) {
        return Arrays.stream(text.split("/"))
                .map(row -> Arrays.stream(row.strip().split(" "))
                        .map(BigDecimal::new)
                        .toList())
                .toList();
    }

    @ParameterizedTest
    @EnumSource(LimitTable.class)
    void theTablesThatShipAreAccepted(LimitTable table) {
        assertThat(TableRule.fault(table, LIMITS.table(table).rows())).isEmpty();
        assertThat(LIMITS.table(table).columns()).hasSameSizeAs(TableRule.columns(table));
        assertThat(LIMITS.sourceOf(table)).isEqualTo(AppliedLimit.Source.BUILT_IN);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    OPEN_CIRCUIT    | 0 3.3 2.8 / 100 4.6 3.4             | 4.6 is out of range; accepted is 2.5 to 4.5
                    OPEN_CIRCUIT    | 5 3.3 2.8 / 100 4.2 3.4             | reach from 0 to 100 %
                    OPEN_CIRCUIT    | 0 3.3 2.8 / 50 3.3 3.1 / 100 4.2 3.4 | higher than row 0; 3.3; 2.8 in every column
                    OPEN_CIRCUIT    | 0 3.3 2.8 / 50 3.8 3.1 / 40 4.2 3.4 | must begin higher
                    OPEN_CIRCUIT    | 0 3.3 2.8                           | 1 rows; 2 to 60 are accepted
                    CHEMISTRY_BANDS | 3.2 3.3 3.65 1 / 3.6 3.7 4.7 0      | 4.7 is out of range; accepted is 2.5 to 4.6
                    CHEMISTRY_BANDS | 3.2 3.7 3.75 1 / 3.6 3.8 4.2 0      | begins inside row
                    CHEMISTRY_BANDS | 3.3 3.2 3.65 1 / 3.6 3.7 4.2 0      | must rise
                    CHEMISTRY_BANDS | 3.2 3.3 3.30 1 / 3.6 3.7 4.2 0      | must rise
                    CHEMISTRY_BANDS | 3.2 3.3 3.65 0.5 / 3.6 3.7 4.2 0    | iron-phosphate is 0 or 1
                    TORQUE          | 1.2 0.03 0.02 / 1.4 0.06 0.07       | plastic takes no more than metal
                    TORQUE          | 1.2 0.03 0.02 / 1.2 0.06 0.03       | must begin higher
                    TORQUE          | 1.2 0.03 0 / 1.4 0.06 0.03          | 0 is out of range
                    """)
    void aTableThatWouldMisleadIsRefusedWithItsRow(LimitTable table, String text, String fault) {
        List<List<BigDecimal>> rows = rows(text);
        assertThat(TableRule.fault(table, rows))
                .hasValueSatisfying(words -> assertThat(words).contains(fault));
        assertThatThrownBy(
                        () -> LIMITS.with(table, new Table(LIMITS.table(table).columns(), rows)))
                .hasMessageContaining(fault);
    }

    @Test
    void aChangedTableIsTheShopsOwnAndTheSameFiguresAreNoChange() {
        Table torque = LIMITS.table(LimitTable.TORQUE);
        ShopLimits changed =
                LIMITS.with(LimitTable.TORQUE, new Table(torque.columns(), rows("1.2 0.02 0.01 / 1.4 0.06 0.03")));
        assertThat(changed.tablesUnlike(LIMITS)).containsExactly(LimitTable.TORQUE);
        assertThat(changed.sourceOf(LimitTable.TORQUE)).isEqualTo(AppliedLimit.Source.SHOP);
        Table rewritten = new Table(
                torque.columns(),
                torque.rows().stream()
                        .map(row -> row.stream().map(cell -> cell.setScale(5)).toList())
                        .toList());
        assertThat(LIMITS.with(LimitTable.TORQUE, rewritten).tablesUnlike(LIMITS))
                .isEmpty();
    }
}
