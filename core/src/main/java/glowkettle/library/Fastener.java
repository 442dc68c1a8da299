package glowkettle.library;

import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import java.math.BigDecimal;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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

    /** How long it looks beside the others of its device, where nobody has measured it. */
    public enum Reach implements Worded {
        SHORT,
        MIDDLE,
        LONG;

        @Override
        public String words() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What decides whether one may sit in the other's hole. What nobody has read of it is null. */
    public record Make(
            @Says(value = "Drive and size", longest = 20) String drive,

            @Says("Thread") @Within(min = "0.5", max = "10", unit = "mm") @Nullable
            BigDecimal threadMm,

            @Says("Length under the head") @Within(min = "0.5", max = "100", unit = "mm") @Nullable
            BigDecimal lengthMm,

            @Says(value = "Head", longest = 20) @Nullable String head,

            @Says(value = "Colour", longest = 20) @Nullable String colour,

            @Says("How long it looks") @Nullable Reach reach) {
        public Make(String drive, @Nullable BigDecimal threadMm, @Nullable BigDecimal lengthMm, @Nullable String head) {
            this(drive, threadMm, lengthMm, head, null, null);
        }

        /** What was not measured is the same only where it looks the same in all that was told. */
        boolean isSame(Make other) {
            return drive.equals(other.drive)
                    && isSame(threadMm, other.threadMm)
                    && isSame(lengthMm, other.lengthMm)
                    && Objects.equals(head, other.head)
                    && (isMeasured() || reach == other.reach && Objects.equals(colour, other.colour));
        }

        private static boolean isSame(@Nullable BigDecimal one, @Nullable BigDecimal other) {
            return one == null || other == null ? one == other : one.compareTo(other) == 0;
        }

        private boolean isMeasured() {
            return threadMm != null && lengthMm != null;
        }

        /** The words by which a hand tells it from another. */
        public String words() {
            return Stream.of(drive, size(), head, colour)
                    .filter(Objects::nonNull)
                    .filter(word -> !word.isEmpty())
                    .collect(Collectors.joining(", "));
        }

        /** Thread and length as far as they are known: "M2 × 6 mm", "M2, long", "long"; empty where nothing is. */
        public String size() {
            if (lengthMm != null) {
                return (threadMm == null ? "" : thread() + " × ") + plain(lengthMm) + " mm";
            }
            return Stream.of(thread(), reach == null ? "" : reach.words())
                    .filter(word -> !word.isEmpty())
                    .collect(Collectors.joining(", "));
        }

        /** As it is called: "M2"; empty where nobody has read it. */
        public String thread() {
            return threadMm == null ? "" : "M" + plain(threadMm);
        }

        private static String plain(BigDecimal figure) {
            return figure.stripTrailingZeros().toPlainString();
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
