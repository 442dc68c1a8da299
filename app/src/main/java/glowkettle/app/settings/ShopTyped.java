package glowkettle.app.settings;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.time.ZoneId;

/** The shop's own data as typed, apart from its opening hours. */
public record ShopTyped(
        @Says(value = "Name of the shop", longest = 120) String name,

        @Says("Zone") ZoneId zone,
        @Says(value = "Emergency number", longest = 40) String emergencyNumber,

        @Says(value = "What to say to the emergency number", longest = 200)
        String emergencyText,

        @Says(value = "Currency", longest = 12) String currency,

        @Says("Hands at the bench") @Within(min = "1", max = "20")
        int hands,

        @Says("Chargers") @Within(min = "0", max = "200") int chargers,

        @Says("Heating mats") @Within(min = "0", max = "50") int mats,

        @Says("Hair dryers") @Within(min = "0", max = "50") int dryers,

        @Says("Hot-air stations") @Within(min = "0", max = "50")
        int airStations) {}
