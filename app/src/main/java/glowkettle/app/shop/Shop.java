package glowkettle.app.shop;

import glowkettle.heat.HeatPlace;
import glowkettle.shop.OpeningHours;
import java.util.EnumSet;
import java.util.Set;

/** The shop's own data. */
public record Shop(
        String name,
        String emergencyNumber,
        String emergencyText,
        String currency,
        int hands,
        int chargers,
        int mats,
        int dryers,
        int airStations,
        OpeningHours hours) {
    /** The one shop that is served today. */
    public static final int ID = 1;

    public int count(HeatPlace place) {
        return switch (place) {
            case MAT -> mats;
            case DRYER -> dryers;
            case AIR_STATION -> airStations;
        };
    }

    /** What it can heat with at all. */
    public Set<HeatPlace> heatsWith() {
        Set<HeatPlace> has = EnumSet.allOf(HeatPlace.class);
        has.removeIf(place -> count(place) == 0);
        return has;
    }
}
