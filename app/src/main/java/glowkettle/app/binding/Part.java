package glowkettle.app.binding;

import glowkettle.finding.Figures;
import glowkettle.finding.Flat;
import glowkettle.finding.Within;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A component of a record as it is spelled from outside: those of a {@link Flat} part stand in that part's place, under its
 * prefix and behind its words.
 *
 * @param words that stand before its own, empty where none do
 * @param way from the record down to the component, which is the last of it
 */
public record Part(String name, String words, List<RecordComponent> way) {
    private static final ClassValue<List<Part>> PARTS = new ClassValue<>() {
        @Override
        protected List<Part> computeValue(Class<?> type) {
            List<Part> parts = new ArrayList<>();
            collect(type, "", "", List.of(), parts);
            return List.copyOf(parts);
        }
    };

    /** In the order in which {@link #make} takes their values. */
    public static List<Part> of(Class<?> record) {
        return PARTS.get(record);
    }

    private static void collect(
            Class<?> type, String prefix, String words, List<RecordComponent> way, List<Part> parts) {
        for (RecordComponent component : type.getRecordComponents()) {
            component.getAccessor().setAccessible(true);
            List<RecordComponent> further =
                    Stream.concat(way.stream(), Stream.of(component)).toList();
            Flat flat = component.getAnnotation(Flat.class);
            if (flat == null) {
                parts.add(new Part(FlatNames.prefixed(prefix, component.getName()), words, further));
            } else {
                collect(
                        component.getType(),
                        FlatNames.prefixed(prefix, flat.prefix()),
                        (words + " " + flat.words()).strip(),
                        further,
                        parts);
            }
        }
    }

    /** Where its type, its range and its words stand. */
    public RecordComponent component() {
        return way.getLast();
    }

    /** From where to where its figures may go, with the unit; empty where any will do. */
    public String range() {
        Within within = component().getAnnotation(Within.class);
        return within == null
                ? ""
                : "%s to %s %s"
                        .formatted(
                                Figures.of(new BigDecimal(within.min())),
                                Figures.of(new BigDecimal(within.max())),
                                within.unit())
                        .strip();
    }

    public boolean isNullable() {
        return component().getAnnotatedType().isAnnotationPresent(Nullable.class);
    }

    /** Its own words behind those of the parts it is in. */
    public String saying(String own) {
        return words.isEmpty() ? own : words + " " + Character.toLowerCase(own.charAt(0)) + own.substring(1);
    }

    public @Nullable Object in(Object record) {
        Object held = record;
        for (RecordComponent component : way) {
            try {
                held = component.getAccessor().invoke(held);
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException("The component %s cannot be read".formatted(component), e);
            }
        }
        return held;
    }

    /**
     * A record of one value a part.
     *
     * @throws java.lang.reflect.InvocationTargetException with what the record itself refuses
     */
    static Object make(Class<?> type, Iterator<? extends @Nullable Object> values) throws ReflectiveOperationException {
        RecordComponent[] components = type.getRecordComponents();
        Object[] arguments = new Object[components.length];
        Class<?>[] types = new Class<?>[components.length];
        for (int i = 0; i < components.length; i++) {
            types[i] = components[i].getType();
            arguments[i] = components[i].isAnnotationPresent(Flat.class) ? make(types[i], values) : values.next();
        }
        return type.getDeclaredConstructor(types).newInstance(arguments);
    }
}
