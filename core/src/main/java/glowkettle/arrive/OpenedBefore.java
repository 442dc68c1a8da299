package glowkettle.arrive;

/** Whether somebody was inside before; a yes makes the tray count what is found instead of what is expected. */
public enum OpenedBefore {
    NO("no sign of it"),
    YES("yes"),
    UNKNOWN("cannot tell");

    private final String words;

    OpenedBefore(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
