package glowkettle.app.form;

import glowkettle.app.binding.Part;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.job.Phrases;
import java.lang.reflect.ParameterizedType;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** What records ask for, by the path of a component: {@code warmth.surfaceC}, {@code samples[3].kpa}, {@code cellV[]}. */
public final class Questions {
    /** A text that may be longer is written on more than one line. */
    private static final int A_LINE = 200;

    private static final Map<Asked, Question> KNOWN = new ConcurrentHashMap<>();

    private Questions() {}

    private record Asked(Class<?> type, String path) {}

    /** Nothing when the record has no such component, or it is a record of its own. */
    public static Optional<Question> of(Class<?> type, String path) {
        String plain = path.replaceAll("\\[\\d*]", "");
        Asked asked = new Asked(type, plain);
        Question known = KNOWN.get(asked);
        if (known != null) {
            return Optional.of(known);
        }
        // Only what a record has is remembered: names that somebody made up would grow without end.
        Optional<Question> found =
                part(type, plain).filter(part -> !elementType(part).isRecord()).map(Questions::of);
        found.ifPresent(question -> KNOWN.put(asked, question));
        return found;
    }

    /** The words of a component, also of one that is a record of its own; the path itself where there is none. */
    public static String words(Class<?> type, String path) {
        String plain = path.replaceAll("\\[\\d*]", "");
        return part(type, plain).map(Questions::label).orElse(path);
    }

    public static Question of(Part part) {
        Class<?> type = elementType(part);
        Named named = Named.of(part.name());
        Within within = part.component().getAnnotation(Within.class);
        String unit = within != null ? within.unit() : named.unit();
        return new Question(
                label(part),
                unit,
                part.range(),
                sort(part, type),
                isMany(part),
                !part.isNullable() && !isMany(part),
                choices(type));
    }

    public static String label(Part part) {
        Says says = part.component().getAnnotation(Says.class);
        return part.saying(says == null ? Named.of(part.name()).words() : says.value());
    }

    private static boolean isAhead(Part part) {
        Says says = part.component().getAnnotation(Says.class);
        return says != null && says.ahead();
    }

    /** What a component holds; of a list, one of its elements. */
    public static Class<?> elementType(Part part) {
        return isMany(part) && part.component().getGenericType() instanceof ParameterizedType many
                ? (Class<?>) many.getActualTypeArguments()[0]
                : part.component().getType();
    }

    public static boolean isMany(Part part) {
        return Collection.class.isAssignableFrom(part.component().getType());
    }

    /** A constant as it is read; what has no words of its own is its name. */
    public static String words(Enum<?> constant) {
        return constant instanceof Worded worded ? worded.words() : Phrases.lower(constant);
    }

    private static Optional<Part> part(Class<?> type, String path) {
        String[] names = path.split("\\.", 2);
        Optional<Part> found = type.isRecord()
                ? Part.of(type).stream()
                        .filter(part -> part.name().equals(names[0]))
                        .findFirst()
                : Optional.empty();
        return names.length == 1 ? found : found.flatMap(part -> part(elementType(part), names[1]));
    }

    private static Question.Sort sort(Part part, Class<?> type) {
        if (type == BigDecimal.class || type == int.class) {
            return Question.Sort.FIGURE;
        }
        if (type.isEnum()) {
            return Question.Sort.CHOICE;
        }
        if (type == Boolean.class || type == boolean.class) {
            return Question.Sort.YES_NO;
        }
        if (type == Instant.class) {
            return isAhead(part) ? Question.Sort.MOMENT_AHEAD : Question.Sort.MOMENT;
        }
        if (type == LocalDate.class) {
            return Question.Sort.DAY;
        }
        if (type == LocalTime.class) {
            return Question.Sort.TIME_OF_DAY;
        }
        Says says = part.component().getAnnotation(Says.class);
        return says != null && says.longest() > A_LINE ? Question.Sort.PROSE : Question.Sort.TEXT;
    }

    private static List<Question.Choice> choices(Class<?> type) {
        if (type == Boolean.class || type == boolean.class) {
            return List.of(new Question.Choice("false", "No"), new Question.Choice("true", "Yes"));
        }
        return type.isEnum()
                ? Arrays.stream(type.getEnumConstants())
                        .map(constant -> (Enum<?>) constant)
                        .map(constant -> new Question.Choice(constant.name(), words(constant)))
                        .toList()
                : List.of();
    }
}
