package glowkettle.calibrate.shopplan;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One task beside what is booked already, placed exactly: forward, which starts of each step can be reached; the first finish
 * among them; backward, which of the starts lead to it. The windows from one step to the next only ever move on with time, so that
 * each pass looks at each slot once.
 */
final class Insertion {
    /** Of the placements that finish first. */
    enum Choice {
        SOON,
        LATE,
        NEAR_THE_EDGES
    }

    private static final int NEVER = -1;

    private final Bookings bookings;
    private final Shop shop;
    private final int[][] nextFull;
    private final int[][] nextBlocked;
    /** How far each task was looked for last. */
    private final Map<Integer, Integer> guesses = new HashMap<>();

    private boolean[][] reached = new boolean[0][];
    private int[] marks = new int[0];
    private int window;
    private int heldBack = NEVER;
    private int heldBackUntil;

    Insertion(Bookings bookings) {
        this.bookings = bookings;
        this.shop = bookings.shop;
        this.nextFull = new int[shop.units.length][];
        this.nextBlocked = new int[shop.tiers.length][];
    }

    /** The placement of first finish; null where there is none within the horizon. */
    @Nullable
    Placed place(Task task, Choice choice) {
        if (task.isOver()) {
            return new Placed(task, new int[0], new int[0]);
        }
        int guess = guesses.getOrDefault(task.rank(), earliest(task));
        for (window = Math.min(shop.slots, guess); ; window = Math.min(shop.slots, window * 2)) {
            int last = lastStart(task);
            if (last != NEVER) {
                Placed found = chosen(task, last, choice);
                guesses.put(task.rank(), found.finish() + aDay());
                return found;
            }
            if (window == shop.slots) {
                return null;
            }
        }
    }

    /** For each open step the slots in which it may begin, whatever comes before and after it. */
    boolean[][] mayStart(Task task) {
        window = shop.slots;
        prepare(task);
        boolean[][] may = new boolean[task.open()][shop.slots + 1];
        for (int i = 0; i < task.open(); i++) {
            for (int slot = 0; slot <= shop.slots; slot++) {
                may[i][slot] = fits(task, i, slot);
            }
        }
        return may;
    }

    /** The same, but one open step begins no earlier than a slot. */
    @Nullable
    Placed place(Task task, Choice choice, int open, int notBefore) {
        heldBack = open;
        heldBackUntil = notBefore;
        try {
            return place(task, choice);
        } finally {
            heldBack = NEVER;
        }
    }

    /** A first guess at a window in which it may finish. */
    private int earliest(Task task) {
        int total = 0;
        for (int i = 0; i < task.open(); i++) {
            total += task.piece(i).length();
        }
        return Math.max(0, task.running().end()) + total + 2 * aDay();
    }

    private int aDay() {
        return Math.toIntExact(24 * 3600 / shop.slotS);
    }

    private int lastStart(Task task) {
        int open = task.open();
        prepare(task);
        int first = 0;
        for (int i = 0; i < open && first != NEVER; i++) {
            first = reach(task, i, first);
        }
        return first;
    }

    private void prepare(Task task) {
        int open = task.open();
        if (reached.length < open || reached[0].length <= window) {
            reached = new boolean[Math.max(open, reached.length)][window + 1];
            marks = new int[window + 1];
        }
        boolean hands = false;
        boolean[] kinds = new boolean[shop.units.length];
        for (int i = task.running().runs() ? -1 : 0; i < open; i++) {
            Piece piece = i < 0 ? task.before() : task.piece(i);
            hands |= piece.hands();
            if (piece.place() >= 0 && !kinds[piece.place()]) {
                kinds[piece.place()] = true;
                full(piece.place());
            }
        }
        for (int person = 0; hands && person < shop.tiers.length; person++) {
            if (shop.tiers[person] >= task.tier()) {
                blocked(person);
            }
        }
    }

    private void full(int kind) {
        int[] next = nextFull[kind] = sized(nextFull[kind]);
        int[] used = bookings.used[kind];
        int units = shop.units[kind];
        int full = Piece.UNBOUND;
        for (int slot = window; slot >= 0; slot--) {
            full = used[slot] >= units ? slot : full;
            next[slot] = full;
        }
    }

