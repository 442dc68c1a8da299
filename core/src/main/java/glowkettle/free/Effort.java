package glowkettle.free;

/** How much force a try took. */
public enum Effort {
    NONE("none"),
    SOME("some"),
    STRONG("strong");

    private final String words;

    Effort(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
