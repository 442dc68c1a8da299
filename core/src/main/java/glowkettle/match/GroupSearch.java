package glowkettle.match;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Places cells in groups. Few are looked at in every way that may still be better; of more, exchanges of two cells are tried, and
 * from the best of them others a few exchanges away. It is bounded in moves, never in seconds, and chance has a fixed seed: the same
 * cells give the same answer anywhere. Cells are numbered by their sorted ids, so that the smaller list of numbers is the smaller
 * list of ids.
 */
final class GroupSearch {
    /** Of more, no budget that hands would wait for sees every way. */
    private static final int MOST_PROVEN = 40;

    private static final long PROOF_MOVES = 6_000_000;
    private static final int LOOKED_AT_EVERY = 1_000_000;
    /** Moves that a look at two sums takes. */
    private static final long GLANCE = 2;

    private static final int KICK = 3;
    /** This part of the moves may go into sums that are all the same. */
    private static final int EQUALISING = 3;

    private static final int AFTER_THE_WALK = 5;

    private static final long SEED = 7;

    private final CellFigures cells;
    private final int series;
    private final int parallel;
    private final Watcher watcher;
    private final long budget;
    /** Moves that a look at a whole placement takes: all of its sums, and both groups that change. */
    private final long look;

    private Placement best;
    private long moves;
    private boolean stopped;

    /** Is told how far a search is, and may end it. */
    interface Watcher {
        /** Nobody looks: it goes on to the end. */
        Watcher NOBODY = (moves, budget, best) -> true;

        /** @return false to be content with the best so far */
        boolean goesOn(long moves, long budget, List<List<Integer>> best);
    }

    /** @param budget moves that exchanging may take */
    GroupSearch(CellFigures cells, int series, int parallel, long budget, Watcher watcher) {
        this.cells = cells;
        this.series = series;
        this.parallel = parallel;
        this.budget = budget;
        this.watcher = watcher;
        this.look = series + 2L * parallel;
        this.best = Placement.of(cells, Dealing.dealt(cells, series, parallel));
    }

    /**
     * What was found, groups by their first cell.
     *
     * @param proven no other way is better
     * @param stopped before it was through
     */
    record Found(List<List<Integer>> groups, boolean proven, boolean stopped) {}

    Found best() {
        even();
        equalise();
        refine();
        if (cells.count() <= MOST_PROVEN) {
            EveryWay every = new EveryWay(cells, series, parallel, best, PROOF_MOVES);
            boolean proven = every.walk();
            best = every.best();
            if (proven) {
                return new Found(best.canonical(), true, false);
            }
            // The walk has taken most of the time that hands wait.
            moves = Math.max(moves, budget - budget / AFTER_THE_WALK);
        }
        wander();
        return new Found(best.canonical(), false, stopped);
    }

    private boolean isSpent(long more) {
        long before = moves;
        moves += more;
        if (before / LOOKED_AT_EVERY != moves / LOOKED_AT_EVERY) {
            stopped |= !watcher.goesOn(Math.min(moves, budget), budget, best.canonical());
        }
        return stopped || moves >= budget;
    }

    /** Between two groups at a time the one exchange that brings their sums nearest, as long as there is one. */
    private void even() {
        Placement even = best.copy();
        boolean moved = true;
        while (moved && !isSpent(0)) {
            moved = false;
            for (int one = 0; one < series; one++) {
                for (int other = one + 1; other < series; other++) {
                    moved |= even.bringNearer(one, other);
                    isSpent((long) parallel * parallel);
                }
            }
        }
        best = even.isBetterThan(best) ? even : best;
    }

    /** Toward one sum for all groups, from the smallest up that keeps the smallest group in its step: it leaves the better cells spare. */
    private void equalise() {
        long least = cells.leastOfStep(best.key()[0]);
        long spent = budget / EQUALISING;
        for (long sum = least; sum <= cells.boundMah() && best.key()[1] > 0 && moves < spent; sum++) {
            Placement at = best.copy();
            bring(at, sum);
            best = at.isBetterThan(best) ? at : best;
        }
    }

    private void bring(Placement at, long sum) {
        boolean moved = true;
        while (moved) {
            moved = false;
            for (int one = 0; one < at.places(); one++) {
                for (int other = at.firstOfNextGroup(one); other < at.all(); other++) {
                    if (isSpent(GLANCE)) {
                        return;
                    }
                    moved |= at.exchangeIfNearer(one, other, sum);
                }
            }
        }
    }

    /** Any exchange, with a spare one too, that makes the whole better, as long as there is one. */
    private void refine() {
        Placement at = best.copy();
        climb(at);
        best = at.isBetterThan(best) ? at : best;
    }

    private void climb(Placement at) {
        boolean moved = true;
        while (moved) {
            moved = false;
            for (int one = 0; one < at.places(); one++) {
                for (int other = at.firstOfNextGroup(one); other < at.all(); other++) {
                    if (isSpent(look)) {
                        return;
                    }
                    moved |= at.exchangeIfBetter(one, other);
                }
            }
        }
    }

    /** A few exchanges away from the best by chance, then up again. */
    private void wander() {
        SplittableRandom chance = new SplittableRandom(SEED);
        while (!isSpent(look)) {
            Placement at = best.copy();
            for (int kick = 0; kick < KICK; kick++) {
                int one = chance.nextInt(at.places());
                int from = at.firstOfNextGroup(one);
                if (from < at.all()) {
                    at.exchange(one, from + chance.nextInt(at.all() - from));
                }
            }
            climb(at);
            best = at.isBetterThan(best) ? at : best;
        }
    }

    /** So many groups by their numbers, smallest first. */
    static List<List<Integer>> sorted(List<List<Integer>> groups) {
        return groups.stream()
                .map(group -> group.stream().sorted().toList())
                .sorted(Comparator.comparing(List::getFirst))
                .toList();
    }

    static int compare(List<List<Integer>> one, List<List<Integer>> other) {
        int[] ones =
                one.stream().flatMap(List::stream).mapToInt(Integer::intValue).toArray();
        int[] others =
                other.stream().flatMap(List::stream).mapToInt(Integer::intValue).toArray();
        return Arrays.compare(ones, others);
    }
}
