package glowkettle.limits;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** Reads the limits that ship with the core: lines of fields set apart by semicolons, {@code #} opens a comment. */
final class Defaults {
    private static final Map<Limit, LimitSpec> SPECS = readSpecs();
    static final ShopLimits LIMITS = new ShopLimits(0, defaultValues(), readTables());

    private Defaults() {}

    static LimitSpec spec(Limit limit) {
        return Objects.requireNonNull(SPECS.get(limit), limit.id() + " has no row in shop-limits.csv");
    }

    private static Map<Limit, LimitSpec> readSpecs() {
        Map<Limit, LimitSpec> specs = new EnumMap<>(Limit.class);
        for (List<String> row : rows("shop-limits.csv")) {
            Limit limit = Limit.ofId(row.get(0));
            LimitSpec spec = new LimitSpec(
                    limit,
                    row.get(1),
                    new BigDecimal(row.get(2)),
                    new LimitSpec.Range(new BigDecimal(row.get(4)), new BigDecimal(row.get(5)), row.get(3)),
                    LimitSpec.Stricter.valueOf(row.get(6).toUpperCase(java.util.Locale.ROOT)),
                    row.get(7),
                    row.get(8));
            if (specs.put(limit, spec) != null) {
                throw new IllegalStateException("shop-limits.csv names " + limit.id() + " twice");
            }
        }
        return specs;
    }

    private static Map<Limit, BigDecimal> defaultValues() {
        Map<Limit, BigDecimal> values = new EnumMap<>(Limit.class);
        SPECS.forEach((limit, spec) -> values.put(limit, spec.byDefault()));
        return values;
    }

    private static Map<LimitTable, Table> readTables() {
        Map<LimitTable, Table> tables = new EnumMap<>(LimitTable.class);
        for (LimitTable table : LimitTable.values()) {
            List<List<String>> rows = rows(table.id() + ".csv");
            List<List<BigDecimal>> figures = rows.stream()
                    .skip(1)
                    .map(row -> row.stream().map(BigDecimal::new).toList())
                    .toList();
            tables.put(table, new Table(rows.getFirst(), figures));
        }
        return tables;
    }

    private static List<List<String>> rows(String file) {
        try (BufferedReader reader = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(Defaults.class.getResourceAsStream(file), file), StandardCharsets.UTF_8))) {
            return reader.lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(line -> Arrays.stream(line.split(";", -1))
                            .map(String::strip)
                            .toList())
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
