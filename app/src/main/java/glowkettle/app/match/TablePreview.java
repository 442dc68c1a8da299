package glowkettle.app.match;

import glowkettle.app.binding.FilledForm;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A table that was sent and not taken yet: its first rows, and what each column is taken for. */
public record TablePreview(CellCsv csv, List<Column> columns, String text, String name) {
    static @Nullable TablePreview of(FilledForm filled) {
        if (!filled.kind().equals(TableController.TABLE)) {
            return null;
        }
        String text = filled.value(TableController.TABLE, TableController.TABLE, "");
        CellCsv csv = CellCsv.read(Objects.requireNonNullElse(text, ""));
        List<String> chosen = filled.values(TableController.TABLE, "columns[]");
        return new TablePreview(
                csv,
                chosen == null || chosen.isEmpty() ? csv.guessed() : CellCsv.columns(chosen),
                Objects.requireNonNullElse(text, ""),
                Objects.requireNonNullElse(filled.value(TableController.TABLE, "name", ""), ""));
    }

    public Column[] known() {
        return Column.values();
    }

    /** It can be taken, once somebody has looked at it. */
    public boolean isReadable() {
        return csv.faults().isEmpty();
    }
}
