package glowkettle.match;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a search reckons with: capacities in whole mAh, resistances, the bound, and the steps by which placements are compared.
 * Source: handbook, Match: {@code δ = max(1 mAh, 0.1 % of the bound)}.
 */
final class CellFigures {
    private static final double HAIR = 1e-9;

    private final long[] capacities;
    private final double[] resistances;
    private final int[] byCapacity;
    private final long bound;
    /** Thousandths of a mAh in a step of rounding. */
    private final long step;

    CellFigures(long[] capacities, double[] resistances, int series, int parallel) {
        this.capacities = capacities.clone();
        this.resistances = resistances.clone();
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
    }

    int count() {
        return capacities.length;
    }

    long capacity(int cell) {
        return capacities[cell];
    }

    double resistance(int cell) {
        return resistances[cell];
    }

    /** Highest first; alike, in the order of their numbers. */
    int[] byCapacity() {
        return byCapacity;
    }

    long boundMah() {
        return bound;
    }

    long floored(long mah) {
        return mah * 1000 / step;
    }

    /** The smallest group that is still in this step, as it stands in a key. */
    long leastOfStep(long key) {
        return Math.ceilDiv(-key * step, 1000);
    }

    long ceiled(long mah) {
        return (mah * 1000 + step - 1) / step;
    }

    /** By what placements are compared, in the handbook's order. */
    long[] key(long least, long most, double rTerm, long used) {
        return new long[] {-floored(least), ceiled(most - least), rCeiled(rTerm), used};
    }

    static long rCeiled(double rTerm) {
        return (long) Math.ceil(rTerm * 100 - HAIR);
    }

    long sum(List<Integer> group) {
        return group.stream().mapToLong(cell -> capacities[cell]).sum();
    }

    double rTerm(List<Integer> group) {
        double most = 0;
        double least = Double.MAX_VALUE;
        for (int cell : group) {
            most = Math.max(most, resistances[cell]);
            least = Math.min(least, resistances[cell]);
        }
        return most / least - 1;
    }
}
