package glowkettle.open;

import java.util.Arrays;

/**
 * The fewest pick-ups of a few tools that any order of a teardown needs, when every other tool is free of charge: a
 * pattern database, filled as it is asked. With free tools everything they allow is done at once, and with a tool of the
 * pattern in hand everything it allows; so the question only turns on which of the pattern's tools comes next.
 */
final class Pattern {
    private static final int UNKNOWN = -1;

    private final Problem problem;
    private final int[] tools;
    private final long patternBits;
    private final long freeBits;
    private final long[] bitsInHand;
    private long[] keys = new long[1 << 10];
    private int[] values = new int[1 << 10];
    private int size;

    /**
     * @param toolOf the tool of every operation, 0 for none; sides of the device are asked for in the same way, a flip
     *     being the pick-up of a side
     * @param tools the tools that are counted
     */
    Pattern(Problem problem, int[] toolOf, int[] tools) {
        this.problem = problem;
        this.tools = tools;
        long own = 0;
        long noTool = 0;
        bitsInHand = new long[tools.length];
        for (int i = 0; i < problem.size(); i++) {
            noTool |= toolOf[i] == 0 ? 1L << i : 0;
            for (int k = 0; k < tools.length; k++) {
                if (toolOf[i] == tools[k]) {
                    bitsInHand[k] |= 1L << i;
                    own |= 1L << i;
                }
            }
        }
        patternBits = own;
        freeBits = problem.all() & ~own;
        for (int k = 0; k < tools.length; k++) {
            bitsInHand[k] |= noTool;
        }
        Arrays.fill(values, UNKNOWN);
    }

    int pickUps(long done, int held) {
        long settled = done;
        for (int k = 0; k < tools.length; k++) {
            if (tools[k] == held) {
                settled = settle(settled, bitsInHand[k]);
            }
        }
        return fewest(settle(settled, freeBits));
    }

    /** The key is what of the pattern is done; what is free has been done as far as it goes. */
    private int fewest(long settled) {
        long key = settled & patternBits;
        if (key == patternBits) {
            return 0;
        }
        int known = lookUp(key);
        if (known != UNKNOWN) {
            return known;
        }
        int fewest = Integer.MAX_VALUE;
        for (long inHand : bitsInHand) {
            long after = settle(settled, inHand);
            if ((after & patternBits) != key) {
                fewest = Math.min(fewest, 1 + fewest(settle(after, freeBits)));
            }
        }
        store(key, fewest);
        return fewest;
    }

    private long settle(long done, long allowed) {
        long settled = done;
        for (long rest = allowed & ~done; rest != 0; rest &= rest - 1) {
            int i = Long.numberOfTrailingZeros(rest);
            if ((problem.before[i] & ~settled) == 0) {
                settled |= 1L << i;
            }
        }
        return settled;
    }

    private int lookUp(long key) {
        int slot = slot(key);
        return values[slot];
    }

    private int slot(long key) {
        int mask = keys.length - 1;
        int slot = (int) (key * 0x9E3779B97F4A7C15L >>> Long.numberOfLeadingZeros(keys.length - 1L));
        while (values[slot] != UNKNOWN && keys[slot] != key) {
            slot = slot + 1 & mask;
        }
        return slot;
    }

    private void store(long key, int value) {
        if (size * 2 >= keys.length) {
            grow();
        }
        int slot = slot(key);
        keys[slot] = key;
        values[slot] = value;
        size++;
    }

    private void grow() {
        long[] oldKeys = keys;
        int[] oldValues = values;
        keys = new long[oldKeys.length * 2];
        values = new int[oldKeys.length * 2];
        Arrays.fill(values, UNKNOWN);
        for (int old = 0; old < oldKeys.length; old++) {
            if (oldValues[old] != UNKNOWN) {
                int slot = slot(oldKeys[old]);
                keys[slot] = oldKeys[old];
                values[slot] = oldValues[old];
            }
        }
    }
}
