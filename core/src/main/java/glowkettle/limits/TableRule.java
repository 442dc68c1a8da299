package glowkettle.limits;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a table of the shop limits must keep, whoever changes it: figures inside their range, rows in their order, and no
 * pack charged further than any maker of these cells allows.
 */
public final class TableRule {
    private static final int MOST_ROWS = 60;

    private TableRule() {}

    /** A column and its range, both ends accepted. */
    public record Column(String name, String unit, BigDecimal least, BigDecimal most) {
        boolean accepts(BigDecimal figure) {
            return figure.compareTo(least) >= 0 && figure.compareTo(most) <= 0;
        }
    }

    /** In the order of the columns. */
    public static List<Column> columns(LimitTable table) {
        return switch (table) {
            case OPEN_CIRCUIT ->
                List.of(
                        column("State of charge", "%", "0", "100"),
                        column("Lithium, per cell", "V", "2.5", "4.5"),
                        column("Iron-phosphate, per cell", "V", "2.0", "3.7"));
            case CHEMISTRY_BANDS ->
                List.of(
                        column("Nominal from, per cell", "V", "1.5", "4.0"),
                        column("Nominal to, per cell", "V", "1.5", "4.0"),
                        column("Charge limit, per cell", "V", "2.5", "4.6"),
                        column("Iron-phosphate, 0 or 1", "", "0", "1"));
            case TORQUE ->
                List.of(
                        column("Thread", "mm", "0.5", "6"),
                        column("Into metal", "N·m", "0.005", "5"),
                        column("Into plastic", "N·m", "0.005", "5"));
            case LAYERS ->
                List.of(
                        column(
                                "Material: 1 glass, 2 display, 3 adhesive, 4 air, 5 graphite, 6 cell, 7 plastic, "
                                        + "8 aluminium, 9 magnesium, 10 copper",
                                "",
                                "1",
                                "10"),
                        column("Conductivity", "W/mK", "0.01", "500"),
                        column("Density", "kg/m³", "0.5", "20000"),
                        column("Specific heat", "J/kgK", "100", "5000"));
        };
    }

    /** The first thing that is wrong, in words that name the row and what would be accepted. */
    public static Optional<String> fault(LimitTable table, List<List<BigDecimal>> rows) {
        List<Column> columns = columns(table);
        if (rows.size() < 2 || rows.size() > MOST_ROWS) {
            return Optional.of("%s rows; 2 to %s are accepted".formatted(rows.size(), MOST_ROWS));
        }
        for (List<BigDecimal> row : rows) {
            for (int i = 0; i < columns.size(); i++) {
                if (!columns.get(i).accepts(row.get(i))) {
                    return Optional.of("Row %s: %s is out of range; accepted is %s to %s"
                            .formatted(
                                    words(row),
                                    row.get(i).toPlainString(),
                                    columns.get(i).least(),
                                    columns.get(i).most()));
                }
            }
        }
        return order(table, rows);
    }

    private static Optional<String> order(LimitTable table, List<List<BigDecimal>> rows) {
        List<String> faults = new ArrayList<>();
        for (int i = 1; i < rows.size(); i++) {
            if (rows.get(i).getFirst().compareTo(rows.get(i - 1).getFirst()) <= 0) {
                faults.add(
                        "Row %s must begin higher than row %s".formatted(words(rows.get(i)), words(rows.get(i - 1))));
            }
        }
        switch (table) {
            case OPEN_CIRCUIT -> curve(rows, faults);
            case CHEMISTRY_BANDS -> bands(rows, faults);
            case TORQUE ->
                rows.stream()
                        .filter(row -> row.get(2).compareTo(row.get(1)) > 0)
                        .forEach(row -> faults.add("Row %s: plastic takes no more than metal".formatted(words(row))));
            case LAYERS -> everyMaterial(rows, faults);
        }
        return faults.stream().findFirst();
    }

    /** From empty to full, and never lower at more charge: else one voltage would mean two charges. */
    private static void curve(List<List<BigDecimal>> rows, List<String> faults) {
        if (rows.getFirst().getFirst().signum() != 0
                || rows.getLast().getFirst().compareTo(BigDecimal.valueOf(100)) != 0) {
            faults.add("The curve must reach from 0 to 100 %");
        }
        for (int i = 1; i < rows.size(); i++) {
            for (int column = 1; column < rows.get(i).size(); column++) {
                if (rows.get(i).get(column).compareTo(rows.get(i - 1).get(column)) <= 0) {
                    faults.add("Row %s must be higher than row %s in every column"
                            .formatted(words(rows.get(i)), words(rows.get(i - 1))));
                }
            }
        }
    }

    /** A nominal voltage belongs to one band, and is charged above itself. */
    private static void bands(List<List<BigDecimal>> rows, List<String> faults) {
        for (int i = 0; i < rows.size(); i++) {
            List<BigDecimal> row = rows.get(i);
            if (row.get(1).compareTo(row.get(0)) < 0 || row.get(2).compareTo(row.get(1)) <= 0) {
                faults.add("Row %s: from, to and the charge limit must rise".formatted(words(row)));
            }
            if (i > 0 && row.get(0).compareTo(rows.get(i - 1).get(1)) <= 0) {
                faults.add("Row %s begins inside row %s".formatted(words(row), words(rows.get(i - 1))));
            }
            if (row.get(3).stripTrailingZeros().scale() > 0) {
                faults.add("Row %s: iron-phosphate is 0 or 1".formatted(words(row)));
            }
        }
    }

    private static void everyMaterial(List<List<BigDecimal>> rows, List<String> faults) {
        int materials = columns(LimitTable.LAYERS).getFirst().most().intValue();
        if (rows.size() != materials) {
            faults.add("%s rows; each of the %s materials has one".formatted(rows.size(), materials));
        }
        rows.stream()
                .filter(row -> row.getFirst().stripTrailingZeros().scale() > 0)
                .forEach(row -> faults.add("Row %s: a material has a whole number".formatted(words(row))));
    }

    private static String words(List<BigDecimal> row) {
        return row.stream()
                .map(BigDecimal::toPlainString)
                .reduce((a, b) -> a + "; " + b)
                .orElse("");
    }

    private static Column column(String name, String unit, String least, String most) {
        return new Column(name, unit, new BigDecimal(least), new BigDecimal(most));
    }
}
