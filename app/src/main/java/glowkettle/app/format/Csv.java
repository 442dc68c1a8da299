package glowkettle.app.format;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/** Comma-separated values (RFC 4180). A cell that a spreadsheet would take for a formula is set behind an apostrophe. */
public final class Csv {
    private static final String FORMULA = "=+-@\t\r";

    private Csv() {}

    /** A header, then one line per row; null is an empty cell, figures are written plain. */
    public static String of(List<String> header, List<? extends List<?>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(header);
            for (List<?> row : rows) {
                printer.printRecord(row.stream().map(Csv::cell).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String cell(@Nullable Object value) {
        return switch (value) {
            case null -> "";
            case java.math.BigDecimal figure -> figure.toPlainString();
            case String text -> harmless(text);
            default -> String.valueOf(value);
        };
    }

    private static String harmless(String text) {
        boolean formula = !text.isEmpty()
                && FORMULA.indexOf(
                                text.stripLeading().isEmpty()
                                        ? text.charAt(0)
                                        : text.stripLeading().charAt(0))
                        >= 0;
        return formula ? "'" + text : text;
    }
}
