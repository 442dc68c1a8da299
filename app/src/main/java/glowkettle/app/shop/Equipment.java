package glowkettle.app.shop;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.heat.HeatPlace;

/** How many of each the shop has. */
public record Equipment(
        @Says("Hands at the bench") @Within(min = "1", max = "20")
        int hands,

        @Says("Chargers") @Within(min = "0", max = "200") int chargers,

        @Says("Heating mats") @Within(min = "0", max = "50") int mats,

        @Says("Hair dryers") @Within(min = "0", max = "50") int dryers,

        @Says("Hot-air stations") @Within(min = "0", max = "50")
        int airStations) {
    public int count(HeatPlace place) {
        return switch (place) {
            case MAT -> mats;
            case DRYER -> dryers;
            case AIR_STATION -> airStations;
        };
    }
}
