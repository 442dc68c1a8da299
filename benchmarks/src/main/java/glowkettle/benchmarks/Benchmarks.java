package glowkettle.benchmarks;

import java.util.Collection;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Measures the planner over all the generated models. */
public final class Benchmarks {
    private static final double MEDIAN = 50;
    /** One model of fifty is two in a hundred of the times taken; the middle of the hardest one stands here. */
    private static final double HARDEST = 99;

    private static final double LONGEST = 100;
    private static final double MEDIAN_AIM_MS = 15;
    private static final double HARDEST_AIM_MS = 150;

    private Benchmarks() {}

    public static void main(String[] arguments) throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(PlannerBenchmark.class.getSimpleName())
                        .build())
                .run();
        double baseline = median(results, "baseline");
        System.out.printf(
                "%n%d models with %d operations and %d tools, each proven:%n",
                PlannerBenchmark.MODELS, PlannerBenchmark.OPERATIONS, PlannerBenchmark.TOOLS);
        print("Planner, median", percentile(results, "provenOptimum", MEDIAN), MEDIAN_AIM_MS, baseline);
        print("Planner, hardest model", percentile(results, "provenOptimum", HARDEST), HARDEST_AIM_MS, baseline);
        print("Planner, longest of all", percentile(results, "provenOptimum", LONGEST), HARDEST_AIM_MS, baseline);
    }

    static double median(Collection<RunResult> results, String name) {
        return percentile(results, name, MEDIAN);
    }

    static void print(String what, double tookMs, double aimMs, double baselineMs) {
        System.out.printf(
                "%s: %.3g ms (aim: at most %.0f ms); %.2g × a digest of 1 MiB (%.2f ms)%n",
                what, tookMs, aimMs, tookMs / baselineMs, baselineMs);
    }

    private static double percentile(Collection<RunResult> results, String name, double rank) {
        return results.stream()
                .map(RunResult::getPrimaryResult)
                .filter(result -> result.getLabel().equals(name))
                .mapToDouble(result -> result.getStatistics().getPercentile(rank))
                .findFirst()
                .orElseThrow();
    }
}
