package glowkettle.app.security;

import jakarta.servlet.Filter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.session.Session;

/**
 * The session that a request has read, until the request is over. When it ends the framework asks for it once more, only
 * to see whether the browser must be told another name of it.
 */
final class SessionAtHand<S extends Session> implements Filter {
    private final ThreadLocal<@Nullable Request<S>> request = new ThreadLocal<>();

    private static final class Request<S extends Session> {
        private @Nullable String id;
        private @Nullable SparingSession<S> session;
    }

    @Nullable
    SparingSession<S> find(String id) {
        Request<S> current = request.get();
        return current != null && id.equals(current.id) ? current.session : null;
    }

    void keep(String id, SparingSession<S> session) {
        Request<S> current = request.get();
        if (current != null) {
            current.id = id;
            current.session = session;
        }
    }

    void forget() {
        Request<S> current = request.get();
        if (current != null) {
            current.id = null;
            current.session = null;
        }
    }

    @Override
    public void doFilter(ServletRequest asked, ServletResponse answer, FilterChain chain)
            throws IOException, ServletException {
        request.set(new Request<>());
        try {
            chain.doFilter(asked, answer);
        } finally {
            request.remove();
        }
    }
}
