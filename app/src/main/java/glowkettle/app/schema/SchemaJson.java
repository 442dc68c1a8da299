package glowkettle.app.schema;

import glowkettle.app.binding.Part;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Collection;
import java.util.Optional;
import java.util.function.Supplier;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** JSON schemas of records, each under a name of its own, with the ranges and words their components carry. */
public final class SchemaJson {
    private final ObjectNode schemas = JsonNodeFactory.instance.objectNode();

    public ObjectNode schemas() {
        return schemas;
    }

    public ObjectNode of(Type type) {
        if (type instanceof ParameterizedType parameterized) {
            ObjectNode inner = of(parameterized.getActualTypeArguments()[0]);
            if (!Collection.class.isAssignableFrom((Class<?>) parameterized.getRawType())) {
                return inner;
            }
            ObjectNode array = node("array");
            array.set("items", inner);
            return array;
        }
        Class<?> plain = (Class<?>) type;
        if (plain.isRecord()) {
            return named(plain, () -> record(plain));
        }
        if (plain.isSealed()) {
            return named(plain, () -> outcomes(plain));
        }
        return scalar(plain);
    }

    private ObjectNode named(Class<?> type, Supplier<ObjectNode> schema) {
        Class<?> owner = type.getEnclosingClass();
        String name = owner == null
                ? type.getSimpleName()
                : (owner.getEnclosingClass() == null
                                ? owner.getSimpleName()
                                : owner.getEnclosingClass().getSimpleName() + owner.getSimpleName())
                        + type.getSimpleName();
        if (!schemas.has(name)) {
            schemas.putObject(name);
            schemas.set(name, schema.get());
        }
        return JsonNodeFactory.instance.objectNode().put("$ref", "#/components/schemas/" + name);
    }

    private ObjectNode outcomes(Class<?> type) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        ArrayNode one = node.putArray("oneOf");
        Arrays.stream(type.getPermittedSubclasses()).forEach(outcome -> one.add(of(outcome)));
        return node;
    }

    private ObjectNode record(Class<?> type) {
        ObjectNode node = node("object");
        ObjectNode properties = node.putObject("properties");
        ArrayNode required = JsonNodeFactory.instance.arrayNode();
        if (JsonNames.isOutcome(type)) {
            properties.putObject("outcome").put("const", JsonNames.outcome(type));
            required.add("outcome");
        }
        for (Part part : Part.of(type)) {
            properties.set(JsonNames.of(part), described(part));
            if (isNeeded(part)) {
                required.add(JsonNames.of(part));
            }
        }
        if (!required.isEmpty()) {
            node.set("required", required);
        }
        return node.put("additionalProperties", false);
    }

    private ObjectNode described(Part part) {
        ObjectNode node = of(part.component().getGenericType());
        ObjectNode figures = node.path("items") instanceof ObjectNode items && items.has("type") ? items : node;
        Within within = part.component().getAnnotation(Within.class);
        if (within != null) {
            figures.put("minimum", new BigDecimal(within.min())).put("maximum", new BigDecimal(within.max()));
            if (within.whole()) {
                figures.put("multipleOf", 1);
            }
        }
        Says says = part.component().getAnnotation(Says.class);
        String unit = within == null || within.unit().isEmpty() ? "" : ", in " + within.unit();
        if (says != null) {
            node.put("description", part.saying(says.value()) + unit);
        }
        if (figures.path("type").asString("").equals("string") && !figures.has("enum") && !figures.has("format")) {
            figures.put("maxLength", says == null ? 200 : says.longest());
        }
        if (part.isNullable() && node.has("type")) {
            String plain = node.get("type").asString();
            node.putArray("type").add(plain).add("null");
            if (node.get("enum") instanceof ArrayNode constants) {
                constants.addNull();
            }
        }
        return node;
    }

    /** What the reader of bodies asks for: not a list, nothing nullable, no object that may stay empty. */
    private static boolean isNeeded(Part part) {
        Class<?> type = part.component().getType();
        return !part.isNullable()
                && !Collection.class.isAssignableFrom(type)
                && type != Optional.class
                && (!type.isRecord() || Part.of(type).stream().anyMatch(SchemaJson::isNeeded));
    }

    private static ObjectNode scalar(Class<?> type) {
        if (type.isEnum()) {
            ObjectNode node = node("string");
            ArrayNode constants = node.putArray("enum");
            Arrays.stream(type.getEnumConstants()).forEach(constant -> constants.add(((Enum<?>) constant).name()));
            return node;
        }
        if (type == BigDecimal.class || type == Duration.class) {
            return node("number");
        }
        if (type == int.class || type == Integer.class || type == long.class) {
            return node("integer");
        }
        if (type == boolean.class || type == Boolean.class) {
            return node("boolean");
        }
        String format = type == Instant.class
                ? "date-time"
                : type == LocalDate.class ? "date" : type == LocalTime.class ? "time" : null;
        return format == null ? node("string") : node("string").put("format", format);
    }

    private static ObjectNode node(String type) {
        return JsonNodeFactory.instance.objectNode().put("type", type);
    }
}
