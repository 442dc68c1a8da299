package glowkettle.open;

import java.util.Arrays;

/** A binary heap of states by estimated total cost; of equals, the one further along comes first. */
final class StateQueue {
    private long[] totals = new long[1024];
    private long[] spents = new long[1024];
    private int[] states = new int[1024];
    private int size;

    boolean isEmpty() {
        return size == 0;
    }

    void clear() {
        size = 0;
    }

    long leastTotal() {
        return totals[0];
    }

    long leastSpent() {
        return spents[0];
    }

    void add(long total, long spent, int state) {
        if (size == totals.length) {
            totals = Arrays.copyOf(totals, size * 2);
            spents = Arrays.copyOf(spents, size * 2);
            states = Arrays.copyOf(states, size * 2);
        }
        int at = size++;
        while (at > 0) {
            int parent = (at - 1) / 2;
            if (!before(total, spent, parent)) {
                break;
            }
            move(parent, at);
            at = parent;
        }
        put(at, total, spent, state);
    }

    int poll() {
        int first = states[0];
        size--;
        if (size > 0) {
            sink(totals[size], spents[size], states[size]);
        }
        return first;
    }

    private void sink(long total, long spent, int state) {
        int at = 0;
        while (true) {
            int child = at * 2 + 1;
            if (child >= size) {
                break;
            }
            if (child + 1 < size && before(totals[child + 1], spents[child + 1], child)) {
                child++;
            }
            if (before(total, spent, child)) {
                break;
            }
            move(child, at);
            at = child;
        }
        put(at, total, spent, state);
    }

    private boolean before(long total, long spent, int other) {
        return total < totals[other] || total == totals[other] && spent > spents[other];
    }

    private void move(int from, int to) {
        put(to, totals[from], spents[from], states[from]);
    }

    private void put(int at, long total, long spent, int state) {
        totals[at] = total;
        spents[at] = spent;
        states[at] = state;
    }
}
