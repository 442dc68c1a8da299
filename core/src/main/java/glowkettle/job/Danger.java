package glowkettle.job;

/** What a danger is, the worst first. Source: handbook, What comes first. */
public enum Danger {
    EVACUATE("Evacuate, and nobody has accounted for it"),
    ON("heat or current on for too long"),
    CHANGED("warm or changed"),
    LOOSE("isolated, and in no container"),
    LIVE("open with the pack connected");

    private final String several;

    Danger(String several) {
        this.several = several;
    }

    /** 1 for the worst. */
    public int rank() {
        return ordinal() + 1;
    }

    /** Said of several jobs at once. */
    public String several() {
        return several;
    }
}
