package glowkettle.arrive;

import glowkettle.finding.Worded;

/** Whether somebody was inside before; a yes makes the tray count what is found instead of what is expected. */
public enum OpenedBefore implements Worded {
    NO("no sign of it"),
    YES("yes"),
    UNKNOWN("cannot tell");

    private final String words;

    OpenedBefore(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
