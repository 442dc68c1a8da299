package glowkettle.benchmarks;

import java.util.Collection;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Measures the search for leads, the heat of a joint and the ladder of a welder, each on one core. */
public final class JoinBenchmarks {
    private static final double LEADS_AIM_MS = 200;
    private static final double HEAT_AIM_MS = 50;
    private static final double LADDER_AIM_MS = 1;

    private JoinBenchmarks() {}

    public static void main(String[] arguments) throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(JoinBenchmark.class.getSimpleName())
                        .build())
                .run();
        double baseline = Benchmarks.median(results, "baseline");
        Benchmarks.print(
                "Six leads, 720 assignments and what to measure first",
                Benchmarks.median(results, "sixLeads"),
                LEADS_AIM_MS,
                baseline);
        Benchmarks.print(
                "Heat of a joint with its longest dwell and pause",
                Benchmarks.median(results, "jointHeat"),
                HEAT_AIM_MS,
                baseline);
        Benchmarks.print("Ladder of nine levels", Benchmarks.median(results, "weldLadder"), LADDER_AIM_MS, baseline);
    }
}
