package glowkettle.open;

/**
 * Operations that go along with another one still to be done: they need no tool and no side that the other does not need,
 * all that must still come before them must come before the other too, and all that waits for them is the other or waits
 * for it. Done right before the other they cost no change and hold nothing up, so the cost of what is left is the same
 * with and without them, and a search need not tell two states apart by them. A state is written as if they were done;
 * who wants the order does them with the rest of the hand's free work.
 *
 * <p>While the pack is connected only what follows the disconnect takes others along, and only what adds no live minutes
 * goes along: there it would cost nothing, here it might.
 */
final class Alongside {
    private final Problem problem;
    /** Operations whose hand serves this one as well. */
    private final long[] serves;
    /** {@code [one][other]}: what must be done before the one can go along with the other. */
    private final long[][] bars;
    /** What bars an operation from going along with any other. */
    private final long[] barsAll;

    Alongside(Problem problem) {
        this.problem = problem;
        int n = problem.size();
        serves = new long[n];
        bars = new long[n][n];
        barsAll = new long[n];
        for (int i = 0; i < n; i++) {
            barsAll[i] = -1L;
            for (int other = 0; other < n; other++) {
                bars[i][other] = bars(problem.ancestors, problem.descendants, i, other);
                if (other != i && serves(other, i)) {
                    serves[i] |= 1L << other;
                    barsAll[i] &= bars[i][other];
                }
            }
        }
    }

    /** What is still in the way of doing one operation right before another. */
    static long bars(long[] ancestors, long[] descendants, int one, int other) {
        return ancestors[one] & ~ancestors[other] | descendants[one] & ~(descendants[other] | 1L << other);
    }

    /**
     * The state as if all were done that goes along.
     *
     * @param lately what was done since the state was last written so: only its neighbours can have become free to go
     *     along
     */
    long counted(long done, long lately) {
        long undone = problem.all() & ~done;
        long takes = -1L;
        long goes = undone & ~(1L << problem.disconnect);
        if (!problem.isDisconnected(done)) {
            takes = problem.descendants[problem.disconnect];
            goes &= ~problem.towardsDisconnect & ~problem.inside;
        }
        if ((lately >> problem.disconnect & 1) == 0) {
            goes &= neighbours(lately);
        }
        while (goes != 0) {
            int last = Long.SIZE - 1 - Long.numberOfLeadingZeros(goes);
            goes &= ~(1L << last);
            if ((barsAll[last] & undone) == 0 && goesAlong(last, undone, takes)) {
                undone &= ~(1L << last);
            }
        }
        return problem.all() & ~undone;
    }

    private boolean goesAlong(int i, long undone, long takes) {
        long[] barred = bars[i];
        for (long rest = serves[i] & undone & takes; rest != 0; rest &= rest - 1) {
            if ((barred[Long.numberOfTrailingZeros(rest)] & undone) == 0) {
                return true;
            }
        }
        return false;
    }

    private long neighbours(long lately) {
        long neighbours = 0;
        for (long rest = lately; rest != 0; rest &= rest - 1) {
            int i = Long.numberOfTrailingZeros(rest);
            neighbours |= problem.ancestors[i] | problem.descendants[i];
        }
        return neighbours;
    }

    private boolean serves(int other, int i) {
        return (problem.tool[i] == 0 || problem.tool[i] == problem.tool[other])
                && (problem.side[i] == 0 || problem.side[i] == problem.side[other]);
    }
}
