package glowkettle.library;

import glowkettle.finding.Worded;

/** How the pack is held, which names the generic family of a model. */
public enum Mounting implements Worded {
    SCREWED_IN("screwed-in pack"),
    DOCKED("docked pack"),
    GLUED_FRONT("glued pack, opened from the front"),
    GLUED_BACK("glued pack, opened from the back"),
    SOLDERED("soldered leads"),
    CELL_PACK("pack of cells");

    private final String words;

    Mounting(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
