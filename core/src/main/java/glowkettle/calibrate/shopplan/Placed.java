package glowkettle.calibrate.shopplan;

/**
 * Where the open steps of a task lie.
 *
 * @param starts slot of each open step
 * @param persons who works at each; −1 where nobody does all the while
 */
record Placed(Task task, int[] starts, int[] persons) {
    /** The slot at which the task is done. */
    int finish() {
        return task.isOver()
                ? task.running().end()
                : starts[starts.length - 1] + task.piece(starts.length - 1).length();
    }

    /** The slot until which an open step holds its place. */
    int heldUntil(int open) {
        Piece piece = task.piece(open);
        return piece.waits() ? starts[open + 1] : starts[open] + piece.length();
    }

    /** The slot until which what runs holds its place. */
    int runningUntil() {
        return !task.isOver() && task.before().waits()
                ? starts[0]
                : task.running().end();
    }
}
