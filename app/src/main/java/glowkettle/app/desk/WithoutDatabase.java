package glowkettle.app.desk;

import glowkettle.app.binding.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Keeps the database out of what must answer without it: the evacuation card and what it is drawn with. Sessions live in the
 * database, so none is looked for there. Every other page says that the database is gone, with the way to the card on it.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class WithoutDatabase extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(WithoutDatabase.class);
    /** The session filter takes a request that carries this for one it has seen before. */
    private static final String NO_SESSION = SessionRepositoryFilter.class.getName() + ".FILTERED";

    private final Emergency.Cards cards;
    private final ProblemWriter problems;

    WithoutDatabase(Emergency.Cards cards, ProblemWriter problems) {
        this.cards = cards;
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        if (path.startsWith("/evacuate") || path.startsWith("/assets/")) {
            request.setAttribute(NO_SESSION, true);
        }
        try {
            chain.doFilter(request, response);
        } catch (ServletException | RuntimeException failure) {
            if (!isDatabase(failure) || response.isCommitted()) {
                throw failure;
            }
            LOG.warn("The database does not answer {}: {}", path, failure.getMessage());
            say(path, response);
        }
    }

    private void say(String path, HttpServletResponse response) throws IOException {
        response.reset();
        if (path.startsWith("/api/")) {
            problems.write(response, 503, "Not now", "The database does not answer. Nothing was half stored.");
            return;
        }
        response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
        response.setContentType("text/html;charset=UTF-8");
        response.getWriter().write(cards.page("gone"));
    }

    /**
     * By what PostgreSQL answers: no connection, no room, shutting down. A value it refuses is a fault of ours, not its
     * absence. Source: PostgreSQL documentation, appendix A.
     */
    private static boolean isAway(@Nullable String state) {
        return state == null || state.startsWith("08") || state.startsWith("53") || state.startsWith("57");
    }

    private static boolean isDatabase(@Nullable Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLTransientConnectionException
                    || cause instanceof SQLException answer && isAway(answer.getSQLState())) {
                return true;
            }
        }
        return false;
    }
}
