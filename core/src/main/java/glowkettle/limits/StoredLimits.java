package glowkettle.limits;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A version of the shop limits as it was stored, read by id: what it does not know yet comes from the defaults, what lies
 * outside of today's range is kept and named, what is not known any more is left out. So no change of the product makes an
 * older version unreadable.
 */
public final class StoredLimits {
    private StoredLimits() {}

    public static ShopLimits read(
            int version, Map<String, BigDecimal> values, Map<String, List<List<BigDecimal>>> tables) {
        Set<String> kept = new HashSet<>();
        Map<Limit, BigDecimal> read = new EnumMap<>(Limit.class);
        for (Limit limit : Limit.values()) {
            LimitSpec spec = Defaults.spec(limit);
            BigDecimal value = values.getOrDefault(limit.id(), spec.byDefault());
            read.put(limit, value);
            if (!spec.accepts(value)) {
                kept.add(limit.id());
            }
        }
        Map<LimitTable, Table> figures = new EnumMap<>(LimitTable.class);
        for (LimitTable table : LimitTable.values()) {
            Table today = ShopLimits.defaults().table(table);
            List<List<BigDecimal>> stored = tables.get(table.id());
            List<List<BigDecimal>> rows = stored == null ? today.rows() : rows(table, stored, today);
            figures.put(table, new Table(today.columns(), rows));
            if (TableRule.fault(table, rows).isPresent()) {
                kept.add(table.id());
            }
        }
        return new ShopLimits(version, read, figures, kept);
    }

    /** A row is known by its first figure. */
    private static List<List<BigDecimal>> rows(LimitTable table, List<List<BigDecimal>> stored, Table today) {
        List<List<BigDecimal>> rows = new ArrayList<>();
        for (List<BigDecimal> row : stored) {
            if (!row.isEmpty()) {
                asLong(row, today).ifPresent(rows::add);
            }
        }
        if (table == LimitTable.LAYERS) {
            today.rows().stream()
                    .filter(row -> rowOf(rows, row.getFirst()).isEmpty())
                    .toList()
                    .forEach(rows::add);
            rows.sort(Comparator.comparing(List::getFirst));
        }
        return rows.isEmpty() ? today.rows() : rows;
    }

    /** What a row lacks comes from today's row of the same name; without one it says nothing any more. */
    private static Optional<List<BigDecimal>> asLong(List<BigDecimal> row, Table today) {
        int columns = today.columns().size();
        if (row.size() >= columns) {
            return Optional.of(row.subList(0, columns));
        }
        return rowOf(today.rows(), row.getFirst()).map(known -> {
            List<BigDecimal> longer = new ArrayList<>(row);
            longer.addAll(known.subList(row.size(), columns));
            return longer;
        });
    }

    private static Optional<List<BigDecimal>> rowOf(List<List<BigDecimal>> rows, BigDecimal name) {
        return rows.stream().filter(row -> row.getFirst().compareTo(name) == 0).findFirst();
    }
}
