package glowkettle.app.format;

import glowkettle.app.binding.Fault;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Figures from CSV: a header that names the columns, then rows. Comma, semicolon or tabulator set cells apart; with the last
 * two a decimal comma is read, too. Whatever cannot be read is named with its line and what would be accepted.
 */
public record CsvFigures(List<BigDecimal[]> rows, List<Fault> faults) {
    private static final int MOST_ROWS = 20_000;
    private static final int MOST_DIGITS = 20;
    private static final int MOST_FAULTS = 5;

    public static CsvFigures read(String text, List<String> columns) {
        List<BigDecimal[]> rows = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        String header = text.lines().findFirst().orElse("");
        char delimiter = header.indexOf(';') >= 0 ? ';' : header.indexOf('\t') >= 0 ? '\t' : ',';
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setAllowMissingColumnNames(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            List<String> missing = columns.stream()
                    .filter(column -> !parser.getHeaderMap().containsKey(column))
                    .toList();
            if (!missing.isEmpty()) {
                faults.add(new Fault(
                        "file",
                        "Line 1 names no column %s; it must name %s"
                                .formatted(String.join(", ", missing), String.join(", ", columns))));
                return new CsvFigures(rows, faults);
            }
            for (CSVRecord record : parser) {
                if (rows.size() >= MOST_ROWS) {
                    faults.add(
                            new Fault("file", "More than %s rows; at most that many are taken".formatted(MOST_ROWS)));
                    break;
                }
                rows.add(row(record, columns, delimiter, faults));
                if (faults.size() >= MOST_FAULTS) {
                    break;
                }
            }
        } catch (CSVException | IllegalArgumentException | UncheckedIOException unreadable) {
            faults.add(new Fault("file", "This is no CSV that can be read: " + unreadable.getMessage()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new CsvFigures(faults.isEmpty() ? rows : List.of(), faults);
    }

    private static BigDecimal[] row(CSVRecord record, List<String> columns, char delimiter, List<Fault> faults) {
        BigDecimal[] row = new BigDecimal[columns.size()];
        for (int i = 0; i < row.length; i++) {
            String column = columns.get(i);
            String cell = record.isSet(column) ? record.get(column) : "";
            try {
                BigDecimal figure = new BigDecimal(delimiter == ',' ? cell : cell.replace(',', '.'));
                if (figure.precision() > MOST_DIGITS || Math.abs(figure.scale()) > MOST_DIGITS) {
                    throw new NumberFormatException("too many digits");
                }
                row[i] = figure;
            } catch (NumberFormatException unreadable) {
                faults.add(new Fault(
                        "file",
                        "Line %s, column %s: '%s' is not a number"
                                .formatted(record.getRecordNumber() + 1, column, shortened(cell))));
                row[i] = BigDecimal.ZERO;
            }
        }
        return row;
    }

    private static String shortened(String cell) {
        return cell.length() <= 40 ? cell : cell.substring(0, 40).toLowerCase(Locale.ROOT) + "…";
    }
}
