package glowkettle.library;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;

/** One soldered conductor, and its pad on the drawing of the board. */
public record Lead(
        @Says(value = "Id", longest = 40) String id,

        @Says(value = "Colour of its insulation", longest = 30)
        String colour,

        @Says(value = "Mark beside its pad", longest = 30) String pad,
        @Says("What it carries") Role role,

        @Says("Pad from the left edge of the drawing") @Within(min = "0", max = "1000", unit = "mm")
        BigDecimal xMm,

        @Says("Pad from the top edge of the drawing") @Within(min = "0", max = "1000", unit = "mm")
        BigDecimal yMm,

        @Says("Length that lies free") @Within(min = "0", max = "2000", unit = "mm")
        BigDecimal freeLengthMm) {
    /** What a conductor carries. */
    public enum Role {
        NEGATIVE,
        TAP,
        /** A thermistor or an identity resistor, where a model has one of them and nobody said which. */
        SIGNAL,
        THERMISTOR,
        IDENTITY,
        POSITIVE;

        /** It carries no charge of the pack. */
        public boolean isSignal() {
            return switch (this) {
                case SIGNAL, THERMISTOR, IDENTITY -> true;
                case NEGATIVE, TAP, POSITIVE -> false;
            };
        }
    }
}
