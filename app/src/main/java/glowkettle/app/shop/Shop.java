package glowkettle.app.shop;

import glowkettle.heat.HeatPlace;
import glowkettle.shop.OpeningHours;
import java.util.EnumSet;
import java.util.Set;

/** The shop's own data. */
public record Shop(String name, Emergency emergency, String currency, Equipment equipment, OpeningHours hours) {
    /** The one shop that is served today. */
    public static final int ID = 1;

    public Shop with(Emergency other) {
        return new Shop(name, other, currency, equipment, hours);
    }

    public Shop with(Equipment other) {
        return new Shop(name, emergency, currency, other, hours);
    }

    public Shop with(OpeningHours other) {
        return new Shop(name, emergency, currency, equipment, other);
    }

    /** What it can heat with at all. */
    public Set<HeatPlace> heatsWith() {
        Set<HeatPlace> has = EnumSet.allOf(HeatPlace.class);
        has.removeIf(place -> equipment.count(place) == 0);
        return has;
    }
}
