package glowkettle.app.sums;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.Requests.Answer;
import glowkettle.app.support.RunningKettle;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningKettle.class)
class CalculatorTest {
    private static final JsonMapper MAPPER = new JsonMapper();
    private static final int FUZZED_BODIES = 4_000;

    private final Requests requests;
    private final CalculatorController controller;

    CalculatorTest(Kettle kettle) {
        requests = Requests.signedOut(kettle);
        controller = kettle.bean(CalculatorController.class);
    }

    private JsonNode description() {
        return MAPPER.readTree(requests.get("/api/openapi.json").body());
    }

    private List<String> paths() {
        return new ArrayList<>(description().path("paths").propertyNames());
    }

    private static JsonNode example(JsonNode path, String side) {
        JsonNode post = path.path("post");
        return side.equals("request")
                ? post.path("requestBody")
                        .path("content")
                        .path("application/json")
                        .path("example")
                : post.path("responses")
                        .path("200")
                        .path("content")
                        .path("application/json")
                        .path("example");
    }

    @Test
    void everyExampleOfTheDescriptionGetsTheAnswerItPromises() {
        JsonNode paths = description().path("paths");
        assertThat(paths.propertyNames()).hasSizeGreaterThanOrEqualTo(18);
        for (String path : paths.propertyNames()) {
            Answer answer =
                    requests.ask(path, example(paths.path(path), "request").toString());

            assertThat(answer.status()).as(path).isEqualTo(200);
            JsonNode body = MAPPER.readTree(answer.body());
            assertThat(body)
                    .as(path)
                    .isEqualTo(
                            MAPPER.readTree(example(paths.path(path), "answer").toString()));
            assertThat(body.propertyNames()).containsExactly("result", "findings", "working", "limitsVersion");
            assertThat(figuresInQuotes(body.path("result"))).as(path).isEmpty();
        }
    }

    /** A figure is a number wherever it stands, in lists and maps, too; a container's number is its name. */
    private static List<String> figuresInQuotes(JsonNode node) {
        List<String> found = new ArrayList<>();
        if (node.isString() && node.stringValue().matches("-?[0-9]+([.][0-9]+)?")) {
            found.add(node.stringValue());
        }
        if (node.isObject()) {
            node.forEachEntry((name, inner) -> {
                if (!name.equals("container") && !name.equals("id")) {
                    found.addAll(figuresInQuotes(inner));
                }
            });
        } else {
            node.forEach(inner -> found.addAll(figuresInQuotes(inner)));
        }
        return found;
    }

    @Test
    void theDescriptionNamesTheRangeOfEveryFigureAndResolvesEveryReference() {
        JsonNode description = description();
        String text = description.toString();

        assertThat(description
                        .at("/components/schemas/GrowthRoomSizes/properties/thicknessMm/minimum")
                        .decimalValue())
                .isEqualByComparingTo("0.3");
        for (String reference : text.split("\"\\$ref\":\"#")) {
            if (reference.startsWith("/")) {
                String pointer = reference.substring(0, reference.indexOf('"'));
                assertThat(description.at(pointer).isMissingNode()).as(pointer).isFalse();
            }
        }
    }

