package glowkettle.app.settings;

import glowkettle.app.shop.Shop;
import glowkettle.finding.Says;
import glowkettle.shop.OpeningHours;
import java.time.ZoneId;

/** The first question of the first day. */
public record FirstDayTyped(
        @Says(value = "Name of the shop", longest = 120) String name,

        @Says("Zone") ZoneId zone,
        @Says(value = "Currency", longest = 12) String currency) {
    Shop in(Shop shop) {
        OpeningHours hours = shop.hours();
        return new Shop(
                name,
                shop.emergency(),
                currency,
                shop.equipment(),
                new OpeningHours(zone, hours.week(), hours.exceptions()));
    }
}
