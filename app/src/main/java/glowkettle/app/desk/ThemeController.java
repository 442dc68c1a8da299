package glowkettle.app.desk;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Day bench or evening bench, kept on the device and not on the account: the light is the bench's. */
@Controller
class ThemeController {
    static final String COOKIE = "theme";
    static final String DARK = "dark";
    static final String LIGHT = "light";

    @PostMapping("/theme")
    String theme(@RequestParam(defaultValue = LIGHT) String theme, HttpServletResponse response) {
        String chosen = DARK.equals(theme) ? DARK : LIGHT;
        ResponseCookie cookie = ResponseCookie.from(COOKIE, chosen)
                .path("/")
                .httpOnly(true)
                .sameSite("Lax")
                .maxAge(Duration.ofDays(365))
                .build();
        response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
        return "redirect:/";
    }
}
