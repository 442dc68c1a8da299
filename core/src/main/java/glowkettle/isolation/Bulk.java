package glowkettle.isolation;

import glowkettle.finding.Worded;
import java.util.Arrays;
import java.util.Set;

/** How big is what goes into a container: a bucket of sand takes no laptop. Source: handbook, Assess (store). */
public enum Bulk implements Worded {
    PACK("a pack alone"),
    HANDHELD("a device for one hand"),
    LAPTOP("a whole laptop");

    private static final Set<String> FOR_ONE_HAND = Set.of("phone", "handheld", "headset", "lamp", "work-lamp");

    private final String words;

    Bulk(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }

    /** Of a device by its kind in words; what nobody knows is as big as they come. */
    public static Bulk ofDevice(String kind) {
        return Arrays.stream(kind.split(" ")).anyMatch(FOR_ONE_HAND::contains) ? HANDHELD : LAPTOP;
    }

    /** A container that takes the one takes the other. */
    boolean fitsInto(Bulk takes) {
        return compareTo(takes) <= 0;
    }
}
