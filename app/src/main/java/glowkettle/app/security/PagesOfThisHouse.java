package glowkettle.app.security;

import java.net.URI;

/** Addresses without a host: nobody is sent to another house. */
final class PagesOfThisHouse {
    private PagesOfThisHouse() {}

    /** @throws IllegalArgumentException where it is no address */
    static String within(String address) {
        URI asked = URI.create(address);
        String path = asked.getRawPath();
        boolean local = path != null && path.startsWith("/") && !path.startsWith("//");
        String page = local ? path : "/";
        return asked.getRawQuery() == null ? page : page + "?" + asked.getRawQuery();
    }
}
