package glowkettle.calibrate.shopplan;

import java.util.Arrays;
import java.util.List;

/** All open steps of all tasks as one row of starts. */
final class Work {
    final Shop shop;
    final List<Task> tasks;
    /** Index of the first start of each task; one more at the end. */
    final int[] offset;

    final Task[] taskOf;
    final Piece[] pieceOf;

    Work(Shop shop, List<Task> tasks) {
        this.shop = shop;
        this.tasks = tasks;
        this.offset = new int[tasks.size() + 1];
        for (int i = 0; i < tasks.size(); i++) {
            offset[i + 1] = offset[i] + tasks.get(i).open();
        }
        int all = offset[tasks.size()];
        this.taskOf = new Task[all];
        this.pieceOf = new Piece[all];
        for (int i = 0; i < tasks.size(); i++) {
            for (int open = 0; open < tasks.get(i).open(); open++) {
                taskOf[offset[i] + open] = tasks.get(i);
                pieceOf[offset[i] + open] = tasks.get(i).piece(open);
            }
        }
    }

    int starts() {
        return pieceOf.length;
    }

    /** Until when a step holds its place. */
    int release(int at, int[] starts) {
        return pieceOf[at].waits() ? starts[at + 1] : starts[at] + pieceOf[at].length();
    }

    /** Until when what runs of a task holds its place. */
    int runningUntil(int task, int[] starts) {
        Task running = tasks.get(task);
        return !running.isOver() && running.before().waits()
                ? starts[offset[task]]
                : running.running().end();
    }

    Placed placed(int task, int[] starts, int[] persons) {
        return new Placed(
                tasks.get(task),
                Arrays.copyOfRange(starts, offset[task], offset[task + 1]),
                Arrays.copyOfRange(persons, offset[task], offset[task + 1]));
    }

    int finish(int task, int[] starts) {
        int last = offset[task + 1] - 1;
        return tasks.get(task).isOver() ? tasks.get(task).running().end() : starts[last] + pieceOf[last].length();
    }
}
