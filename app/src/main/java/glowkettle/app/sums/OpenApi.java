package glowkettle.app.sums;

import glowkettle.app.binding.Binder;
import glowkettle.app.schema.SchemaJson;
import glowkettle.limits.ShopLimits;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * The description of every calculator as OpenAPI 3.1. Each carries a whole example: the body from
 * {@code api/<stage>-<calculator>.json}, and the answer that the rule itself gives to it.
 */
final class OpenApi {
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .build();

    private static final Map<String, JsonNode> EXAMPLES = new ConcurrentHashMap<>();

    private OpenApi() {}

    static ObjectNode describe(List<Calculator<?, ?>> calculators, ShopLimits limits) {
        ObjectNode api = JsonNodeFactory.instance.objectNode();
        api.put("openapi", "3.1.0");
        api.putObject("info")
                .put("title", "Glow Kettle calculators")
                .put("version", "1")
                .put(
                        "description",
                        "Stateless sums of a battery bench. Advice, not a certificate: local rules, the maker and a qualified person come first. Figures carry their unit in their name. Unknown names are refused, so that a wrong unit is noticed.");
        ObjectNode paths = api.putObject("paths");
        SchemaJson schemas = new SchemaJson();
        calculators.forEach(calculator -> paths.set(calculator.path(), path(calculator, schemas, limits)));
        ObjectNode components = api.putObject("components");
        components.set("schemas", schemas.schemas());
        problemSchema(schemas.schemas());
        ObjectNode ways = components.putObject("securitySchemes");
        ways.putObject("basic").put("type", "http").put("scheme", "basic");
        ways.putObject("token").put("type", "http").put("scheme", "bearer");
        api.putArray("security").addObject().putArray("token");
        api.withArray("security").addObject().putArray("basic");
        return api;
    }

    private static <T extends Record> ObjectNode path(
            Calculator<T, ?> calculator, SchemaJson schemas, ShopLimits limits) {
        ObjectNode path = JsonNodeFactory.instance.objectNode();
        ObjectNode post = path.putObject("post");
        post.put("operationId", calculator.stage() + "-" + calculator.name());
        post.putArray("tags").add(calculator.stage());
        post.put("summary", calculator.summary());
        ObjectNode body = content(post.putObject("requestBody").put("required", true), "application/json");
        JsonNode example = example(calculator);
        body.set("schema", schemas.of(calculator.takes()));
        body.set("example", example);
        ObjectNode responses = post.putObject("responses");
        ObjectNode answer = content(
                responses.putObject("200").put("description", "Result, findings strongest first, and the working"),
                "application/json");
        ObjectNode schema = answer.putObject("schema").put("type", "object");
        ObjectNode properties = schema.putObject("properties");
        properties.set("result", schemas.of(calculator.answers()));
        properties.set("findings", findings());
        properties.putObject("working").put("type", "array").putObject("items").put("type", "string");
        properties.putObject("limitsVersion").put("type", "integer");
        T asked = Binder.json(calculator.takes(), example).get();
        answer.set("example", AnswerJson.of(calculator.rule().apply(asked, limits), limits.version()));
        problem(responses, "400", "The body is not JSON");
        problem(responses, "401", "No account was named");
        problem(responses, "422", "A field is missing, unknown or out of range, or the fields contradict each other");
        return path;
    }

    private static ObjectNode findings() {
        ObjectNode findings = JsonNodeFactory.instance.objectNode().put("type", "array");
        ObjectNode properties =
                findings.putObject("items").put("type", "object").putObject("properties");
        properties.putObject("rule").put("type", "string");
        properties
                .putObject("weight")
                .put("type", "string")
                .putArray("enum")
                .add("NOTE")
                .add("CARE")
                .add("STOP")
                .add("DANGER");
        properties.putObject("sentence").put("type", "string");
        properties.putObject("measured").put("type", "object").put("description", "value and unit");
        properties.putObject("limit").put("type", "object").put("description", "id, value, unit and source");
        return findings;
    }

    private static void problem(ObjectNode responses, String status, String description) {
        content(responses.putObject(status).put("description", description), "application/problem+json")
                .putObject("schema")
                .put("$ref", "#/components/schemas/Problem");
    }

    private static void problemSchema(ObjectNode schemas) {
        ObjectNode properties =
                schemas.putObject("Problem").put("type", "object").putObject("properties");
        List.of("type", "title", "detail")
                .forEach(name -> properties.putObject(name).put("type", "string"));
        properties.putObject("status").put("type", "integer");
        ObjectNode fault = properties
                .putObject("faults")
                .put("type", "array")
                .putObject("items")
                .put("type", "object")
                .putObject("properties");
        List.of("field", "message").forEach(name -> fault.putObject(name).put("type", "string"));
    }

    private static ObjectNode content(ObjectNode parent, String type) {
        return parent.putObject("content").putObject(type);
    }

    /** A whole body, as the description shows it. */
    static JsonNode example(Calculator<?, ?> calculator) {
        return EXAMPLES.computeIfAbsent(calculator.path(), path -> read(calculator));
    }

    private static JsonNode read(Calculator<?, ?> calculator) {
        String name = "/api/" + calculator.stage() + "-" + calculator.name() + ".json";
        try (InputStream stream = OpenApi.class.getResourceAsStream(name)) {
            if (stream == null) {
                throw new IllegalStateException("There is no example " + name);
            }
            return MAPPER.readTree(stream);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
