package glowkettle.benchmarks;

import java.util.Collection;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Measures a heat window and the search for its settings, each on one core. */
public final class HeatBenchmarks {
    private static final double WINDOW_AIM_MS = 5;
    private static final double SEARCH_AIM_MS = 300;

    private HeatBenchmarks() {}

    public static void main(String[] arguments) throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(HeatBenchmark.class.getSimpleName())
                        .build())
                .run();
        double baseline = Benchmarks.median(results, "baseline");
        Benchmarks.print("One window, median", Benchmarks.median(results, "window"), WINDOW_AIM_MS, baseline);
        Benchmarks.print(
                "Search of " + new HeatBenchmark().settingsTried() + " settings",
                Benchmarks.median(results, "search"),
                SEARCH_AIM_MS,
                baseline);
    }
}
