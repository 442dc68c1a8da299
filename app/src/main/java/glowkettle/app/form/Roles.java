package glowkettle.app.form;

import glowkettle.job.Role;
import jakarta.servlet.http.HttpServletRequest;

/** Who sends a request, by role. */
public final class Roles {
    private Roles() {}

    public static Role of(HttpServletRequest request) {
        return request.isUserInRole("LEAD")
                ? Role.LEAD
                : request.isUserInRole("TECHNICIAN") ? Role.TECHNICIAN : Role.TRAINEE;
    }
}
