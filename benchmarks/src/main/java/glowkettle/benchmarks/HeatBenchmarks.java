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
        print("One window", Benchmarks.median(results, "window"), WINDOW_AIM_MS, baseline);
        print(
                "Search of " + new HeatBenchmark().settingsTried() + " settings",
                Benchmarks.median(results, "search"),
                SEARCH_AIM_MS,
                baseline);
    }

    private static void print(String what, double tookMs, double aimMs, double baselineMs) {
        System.out.printf(
                "%n%s, median: %.2f ms (aim: at most %.0f ms); %.1f × a digest of 1 MiB (%.2f ms)%n",
                what, tookMs, aimMs, tookMs / baselineMs, baselineMs);
    }
}
