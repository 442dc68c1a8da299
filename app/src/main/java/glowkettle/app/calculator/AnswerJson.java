package glowkettle.app.calculator;

import glowkettle.finding.AppliedLimit;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.Arrays;
import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Answers as JSON. A record is written by its components; one of several sealed outcomes also names itself as
 * {@code outcome}; a duration is a number of minutes and says so in its name.
 */
final class AnswerJson {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final BigDecimal SECONDS_PER_MINUTE = BigDecimal.valueOf(60);

    private AnswerJson() {}

    static ObjectNode of(Result<?> answer, int limitsVersion) {
        ObjectNode json = NODES.objectNode();
        json.set("result", value(answer.result()));
        ArrayNode findings = json.putArray("findings");
        answer.findings().forEach(finding -> findings.add(finding(finding)));
        ArrayNode working = json.putArray("working");
        answer.working().lines().forEach(working::add);
        json.put("limitsVersion", limitsVersion);
        return json;
    }

    private static ObjectNode finding(Finding finding) {
        ObjectNode json = NODES.objectNode();
        json.put("rule", finding.rule());
        json.put("weight", finding.weight().name());
        json.put("sentence", finding.sentence());
        Quantity measured = finding.measured();
        if (measured != null) {
            json.putObject("measured").put("value", measured.value()).put("unit", measured.unit());
        }
        AppliedLimit limit = finding.limit();
        if (limit != null) {
            json.putObject("limit")
                    .put("id", limit.id())
                    .put("value", limit.value())
                    .put("unit", limit.unit())
                    .put("source", limit.source().name());
        }
        return json;
    }

    private static JsonNode value(@Nullable Object value) {
        return switch (value) {
            case null -> NODES.nullNode();
            case Optional<?> optional -> value(optional.orElse(null));
            case BigDecimal figure -> NODES.numberNode(figure);
            case Integer whole -> NODES.numberNode(whole);
            case Long whole -> NODES.numberNode(whole);
            case Double real -> Double.isFinite(real) ? NODES.numberNode(BigDecimal.valueOf(real)) : NODES.nullNode();
            case Boolean truth -> NODES.booleanNode(truth);
            case Enum<?> constant -> NODES.stringNode(constant.name());
            case Duration duration -> NODES.numberNode(minutes(duration));
            case Collection<?> many -> {
                ArrayNode array = NODES.arrayNode();
                many.forEach(one -> array.add(value(one)));
                yield array;
            }
            case Map<?, ?> pairs -> {
                ObjectNode object = NODES.objectNode();
                pairs.forEach((name, one) -> object.set(String.valueOf(name), value(one)));
                yield object;
            }
            case Record record -> record(record);
            default -> NODES.stringNode(value.toString());
        };
    }

    private static BigDecimal minutes(Duration duration) {
        return BigDecimal.valueOf(duration.toSeconds()).divide(SECONDS_PER_MINUTE, 2, RoundingMode.HALF_UP);
    }

    private static ObjectNode record(Record record) {
        ObjectNode json = NODES.objectNode();
        if (isOutcome(record.getClass())) {
            json.put("outcome", outcome(record.getClass()));
        }
        for (RecordComponent component : record.getClass().getRecordComponents()) {
            json.set(name(component), value(read(component, record)));
        }
        return json;
    }

    static boolean isOutcome(Class<?> type) {
        return Arrays.stream(type.getInterfaces()).anyMatch(Class::isSealed);
    }

    static String outcome(Class<?> type) {
        return type.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
    }

    static String name(RecordComponent component) {
        return component.getType() == Duration.class ? component.getName() + "Minutes" : component.getName();
    }

    private static @Nullable Object read(RecordComponent component, Record record) {
        try {
            return component.getAccessor().invoke(record);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException("The component %s cannot be read".formatted(component), e);
        }
    }
}
