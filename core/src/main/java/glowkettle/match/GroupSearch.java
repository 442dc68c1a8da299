package glowkettle.match;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/**
 * Places cells in groups. First by hand and by exchanging, then, as long as its budget of moves lasts, every way that may still be
 * better. Cells are numbered by their sorted ids, so that the smaller list of numbers is the smaller list of ids.
 */
final class GroupSearch {
    private static final int MOST_PROVEN = 40;
    private static final long MOVES = 2_000_000;
    private static final long EXCHANGES = 1_500_000;
    private static final double HAIR = 1e-9;

    private final long[] capacities;
    private final double[] resistances;
    private final int series;
    private final int parallel;
    private final long bound;
    /** Thousandths of a mAh in a step of rounding. */
    private final long step;
    /** Highest capacity first; alike, in the order of their numbers. */
    private final int[] byCapacity;

    private long moves;
    private Placed best;

    GroupSearch(long[] capacities, double[] resistances, int series, int parallel) {
        this.capacities = capacities;
        this.resistances = resistances;
        this.series = series;
        this.parallel = parallel;
        this.byCapacity = IntStream.range(0, capacities.length)
                .boxed()
                .sorted(Comparator.comparing((Integer cell) -> -capacities[cell])
                        .thenComparing(cell -> cell))
                .mapToInt(Integer::intValue)
                .toArray();
        this.bound = Arrays.stream(byCapacity, 0, series * parallel)
                        .mapToLong(cell -> capacities[cell])
                        .sum()
                / series;
        this.step = Math.max(1000, bound);
        this.best = placed(dealt());
    }

    /** A whole placement with what it is compared by. */
    private record Placed(List<List<Integer>> groups, long[] key) {
        boolean isBetterThan(Placed other) {
            int compared = Arrays.compare(key, other.key);
            return compared < 0 || compared == 0 && isEarlier(groups, other.groups);
        }

        private static boolean isEarlier(List<List<Integer>> one, List<List<Integer>> other) {
            for (int group = 0; group < one.size(); group++) {
                for (int place = 0; place < one.get(group).size(); place++) {
                    int compared = Integer.compare(
                            one.get(group).get(place), other.get(group).get(place));
                    if (compared != 0) {
                        return compared < 0;
                    }
                }
            }
            return false;
        }
    }

    /** What was found, groups by their first cell. */
    record Found(List<List<Integer>> groups, boolean proven) {}

    long boundMah() {
        return bound;
    }

    long sum(List<Integer> group) {
        return group.stream().mapToLong(cell -> capacities[cell]).sum();
    }

    double rTerm(List<Integer> group) {
        double most =
                group.stream().mapToDouble(cell -> resistances[cell]).max().orElseThrow();
        double least =
                group.stream().mapToDouble(cell -> resistances[cell]).min().orElseThrow();
        return most / least - 1;
    }

    /** The first ones, group by group. */
    List<List<Integer>> asListed() {
        return IntStream.range(0, series)
                .mapToObj(group -> IntStream.range(group * parallel, (group + 1) * parallel)
                        .boxed()
                        .toList())
                .toList();
    }

    /** By falling capacity, there and back. */
    List<List<Integer>> dealt() {
        List<List<Integer>> groups = new ArrayList<>();
        for (int group = 0; group < series; group++) {
            groups.add(new ArrayList<>());
        }
        for (int dealt = 0; dealt < series * parallel; dealt++) {
            int round = dealt / series;
            int place = dealt % series;
            groups.get(round % 2 == 0 ? place : series - 1 - place).add(byCapacity[dealt]);
        }
        return groups;
    }

    private Placed placed(List<List<Integer>> groups) {
        List<List<Integer>> canonical = groups.stream()
                .map(group -> group.stream().sorted().toList())
                .sorted(Comparator.comparing(List::getFirst))
                .toList();
        long[] sums = canonical.stream().mapToLong(this::sum).toArray();
        long smallest = LongStream.of(sums).min().orElseThrow();
        long largest = LongStream.of(sums).max().orElseThrow();
        double rTerm = canonical.stream().mapToDouble(this::rTerm).sum();
        return new Placed(canonical, new long[] {
            -floored(smallest),
            ceiled(largest - smallest),
            rCeiled(rTerm),
            LongStream.of(sums).sum()
        });
    }

    private long floored(long mah) {
        return mah * 1000 / step;
    }

    private long ceiled(long mah) {
        return (mah * 1000 + step - 1) / step;
    }

    private static long rCeiled(double rTerm) {
        return (long) Math.ceil(rTerm * 100 - HAIR);
    }

    Found best() {
        exchange();
        moves = 0;
        // Of more, no budget that hands would wait for sees every way.
        boolean proven = capacities.length <= MOST_PROVEN
                && everyWay(new ArrayList<>(), new boolean[capacities.length], -1, Long.MAX_VALUE, Long.MIN_VALUE, 0);
        return new Found(best.groups(), proven);
    }

