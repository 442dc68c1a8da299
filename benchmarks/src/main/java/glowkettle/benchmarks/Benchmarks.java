package glowkettle.benchmarks;

import glowkettle.open.TeardownPlan;
import java.util.Collection;
import java.util.Comparator;
import java.util.stream.LongStream;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Finds the hardest of the generated models, then measures it. */
public final class Benchmarks {
    private static final int MODELS = 50;
    private static final double MEDIAN = 50;
    private static final double AIM_MS = 50;

    private Benchmarks() {}

    public static void main(String[] arguments) throws RunnerException {
        long hardest = LongStream.range(0, MODELS)
                .boxed()
                .max(Comparator.comparingLong(
                        seed -> PlannerBenchmark.plan(seed).statesLookedAt()))
                .orElseThrow();
        TeardownPlan plan = PlannerBenchmark.plan(hardest);
        System.out.printf(
                "The hardest of %d models with %d operations is number %d: %d states looked at, %s.%n",
                MODELS,
                PlannerBenchmark.OPERATIONS,
                hardest,
                plan.statesLookedAt(),
                plan.proven() ? "optimum proven" : "optimum NOT proven");
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(PlannerBenchmark.class.getSimpleName())
                        .param("seed", String.valueOf(hardest))
                        .build())
                .run();
        double planner = median(results, "provenOptimum");
        double baseline = median(results, "baseline");
        System.out.printf(
                "%nPlanner, median: %.2f ms (aim: at most %.0f ms); %.1f × a digest of 1 MiB (%.2f ms)%n",
                planner, AIM_MS, planner / baseline, baseline);
    }

    static double median(Collection<RunResult> results, String name) {
        return results.stream()
                .map(RunResult::getPrimaryResult)
                .filter(result -> result.getLabel().equals(name))
                .mapToDouble(result -> result.getStatistics().getPercentile(MEDIAN))
                .findFirst()
                .orElseThrow();
    }
}
