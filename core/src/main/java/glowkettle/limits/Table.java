package glowkettle.limits;

import java.math.BigDecimal;
import java.util.List;

/** A table of figures with its column names; every row is as long as the header. */
public record Table(List<String> columns, List<List<BigDecimal>> rows) {
    public Table {
        columns = List.copyOf(columns);
        rows = rows.stream().map(List::copyOf).toList();
        for (List<BigDecimal> row : rows) {
            if (row.size() != columns.size()) {
                throw new IllegalArgumentException(
                        "The row %s must have %s figures, one for each of %s".formatted(row, columns.size(), columns));
            }
        }
    }

    /** The same figures in the same places, however they are written. */
    boolean saysTheSameAs(Table other) {
        if (rows.size() != other.rows.size()) {
            return false;
        }
        for (int row = 0; row < rows.size(); row++) {
            for (int column = 0; column < columns.size(); column++) {
                if (rows.get(row).get(column).compareTo(other.rows.get(row).get(column)) != 0) {
                    return false;
                }
            }
        }
        return true;
    }
}
