package glowkettle.heat;

/** What a shop has to heat with: each holds one job at a time. Source: handbook, Free the pack. */
public enum HeatPlace {
    MAT("heating mat"),
    DRYER("hair dryer"),
    AIR_STATION("hot-air station");

    private final String words;

    HeatPlace(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
