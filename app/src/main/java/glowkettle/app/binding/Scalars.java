package glowkettle.app.binding;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** Reads single values, from JSON strictly, from forms as people type. */
final class Scalars {
    private static final int MOST_DIGITS = 20;
    private static final Instant EARLIEST = Instant.parse("2000-01-01T00:00:00Z");
    private static final Instant LATEST = Instant.parse("2200-01-01T00:00:00Z");

    private final boolean json;
    private final ZoneId zone;

    Scalars(boolean json, ZoneId zone) {
        this.json = json;
        this.zone = zone;
    }

    /** A value that cannot be read; the message quotes it. */
    static final class Unreadable extends Exception {
        Unreadable(String message) {
            super(message);
        }
    }

    Object read(Class<?> type, JsonNode node) throws Unreadable {
        if (type == BigDecimal.class) {
            return figure(node);
        }
        if (type == Boolean.class || type == boolean.class) {
            return truth(node);
        }
        if (type == int.class) {
            return whole(figure(node));
        }
        // A name may be a number: step 3 of a log.
        if (type == String.class && node.isIntegralNumber()) {
            return node.asString();
        }
        if (!node.isString()) {
            throw new Unreadable("%s is not text".formatted(quoted(node)));
        }
        String text = node.stringValue().strip();
        if (type == String.class) {
            return text;
        }
        if (type.isEnum()) {
            return constant(type, text);
        }
        return time(type, text);
    }

    private BigDecimal figure(JsonNode node) throws Unreadable {
        if (json && !node.isNumber()) {
            throw new Unreadable("%s is not a number".formatted(quoted(node)));
        }
        String text = node.isNumber()
                ? node.asString()
                : node.asString()
                        .strip()
                        .replace(',', '.')
                        .replace("\u00a0", "")
                        .replace('−', '-');
        try {
            BigDecimal figure = node.isNumber() ? node.decimalValue() : new BigDecimal(text);
            if (Math.abs((long) figure.scale()) > MOST_DIGITS
                    || figure.precision() - (long) figure.scale() > MOST_DIGITS
                    || figure.precision() > MOST_DIGITS * 2) {
                throw new Unreadable("This number has too many digits");
            }
            return figure;
        } catch (NumberFormatException | tools.jackson.core.JacksonException e) {
            throw new Unreadable("'%s' is not a number".formatted(shortened(text)));
        }
    }

    private static int whole(BigDecimal figure) throws Unreadable {
        try {
            return figure.intValueExact();
        } catch (ArithmeticException e) {
            throw new Unreadable("%s is not a whole number within range".formatted(figure.toPlainString()));
        }
    }

    private boolean truth(JsonNode node) throws Unreadable {
        if (node.isBoolean()) {
            return node.booleanValue();
        }
        if (!json) {
            switch (node.asString().strip().toLowerCase(Locale.ROOT)) {
                case "true", "yes", "on" -> {
                    return true;
                }
                case "false", "no", "off" -> {
                    return false;
                }
                default -> {}
            }
        }
        throw new Unreadable("%s is neither true nor false".formatted(quoted(node)));
    }

    private static Object constant(Class<?> type, String text) throws Unreadable {
        return Arrays.stream(type.getEnumConstants())
                .filter(constant -> ((Enum<?>) constant).name().equals(text))
                .findFirst()
                .orElseThrow(() -> new Unreadable("'%s' is not known; accepted are %s"
                        .formatted(
                                shortened(text),
                                Arrays.stream(type.getEnumConstants())
                                        .map(constant -> ((Enum<?>) constant).name())
                                        .collect(Collectors.joining(", ")))));
    }

    private Object time(Class<?> type, String text) throws Unreadable {
        try {
            if (type == Instant.class) {
                return withinReason(
                        json
                                ? Instant.parse(text)
                                : LocalDateTime.parse(text).atZone(zone).toInstant());
            }
            if (type == LocalDate.class) {
                return LocalDate.parse(text);
            }
            if (type == LocalTime.class) {
                return LocalTime.parse(text);
            }
            if (type == ZoneId.class) {
                return ZoneId.of(text);
            }
        } catch (DateTimeException e) {
            String example = type == Instant.class
                    ? json ? "2026-03-02T08:30:00Z" : "Thu 16:00, 26 Nov 9:30, in 2 h, or 2026-03-02T08:30"
                    : type == LocalDate.class ? "2026-03-02" : type == LocalTime.class ? "08:30" : "Europe/Lisbon";
            throw new Unreadable("'%s' cannot be read; readable is %s".formatted(shortened(text), example));
        }
        throw new IllegalStateException("Nothing reads a " + type);
    }

    private static Instant withinReason(Instant instant) throws Unreadable {
        if (instant.isBefore(EARLIEST) || instant.isAfter(LATEST)) {
            throw new Unreadable("%s is out of range; accepted is %s to %s".formatted(instant, EARLIEST, LATEST));
        }
        return instant;
    }

    private static String quoted(JsonNode node) {
        return shortened(node.toString());
    }

    private static String shortened(String text) {
        return text.length() <= 60 ? text : text.substring(0, 60) + "…";
    }
}
