package glowkettle.open;

import java.util.Arrays;

/**
 * The states a search has met, in flat arrays behind an open-addressing table: what is done, the tool held, the side up.
 * Keeps for each the best lower bound of the way left that any search so far has proven.
 */
final class States {
    private static final int FIRST_SIZE = 1 << 12;

    private int size;
    private int[] slots = new int[FIRST_SIZE * 2];
    long[] done = new long[FIRST_SIZE];
    byte[] tool = new byte[FIRST_SIZE];
    byte[] side = new byte[FIRST_SIZE];
    /** Proven lower bound of the cost from here to the end. */
    long[] left = new long[FIRST_SIZE];
    /** Cost to get here in the search numbered {@link #round}. */
    long[] spent = new long[FIRST_SIZE];

    int[] round = new int[FIRST_SIZE];
    boolean[] closed = new boolean[FIRST_SIZE];

    int size() {
        return size;
    }

    /** The index of the state, new ones at the end with a bound of −1. */
    int find(long doneBits, int heldTool, int sideUp) {
        int mask = slots.length - 1;
        int slot = hash(doneBits, heldTool, sideUp) & mask;
        while (slots[slot] != 0) {
            int index = slots[slot] - 1;
            if (done[index] == doneBits && tool[index] == heldTool && side[index] == sideUp) {
                return index;
            }
            slot = slot + 1 & mask;
        }
        if (size == done.length) {
            grow();
            return find(doneBits, heldTool, sideUp);
        }
        int index = size++;
        slots[slot] = index + 1;
        done[index] = doneBits;
        tool[index] = (byte) heldTool;
        side[index] = (byte) sideUp;
        left[index] = -1;
        return index;
    }

    private void grow() {
        int larger = done.length * 2;
        done = Arrays.copyOf(done, larger);
        tool = Arrays.copyOf(tool, larger);
        side = Arrays.copyOf(side, larger);
        left = Arrays.copyOf(left, larger);
        spent = Arrays.copyOf(spent, larger);
        round = Arrays.copyOf(round, larger);
        closed = Arrays.copyOf(closed, larger);
        slots = new int[larger * 2];
        int mask = slots.length - 1;
        for (int index = 0; index < size; index++) {
            int slot = hash(done[index], tool[index], side[index]) & mask;
            while (slots[slot] != 0) {
                slot = slot + 1 & mask;
            }
            slots[slot] = index + 1;
        }
    }

    private static int hash(long doneBits, int heldTool, int sideUp) {
        long mixed = (doneBits * 31 + heldTool * 7L + sideUp) * 0x9E3779B97F4A7C15L;
        return (int) (mixed >>> 32);
    }
}
