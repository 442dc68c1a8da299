package glowkettle.job.open;

import glowkettle.finding.Worded;
import glowkettle.library.OperationKind;
import java.math.BigDecimal;

/** What a bench finds in a device nobody described, and the step that it makes there and back. */
public enum FoundThing implements Worded {
    PLUG("a plug", OperationKind.UNLATCH_CONNECTOR, "0.5", "Unplug: %s", "Plug in again: %s"),
    CABLE("a cable in the way", OperationKind.MOVE_CABLE, "0.3", "Lay aside: %s", "Lay back as it ran: %s"),
    TAPE("tape", OperationKind.PEEL_TAPE, "0.3", "Peel off: %s", "Stick down again: %s"),
    CLIPS("clips", OperationKind.CLIP_RUN, "1.5", "Open the clips: %s", "Press the clips in, all round: %s"),
    PART("a part over it", OperationKind.LIFT_PART, "0.5", "Lift off: %s", "Lay back: %s");

    private final String words;
    private final OperationKind kind;
    private final BigDecimal minutes;
    private final String there;
    private final String back;

    FoundThing(String words, OperationKind kind, String minutes, String there, String back) {
        this.words = words;
        this.kind = kind;
        this.minutes = new BigDecimal(minutes);
        this.there = there;
        this.back = back;
    }

    @Override
    public String words() {
        return words;
    }

    OperationKind kind() {
        return kind;
    }

    BigDecimal minutes() {
        return minutes;
    }

    String there(String name) {
        return there.formatted(name);
    }

    String back(String name) {
        return back.formatted(name);
    }
}
