package glowkettle.cell;

import glowkettle.finding.Worded;

/** The shape of a cell or pack. */
public enum Body implements Worded {
    POUCH("flat pouch"),
    ROUND("round cells"),
    CASED_POUCH("flat cells in a case or frame"),
    CASED_ROUND("round cells in a case");

    private final String words;

    Body(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
