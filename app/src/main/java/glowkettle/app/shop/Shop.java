package glowkettle.app.shop;

import glowkettle.shop.OpeningHours;

/** The shop's own data. */
public record Shop(
        String name,
        String emergencyNumber,
        String emergencyText,
        String currency,
        int hands,
        int chargers,
        OpeningHours hours) {
    /** The one shop that is served today. */
    public static final int ID = 1;
}
