package glowkettle.match;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Looks at every way to place cells that may still be better than the best. The lowest cell that is left leads the next group or
 * stays spare, so that what is hardest to place is placed first; a way is left as soon as what is placed, or the best that can still
 * come, makes it worse.
 */
final class EveryWay {
    private final CellFigures cells;
    private final int series;
    private final int parallel;
    private final long budget;
    /** Lowest capacity first. */
    private final int[] rising;

    private final int[] byResistance;
    private final boolean[] used;
    private final int[] placed;
    private final long[] best4;
    private Placement best;
    private long moves;

    EveryWay(CellFigures cells, int series, int parallel, Placement best, long budget) {
        this.cells = cells;
        this.series = series;
        this.parallel = parallel;
        this.best = best;
        this.best4 = best.key();
        this.budget = budget;
        this.used = new boolean[cells.count()];
        this.placed = new int[series * parallel];
        this.rising = new int[cells.count()];
        for (int i = 0; i < rising.length; i++) {
            rising[i] = cells.byCapacity()[rising.length - 1 - i];
        }
        this.byResistance = IntStream.range(0, cells.count())
                .boxed()
                .sorted(Comparator.comparing(cells::resistance))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    Placement best() {
        return best;
    }

    /** @return false when the budget was spent before every way was seen */
    boolean walk() {
        return group(0, cells.count() - series * parallel, new Reached(Long.MAX_VALUE, Long.MIN_VALUE, 0, 0));
    }

    /** What the groups that are full give. */
    private record Reached(long least, long most, double rTerm, long total) {
        Reached and(Filling full) {
            return new Reached(
                    Math.min(least, full.sum()), Math.max(most, full.sum()), rTerm + full.rTerm(), total + full.sum());
        }
    }

    /** A group that is being filled. */
    private record Filling(long sum, double leastMohm, double mostMohm) {
        Filling and(long capacity, double ohms) {
            return new Filling(sum + capacity, Math.min(leastMohm, ohms), Math.max(mostMohm, ohms));
        }

        double rTerm() {
            return mostMohm / leastMohm - 1;
        }
    }

    private boolean group(int group, int spare, Reached reached) {
        if (group == series) {
            take(reached);
            return true;
        }
        int at = 0;
        while (used[rising[at]]) {
            at++;
        }
        int leader = rising[at];
        used[leader] = true;
        placed[group * parallel] = leader;
        double ohms = cells.resistance(leader);
        boolean seen = fill(group, 1, at, spare, new Filling(cells.capacity(leader), ohms, ohms), reached)
                && (spare == 0 || group(group, spare - 1, reached));
        used[leader] = false;
        return seen;
    }

    private boolean fill(int group, int filled, int at, int spare, Filling filling, Reached reached) {
        if (++moves > budget) {
            return false;
        }
        if (filled == parallel) {
            Reached then = reached.and(filling);
            return isHopeless(group + 1, then) || group(group + 1, spare, then);
        }
        // A group that gets too little or too much by whatever is left cannot be mended by another.
        if (isHopeless(filling, parallel - filled, reached.least(), reached.most())) {
            return true;
        }
        for (int next = at + 1; next < rising.length; next++) {
            int cell = rising[next];
            if (used[cell]) {
                continue;
            }
            used[cell] = true;
            placed[group * parallel + filled] = cell;
            boolean seen = fill(
                    group, filled + 1, next, spare, filling.and(cells.capacity(cell), cells.resistance(cell)), reached);
            used[cell] = false;
            if (!seen) {
                return false;
            }
        }
        return true;
    }

    private boolean isHopeless(Filling filling, int wanted, long least, long most) {
        long highest = Math.min(least, filling.sum() + topUnused(wanted));
        long lowest = filling.sum() + bottomUnused(wanted);
        return isWorse(highest, most) || isWorse(Math.min(least, cells.boundMah()), Math.max(most, lowest));
    }

    /** The smallest group is no larger than this, and the largest one no smaller than that: worse by those two alone. */
    private boolean isWorse(long smallest, long largest) {
        long first = -cells.floored(smallest);
        if (first != best4[0]) {
            return first > best4[0];
        }
        return largest > smallest && cells.ceiled(largest - smallest) > best4[1];
    }

    private boolean isHopeless(int groups, Reached reached) {
        int left = series - groups;
        long smallest = left == 0 ? reached.least() : Math.min(reached.least(), topUnused(left * parallel) / left);
        long first = -cells.floored(smallest);
        if (first != best4[0]) {
            return first > best4[0];
        }
        long second = cells.ceiled(Math.max(0, reached.most() - smallest));
        if (second != best4[1]) {
            return second > best4[1];
        }
        // The cheap look first.
        return CellFigures.rCeiled(reached.rTerm()) > best4[2]
                || CellFigures.rCeiled(reached.rTerm() + leastRTerm(left)) > best4[2];
    }

    private long topUnused(int wanted) {
        long sum = 0;
        int left = wanted;
        for (int i = 0; left > 0 && i < cells.count(); i++) {
            int cell = cells.byCapacity()[i];
            if (!used[cell]) {
                sum += cells.capacity(cell);
                left--;
            }
        }
        return sum;
    }

    private long bottomUnused(int wanted) {
        long sum = 0;
        int left = wanted;
        for (int i = cells.count() - 1; left > 0 && i >= 0; i--) {
            int cell = cells.byCapacity()[i];
            if (!used[cell]) {
                sum += cells.capacity(cell);
                left--;
            }
        }
        return sum;
    }

    /**
     * So many groups of the unused cells by resistance alone: neighbours go together, since for a ≤ b ≤ c ≤ d no pairing is less
     * than b/a + d/c.
     */
    private double leastRTerm(int groups) {
        if (groups == 0) {
            return 0;
        }
        double[] ohms = Arrays.stream(byResistance)
                .filter(cell -> !used[cell])
                .mapToDouble(cells::resistance)
                .toArray();
        double[] before = new double[ohms.length + 1];
        for (int group = 1; group <= groups; group++) {
            double[] now = new double[ohms.length + 1];
            Arrays.fill(now, Double.MAX_VALUE);
            for (int end = group * parallel; end <= ohms.length; end++) {
                double taken = before[end - parallel] + ohms[end - 1] / ohms[end - parallel] - 1;
                now[end] = Math.min(now[end - 1], taken);
            }
            before = now;
        }
        return before[ohms.length];
    }

    private void take(Reached reached) {
        long[] key = cells.key(reached.least(), reached.most(), reached.rTerm(), reached.total());
        if (Arrays.compare(key, best4) > 0) {
            return;
        }
        List<List<Integer>> groups = IntStream.range(0, series)
                .mapToObj(group -> Arrays.stream(placed, group * parallel, (group + 1) * parallel)
                        .boxed()
                        .toList())
                .toList();
        Placement found = Placement.of(cells, groups);
        if (found.isBetterThan(best)) {
            best = found;
            System.arraycopy(key, 0, best4, 0, key.length);
        }
    }
}
