package glowkettle.calibrate.shopplan;

import java.util.List;

/**
 * A job on the grid.
 *
 * @param rank by promise, then id: who comes first where plans are equal
 * @param promiseS seconds after now; {@code Long.MAX_VALUE} without one
 * @param tier ordinal of its tier
 * @param first index of the first step that is not begun
 * @param running the step before it, while it runs
 */
record Task(int rank, String id, long promiseS, int tier, List<Piece> pieces, int first, Running running) {
    /**
     * What runs, and cannot be moved.
     *
     * @param runs false where nothing does
     * @param startSlot where it began; never after 0
     * @param end the slot of its end, or that of now where it is over and waits for hands
     * @param interval the staffed stretch it began in; −1 outside
     * @param unit its place among those of its kind; −1 where it holds none
     * @param person who works at it; −1 where nobody does all the while
     */
    record Running(boolean runs, int startSlot, int end, int interval, int unit, int person) {
        static final Running NOTHING = new Running(false, 0, 0, -1, -1, -1);
    }

    /** Nothing but their names tells them apart. */
    boolean isAlike(Task other) {
        return promiseS == other.promiseS
                && tier == other.tier
                && first == 0
                && other.first == 0
                && pieces.equals(other.pieces);
    }

    int open() {
        return pieces.size() - first;
    }

    boolean isOver() {
        return open() == 0;
    }

    Piece piece(int open) {
        return pieces.get(first + open);
    }

    /** The step that runs, or was the last to be done; only asked where there is one. */
    Piece before() {
        return pieces.get(first - 1);
    }

    long lateS(long finishS) {
        return promiseS == Long.MAX_VALUE ? 0 : Math.max(0, finishS - promiseS);
    }
}
