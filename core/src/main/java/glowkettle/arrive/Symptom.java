package glowkettle.arrive;

import glowkettle.finding.Worded;

/** What the owner complains of, as taps; each says what Assess asks for first. */
public enum Symptom implements Worded {
    SHORT_RUNTIME("runs short", "Read the gauge: it says how much the pack still takes."),
    SUDDEN_SHUT_DOWN("shuts down suddenly", "Read the gauge, then the cell voltages: one cell may be weak."),
    WILL_NOT_CHARGE("will not charge", "Read the rested voltage: a drained cell must not be charged again."),
    ONLY_PLUGGED_IN("runs only plugged in", "Read the rested voltage at the plug."),
    HOT("gets hot", "Take the surface temperature first, at rest."),
    LIFTING("screen or panel lifts", "Gauge the seam first, and try if it rocks."),
    NO_CLICK("touch panel no longer clicks", "Gauge the seam first: a swollen pack presses from below."),
    SMELL("smells", "Smell and look before anything else."),
    WET("got wet", "Look whether the pack itself is wet."),
    DROPPED("was dropped", "Look for dents, and ask when it happened.");

    private final String words;
    private final String asksFor;

    Symptom(String words, String asksFor) {
        this.words = words;
        this.asksFor = asksFor;
    }

    @Override
    public String words() {
        return words;
    }

    public String asksFor() {
        return asksFor;
    }
}
