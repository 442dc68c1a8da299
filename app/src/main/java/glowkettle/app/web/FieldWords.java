package glowkettle.app.web;

import glowkettle.finding.Says;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Optional;

/** The words of a field, from the record it is read into: {@code warmth.surfaceC} is “Surface over the pack”. */
final class FieldWords {
    private FieldWords() {}

    static String of(Class<?> type, String path) {
        String[] names = path.replaceAll("\\[\\d*]", "").split("\\.", 2);
        Optional<RecordComponent> component = type.isRecord()
                ? Arrays.stream(type.getRecordComponents())
                        .filter(one -> one.getName().equals(names[0]))
                        .findFirst()
                : Optional.empty();
        if (component.isEmpty()) {
            return path;
        }
        if (names.length == 2) {
            return of(component.get().getType(), names[1]);
        }
        Says says = component.get().getAnnotation(Says.class);
        return says == null ? path : says.value();
    }
}
