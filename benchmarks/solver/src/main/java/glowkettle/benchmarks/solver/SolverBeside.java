package glowkettle.benchmarks.solver;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import glowkettle.limits.ShopLimits;
import glowkettle.match.Grouping;
import java.math.BigDecimal;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * Two hundred cells into fourteen groups of ten, by the product's search and by CP-SAT on the same machine, one after the other. The
 * solver first makes the smallest group as large as it can, then the groups as alike as it can; its two aims share its minutes. What
 * is compared are the steps of rounding, by which placements are compared.
 */
public final class SolverBeside {
    private static final int SERIES = 14;
    private static final int PARALLEL = 10;
    private static final int CELLS = 200;
    private static final long SEED = 11;

    private SolverBeside() {}

    /** @param args minutes that the solver may take; ten where nothing is said */
    public static void main(String[] args) {
        double minutes = args.length == 0 ? 10 : Double.parseDouble(args[0]);
        Loader.loadNativeLibraries();
        beside(cells(SEED), minutes * 60);
    }

    private static List<Grouping.Cell> cells(long seed) {
        Random chance = new Random(seed);
        return IntStream.range(0, CELLS)
                .mapToObj(i -> new Grouping.Cell(
                        "C%04d".formatted(i),
                        BigDecimal.valueOf(2550 + Math.round(45 * chance.nextGaussian())),
                        BigDecimal.valueOf(320 + Math.round(20 * chance.nextGaussian()), 1)))
                .toList();
    }

    private static void beside(List<Grouping.Cell> cells, double seconds) {
        Grouping.Request asked = new Grouping.Request(cells, BigDecimal.valueOf(SERIES), BigDecimal.valueOf(PARALLEL));
        long began = System.nanoTime();
        Grouping answer = Grouping.of(asked, ShopLimits.defaults()).result();
        double ownSeconds = (System.nanoTime() - began) / 1e9;
        Grouping.Judged own = Grouping.judge(
                asked, answer.groups().stream().map(Grouping.Group::ids).toList());
        long bound = own.boundMah();
        double step = Math.max(1, bound / 1000.0);
        Found solver = solve(cells, seconds, step);
        System.out.printf(
                "own search   %7.2f s   smallest %d (bound %d), apart %d: %d steps%n",
                ownSeconds,
                own.chosen().smallestMah(),
                bound,
                own.chosen().rangeMah(),
                steps(own.chosen().rangeMah(), step));
        System.out.printf(
                "CP-SAT       %7.2f s   smallest %d, apart %d: %d steps, %s%n",
                solver.seconds(), solver.smallest(), solver.range(), steps(solver.range(), step), solver.status());
        long behind = steps(own.chosen().rangeMah(), step) - steps(solver.range(), step);
        System.out.printf(
                "time %.4f x, smallest %+d steps, balance %+d steps against the solver%n",
                ownSeconds / solver.seconds(),
                (long) (own.chosen().smallestMah() / step) - (long) (solver.smallest() / step),
                behind);
    }

    private static long steps(long range, double step) {
        return (long) Math.ceil(range / step);
    }

    private record Found(long smallest, long range, double seconds, String status) {}

    private static Found solve(List<Grouping.Cell> cells, double seconds, double step) {
        Model first = new Model(cells);
        first.cp.maximize(first.least);
        long began = System.nanoTime();
        CpSolver most = solver(seconds / 2);
        CpSolverStatus firstStatus = most.solve(first.cp);
        long smallest = most.value(first.least);
        Model second = new Model(cells);
        // As large as before, in steps of rounding.
        second.cp.addGreaterOrEqual(second.least, (long) Math.ceil((long) (smallest / step) * step));
        second.cp.minimize(LinearExpr.newBuilder()
                .add(second.most)
                .addTerm(second.least, -1)
                .build());
        first.hint(second, most);
        CpSolver alike = solver(seconds / 2);
        CpSolverStatus secondStatus = alike.solve(second.cp);
        return new Found(
                alike.value(second.least),
                alike.value(second.most) - alike.value(second.least),
                (System.nanoTime() - began) / 1e9,
                firstStatus + ", " + secondStatus);
    }

    private static CpSolver solver(double seconds) {
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setMaxTimeInSeconds(seconds)
                .setNumSearchWorkers(Runtime.getRuntime().availableProcessors());
        return solver;
    }

    /** Which cell lies in which group, and the smallest and the largest sum. */
    private static final class Model {
        private final CpModel cp = new CpModel();
        private final Literal[][] in;
        private final IntVar least;
        private final IntVar most;

        Model(List<Grouping.Cell> cells) {
            in = new Literal[cells.size()][SERIES];
            long[] capacities = cells.stream()
                    .mapToLong(cell -> cell.capacityMah().longValue())
                    .toArray();
            least = cp.newIntVar(0, 1_000_000, "least");
            most = cp.newIntVar(0, 1_000_000, "most");
            for (int cell = 0; cell < in.length; cell++) {
                for (int group = 0; group < SERIES; group++) {
                    in[cell][group] = cp.newBoolVar("in" + cell + "_" + group);
                }
                cp.addAtMostOne(in[cell]);
            }
            for (int group = 0; group < SERIES; group++) {
                int at = group;
                Literal[] own = IntStream.range(0, in.length)
                        .mapToObj(cell -> in[cell][at])
                        .toArray(Literal[]::new);
                LinearExpr sum = LinearExpr.weightedSum(own, capacities);
                cp.addEquality(LinearExpr.sum(own), PARALLEL);
                cp.addLessOrEqual(least, sum);
                cp.addGreaterOrEqual(most, sum);
            }
        }

        void hint(Model other, CpSolver found) {
            for (int cell = 0; cell < in.length; cell++) {
                for (int group = 0; group < SERIES; group++) {
                    other.cp.addHint(other.in[cell][group], found.booleanValue(in[cell][group]));
                }
            }
        }
    }
}
