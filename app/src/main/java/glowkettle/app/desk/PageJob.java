package glowkettle.app.desk;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The job on whose page something stands; what a page asks for beside itself says where it asks from. */
final class PageJob {
    private static final Pattern PAGE = Pattern.compile("(?:https?://[^/]+)?/jobs/([0-9]{1,15})(?:[/?#].*)?");

    private PageJob() {}

    static @Nullable Long of(HttpServletRequest request) {
        String page = request.getRequestURI().equals("/clocks")
                ? Objects.requireNonNullElse(request.getHeader("HX-Current-URL"), "")
                : request.getRequestURI();
        Matcher job = PAGE.matcher(page);
        return job.matches() ? Long.valueOf(job.group(1)) : null;
    }
}
