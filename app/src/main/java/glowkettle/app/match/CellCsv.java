package glowkettle.app.match;

import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FormTree;
import glowkettle.match.Screening;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table of cells as somebody has it: with or without heads, set apart by comma, semicolon or tabulator, its decimal mark a point
 * or, with the last two, a comma. What each column is, is guessed and shown; nothing is taken before somebody has looked at it.
 *
 * @param rows without the heads
 * @param heads empty where the first line holds figures
 * @param faults why it cannot be read at all
 */
public record CellCsv(List<List<String>> rows, List<String> heads, List<Fault> faults) {
    private static final int MOST_ROWS = 2_000;
    private static final int MOST_FAULTS = 5;
    private static final int MOST_COLUMNS = 40;
    private static final int SHOWN = 6;
    private static final String FIELD = "table";
    private static final Set<String> YES = Set.of("yes", "y", "x", "1", "true", "ja", "j");
    private static final Set<String> NO = Set.of("no", "n", "0", "false", "nein", "-");

    static CellCsv read(String text) {
        String first = text.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
        char delimiter = first.indexOf(';') >= 0 ? ';' : first.indexOf('\t') >= 0 ? '\t' : ',';
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        List<List<String>> rows = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text.replace("\ufeff", "")), format)) {
            for (CSVRecord record : parser) {
                if (rows.size() > MOST_ROWS) {
                    return unread("More than %s rows; at most that many are taken".formatted(MOST_ROWS));
                }
                if (record.size() > MOST_COLUMNS) {
                    return unread("Line %s has %s columns; at most %s are read"
                            .formatted(record.getRecordNumber(), record.size(), MOST_COLUMNS));
                }
                rows.add(record.stream().map(cell -> pointed(cell, delimiter)).toList());
            }
        } catch (CSVException | IllegalArgumentException | UncheckedIOException unreadable) {
            return unread("This is no CSV that can be read: " + unreadable.getMessage());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (rows.isEmpty()) {
            return unread("The table is empty: heads, then one row a cell");
        }
        boolean headed = rows.getFirst().stream().noneMatch(CellCsv::isFigure);
        return new CellCsv(
                headed ? rows.subList(1, rows.size()) : rows, headed ? rows.getFirst() : List.of(), List.of());
    }

    private static CellCsv unread(String why) {
        return new CellCsv(List.of(), List.of(), List.of(new Fault(FIELD, why)));
    }

    /** Between commas a comma is no decimal mark; with another delimiter it can be nothing else in a figure. */
    private static String pointed(String cell, char delimiter) {
        String pointed = delimiter == ',' ? cell : cell.replace(',', '.');
        return isFigure(pointed) ? pointed : cell;
    }

    private static boolean isFigure(String cell) {
        return cell.matches("[+-]?[0-9]*[.]?[0-9]+");
    }

    public int width() {
        return rows.stream().mapToInt(List::size).max().orElse(heads.size());
    }

    public String head(int column) {
        return column < heads.size() ? heads.get(column) : "";
    }

    public String cell(int row, int column) {
        return column < rows.get(row).size() ? rows.get(row).get(column) : "";
    }

    /** By the heads; without, by what the figures can be. Each is guessed once. */
    List<Column> guessed() {
        Set<String> taken = new HashSet<>();
        return IntStream.range(0, width())
                .mapToObj(column -> heads.isEmpty()
                        ? byFigures(column)
                        : Column.named(head(column))
                                .map(named -> inItsUnit(named, column))
                                .orElse(Column.IGNORED))
                .map(column -> column.field().filter(field -> !taken.add(field)).isPresent() ? Column.IGNORED : column)
                .toList();
    }

    private Column byFigures(int column) {
        if (column == 0) {
            return Column.ID;
        }
        double middle = middle(column);
        if (Double.isNaN(middle) || middle < 1) {
            return Column.IGNORED;
        }
        // A single cell has 1 to 5 V, some to some hundred milliohms, and hundreds of mAh and more.
        return middle < 5 ? Column.RESTED_V : middle < 300 ? Column.RESISTANCE_MOHM : Column.CAPACITY_MAH;
    }

    /** No head says the unit: no cell has 20 mAh, under a milliohm, or more than a thousand volts. */
    private Column inItsUnit(Column named, int column) {
        double middle = middle(column);
        if (named == Column.CAPACITY_MAH && middle < 20) {
            return Column.CAPACITY_AH;
        }
        if (named == Column.RESISTANCE_MOHM && middle < 1) {
            return Column.RESISTANCE_OHM;
        }
        return named == Column.RESTED_V && middle > 1000 ? Column.RESTED_MV : named;
    }

    private double middle(int column) {
        double[] figures = rows.stream()
                .map(row -> column < row.size() ? row.get(column) : "")
                .filter(CellCsv::isFigure)
                .mapToDouble(Double::parseDouble)
                // Nothing was measured there, whatever stands in it.
                .filter(figure -> figure > 0)
                .sorted()
                .toArray();
        return figures.length == 0 ? Double.NaN : figures[figures.length / 2];
    }

    /** What the columns are taken for. */
    record Taken(List<Screening.Cell> cells, List<Fault> faults) {}

    /** Its cells, or what is wrong with its rows, each named with its line. */
    Taken cells(List<Column> columns) {
        List<Fault> wrong = new ArrayList<>(chosen(columns));
        List<Screening.Cell> cells = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (int row = 0; row < rows.size() && wrong.size() < MOST_FAULTS; row++) {
            Bound<Screening.Cell> bound =
                    Binder.form(Screening.Cell.class, FormTree.of(typed(rows.get(row), columns)), ZoneOffset.UTC);
            int line = row + 1 + (heads.isEmpty() ? 0 : 1);
            bound.faults().stream()
                    .limit(MOST_FAULTS)
                    .forEach(fault -> wrong.add(new Fault(FIELD, "Line %s: %s".formatted(line, fault.message()))));
            if (bound.faults().isEmpty()) {
                cells.add(bound.get());
                if (!ids.add(bound.get().id())) {
                    wrong.add(new Fault(
                            FIELD,
                            "Line %s: the id '%s' stands twice: give each cell its own"
                                    .formatted(line, bound.get().id())));
                }
            }
        }
        return new Taken(wrong.isEmpty() ? cells : List.of(), wrong);
    }

    private static List<Fault> chosen(List<Column> columns) {
        List<Fault> wrong = new ArrayList<>();
        Predicate<String> isThere = field -> columns.stream()
                .anyMatch(column -> column.field().filter(field::equals).isPresent());
        if (!isThere.test("id")) {
            wrong.add(new Fault(FIELD, "No column is the id: each cell needs its own"));
        }
        Set<String> seen = new HashSet<>();
        columns.stream()
                .flatMap(column -> column.field().stream())
                .filter(field -> !seen.add(field))
                .findFirst()
                .ifPresent(field -> wrong.add(new Fault(FIELD, "Two columns are the same: each is one thing")));
        return wrong;
    }

    private static Map<String, String[]> typed(List<String> row, List<Column> columns) {
        Map<String, String[]> typed = new LinkedHashMap<>();
        for (int i = 0; i < Math.min(row.size(), columns.size()); i++) {
            Column column = columns.get(i);
            String cell = column.isYesOrNo() ? yesOrNo(row.get(i)) : shifted(row.get(i), column.shift());
            column.field().ifPresent(field -> typed.put(field, new String[] {cell}));
        }
        return typed;
    }

    private static String yesOrNo(String cell) {
        String plain = cell.toLowerCase(Locale.ROOT);
        return YES.contains(plain) ? "true" : NO.contains(plain) ? "false" : cell;
    }

    private static String shifted(String cell, int places) {
        return places == 0 || !isFigure(cell)
                ? cell
                : new BigDecimal(cell).movePointRight(places).toPlainString();
    }

    /** The first rows, to look at. */
    public List<List<String>> shown() {
        return rows.subList(0, Math.min(SHOWN, rows.size()));
    }

    static List<Column> columns(List<String> names) {
        return names.stream()
                .map(name -> Arrays.stream(Column.values())
                        .filter(column -> column.name().equals(name))
                        .findFirst()
                        .orElse(Column.IGNORED))
                .toList();
    }
}
