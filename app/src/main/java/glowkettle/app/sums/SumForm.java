package glowkettle.app.sums;

import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.binding.Part;
import glowkettle.app.form.Field;
import glowkettle.app.form.Questions;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The form of a sum, from its record: a field a component, a group a record in it, rows a list of them. */
final class SumForm {
    private static final int MORE_ROWS = 4;
    /** Its name, as a filled form and the ids of its fields know it. */
    private static final String FORM = "sum";

    private final SumInput input;
    private final FilledForm filled;
    /** The list of which more rows are asked for. */
    private final @Nullable String more;

    private SumForm(SumInput input, List<Fault> faults, @Nullable String more) {
        this.input = input;
        this.filled = new FilledForm(FORM, input.filled(), faults, List.of());
        this.more = more;
    }

    static List<SumPart> of(Class<? extends Record> type, SumInput input, List<Fault> faults, @Nullable String more) {
        return new SumForm(input, faults, more).parts(type, "");
    }

    private List<SumPart> parts(Class<?> type, String prefix) {
        return Part.of(type).stream()
                .map(part -> part(part, prefix + part.name()))
                .toList();
    }

    private SumPart part(Part part, String path) {
        Class<?> element = Questions.elementType(part);
        if (!element.isRecord()) {
            return new SumPart.One(Field.in(filled, FORM, Questions.of(part), path, null));
        }
        String label = Questions.label(part);
        if (Questions.isMany(part)) {
            return new SumPart.Rows(label, path, rows(element, path));
        }
        boolean optional = part.isNullable()
                || Part.of(element).stream().noneMatch(one -> Questions.of(one).needed());
        return group(label, element, path, !optional || input.fills(path + "."));
    }

    private SumPart.Group group(String label, Class<?> type, String path, boolean open) {
        return new SumPart.Group(label, parts(type, path + "."), open);
    }

    private List<SumPart.Group> rows(Class<?> type, String path) {
        int filled = filledRows(path);
        int empty = path.equals(more) ? MORE_ROWS : 1;
        List<SumPart.Group> rows = new ArrayList<>();
        for (int row = 0; row < filled + empty; row++) {
            rows.add(group(String.valueOf(row + 1), type, path + "[" + row + "]", row < filled || row == 0));
        }
        return rows;
    }

    private int filledRows(String path) {
        Pattern row = Pattern.compile(Pattern.quote(path) + "\\[(\\d{1,4})].*");
        return input.filled().keySet().stream()
                .map(row::matcher)
                .filter(Matcher::matches)
                .mapToInt(matched -> Integer.parseInt(matched.group(1)) + 1)
                .max()
                .orElse(0);
    }
}
