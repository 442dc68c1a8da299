package glowkettle.library;

import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** One fastener where it sits on a face of the device. */
public record Fastener(
        @Says(value = "Id, as on the face map", longest = 20)
        String id,

        @Flat Spot spot,
        @Flat Make make,
        @Says("What it screws into") Seat seat,
        @Says("Stays in its part when loose") @Nullable Boolean captive,

        @Says(value = "What hides it", longest = 60) @Nullable
        String hiddenUnder,

        @Says(value = "Operation that takes it out", longest = 40) @Nullable
        String operation,

        @Says("Place in the tightening order") @Within(min = "1", max = "99", whole = true) @Nullable
        BigDecimal number) {
    /** Where its hole is. */
    public record Spot(
            @Says("Face it sits on") Side face,

            @Says("From the left edge") @Within(min = "0", max = "1000", unit = "mm")
            BigDecimal xMm,

            @Says("From the top edge") @Within(min = "0", max = "1000", unit = "mm")
            BigDecimal yMm) {}

    /** What decides whether one may sit in the other's hole. */
    public record Make(
            @Says(value = "Drive and size", longest = 20) String drive,

            @Says("Thread") @Within(min = "0.5", max = "10", unit = "mm")
            BigDecimal threadMm,

            @Says("Length under the head") @Within(min = "0.5", max = "100", unit = "mm")
            BigDecimal lengthMm,

            @Says(value = "Head", longest = 20) String head) {
        boolean isSame(Make other) {
            return drive.equals(other.drive)
                    && threadMm.compareTo(other.threadMm) == 0
                    && lengthMm.compareTo(other.lengthMm) == 0
                    && head.equals(other.head);
        }

        /** The words by which a hand tells it from another. */
        public String words() {
            return drive + ", M" + threadMm.stripTrailingZeros().toPlainString() + " × "
                    + lengthMm.stripTrailingZeros().toPlainString() + " mm, " + head;
        }
    }

    /** What a fastener screws into. */
    public enum Seat {
        METAL,
        PLASTIC,
        BRASS_INSERT
    }

    public boolean isCaptive() {
        return Boolean.TRUE.equals(captive);
    }

    /** Equal in all that decides whether one may sit in the other's hole. */
    public boolean interchangeableWith(Fastener other) {
        return make.isSame(other.make);
    }
}
