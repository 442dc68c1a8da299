package glowkettle.free;

import glowkettle.finding.Worded;

/** A way of loosening a bond. */
public enum Loosening implements Worded {
    DRAW_STRIPS(
            "Draw the strips",
            "Untwisted, spread to full width, flat along the pack, one even draw; one strip at a time, the pack held lightly."),
    SOLVENT("Solvent", "Along the edge or onto a cloth, a dose at a time; wait, then try."),
    HEAT("Heat", "Inside the window, then off."),
    CARD("Wide plastic card", "Rounded corners, straight, to its full depth, side by side; the pack stays flat."),
    SUCTION_AND_PICK("Suction and thin pick", "Warm seam, suction at the edge, pick no deeper than the safe depth."),
    COLD_CUT("Cold cut with a thin blade", "At the seam only, no heat at all: more skill, more scratches.");

    private final String words;
    private final String how;

    Loosening(String words, String how) {
        this.words = words;
        this.how = how;
    }

    @Override
    public String words() {
        return words;
    }

    public String how() {
        return how;
    }
}
