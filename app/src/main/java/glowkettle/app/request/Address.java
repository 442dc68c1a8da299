package glowkettle.app.request;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Under which address other devices reach this one: the one that was set, or the one this page was asked by. */
@Component
public class Address {
    private final String set;

    Address(@Value("${glow-kettle.address:}") String set) {
        this.set = set.strip().replaceAll("/+$", "");
    }

    public String of(HttpServletRequest request) {
        if (!set.isEmpty()) {
            return set;
        }
        String port =
                request.getServerPort() == 80 || request.getServerPort() == 443 ? "" : ":" + request.getServerPort();
        return request.getScheme() + "://" + request.getServerName() + port;
    }
}
