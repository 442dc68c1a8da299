package glowkettle.match;

import glowkettle.finding.Worded;
import glowkettle.match.Layout.End;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One thing to do while a pack is built.
 *
 * @param id its kind and number, by which a job knows it
 * @param number of the group or the node it is about; null where it is about none
 * @param end at which it is done; null where that does not matter
 * @param welds what the welder's ladder counts
 * @param strips that are put on, by their numbers in the layout
 */
public record BuildStep(
        String id,
        Kind kind,
        @Nullable Integer number,
        @Nullable End end,
        int welds,
        String words,
        List<String> cautions,
        List<Integer> strips) {
    public BuildStep {
        cautions = List.copyOf(cautions);
        strips = List.copyOf(strips);
    }

    /** The node that lies open while it is done; empty where none does. */
    public List<Integer> bare() {
        return number != null && kind.isOnNode() ? List.of(number) : List.of();
    }

    /** What hands do. */
    public enum Kind implements Worded {
        RINGS("insulating rings"),
        GROUP("cells in"),
        POLARITY("polarity"),
        COVER("both ends covered"),
        STRIPS("strips"),
        TURN("turned over"),
        SENSE("sense lead"),
        THERMISTOR("thermistor"),
        MINUS("minus lead"),
        FUSE("fuse"),
        PLUS("plus lead"),
        JOIN("sub-packs joined"),
        WRAP("wrapped");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }

        /** What a step with this id is; empty where no step is called so. */
        public static Optional<Kind> ofId(String id) {
            String name = id.replaceFirst("-.*", "").toUpperCase(Locale.ROOT);
            return Arrays.stream(values())
                    .filter(kind -> kind.name().equals(name))
                    .findFirst();
        }

        /** A spark can come of it. */
        public boolean kindles() {
            return isOnNode();
        }

        /** After it nobody gets at a strip any more. */
        public boolean closesThePack() {
            return this == JOIN || this == WRAP;
        }

        /** It is done at a node that lies open. */
        boolean isOnNode() {
            return switch (this) {
                case STRIPS, SENSE, MINUS, PLUS, JOIN -> true;
                case RINGS, GROUP, POLARITY, COVER, TURN, THERMISTOR, FUSE, WRAP -> false;
            };
        }
    }
}
