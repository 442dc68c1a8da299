package glowkettle.app.desk;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What of a page is folded up. Our script names what stands open, and the answer to a tap leaves the rest out: it is asked for
 * when somebody unfolds it. Whoever names nothing is sent everything.
 */
public record Folds(@Nullable Set<String> open) {
    static final Folds ALL = new Folds(null);
    private static final String HEADER = "Folds-Open";

    static Folds of(HttpServletRequest request) {
        String named = request.getHeader(HEADER);
        return named == null ? ALL : new Folds(Set.copyOf(Arrays.asList(named.split(","))));
    }

    public boolean sends(String fold) {
        return open == null || open.contains(fold);
    }
}