    /** Where a person is busy, or where their hands are needed for what others do. */
    private void blocked(int person) {
        int[] next = nextBlocked[person] = sized(nextBlocked[person]);
        int blocked = Piece.UNBOUND;
        for (int slot = window; slot >= 0; slot--) {
            if (bookings.busy[person][slot]
                    || bookings.actions[slot] > bookings.room[slot] - shop.reach[person][slot]) {
                blocked = slot;
            }
            next[slot] = blocked;
        }
    }

    private int[] sized(int @Nullable [] old) {
        return old == null || old.length <= window ? new int[window + 1] : old;
    }

    private boolean fits(Task task, int open, int slot) {
        Piece piece = task.piece(open);
        int end = slot + piece.length();
        if (end > window
                || open == heldBack && slot < heldBackUntil
                || piece.place() >= 0 && nextFull[piece.place()][slot] < end) {
            return false;
        }
        return switch (piece.kind()) {
            case HANDS -> person(task, piece, slot, 0) >= 0;
            case ATTENDED ->
                shop.takes(slot, piece)
                        && bookings.takesActions(slot, piece.startActions())
                        && (!piece.endsWithAction() || bookings.takesActions(end, 1));
            case FREE ->
                piece.startActions() == 0
                        || shop.interval[slot] >= 0 && bookings.takesActions(slot, piece.startActions());
        };
    }

    /** The first who may and can: of the lowest tier that will do, so that the others stay free. */
    private int person(Task task, Piece piece, int slot, int unplugging) {
        int best = NEVER;
        for (int person = 0; person < shop.tiers.length; person++) {
            if (shop.tiers[person] >= task.tier()
                    && (best == NEVER || shop.tiers[person] < shop.tiers[best])
                    && shop.isThere(person, slot, piece.length())
                    && nextBlocked[person][slot] >= slot + piece.length()
                    && bookings.actions[slot] + unplugging <= bookings.room[slot] - shop.reach[person][slot]) {
                best = person;
            }
        }
        return best;
    }

    /**
     * Marks the starts that a step can be begun at; of the last step the first alone is wanted.
     *
     * @param from the first start of the step before
     * @return the first of them; {@code NEVER} where there are none
     */
    private int reach(Task task, int open, int from) {
        boolean[] here = reached[open];
        Arrays.fill(here, 0, window + 1, false);
        boolean isLast = open == task.open() - 1;
        int first = NEVER;
        int latest = NEVER;
        boolean[] before = open == 0 ? here : reached[open - 1];
        Piece previous = open == 0 ? task.piece(0) : task.piece(open - 1);
        for (int slot = open == 0 ? 0 : from + previous.length(); slot <= window; slot++) {
            boolean may;
            if (open == 0) {
                may = mayBegin(task, slot);
            } else {
                int begun = slot - previous.length();
                if (before[begun]) {
                    latest = begun;
                }
                may = latest != NEVER && follows(task, open, latest, slot);
                if (!may && previous.endsWithAction() && latest == begun) {
                    // Only who unplugs at the very minute cannot begin with their hands: somebody earlier may.
                    int earlier = latestBefore(before, begun);
                    may = earlier != NEVER && follows(task, open, earlier, slot);
                }
            }
            here[slot] = may && fits(task, open, slot);
            if (here[slot] && first == NEVER) {
                first = slot;
                if (isLast) {
                    break;
                }
            }
        }
        return first;
    }

    private static int latestBefore(boolean[] reached, int slot) {
        for (int earlier = slot - 1; earlier >= 0; earlier--) {
            if (reached[earlier]) {
                return earlier;
            }
        }
        return NEVER;
    }

    private boolean mayBegin(Task task, int slot) {
        Task.Running running = task.running();
        if (!running.runs()) {
            return task.first() == 0 || !task.before().free() || !task.piece(0).free() || slot == 0;
        }
        Piece before = task.before();
        if (slot < running.end()) {
            return false;
        }
        if (before.waits()) {
            return shop.interval[slot] == running.interval() && fullFrom(before, Math.max(0, running.end())) >= slot;
        }
        if (before.free()) {
            return task.piece(0).free() ? slot == running.end() : slot - running.end() <= before.slack();
        }
        return true;
    }

    private int fullFrom(Piece piece, int slot) {
        return piece.place() < 0 || slot > window ? Piece.UNBOUND : nextFull[piece.place()][slot];
    }

