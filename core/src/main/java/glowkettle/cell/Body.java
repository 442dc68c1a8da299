package glowkettle.cell;

/** The shape of a cell or pack. */
public enum Body {
    POUCH("flat pouch"),
    ROUND("round cells"),
    CASED_POUCH("flat cells in a case or frame"),
    CASED_ROUND("round cells in a case");

    private final String words;

    Body(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
