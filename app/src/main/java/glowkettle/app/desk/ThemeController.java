package glowkettle.app.desk;

import glowkettle.app.request.DeviceCookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Day bench or evening bench, kept on the device and not on the account: the light is the bench's. */
@Controller
class ThemeController {
    static final String COOKIE = "theme";
    static final String DARK = "dark";
    static final String LIGHT = "light";
    private static final Duration KEPT_FOR = Duration.ofDays(365);

    /** Null until somebody chose: then it is as the device is. */
    static @Nullable String chosen(@Nullable String kept) {
        return DARK.equals(kept) || LIGHT.equals(kept) ? kept : null;
    }

    @PostMapping("/theme")
    String theme(
            @RequestParam(defaultValue = LIGHT) String theme,
            HttpServletRequest request,
            HttpServletResponse response) {
        String chosen = DARK.equals(theme) ? DARK : LIGHT;
        DeviceCookie.keep(request, response, COOKIE, chosen, KEPT_FOR);
        return "redirect:/";
    }
}
