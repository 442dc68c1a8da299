package glowkettle.calibrate.shopplan;

import java.util.ArrayList;
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

    /** Who holds a kind of place from when until when: what runs, then the steps. */
    List<Taken> taken(int kind, int[] starts) {
        List<Taken> taken = new ArrayList<>();
        for (int task = 0; task < tasks.size(); task++) {
            Task one = tasks.get(task);
            if (one.running().runs() && one.before().place() == kind) {
                taken.add(new Taken(-1 - task, 0, runningUntil(task, starts)));
            }
        }
        for (int at = 0; at < starts.length; at++) {
            if (pieceOf[at].place() == kind) {
                taken.add(new Taken(at, starts[at], release(at, starts)));
            }
        }
        taken.sort(Taken.BY_START);
        return taken;
    }

    /** What starts come to, without the actions. */
    Sums sums(int[] starts) {
        long lateS = 0;
        long finish = 0;
        for (int task = 0; task < tasks.size(); task++) {
            int end = finish(task, starts);
            finish += end;
            lateS += tasks.get(task).lateS(end * shop.slotS);
        }
        return new Sums(lateS, finish, 0);
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
