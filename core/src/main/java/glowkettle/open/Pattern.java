package glowkettle.open;

import java.util.Arrays;

/**
 * The fewest pick-ups that any order of a teardown needs when only the tools count, or only the sides, a turn of the
 * device being the pick-up of a side: a pattern database, filled as it is asked. With a thing in hand everything it
 * allows is done at once; so the question only turns on which comes next. What can be finished now, or left to the very
 * end, is picked up once more and no oftener, whatever else is done.
 */
final class Pattern {
    private static final int UNKNOWN = -1;
    /** From here on the bound gets coarser instead of the table larger. */
    private static final int MOST_FILLED = 300_000;

    private final long own;
    /** Operations by what they need; nothing under 0. */
    private final long[] needing;

    private final long[] before;
    private final long[] after;
    private final Companions companions;
    private long[] keys = new long[1 << 10];
    private int[] values = new int[1 << 10];
    private int size;

    /**
     * @param needs what each operation needs, 0 for nothing
     * @param things how many different things there are to pick up
     */
    Pattern(Problem problem, int[] needs, int things) {
        int n = problem.size();
        needing = new long[things + 1];
        long all = 0;
        for (int i = 0; i < n; i++) {
            if (needs[i] != 0) {
                needing[needs[i]] |= 1L << i;
                all |= 1L << i;
            }
        }
        own = all;
        before = new long[n];
        after = new long[n];
        for (int i = 0; i < n; i++) {
            before[i] = problem.ancestors[i] & own;
            after[i] = problem.descendants[i] & own;
        }
        long[] serves = new long[n];
        for (int i = 0; i < n; i++) {
            serves[i] = needing[needs[i]] & ~(1L << i);
        }
        companions = new Companions(before, after, serves);
        Arrays.fill(values, UNKNOWN);
    }

    /** A lower bound, exact until the table is full. */
    int pickUps(long done, int held) {
        long undone = own & ~done;
        return fewest(counted(held < needing.length ? settle(undone, needing[held]) : undone));
    }

    private int fewest(long undone) {
        if (undone == 0) {
            return 0;
        }
        int known = lookUp(undone);
        if (known != UNKNOWN) {
            return known;
        }
        if (size >= MOST_FILLED) {
            return different(undone);
        }
        long once = doneInOne(undone);
        int fewest = once != 0 ? 1 + fewest(counted(undone & ~once)) : fewestOfAny(undone);
        store(undone, fewest);
        return fewest;
    }

    private int fewestOfAny(long undone) {
        int least = different(undone) + 1;
        int fewest = Integer.MAX_VALUE;
        for (long hand : needing) {
            long left = settle(undone, hand);
            if (left != undone) {
                fewest = Math.min(fewest, 1 + fewest(counted(left)));
                if (fewest <= least) {
                    break;
                }
            }
        }
        return fewest;
    }

    /** Each is picked up at least once. */
    private int different(long undone) {
        int different = 0;
        for (long hand : needing) {
            different += (undone & hand) == 0 ? 0 : 1;
        }
        return different;
    }

    /** Work for which one thing is picked up once more: now, since it waits for nothing else, or last of all. */
    private long doneInOne(long undone) {
        for (long hand : needing) {
            long left = undone & hand;
            long waitsFor = 0;
            long holdsUp = 0;
            for (long rest = left; rest != 0; rest &= rest - 1) {
                int i = Long.numberOfTrailingZeros(rest);
                waitsFor |= before[i];
                holdsUp |= after[i];
            }
            long others = undone & ~hand;
            if (left != 0 && ((waitsFor & others) == 0 || (holdsUp & others) == 0)) {
                return left;
            }
        }
        return 0;
    }

    private long settle(long undone, long hand) {
        long left = undone;
        for (long rest = undone & hand; rest != 0; rest &= rest - 1) {
            int i = Long.numberOfTrailingZeros(rest);
            if ((before[i] & left) == 0) {
                left &= ~(1L << i);
            }
        }
        return left;
    }

    private long counted(long undone) {
        return companions.without(undone, undone, undone);
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