    /** Whether a step may begin at a slot when the one before it began at another. */
    private boolean follows(Task task, int open, int from, int slot) {
        Piece previous = task.piece(open - 1);
        int end = from + previous.length();
        if (slot < end) {
            return false;
        }
        if (previous.waits()) {
            return shop.interval[slot] == shop.interval[from] && fullFrom(previous, from) >= slot;
        }
        if (previous.free()) {
            return task.piece(open).free() ? slot == end : slot - end <= previous.slack();
        }
        return slot > end || !previous.endsWithAction() || person(task, task.piece(open), slot, 1) >= 0;
    }

    private Placed chosen(Task task, int last, Choice choice) {
        int[] starts = choice == Choice.NEAR_THE_EDGES ? nearTheEdges(task, last) : backwards(task, last, choice);
        int[] persons = new int[starts.length];
        for (int i = 0; i < starts.length; i++) {
            boolean atOnce = i > 0
                    && task.piece(i - 1).endsWithAction()
                    && starts[i] == starts[i - 1] + task.piece(i - 1).length();
            persons[i] = task.piece(i).hands() ? person(task, task.piece(i), starts[i], atOnce ? 1 : 0) : NEVER;
        }
        return new Placed(task, starts, persons);
    }

    private int[] backwards(Task task, int last, Choice choice) {
        int[] starts = new int[task.open()];
        starts[starts.length - 1] = last;
        for (int i = starts.length - 2; i >= 0; i--) {
            int latest = starts[i + 1] - task.piece(i).length();
            starts[i] = NEVER;
            for (int slot = latest; slot >= 0; slot--) {
                if (reached[i][slot] && follows(task, i + 1, slot, starts[i + 1])) {
                    starts[i] = slot;
                    if (choice == Choice.LATE) {
                        break;
                    }
                } else if (starts[i] != NEVER && task.piece(i).waits() && shop.interval[slot] < 0) {
                    break;
                }
            }
        }
        return starts;
    }

    /** Fewest actions far from the edges, then the earliest start of each step in turn. */
    private int[] nearTheEdges(Task task, int last) {
        int open = task.open();
        int[][] cost = new int[open][];
        for (int i = open - 1; i >= 0; i--) {
            cost[i] = new int[last + 1];
            Arrays.fill(cost[i], Piece.UNBOUND);
            if (i == open - 1) {
                cost[i][last] = shop.farActions(task.piece(i), last);
            } else {
                cheapest(task, i, last, cost[i], cost[i + 1]);
            }
        }
        int[] starts = new int[open];
        int slot = -1;
        int left = Arrays.stream(cost[0]).min().orElseThrow();
        for (int i = 0; i < open; i++) {
            for (slot = Math.max(slot, 0); slot <= last; slot++) {
                if (cost[i][slot] == left && (i == 0 || follows(task, i, starts[i - 1], slot))) {
                    break;
                }
            }
            starts[i] = slot;
            left -= shop.farActions(task.piece(i), slot);
        }
        return starts;
    }

    /** The least cost from each start of a step on, by a queue of the starts of the next that are still in the window. */
    private void cheapest(Task task, int open, int last, int[] cost, int[] next) {
        Piece piece = task.piece(open);
        int head = 0;
        int tail = 0;
        int seen = 0;
        for (int slot = 0; slot <= last; slot++) {
            if (!reached[open][slot]) {
                continue;
            }
            int end = slot + piece.length();
            int until = Math.min(last, lastFollowing(task, open, slot));
            for (seen = Math.max(seen, end); seen <= until; seen++) {
                if (next[seen] < Piece.UNBOUND) {
                    while (tail > head && next[marks[tail - 1]] >= next[seen]) {
                        tail--;
                    }
                    marks[tail++] = seen;
                }
            }
            while (head < tail && marks[head] < end) {
                head++;
            }
            int best = head < tail && marks[head] <= until ? next[marks[head]] : Piece.UNBOUND;
            if (head < tail && marks[head] == end && !follows(task, open + 1, slot, end)) {
                best = head + 1 < tail ? next[marks[head + 1]] : Piece.UNBOUND;
            }
            cost[slot] = best == Piece.UNBOUND ? best : best + shop.farActions(piece, slot);
        }
    }

    private int lastFollowing(Task task, int open, int slot) {
        Piece piece = task.piece(open);
        int end = slot + piece.length();
        if (piece.waits()) {
            return Math.toIntExact(Math.min(fullFrom(piece, slot), (shop.closesS[slot] - 1) / shop.slotS));
        }
        if (piece.free()) {
            return task.piece(open + 1).free() ? end : end + Math.min(piece.slack(), Piece.UNBOUND - end);
        }
        return Piece.UNBOUND;
    }
}
