package glowkettle.handback;

import java.util.Arrays;

/** The middle of several figures; of an even number the mean of the two in the middle. */
final class Median {
    private Median() {}

    /** @param figures one at least */
    static double of(double[] figures) {
        double[] sorted = Arrays.stream(figures).sorted().toArray();
        int middle = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
    }
}
