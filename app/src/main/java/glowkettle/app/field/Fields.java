package glowkettle.app.field;

import glowkettle.app.binding.Attempt;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What templates ask for fields: by the form they stand in, which says the record, and the path of a component. */
public final class Fields {
    private final Map<String, Class<?>> records;

    /** @param records by the name of the form that fills them */
    public Fields(Map<String, Class<?>> records) {
        this.records = Map.copyOf(records);
    }

    public Field of(Attempt attempt, String form, String path) {
        return of(attempt, form, path, null);
    }

    /** @param proposed stands in it until somebody types */
    public Field of(Attempt attempt, String form, String path, @Nullable Object proposed) {
        Class<?> type = records.get(form);
        if (type == null) {
            throw new IllegalArgumentException("No record is filled by the form " + form);
        }
        Question question = Questions.of(type, path)
                .orElseThrow(() -> new IllegalArgumentException("%s has no component %s".formatted(type, path)));
        String name = question.many() ? path + "[]" : path;
        List<String> typed = attempt.values(form, name);
        List<String> values = typed != null ? typed : proposed == null ? List.of() : List.of(String.valueOf(proposed));
        return new Field(question, form + "-" + path, name, filled(values), attempt.fault(form, path), null);
    }

    private static List<String> filled(List<String> values) {
        return values.stream().filter(value -> !value.isBlank()).toList();
    }

    static List<String> typed(Map<String, String[]> typed, String name) {
        return filled(Arrays.asList(typed.getOrDefault(name, new String[0])));
    }
}
