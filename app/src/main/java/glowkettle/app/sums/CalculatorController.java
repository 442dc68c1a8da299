package glowkettle.app.sums;

import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.ProblemWriter;
import glowkettle.app.limits.LimitsBook;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads a body strictly, asks the rule, and answers with result, findings and working, or with a problem. */
@RestController
class CalculatorController {
    private static final int MOST_BYTES = 1 << 20;

    private final JsonMapper mapper = JsonMapper.builder()
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            // So that the fault names the field: the figure itself is refused where it is read.
            .enable(JsonReadFeature.ALLOW_NON_NUMERIC_NUMBERS)
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();
    /** By version of the limits: its examples are answered by the rules themselves, which is work. */
    private final Map<Integer, String> descriptions = new ConcurrentHashMap<>();

    private final CalculatorBook calculators;
    private final LimitsBook limits;
    private final ProblemWriter problems;

    CalculatorController(CalculatorBook calculators, LimitsBook limits, ProblemWriter problems) {
        this.calculators = calculators;
        this.limits = limits;
        this.problems = problems;
    }

    @GetMapping(path = "/api/openapi.json", produces = MediaType.APPLICATION_JSON_VALUE)
    String description() {
        ShopLimits newest = limits.inForce();
        return descriptions.computeIfAbsent(
                newest.version(),
                version ->
                        OpenApi.describe(List.copyOf(calculators.all()), newest).toString());
    }

    @PostMapping("/api/{stage}/{name}")
    ResponseEntity<String> ask(@PathVariable String stage, @PathVariable String name, HttpServletRequest request)
            throws IOException {
        return answer(stage, name, request.getInputStream().readNBytes(MOST_BYTES + 1));
    }

    ResponseEntity<String> answer(String stage, String name, byte[] body) {
        Calculator<?, ?> calculator = calculators.find(stage, name).orElse(null);
        if (calculator == null) {
            String known = calculators.all().stream().map(Calculator::path).collect(Collectors.joining(", "));
            return problem(404, "There is no such calculator", "Known are " + known);
        }
        if (body.length > MOST_BYTES) {
            return problem(413, "Too long", "A body has at most %s bytes.".formatted(MOST_BYTES));
        }
        JsonNode tree;
        try {
            tree = mapper.readTree(body);
        } catch (JacksonException e) {
            return problem(400, "This is not JSON", "It cannot be read" + where(e) + ".");
        }
        return answer(calculator, tree, limits.inForce());
    }

    private <T extends Record> ResponseEntity<String> answer(
            Calculator<T, ?> calculator, JsonNode tree, ShopLimits newest) {
        Bound<T> bound = Binder.json(calculator.takes(), tree);
        if (!bound.isGood()) {
            return refused(bound.faults());
        }
        try {
            ObjectNode answer = AnswerJson.of(calculator.rule().apply(bound.get(), newest), newest.version());
            return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON).body(answer.toString());
        } catch (Unanswerable e) {
            return refused(List.of(new Fault(e.field(), String.valueOf(e.getMessage()))));
        }
    }

    private ResponseEntity<String> refused(List<Fault> faults) {
        return problem(422, "Not accepted", "Nothing was computed: see the faults, by field.", faults);
    }

    private ResponseEntity<String> problem(int status, String title, String detail) {
        return problem(status, title, detail, List.of());
    }

    private ResponseEntity<String> problem(int status, String title, String detail, List<Fault> faults) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problems.problem(status, title, detail, faults).toString());
    }

    private static String where(JacksonException e) {
        return e.getLocation() == null
                ? ""
                : ", at line %s, column %s"
                        .formatted(e.getLocation().getLineNr(), e.getLocation().getColumnNr());
    }
}
