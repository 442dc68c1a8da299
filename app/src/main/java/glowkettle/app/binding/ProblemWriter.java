package glowkettle.app.binding;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Problems as RFC 9457 {@code problem+json}, with every fault by field. */
@Component
public final class ProblemWriter {
    private final JsonMapper mapper = new JsonMapper();

    public ObjectNode problem(int status, String title, String detail, List<Fault> faults) {
        ObjectNode problem = mapper.createObjectNode();
        problem.put("type", "about:blank");
        problem.put("title", title);
        problem.put("status", status);
        problem.put("detail", detail);
        if (!faults.isEmpty()) {
            ArrayNode list = problem.putArray("faults");
            faults.forEach(fault -> list.addObject().put("field", fault.field()).put("message", fault.message()));
        }
        return problem;
    }

    public void write(HttpServletResponse response, int status, String title, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getWriter().write(mapper.writeValueAsString(problem(status, title, detail, List.of())));
    }
}
