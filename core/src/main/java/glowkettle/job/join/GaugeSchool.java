package glowkettle.job.join;

import glowkettle.finding.Worded;

/** What becomes of the old cell's history in the gauge of a board that moves. Source: handbook, Join. */
public enum GaugeSchool implements Worded {
    LEAVE("Leave the data", "Nothing is rewritten; the owner is told, and it learns anew in use."),
    WRITE("Write the new cell's data", "Right from the start; what was rewritten stands on the owner's sheet."),
    HELPER(
            "A known-good pack in between",
            "Clears the device's message only; the gauge keeps its history, and the owner is told.");

    private final String words;
    private final String reason;

    GaugeSchool(String words, String reason) {
        this.words = words;
        this.reason = reason;
    }

    @Override
    public String words() {
        return words;
    }

    public String reason() {
        return reason;
    }
}
