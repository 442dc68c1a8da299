package glowkettle.app.security;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.access.AccessDeniedHandlerImpl;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.csrf.CsrfException;

/**
 * Whoever sends a form after the session is over signs in and stands before that form again: what was typed is kept by the
 * browser, and nothing of it was stored.
 */
final class SessionOver implements AuthenticationEntryPoint, AccessDeniedHandler {
    /** Where somebody who signs in goes on to. */
    static final String TO = "to";

    private final LoginUrlAuthenticationEntryPoint door = new LoginUrlAuthenticationEntryPoint("/signin");
    private final AccessDeniedHandlerImpl denied = new AccessDeniedHandlerImpl();

    SessionOver() {
        door.setFavorRelativeUris(true);
    }

    @Override
    public void commence(HttpServletRequest request, HttpServletResponse response, AuthenticationException failure)
            throws IOException, ServletException {
        if (request.getMethod().equals("GET")) {
            door.commence(request, response, failure);
        } else {
            signIn(request, response);
        }
    }

    /** A form whose token nobody knows any more, of somebody who is not signed in: its session is over. */
    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException failure)
            throws IOException, ServletException {
        if (failure instanceof CsrfException
                && SecurityContextHolder.getContext().getAuthentication() == null) {
            signIn(request, response);
        } else {
            denied.handle(request, response, failure);
        }
    }

    private static void signIn(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String page = stoodOn(request).orElse("/");
        response.sendRedirect("/signin?over&" + TO + "=" + URLEncoder.encode(page, StandardCharsets.UTF_8));
    }

    /** The page with the form, as the browser says it. */
    private static Optional<String> stoodOn(HttpServletRequest request) {
        return Stream.of("HX-Current-URL", "Referer")
                .map(request::getHeader)
                .filter(address -> address != null && !address.contains("/signin"))
                .flatMap(address -> path(address).stream())
                .findFirst();
    }

    private static Optional<String> path(String address) {
        try {
            return Optional.of(PagesOfThisHouse.within(address));
        } catch (IllegalArgumentException unreadable) {
            return Optional.empty();
        }
    }
}
