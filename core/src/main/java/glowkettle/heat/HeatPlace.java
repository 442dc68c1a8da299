package glowkettle.heat;

import glowkettle.finding.Worded;

/** What a shop has to heat with: each holds one job at a time. Source: handbook, Free the pack. */
public enum HeatPlace implements Worded {
    MAT("heating mat"),
    DRYER("hair dryer"),
    AIR_STATION("hot-air station");

    private final String words;

    HeatPlace(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
