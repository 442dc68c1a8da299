package glowkettle.app.request;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;

/** What a device keeps for the shop, out of reach of scripts and of other sites, and behind TLS sent over TLS alone. */
public final class DeviceCookie {
    private DeviceCookie() {}

    /** @param kept for how long; no time at all takes it away */
    public static void keep(
            HttpServletRequest request, HttpServletResponse response, String name, String value, Duration kept) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(name, value)
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Lax")
                        .path("/")
                        .maxAge(kept)
                        .build()
                        .toString());
    }
}
