package glowkettle.app.settings;

import glowkettle.app.shop.Emergency;
import glowkettle.app.shop.Equipment;
import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import java.time.ZoneId;

/** The shop's own data as typed, apart from its opening hours. */
public record ShopTyped(
        @Says(value = "Name of the shop", longest = 120) String name,

        @Says("Zone") ZoneId zone,
        @Flat Emergency emergency,
        @Says(value = "Currency", longest = 12) String currency,
        @Flat Equipment equipment) {}
