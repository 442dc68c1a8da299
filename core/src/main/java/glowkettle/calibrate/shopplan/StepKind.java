package glowkettle.calibrate.shopplan;

import glowkettle.finding.Worded;

/** What a step asks of the people in the shop. */
public enum StepKind implements Worded {
    HANDS("Hands: one person, from start to end"),
    ATTENDED("Attended: begun and ended by hands, somebody there all the while"),
    FREE("Free: begun by hands, ends by itself");

    private final String words;

    StepKind(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