    /**
     * Group by group, each led by a later cell than the one before it.
     *
     * @return false when the budget was spent before every way was seen
     */
    private boolean everyWay(
            List<List<Integer>> groups, boolean[] used, int leader, long least, long most, double rTerm) {
        if (groups.size() == series) {
            Placed whole = placed(groups);
            if (whole.isBetterThan(best)) {
                best = whole;
            }
            return true;
        }
        for (int next = leader + 1; next <= capacities.length - (series - groups.size()); next++) {
            if (used[next]) {
                continue;
            }
            used[next] = true;
            List<Integer> group = new ArrayList<>(List.of(next));
            boolean seen = filled(groups, used, group, next, least, most, rTerm);
            used[next] = false;
            if (!seen) {
                return false;
            }
        }
        return true;
    }

    private boolean filled(
            List<List<Integer>> groups,
            boolean[] used,
            List<Integer> group,
            int last,
            long least,
            long most,
            double rTerm) {
        if (++moves > MOVES) {
            return false;
        }
        if (group.size() == parallel) {
            long sum = sum(group);
            long smallest = Math.min(least, sum);
            long largest = Math.max(most, sum);
            double spread = rTerm + rTerm(group);
            if (isHopeless(smallest, largest, spread)) {
                return true;
            }
            groups.add(List.copyOf(group));
            boolean seen = everyWay(groups, used, group.getFirst(), smallest, largest, spread);
            groups.removeLast();
            return seen;
        }
        for (int next = last + 1; next < capacities.length; next++) {
            if (used[next]) {
                continue;
            }
            used[next] = true;
            group.add(next);
            boolean seen = filled(groups, used, group, next, least, most, rTerm);
            group.removeLast();
            used[next] = false;
            if (!seen) {
                return false;
            }
        }
        return true;
    }

    /** Whatever comes, the smallest group gets no larger, and neither range nor R-term gets smaller. */
    private boolean isHopeless(long smallest, long largest, double rTerm) {
        long first = -floored(smallest);
        if (first != best.key()[0]) {
            return first > best.key()[0];
        }
        long second = ceiled(largest - smallest);
        if (second != best.key()[1]) {
            return second > best.key()[1];
        }
        return rCeiled(rTerm) > best.key()[2];
    }

    /** Exchanges two cells as long as that evens the groups out, then as long as the whole gets better. */
    private void exchange() {
        List<List<Integer>> groups = new ArrayList<>();
        best.groups().forEach(group -> groups.add(new ArrayList<>(group)));
        long tried = 0;
        boolean moved = true;
        while (moved && tried < EXCHANGES) {
            moved = false;
            for (int one = 0; one < series; one++) {
                for (int other = one + 1; other < series; other++) {
                    tried += (long) parallel * parallel;
                    moved |= evened(groups.get(one), groups.get(other));
                }
            }
        }
        Placed even = placed(groups);
        best = even.isBetterThan(best) ? even : best;
        refine(tried);
    }

    /** The one exchange between two groups that brings their sums nearest. */
    private boolean evened(List<Integer> one, List<Integer> other) {
        long apart = sum(one) - sum(other);
        long nearest = Math.abs(apart);
        int from = -1;
        int to = -1;
        for (int i = 0; i < parallel; i++) {
            for (int j = 0; j < parallel; j++) {
                long then = Math.abs(apart - 2 * (capacities[one.get(i)] - capacities[other.get(j)]));
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
        Integer moved = one.get(from);
        one.set(from, other.get(to));
        other.set(to, moved);
        return true;
    }

    /** Any exchange, with a spare one too, that makes the whole better. */
    private void refine(long triedBefore) {
        long tried = triedBefore;
        boolean moved = true;
        while (moved && tried < EXCHANGES) {
            moved = false;
            List<List<Integer>> groups = new ArrayList<>();
            best.groups().forEach(group -> groups.add(new ArrayList<>(group)));
            List<Integer> spare = spare(groups);
            groups.add(spare);
            for (int one = 0; one < series && tried < EXCHANGES; one++) {
                for (int other = one + 1; other <= series && tried < EXCHANGES; other++) {
                    for (int i = 0; i < groups.get(one).size(); i++) {
                        for (int j = 0; j < groups.get(other).size() && tried < EXCHANGES; j++) {
                            tried += (long) series * parallel;
                            swap(groups, one, i, other, j);
                            Placed then = placed(groups.subList(0, series));
                            if (then.isBetterThan(best)) {
                                best = then;
                                moved = true;
                            } else {
                                swap(groups, one, i, other, j);
                            }
                        }
                    }
                }
            }
        }
    }

    private List<Integer> spare(List<List<Integer>> groups) {
        boolean[] used = new boolean[capacities.length];
        groups.forEach(group -> group.forEach(cell -> used[cell] = true));
        List<Integer> spare = new ArrayList<>();
        for (int cell : byCapacity) {
            if (!used[cell]) {
                spare.add(cell);
            }
        }
        Collections.sort(spare);
        return spare;
    }

    private static void swap(List<List<Integer>> groups, int one, int i, int other, int j) {
        Integer moved = groups.get(one).get(i);
        groups.get(one).set(i, groups.get(other).get(j));
        groups.get(other).set(j, moved);
    }
}
