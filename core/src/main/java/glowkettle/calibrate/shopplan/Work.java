package glowkettle.calibrate.shopplan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** All open steps of all tasks as one row of starts, and in which slots each may begin when nothing else is placed but what runs. */
final class Work {
    final Shop shop;
    final List<Task> tasks;
    /** Index of the first start of each task; one more at the end. */
    final int[] offset;

    final Task[] taskOf;
    final Piece[] pieceOf;
    /** For each start: the first slot from each on at which it may begin; {@code Piece.UNBOUND} where there is none. */
    final int[][] nextOk;
    /** The last slot up to each at which it may; −1 where there is none. */
    final int[][] lastOk;

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
        this.nextOk = new int[all][];
        this.lastOk = new int[all][];
        Insertion alone = new Insertion(new Bookings(shop, tasks));
        List<boolean[]> known = new ArrayList<>();
        for (int i = 0; i < tasks.size(); i++) {
            Task task = tasks.get(i);
            boolean[][] may = alone.mayStart(task);
            for (int open = 0; open < task.open(); open++) {
                int at = offset[i] + open;
                taskOf[at] = task;
                pieceOf[at] = task.piece(open);
                rows(at, may[open], known);
            }
        }
    }

    /** Equal steps of a shop share their rows. */
    private void rows(int at, boolean[] may, List<boolean[]> known) {
        for (int i = 0; i < known.size(); i++) {
            if (Arrays.equals(known.get(i), may)) {
                nextOk[at] = nextOk[i];
                lastOk[at] = lastOk[i];
            }
        }
        known.add(may);
        if (nextOk[at] != null) {
            return;
        }
        int[] next = nextOk[at] = new int[may.length];
        int[] last = lastOk[at] = new int[may.length];
        int found = Piece.UNBOUND;
        for (int slot = may.length - 1; slot >= 0; slot--) {
            found = may[slot] ? slot : found;
            next[slot] = found;
        }
        found = -1;
        for (int slot = 0; slot < may.length; slot++) {
            found = may[slot] ? slot : found;
            last[slot] = found;
        }
    }

    int starts() {
        return pieceOf.length;
    }

    boolean isLast(int at) {
        return at + 1 == starts() || taskOf[at + 1] != taskOf[at];
    }

    boolean isFirst(int at) {
        return at == 0 || taskOf[at - 1] != taskOf[at];
    }

    /** Until when a step holds its place. */
    int release(int at, int[] starts) {
        return pieceOf[at].waits() ? starts[at + 1] : starts[at] + pieceOf[at].length();
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
