package glowkettle.app.binding;

import java.io.IOException;
import java.util.List;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/**
 * What the servlet container answers by itself, before the application is asked: an address it cannot read, a header that is
 * too long. Under {@code /api} a problem like any other; elsewhere one plain sentence.
 */
final class ContainerErrors extends ErrorReportValve {
    private static final int FIRST_ERROR = 400;
    private static final String DETAIL = "This request cannot be read.";

    private final ProblemWriter problems;

    ContainerErrors(ProblemWriter problems) {
        this.problems = problems;
        setShowReport(false);
        setShowServerInfo(false);
    }

    @Override
    protected void report(Request request, Response response, @Nullable Throwable thrown) {
        int status = response.getStatus();
        if (status < FIRST_ERROR || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        HttpStatus known = HttpStatus.resolve(status);
        String title = known == null ? "Error" : known.getReasonPhrase();
        boolean api = String.valueOf(request.getDecodedRequestURI()).startsWith("/api")
                || String.valueOf(request.getRequestURI()).startsWith("/api");
        try {
            response.setContentType(api ? MediaType.APPLICATION_PROBLEM_JSON_VALUE : MediaType.TEXT_PLAIN_VALUE);
            response.setCharacterEncoding("utf-8");
            response.getReporter()
                    .write(
                            api
                                    ? problems.problem(status, title, DETAIL, List.of())
                                            .toString()
                                    : title + ". " + DETAIL);
            response.finishResponse();
        } catch (IOException | IllegalStateException gone) {
            // Nobody is there any more to be told.
        }
    }
}
