package glowkettle.match;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** Cells in their groups and the spare ones behind, with what an exchange of two changes. */
final class Placement {
    private final CellFigures figures;
    private final int series;
    private final int parallel;
    /** Group after group, then the spare ones. */
    private final int[] cells;

    private final long[] sums;
    private final double[] rTerms;
    private long[] key;

    private Placement(
            CellFigures figures, int series, int parallel, int[] cells, long[] sums, double[] rTerms, long[] key) {
        this.figures = figures;
        this.series = series;
        this.parallel = parallel;
        this.cells = cells;
        this.sums = sums;
        this.rTerms = rTerms;
        this.key = key;
    }

    static Placement of(CellFigures figures, List<List<Integer>> groups) {
        int series = groups.size();
        int parallel = groups.getFirst().size();
        boolean[] used = new boolean[figures.count()];
        int[] cells = new int[figures.count()];
        int at = 0;
        for (List<Integer> group : groups) {
            for (int cell : group) {
                used[cell] = true;
                cells[at++] = cell;
            }
        }
        for (int cell = 0; cell < used.length; cell++) {
            if (!used[cell]) {
                cells[at++] = cell;
            }
        }
        Placement placement =
                new Placement(figures, series, parallel, cells, new long[series], new double[series], new long[4]);
        for (int group = 0; group < series; group++) {
            placement.reckon(group);
        }
        placement.key = placement.keyNow();
        return placement;
    }

    Placement copy() {
        return new Placement(figures, series, parallel, cells.clone(), sums.clone(), rTerms.clone(), key.clone());
    }

    private void reckon(int group) {
        long sum = 0;
        double most = 0;
        double least = Double.MAX_VALUE;
        for (int place = group * parallel; place < (group + 1) * parallel; place++) {
            sum += figures.capacity(cells[place]);
            double ohms = figures.resistance(cells[place]);
            most = Math.max(most, ohms);
            least = Math.min(least, ohms);
        }
        sums[group] = sum;
        rTerms[group] = most / least - 1;
    }

    private long[] keyNow() {
        long least = Long.MAX_VALUE;
        long most = Long.MIN_VALUE;
        long used = 0;
        double rTerm = 0;
        for (int group = 0; group < series; group++) {
            least = Math.min(least, sums[group]);
            most = Math.max(most, sums[group]);
            used += sums[group];
            rTerm += rTerms[group];
        }
        return figures.key(least, most, rTerm, used);
    }

    long[] key() {
        return key.clone();
    }

    /** Places in groups. */
    int places() {
        return series * parallel;
    }

    /** With the spare ones. */
    int all() {
        return cells.length;
    }

    int firstOfNextGroup(int place) {
        return (place / parallel + 1) * parallel;
    }

    boolean isBetterThan(Placement other) {
        int compared = Arrays.compare(key, other.key);
        return compared < 0 || compared == 0 && GroupSearch.compare(canonical(), other.canonical()) < 0;
    }

    void exchange(int one, int other) {
        swap(one, other);
        key = keyNow();
    }

    private void swap(int one, int other) {
        int moved = cells[one];
        cells[one] = cells[other];
        cells[other] = moved;
        reckon(one / parallel);
        if (other < places()) {
            reckon(other / parallel);
        }
    }

    boolean exchangeIfBetter(int one, int other) {
        swap(one, other);
        long[] then = keyNow();
        if (Arrays.compare(then, key) < 0) {
            key = then;
            return true;
        }
        swap(one, other);
        return false;
    }

    /** Where it brings the groups nearer to a sum, all in all. */
    boolean exchangeIfNearer(int one, int other, long sum) {
        long more = figures.capacity(cells[other]) - figures.capacity(cells[one]);
        long first = sums[one / parallel];
        long before = Math.abs(first - sum);
        long then = Math.abs(first + more - sum);
        if (other < places()) {
            long second = sums[other / parallel];
            before += Math.abs(second - sum);
            then += Math.abs(second - more - sum);
        }
        if (then >= before) {
            return false;
        }
        exchange(one, other);
        return true;
    }

    /** The one exchange between two groups that brings their sums nearest; false where none does. */
    boolean bringNearer(int one, int other) {
        long apart = sums[one] - sums[other];
        long nearest = Math.abs(apart);
        int from = -1;
        int to = -1;
        for (int i = one * parallel; i < (one + 1) * parallel; i++) {
            for (int j = other * parallel; j < (other + 1) * parallel; j++) {
                long then = Math.abs(apart - 2 * (figures.capacity(cells[i]) - figures.capacity(cells[j])));
                if (then < nearest) {
                    nearest = then;
                    from = i;
                    to = j;
                }
            }
        }
        if (from < 0) {
            return false;
        }
        exchange(from, to);
        return true;
    }

    /** Groups by their first cell, each sorted. */
    List<List<Integer>> canonical() {
        return GroupSearch.sorted(IntStream.range(0, series)
                .mapToObj(group -> Arrays.stream(cells, group * parallel, (group + 1) * parallel)
                        .boxed()
                        .toList())
                .toList());
    }
}