    /** Malformed, missing, not a number, huge, negative, wrong unit: the field is named, with what it accepts. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {"restedCellV":3.9}                          | 422 | chargeLimitV | accepted is 3.5 to 4.6 V
            {"restedCellV":null,"chargeLimitV":4.2}      | 422 | restedCellV  | Missing: Rested voltage per cell
            {"restedCellV":"3.9","chargeLimitV":4.2}     | 422 | restedCellV  | is not a number
            {"restedCellV":NaN,"chargeLimitV":4.2}       | 422 | restedCellV  | accepted is 0 to 5 V
            {"restedCellV":Infinity,"chargeLimitV":4.2}  | 422 | restedCellV  | accepted is 0 to 5 V
            {"restedCellV":1e400,"chargeLimitV":4.2}     | 422 | restedCellV  | too many digits
            {"restedCellV":1e-400,"chargeLimitV":4.2}    | 422 | restedCellV  | too many digits
            {"restedCellV":-3.9,"chargeLimitV":4.2}      | 422 | restedCellV  | -3.9 V is out of range
            {"restedCellV":3900,"chargeLimitV":4.2}      | 422 | restedCellV  | 3900 V is out of range
            {"restedCellMv":3900,"chargeLimitV":4.2}     | 422 | restedCellMv | is not known here
            {"restedCellV":[3.9],"chargeLimitV":4.2}     | 422 | restedCellV  | is not a number
            {"restedCellV":{},"chargeLimitV":true}       | 422 | chargeLimitV | true is not a number
            []                                           | 422 |              | Send one JSON object
            "3.9"                                        | 422 |              | Send one JSON object
            {"restedCellV":3.9,                          | 400 |              | cannot be read
            {"restedCellV":3.9,"restedCellV":3.8}        | 400 |              | cannot be read
            """)
    void badInputNamesTheFieldAndWhatItAccepts(String body, int status, String field, String says) {
        Answer answer = requests.ask("/api/assess/state-of-charge", body);

        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.headers().get("content-type")).startsWith("application/problem+json");
        assertThat(answer.body()).contains(says);
        if (field != null) {
            assertThat(MAPPER.readTree(answer.body()).path("faults").valueStream())
                    .anyMatch(fault -> fault.path("field").asString().equals(field));
        }
    }

    @Test
    void whatCannotBeJudgedTogetherIsAFaultToo() {
        assertThat(requests.ask("/api/fit/size-code", "{\"sizeCode\":\"12x34\"}")
                        .status())
                .isEqualTo(422);
        assertThat(requests.ask("/api/calibrate/clock-plan", """
                                {"now":"2026-11-18T10:00:00Z","chargeMinutes":60,"runDownMinutes":60,"lastChargeMinutes":60,
                                 "zone":"Europe/Lisbon","week":[{"day":"MONDAY","opens":"18:00","closes":"08:00"}]}""").body())
                .contains("Opening (18:00) must come before closing (08:00)");
    }

    @Test
    void aDoorWithoutANameIsShutAndAnUnknownCalculatorNamesTheKnown() {
        assertThat(requests.askAs("technician", "wrong", "/api/fit/energy", "{}")
                        .status())
                .isEqualTo(401);
        Answer unknown = requests.ask("/api/fit/guess", "{}");
        assertThat(unknown.status()).isEqualTo(404);
        assertThat(unknown.body()).contains("/api/fit/energy");
        assertThat(requests.method("GET", "/api/fit/energy").status()).isEqualTo(405);
        assertThat(requests.ask("/api/fit/energy", "x".repeat(1_100_000)).status())
                .isEqualTo(413);
        assertThat(requests.ask("/api/fit/energy", "{}").headers()).doesNotContainKey("set-cookie");
    }

    /** Examples with something in them replaced by something odd: an answer or a problem, never a failure. */
    @Test
    void fuzzedBodiesNeverFailTheServer() {
        SplittableRandom random = new SplittableRandom(23);
        JsonNode paths = description().path("paths");
        List<String> names = paths();
        List<String> odd = List.of(
                "null",
                "true",
                "-1",
                "0",
                "1e300",
                "-0.0000001",
                "99999999999999999999999999",
                "\"\"",
                "\"NaN\"",
                "\"=1+1\"",
                "\"\\u0000\"",
                "\"\\u202e𓂀\"",
                "[]",
                "{}",
                "[[[[]]]]",
                "3.14159265358979323846",
                "\"2026-02-30T25:00:00Z\"",
                "\"-1000000-01-01T00:00:00Z\"",
                "\"" + "a".repeat(3000) + "\"");
        for (int i = 0; i < FUZZED_BODIES; i++) {
            String path = names.get(random.nextInt(names.size()));
            String body = mutated(example(paths.path(path), "request"), odd, random);
            String[] parts = path.split("/");
            int status = controller
                    .answer(parts[2], parts[3], body.getBytes(StandardCharsets.UTF_8))
                    .getStatusCode()
                    .value();
            assertThat(status).as("%s %s", path, body).isIn(200, 400, 422);
        }
    }

    private static String mutated(JsonNode example, List<String> odd, SplittableRandom random) {
        JsonNode copy = example.deepCopy();
        for (int changes = 1 + random.nextInt(3); changes > 0; changes--) {
            JsonNode at = copy;
            while (at.isContainer() && !at.isEmpty()) {
                int index = random.nextInt(at.size());
                String value = odd.get(random.nextInt(odd.size()));
                if (at instanceof ObjectNode object) {
                    String name = new ArrayList<>(object.propertyNames()).get(index);
                    if (!object.get(name).isContainer() || random.nextInt(4) == 0) {
                        switch (random.nextInt(6)) {
                            case 0 -> object.remove(name);
                            case 1 -> object.set(name + "s", object.remove(name));
                            default -> object.set(name, MAPPER.readTree(value));
                        }
                        break;
                    }
                    at = object.get(name);
                } else {
                    at = at.get(index);
                }
            }
        }
        String text = copy.toString();
        return random.nextInt(20) == 0 ? text.substring(0, random.nextInt(text.length())) : text;
    }
}
