package glowkettle.calibrate.shopplan;

import java.util.Comparator;

/** What a plan is judged by, in this order. */
record Sums(long lateS, long finishSlots, int far) implements Comparable<Sums> {
    private static final Comparator<Sums> ORDER = Comparator.comparingLong(Sums::lateS)
            .thenComparingLong(Sums::finishSlots)
            .thenComparingInt(Sums::far);

    @Override
    public int compareTo(Sums other) {
        return ORDER.compare(this, other);
    }

    /** Late and finish alone. */
    int compareFirstTwo(long otherLateS, long otherFinishSlots) {
        int late = Long.compare(lateS, otherLateS);
        return late != 0 ? late : Long.compare(finishSlots, otherFinishSlots);
    }
}
