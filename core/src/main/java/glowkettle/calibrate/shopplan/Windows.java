package glowkettle.calibrate.shopplan;

import org.jspecify.annotations.Nullable;

/**
 * The first and the last start of each step that its own task and the orders laid down leave. Every rule says that one start is no
 * earlier than something that only grows with another; so the first starts are a plan of their own in which every task ends as early
 * as it can, all at once, and so are the last.
 */
final class Windows {
    private final Work work;
    private final Openings openings;
    private final Shop shop;

    /**
     * One begins no earlier than another lets go, or begins.
     *
     * @param running index of a task whose running step lets go; {@code STEP} where {@code from} does, {@code BEGINS} where
     *     {@code from} begins
     * @param after so many slots after it, at least; fewer than 0 before it, at most
     */
    record Order(
            int running,
            int from,
            int to,
            int after,
            @Nullable Order rest) {
        static final int STEP = -1;
        static final int BEGINS = -2;
    }

    Windows(Work work, Openings openings) {
        this.work = work;
        this.openings = openings;
        this.shop = work.shop;
    }

    /** Moves the starts on until every rule holds; false where there is no room. */
    boolean soonest(int[] starts, @Nullable Order orders, int @Nullable [] most) {
        boolean moved = true;
        while (moved) {
            moved = false;
            for (int task = 0; task < work.tasks.size(); task++) {
                if (!soonest(task, starts)) {
                    return false;
                }
            }
            for (Order order = orders; order != null; order = order.rest()) {
                int release = release(order, starts);
                if (starts[order.to()] < release) {
                    starts[order.to()] = release;
                    moved = true;
                }
            }
        }
        for (int at = 0; most != null && at < starts.length; at++) {
            if (starts[at] > most[at]) {
                return false;
            }
        }
        return true;
    }

    int release(Order order, int[] starts) {
        int from = switch (order.running()) {
            case Order.BEGINS -> starts[order.from()];
            case Order.STEP -> work.release(order.from(), starts);
            default -> work.runningUntil(order.running(), starts);
        };
        return from + order.after();
    }

    private boolean soonest(int task, int[] starts) {
        int first = work.offset[task];
        int end = work.offset[task + 1];
        boolean moved = true;
        while (moved) {
            moved = false;
            for (int at = first; at < end; at++) {
                int from = at == first
                        ? Math.max(starts[at], soonestFirst(work.tasks.get(task)))
                        : Math.max(starts[at], starts[at - 1] + work.pieceOf[at - 1].length());
                int start = from > shop.slots ? Piece.UNBOUND : openings.next[at][from];
                if (start == Piece.UNBOUND) {
                    return false;
                }
                starts[at] = start;
            }
            for (int at = end - 1; at > first; at--) {
                int least = leastBefore(at, starts);
                if (starts[at - 1] < least) {
                    starts[at - 1] = least;
                    moved = true;
                }
            }
        }
        // What runs bounds the next step from behind, too; it cannot be moved.
        return first == end || starts[first] <= latestFirst(work.tasks.get(task));
    }

    private static int soonestFirst(Task task) {
        return task.running().runs() ? Math.max(0, task.running().end()) : 0;
    }

    private int leastBefore(int at, int[] starts) {
        Piece before = work.pieceOf[at - 1];
        if (before.waits()) {
            return shop.interval[starts[at - 1]] == shop.interval[starts[at]]
                    ? starts[at - 1]
                    : shop.opensAt[starts[at]];
        }
        if (before.free()) {
            int slack = work.pieceOf[at].free() ? 0 : before.slack();
            return starts[at] - before.length() - slack;
        }
        return 0;
    }

    /** Moves the starts back until every rule holds; false where they fall before their first ones. */
    boolean latest(int[] starts, int[] soonest, @Nullable Order orders) {
        boolean moved = true;
        while (moved) {
            moved = false;
            for (int task = 0; task < work.tasks.size(); task++) {
                if (!latest(task, starts, soonest)) {
                    return false;
                }
            }
            for (Order order = orders; order != null; order = order.rest()) {
                int held = held(order);
                int most = starts[order.to()] - lengthTo(order);
                if (held >= 0 && starts[held] > most) {
                    starts[held] = most;
                    moved = true;
                }
            }
        }
        return true;
    }

    /** The start on which it hangs until when one holds; −1 where that cannot be moved. */
    int held(Order order) {
        return switch (order.running()) {
            case Order.BEGINS -> order.from();
            case Order.STEP -> work.pieceOf[order.from()].waits() ? order.from() + 1 : order.from();
            default -> {
                Task running = work.tasks.get(order.running());
                yield !running.isOver() && running.before().waits() ? work.offset[order.running()] : -1;
            }
        };
    }

    /** From that start to the earliest of the other. */
    int lengthTo(Order order) {
        int length = order.running() == Order.STEP && !work.pieceOf[order.from()].waits()
                ? work.pieceOf[order.from()].length()
                : 0;
        return length + order.after();
    }

    private boolean latest(int task, int[] starts, int[] soonest) {
        int first = work.offset[task];
        int end = work.offset[task + 1];
        if (first < end) {
            starts[first] = Math.min(starts[first], latestFirst(work.tasks.get(task)));
        }
        boolean moved = true;
        while (moved) {
            moved = false;
            for (int at = end - 1; at >= first; at--) {
                int most = at + 1 < end ? Math.min(starts[at], starts[at + 1] - work.pieceOf[at].length()) : starts[at];
                int start = most < 0 ? -1 : openings.last[at][Math.min(most, shop.slots)];
                if (start < soonest[at]) {
                    return false;
                }
                starts[at] = start;
            }
            for (int at = first + 1; at < end; at++) {
                int most = mostAfter(at, starts);
                if (starts[at] > most) {
                    starts[at] = most;
                    moved = true;
                }
            }
        }
        return true;
    }

    private int latestFirst(Task task) {
        Task.Running running = task.running();
        if (!running.runs()) {
            return task.first() > 0 && task.before().free() && task.piece(0).free() ? 0 : Piece.UNBOUND;
        }
        Piece before = task.before();
        return switch (before.kind()) {
            case HANDS -> Piece.UNBOUND;
            case ATTENDED -> before.waits() ? Math.toIntExact((shop.closesS[0] - 1) / shop.slotS) : Piece.UNBOUND;
            case FREE -> Math.min(Piece.UNBOUND, running.end() + (task.piece(0).free() ? 0 : before.slack()));
        };
    }

    private int mostAfter(int at, int[] starts) {
        Piece before = work.pieceOf[at - 1];
        if (before.waits()) {
            return Math.toIntExact((shop.closesS[starts[at - 1]] - 1) / shop.slotS);
        }
        if (before.free()) {
            int slack = work.pieceOf[at].free() ? 0 : before.slack();
            return (int) Math.min(Piece.UNBOUND, (long) starts[at - 1] + before.length() + slack);
        }
        return Piece.UNBOUND;
    }
}
