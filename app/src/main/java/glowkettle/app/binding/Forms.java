package glowkettle.app.binding;

import jakarta.servlet.http.HttpServletRequest;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.web.server.ResponseStatusException;

/** What every form of ours carries. A request without it came from no page of ours. */
public final class Forms {
    private Forms() {}

    /** The form's own id; sending one form twice stores nothing twice. */
    public static UUID id(HttpServletRequest request) {
        try {
            return UUID.fromString(String.valueOf(request.getParameter("formId")));
        } catch (IllegalArgumentException e) {
            throw new ResponseStatusException(HttpStatus.BAD_REQUEST);
        }
    }

    /** What was typed, to be completed and shown again. */
    public static Map<String, String[]> typed(HttpServletRequest request) {
        return new LinkedHashMap<>(request.getParameterMap());
    }

    /** By which name the sender signed in; what nobody signs in for, nobody writes. */
    public static String by(HttpServletRequest request) {
        String name = request.getRemoteUser();
        if (name == null) {
            throw new AccessDeniedException("Nobody is signed in");
        }
        return name;
    }
}
