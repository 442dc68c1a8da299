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

    /** Steel cans keep their size: only what is around them grows thick. */
    public boolean isRound() {
        return switch (this) {
            case ROUND, CASED_ROUND -> true;
            case POUCH, CASED_POUCH -> false;
        };
    }

    @Override
    public String words() {
        return words;
    }
}
