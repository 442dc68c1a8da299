package glowkettle.job.join;

import glowkettle.finding.Worded;
import glowkettle.job.Firmness;
import glowkettle.job.Spark;

/** A controller moved to a new cell, in the order in which it is done. Source: handbook, Join. */
public enum TransplantStep implements Worded {
    KIT("Lay out jig, programmer and host", "Nothing is cut before everything lies there.", Act.LOOSE),
    PHOTOGRAPHED("Photograph the old pack and note its polarity", "Plus and minus of cell and board.", Act.LOOSE),
    GAUGE_READ("Read the gauge as it is", "Afterwards nobody can say what it said.", Act.PROVEN),
    WRAPS_OFF("Take the board's wraps off", "Note their order: they go back in it.", Act.LOOSE),
    MINUS_TRIMMED(
            "Trim the new cell's minus tab",
            "Insulated blade, this one tab alone; cover it before the other is touched.",
            Act.CUT),
    TAPS_TRIMMED(
            "Trim the new cell's taps, from the lowest up",
            "One tab at a time; each is covered before the next is touched.",
            Act.CUT),
    PLUS_TRIMMED(
            "Trim the new cell's plus tab", "Insulated blade, the minus tab covered; then cover this one.", Act.CUT),
    BOARD_CUT("Cut the old board free at one tab", "One tab alone, never both in one cut; cover the end.", Act.CUT),
    BOARD_TAPS_CUT("Cut the old board's taps", "One at a time; each end is covered before the next.", Act.CUT),
    BOARD_FREE("Cut the old board's other tab", "The first end is covered; cover this one, too.", Act.CUT),
    WELD_PROVEN(
            "Prove the weld on scrap of the same stack", "Five of five pulls hold, none burns through.", Act.PROVEN),
    MINUS_WELDED("Weld minus", "Minus first. The plus tab stays covered.", Act.WELD),
    TAPS_WELDED("Weld the taps, from the lowest up", "Each to its own tab; the plus tab stays covered.", Act.WELD),
    PLUS_WELDED("Weld plus, last", "The board is live from here on.", Act.WELD),
    WRAPS_BACK("Put the wraps back in their order", "No tab against the other, none against the can.", Act.LOOSE),
    FOLDED("Hold the folded pack against its bay", "Nothing is pressed to make it fit.", Act.PROVEN),
    METERED(
            "Meter: polarity, and cell against board",
            "Both must say the same before anything is plugged in.",
            Act.PROVEN),
    WOKEN("Wake it with a charger, if the board is latched off", "Somebody stays beside it.", Act.CHARGE),
    SCHOOL_CHOSEN(
            "Say what becomes of the old cell's history", "Whatever is chosen, the owner's sheet says it.", Act.PROVEN),
    GAUGE_SETTLED("Settle the gauge", "No reset stands without its line on the owner's sheet.", Act.PROVEN),
    FIRST_CHARGED(
            "Charge it the first time, attended",
            "Nobody leaves; its temperature is asked again and again.",
            Act.PROVEN);

    private enum Act {
        LOOSE,
        CUT,
        WELD,
        CHARGE,
        PROVEN
    }

    private final String words;
    private final String caution;
    private final Act act;

    TransplantStep(String words, String caution, Act act) {
        this.words = words;
        this.caution = caution;
        this.act = act;
    }

    @Override
    public String words() {
        return words;
    }

    public String caution() {
        return caution;
    }

    /** Of taps between cells; a board of one cell has none. */
    boolean isOfTaps() {
        return switch (this) {
            case TAPS_TRIMMED, BOARD_TAPS_CUT, TAPS_WELDED -> true;
            case KIT,
                    PHOTOGRAPHED,
                    GAUGE_READ,
                    WRAPS_OFF,
                    MINUS_TRIMMED,
                    PLUS_TRIMMED,
                    BOARD_CUT,
                    BOARD_FREE,
                    WELD_PROVEN,
                    MINUS_WELDED,
                    PLUS_WELDED,
                    WRAPS_BACK,
                    FOLDED,
                    METERED,
                    WOKEN,
                    SCHOOL_CHOSEN,
                    GAUGE_SETTLED,
                    FIRST_CHARGED -> false;
        };
    }

    /** It is done by a tap; any other is done when its own entry proves it. */
    public boolean isTapped() {
        return act != Act.PROVEN;
    }

    /** A blade across two tabs sparks as a welder does. */
    Spark spark() {
        return switch (act) {
            case CUT, WELD, CHARGE -> Spark.KINDLES;
            case LOOSE, PROVEN -> Spark.HARMLESS;
        };
    }

    Firmness firmness() {
        return switch (act) {
            case CUT, WELD -> Firmness.DONE_TO_THE_PACK;
            case LOOSE, CHARGE, PROVEN -> Firmness.LOOSE;
        };
    }
}
