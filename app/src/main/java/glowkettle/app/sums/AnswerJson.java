package glowkettle.app.sums;

import glowkettle.app.binding.Part;
import glowkettle.app.schema.JsonNames;
import glowkettle.finding.AppliedLimit;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.Collection;
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

    /** A body that asks this, without what was left open. */
    static ObjectNode body(Record asked) {
        ObjectNode json = record(asked);
        withoutNulls(json);
        return json;
    }

    private static void withoutNulls(JsonNode node) {
        node.forEach(AnswerJson::withoutNulls);
        if (node instanceof ObjectNode object) {
            object.removeIf(AnswerJson::isNothing);
        }
    }

    private static boolean isNothing(JsonNode node) {
        return node.isNull() || node.isContainer() && node.isEmpty();
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
        if (JsonNames.isOutcome(record.getClass())) {
            json.put("outcome", JsonNames.outcome(record.getClass()));
        }
        for (Part part : Part.of(record.getClass())) {
            json.set(JsonNames.of(part), value(part.in(record)));
        }
        return json;
    }
}
