package glowkettle.app.journal;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What records hold: nothing may be missing that is not said to be nullable, however deep. */
final class Components {
    private static final ClassValue<List<Part>> PARTS = new ClassValue<>() {
        @Override
        protected List<Part> computeValue(Class<?> type) {
            return Arrays.stream(type.getRecordComponents()).map(Part::of).toList();
        }
    };

    private Components() {}

    private record Part(RecordComponent component, boolean nullable) {
        static Part of(RecordComponent component) {
            component.getAccessor().setAccessible(true);
            return new Part(component, component.getAnnotatedType().isAnnotationPresent(Nullable.class));
        }

        @Nullable
        Object in(Object record) {
            try {
                return component.getAccessor().invoke(record);
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    static void requireWhole(String path, @Nullable Object value) {
        switch (value) {
            case Record record -> {
                for (Part part : PARTS.get(record.getClass())) {
                    Object held = part.in(record);
                    String at = path + "." + part.component().getName();
                    if (held == null && !part.nullable()) {
                        throw new IllegalStateException("%s is missing".formatted(at));
                    }
                    requireWhole(at, held);
                }
            }
            case Iterable<?> list -> list.forEach(one -> requireWhole(path + "[]", one));
            case null, default -> {}
        }
    }
}
