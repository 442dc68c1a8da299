package glowkettle.app.security;

import glowkettle.app.request.DeviceCookie;
import glowkettle.app.request.SecretToken;
import glowkettle.app.shop.Shop;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Devices on which somebody signed in before, by a cookie that only such a device has. Wrong passwords from elsewhere do not
 * keep its owner out; wrong ones from the device itself slow it down as they slow down a stranger.
 */
@Component
class KnownDevices {
    private static final String COOKIE = "kettle-device";
    private static final int TOKEN_BYTES = 24;
    private static final Duration REMEMBERED = Duration.ofDays(180);

    private final DeviceMapper rows;
    private final InstantSource clock;

    KnownDevices(DeviceMapper rows, InstantSource clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** How many tries in a row failed on the device that asks, where it is known for this name. */
    Optional<DeviceMapper.DeviceRow> asking(String name) {
        return token().flatMap(token -> rows.device(Shop.ID, SecretToken.hash(token), name));
    }

    /** Counts a wrong password on this device; false where it is not known for that name. */
    boolean failed(String name) {
        return token().filter(token -> rows.failed(Shop.ID, SecretToken.hash(token), name, clock.instant()) > 0)
                .isPresent();
    }

    /** From now on this device is known for that name. */
    void remember(String name, HttpServletRequest request, HttpServletResponse response) {
        Optional<byte[]> known =
                token().map(SecretToken::hash).filter(hash -> rows.used(Shop.ID, hash, name, clock.instant()) > 0);
        if (known.isPresent()) {
            return;
        }
        String token = SecretToken.fresh(TOKEN_BYTES);
        rows.forget(Shop.ID, clock.instant().minus(REMEMBERED));
        rows.put(Shop.ID, SecretToken.hash(token), name, clock.instant());
        DeviceCookie.keep(request, response, COOKIE, token, REMEMBERED);
    }

    private static Optional<String> token() {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked)) {
            return Optional.empty();
        }
        Cookie[] cookies = asked.getRequest().getCookies();
        for (Cookie cookie : cookies == null ? new Cookie[0] : cookies) {
            if (cookie.getName().equals(COOKIE)) {
                return Optional.of(cookie.getValue());
            }
        }
        return Optional.empty();
    }
}
