package glowkettle.open;

import java.util.Arrays;
import java.util.BitSet;

/**
 * What a search has come to at which cost, asked whether something new is no better: whoever has done more, holds the
 * same and has paid no more can finish at least as cheaply, by leaving out of the other's order what is done already.
 * Costs count from the very first operation, so that one search answers for the next.
 *
 * <p>Looked for only where it is likely, among the same hand and about the same cost, latest first: what is overlooked
 * costs time and nothing else.
 */
final class Reached {
    private static final int LOOK_BACK = 64;
    private static final long LEAST_LEVEL_UNITS = 100_000;
    private static final int ROUND_BITS = 16;
    private static final long ROUND = (1L << ROUND_BITS) - 1;

    private final Problem problem;
    private final long levelUnits;
    private final Level[][] levels;
    private final BitSet failed = new BitSet();

    /** What is done, and beside it the cost and the round. */
    private static final class Level {
        private long[] cells = new long[16];
        private int end;

        private void add(long done, long cost) {
            if (end == cells.length) {
                cells = Arrays.copyOf(cells, end * 2);
            }
            cells[end++] = done;
            cells[end++] = cost;
        }
    }

    Reached(Problem problem, int hands) {
        this.problem = problem;
        levelUnits = Math.max(problem.bitUnits, LEAST_LEVEL_UNITS);
        levels = new Level[hands][0];
    }

    void add(long done, int hand, long cost, int round) {
        int at = (int) (cost / levelUnits);
        if (at >= levels[hand].length) {
            levels[hand] = Arrays.copyOf(levels[hand], at + 16);
        }
        if (levels[hand][at] == null) {
            levels[hand][at] = new Level();
        }
        levels[hand][at].add(done, cost << ROUND_BITS | round);
    }

    /** Nothing that a round came to leads to the optimum at the cost it was reached for. */
    void fail(int round) {
        failed.set(round);
    }

    /**
     * Whether something reached earlier is strictly better, or as good and either looked into in this round or known to
     * lead nowhere.
     */
    boolean isNoBetter(long done, int hand, long cost, int round) {
        int at = (int) (cost / levelUnits);
        if (at >= levels[hand].length || levels[hand][at] == null) {
            return false;
        }
        Level level = levels[hand][at];
        long[] cells = level.cells;
        int first = Math.max(0, level.end - 2 * LOOK_BACK);
        for (int cell = level.end - 2; cell >= first; cell -= 2) {
            long other = cells[cell];
            if ((done & ~other) == 0 && wins(cells[cell + 1], cost, round) && comparable(done, other)) {
                return true;
            }
        }
        return false;
    }

    private boolean wins(long costAndRound, long cost, int round) {
        long paid = costAndRound >>> ROUND_BITS;
        int at = (int) (costAndRound & ROUND);
        return paid < cost || paid == cost && (failed.get(at) || at == round);
    }

    /** While it is live, work that the other may do for nothing would be live. */
    private boolean comparable(long done, long other) {
        return problem.docked
                || problem.isDisconnected(other)
                || problem.liveStarted(done) == problem.liveStarted(other);
    }
}
