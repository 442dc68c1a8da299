package glowkettle.app.binding;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.lang.reflect.AnnotatedParameterizedType;
import java.lang.reflect.AnnotatedType;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * Reads a tree of values into a record. What the record does not mark as nullable is asked for, except that a list may be
 * left out and a nested record is then read from nothing. Unknown names are faults, so that a wrong unit is noticed.
 */
public final class Binder {
    private static final int MOST_ELEMENTS = 5_000;

    private final Scalars scalars;
    private final boolean strict;
    private final List<Fault> faults = new ArrayList<>();

    private Binder(Scalars scalars, boolean strict) {
        this.scalars = scalars;
        this.strict = strict;
    }

    /** JSON: figures are JSON numbers, times ISO instants, and every name must be known. */
    public static <R> Bound<R> json(Class<R> type, JsonNode tree) {
        return new Binder(new Scalars(true, ZoneId.of("UTC")), true).bind(type, tree);
    }

    /** A form: everything is text, with comma or point, and times are the shop's wall clock. */
    public static <R> Bound<R> form(Class<R> type, JsonNode tree, ZoneId zone) {
        return new Binder(new Scalars(false, zone), false).bind(type, tree);
    }

    private <R> Bound<R> bind(Class<R> type, JsonNode tree) {
        Object value = tree.isObject() ? record(type, "", tree) : fault("", "Send one JSON object");
        return new Bound<>(faults.isEmpty() ? type.cast(value) : null, faults);
    }

    private @Nullable Object record(Class<?> type, String path, JsonNode node) {
        List<Part> parts = Part.of(type);
        refuseUnknown(parts, path, node);
        List<@Nullable Object> values = new ArrayList<>();
        int before = faults.size();
        for (Part part : parts) {
            RecordComponent component = part.component();
            String at = path.isEmpty() ? part.name() : path + "." + part.name();
            values.add(
                    value(part, component.getAnnotatedType(), component.getGenericType(), at, node.path(part.name())));
        }
        if (faults.size() > before) {
            return null;
        }
        try {
            return Part.make(type, values.iterator());
        } catch (InvocationTargetException e) {
            Throwable refused = Objects.requireNonNullElse(e.getCause(), e);
            return fault(path, refused.getMessage());
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("The record %s cannot be made".formatted(type), e);
        }
    }

    private void refuseUnknown(List<Part> parts, String path, JsonNode node) {
        if (!strict) {
            return;
        }
        List<String> known = parts.stream().map(Part::name).toList();
        node.propertyNames().stream()
                .filter(name -> !known.contains(name))
                .forEach(name -> fault(
                        path.isEmpty() ? name : path + "." + name,
                        "'%s' is not known here; known are %s".formatted(name, String.join(", ", known))));
    }

    private @Nullable Object value(Part part, AnnotatedType annotated, Type type, String at, JsonNode node) {
        if (type instanceof ParameterizedType parameterized) {
            AnnotatedType element = ((AnnotatedParameterizedType) annotated).getAnnotatedActualTypeArguments()[0];
            boolean nullable = annotated.isAnnotationPresent(Nullable.class);
            if (strict && node.isNull() && !nullable) {
                return fault(at, "Give a list: " + says(part));
            }
            List<Object> elements = elements(part, element, parameterized.getActualTypeArguments()[0], at, node);
            return part.component().getType() == Set.class ? new LinkedHashSet<>(elements) : elements;
        }
        Class<?> plain = (Class<?>) type;
        boolean nullable = annotated.isAnnotationPresent(Nullable.class);
        boolean absent = node.isMissingNode() || node.isNull();
        if (plain.isRecord()) {
            if (absent && nullable) {
                return null;
            }
            if (!absent && !node.isObject()) {
                return fault(at, "Give an object with its fields");
            }
            return record(plain, at, absent ? JsonNodeFactory.instance.objectNode() : node);
        }
        if (absent || node.isString() && node.stringValue().isBlank()) {
            return nullable ? null : fault(at, "Missing: " + says(part) + range(part));
        }
        return scalar(part, plain, at, node);
    }

    private List<Object> elements(Part part, AnnotatedType annotated, Type type, String at, JsonNode node) {
        List<Object> elements = new ArrayList<>();
        if (node.isMissingNode() || node.isNull()) {
            return elements;
        }
        if (!node.isArray()) {
            fault(at, "Give a list");
            return elements;
        }
        if (node.size() > MOST_ELEMENTS) {
            fault(at, "%s elements; at most %s are taken".formatted(node.size(), MOST_ELEMENTS));
            return elements;
        }
        for (int i = 0; i < node.size(); i++) {
            boolean blank = !strict
                    && node.get(i).isString()
                    && node.get(i).stringValue().isBlank();
            if (!blank) {
                Object element = value(part, annotated, type, at + "[" + i + "]", node.get(i));
                if (element != null) {
                    elements.add(element);
                }
            }
        }
        return elements;
    }

    private @Nullable Object scalar(Part part, Class<?> type, String at, JsonNode node) {
        try {
            Object value = scalars.read(type, node);
            if (value instanceof BigDecimal figure) {
                refuseOutOfRange(part, at, figure);
            }
            if (value instanceof Integer whole) {
                refuseOutOfRange(part, at, BigDecimal.valueOf(whole));
            }
            if (value instanceof String text) {
                refuseTooLong(part, at, text);
            }
            return value;
        } catch (Scalars.Unreadable e) {
            return fault(at, e.getMessage() + range(part));
        }
    }

    private void refuseOutOfRange(Part part, String at, BigDecimal figure) {
        Within within = part.component().getAnnotation(Within.class);
        if (within != null
                && (figure.compareTo(new BigDecimal(within.min())) < 0
                        || figure.compareTo(new BigDecimal(within.max())) > 0)) {
            fault(at, "%s %s is out of range%s".formatted(figure.toPlainString(), within.unit(), range(part)));
        } else if (within != null
                && within.whole()
                && figure.stripTrailingZeros().scale() > 0) {
            fault(at, "%s is no whole number%s".formatted(figure.toPlainString(), range(part)));
        }
    }

    private void refuseTooLong(Part part, String at, String text) {
        Says says = part.component().getAnnotation(Says.class);
        int longest = says == null ? 200 : says.longest();
        if (text.length() > longest) {
            fault(at, "%s characters; at most %s are taken".formatted(text.length(), longest));
        }
        if (!Letters.areKept(text)) {
            fault(at, "The text has a zero or another character that nobody can read; type it anew");
        }
    }

    private static String says(Part part) {
        Says says = part.component().getAnnotation(Says.class);
        return says == null ? part.name() : part.saying(says.value());
    }

    private static String range(Part part) {
        return part.range().isEmpty() ? "" : "; accepted is " + part.range();
    }

    private @Nullable Object fault(String field, @Nullable String message) {
        faults.add(new Fault(field, Objects.requireNonNullElse(message, "Not accepted")));
        return null;
    }
}
