package glowkettle.job.free;

import glowkettle.finding.Worded;

/** What the glued lid of a device is, as far as it can be seen from outside. */
public enum Lid implements Worded {
    GLASS("glass back"),
    PLASTIC("plastic back"),
    METAL("metal back"),
    SCREEN("screen");

    private final String words;

    Lid(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
