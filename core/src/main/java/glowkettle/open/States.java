package glowkettle.open;

import java.util.Arrays;

/**
 * The states a search has met, behind an open-addressing table: what is done, the tool held, the side up. Keeps for each
 * the best lower bound of the way left that any search so far has proven. A state's figures lie side by side, since a
 * search is as fast as memory answers.
 */
final class States {
    /** The parent of the state a search began with. */
    static final int NONE = -1;

    private static final int FIRST_SIZE = 1 << 12;
    private static final int STRIDE = 4;
    private static final int DONE = 0;
    private static final int LEFT = 1;
    private static final int SPENT = 2;
    private static final int REST = 3;
    private static final int SIDE_AT = 8;
    private static final int BY_AT = 16;
    private static final int CLOSED_AT = 24;
    private static final int ROUND_AT = 32;
    private static final long HAND = 0xFFFF;
    private static final long BYTE = 0xFF;

    private int size;
    private int[] slots = new int[FIRST_SIZE * 2];
    private long[] cells = new long[FIRST_SIZE * STRIDE];
    private int[] parents = new int[FIRST_SIZE];

    int size() {
        return size;
    }

    /** The index of the state, new ones at the end with a bound of −1. */
    int find(long doneBits, int heldTool, int sideUp) {
        long hand = heldTool | (long) sideUp << SIDE_AT;
        int mask = slots.length - 1;
        int slot = slotOf(doneBits, hand);
        while (slots[slot] != 0) {
            int cell = (slots[slot] - 1) * STRIDE;
            if (cells[cell + DONE] == doneBits && (cells[cell + REST] & HAND) == hand) {
                return slots[slot] - 1;
            }
            slot = slot + 1 & mask;
        }
        if (size * STRIDE == cells.length) {
            grow();
            return find(doneBits, heldTool, sideUp);
        }
        int index = size++;
        slots[slot] = index + 1;
        cells[index * STRIDE + DONE] = doneBits;
        cells[index * STRIDE + LEFT] = -1;
        cells[index * STRIDE + REST] = hand;
        return index;
    }

    long done(int state) {
        return cells[state * STRIDE + DONE];
    }

    int tool(int state) {
        return (int) (cells[state * STRIDE + REST] & BYTE);
    }

    int side(int state) {
        return (int) (cells[state * STRIDE + REST] >> SIDE_AT & BYTE);
    }

    /** Proven lower bound of the cost from here to the end; negative when nobody has asked yet. */
    long left(int state) {
        return cells[state * STRIDE + LEFT];
    }

    void proveLeft(int state, long least) {
        cells[state * STRIDE + LEFT] = Math.max(least, left(state));
    }

    /** Cost to get here in the search of {@link #round}. */
    long spent(int state) {
        return cells[state * STRIDE + SPENT];
    }

    int round(int state) {
        return (int) (cells[state * STRIDE + REST] >>> ROUND_AT);
    }

    boolean isClosed(int state) {
        return (cells[state * STRIDE + REST] >> CLOSED_AT & 1) == 1;
    }

    void close(int state) {
        cells[state * STRIDE + REST] |= 1L << CLOSED_AT;
    }

    /** Where the search came from, {@link #NONE} where it began, and by which operation. */
    int parent(int state) {
        return parents[state];
    }

    int by(int state) {
        return (int) (cells[state * STRIDE + REST] >> BY_AT & BYTE);
    }

    /** A cheaper way to a state, in one round of the search; whatever was closed is open again. */
    void reach(int state, long spent, int round, int parent, int by) {
        int cell = state * STRIDE;
        cells[cell + SPENT] = spent;
        cells[cell + REST] = cells[cell + REST] & HAND | (long) by << BY_AT | (long) round << ROUND_AT;
        parents[state] = parent;
    }

    private void grow() {
        cells = Arrays.copyOf(cells, cells.length * 2);
        parents = Arrays.copyOf(parents, parents.length * 2);
        slots = new int[slots.length * 2];
        int mask = slots.length - 1;
        for (int index = 0; index < size; index++) {
            int slot = slotOf(done(index), cells[index * STRIDE + REST] & HAND);
            while (slots[slot] != 0) {
                slot = slot + 1 & mask;
            }
            slots[slot] = index + 1;
        }
    }

    /** By the highest bits of the product: only they depend on every bit of the key. */
    private int slotOf(long doneBits, long hand) {
        long mixed = (doneBits * 31 + hand) * 0x9E3779B97F4A7C15L;
        return (int) (mixed >>> Long.numberOfLeadingZeros(slots.length - 1L));
    }
}
