package glowkettle.library;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** How a plug lets go, and how a part that still hangs on something is held meanwhile. */
public record Grip(
        @Says("How the plug lets go") @Nullable Release release,

        @Says("Angle of the lid") @Within(min = "0", max = "360", unit = "°") @Nullable
        BigDecimal lidAngleDeg,

        @Says(value = "Side it stays hinged at", longest = 40) @Nullable
        String hingedSide,

        @Says("Widest it may be opened") @Within(min = "0", max = "1000", unit = "mm") @Nullable
        BigDecimal largestOpeningMm,

        @Says(value = "What holds it meanwhile", longest = 120) @Nullable
        String holder) {
    /** The direction in which a plug lets go. Its housing is gripped, never its wires. */
    public enum Release implements Worded {
        SLIDE("slide it out along its cable"),
        LIFT_BOTH_ENDS("lift both ends in turn, straight up"),
        LATCH("open its latch first"),
        PULL_TAB("pull its tab, flat");

        private final String words;

        Release(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }
}
