package glowkettle.calibrate.shopplan;

import java.util.Comparator;

/**
 * A place or a person taken for a while.
 *
 * @param at index of the start; of what runs −1 less the index of its task
 */
record Taken(int at, int from, int until) {
    static final Comparator<Taken> BY_START =
            Comparator.comparingInt(Taken::from).thenComparingInt(Taken::at);

    boolean runs() {
        return at < 0;
    }

    Task task(Work work) {
        return runs() ? work.tasks.get(-1 - at) : work.taskOf[at];
    }

    int tier(Work work) {
        return task(work).tier();
    }
}
