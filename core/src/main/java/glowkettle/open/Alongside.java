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
    private final Companions companions;

    Alongside(Problem problem) {
        this.problem = problem;
        long[] serves = new long[problem.size()];
        for (int i = 0; i < serves.length; i++) {
            for (int other = 0; other < serves.length; other++) {
                serves[i] |= other != i && serves(other, i) ? 1L << other : 0;
            }
        }
        companions = new Companions(problem.ancestors, problem.descendants, serves);
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
        return problem.all() & ~companions.without(undone, goes, takes);
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
