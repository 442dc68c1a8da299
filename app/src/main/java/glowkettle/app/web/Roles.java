package glowkettle.app.web;

import glowkettle.journal.Role;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.security.access.AccessDeniedException;

/** Who sends a request, by name and role. */
public final class Roles {
    private Roles() {}

    /** By which name they signed in; what nobody signs in for, nobody writes. */
    public static String name(HttpServletRequest request) {
        String name = request.getRemoteUser();
        if (name == null) {
            throw new AccessDeniedException("Nobody is signed in");
        }
        return name;
    }

    public static Role of(HttpServletRequest request) {
        return request.isUserInRole("LEAD")
                ? Role.LEAD
                : request.isUserInRole("TECHNICIAN") ? Role.TECHNICIAN : Role.TRAINEE;
    }
}
