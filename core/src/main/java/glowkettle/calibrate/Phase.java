package glowkettle.calibrate;

import glowkettle.finding.Worded;

/** The phases of a soak cycle, in order. */
public enum Phase implements Worded {
    CHARGE_AND_SOAK("Charge and soak", "Plug in and leave it on the charger."),
    RUN_DOWN("Run down", "Unplug, power saving off and sleep off, and let it run until it shuts itself down."),
    OFF_REST("Leave off", "Leave it off and unplugged."),
    LAST_CHARGE("Last charge", "Plug in and charge in one go; it may be used.");

    private final String words;
    private final String instruction;

    Phase(String words, String instruction) {
        this.words = words;
        this.instruction = instruction;
    }

    @Override
    public String words() {
        return words;
    }

    public String instruction() {
        return instruction;
    }
}
