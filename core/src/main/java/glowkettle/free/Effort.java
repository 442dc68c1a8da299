package glowkettle.free;

import glowkettle.finding.Worded;

/** How much force a try took. */
public enum Effort implements Worded {
    NONE("none"),
    SOME("some"),
    STRONG("strong");

    private final String words;

    Effort(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
