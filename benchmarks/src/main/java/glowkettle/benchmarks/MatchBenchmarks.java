package glowkettle.benchmarks;

import java.util.Collection;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Measures screening, matching and laying out a pack of cells, each on one core. */
public final class MatchBenchmarks {
    private static final double SCREENING_AIM_MS = 100;
    private static final double MATCH_AIM_MS = 1_000;
    private static final double LARGE_MATCH_AIM_MS = 10_000;
    private static final double LAYOUT_AIM_MS = 50;

    private MatchBenchmarks() {}

    public static void main(String[] arguments) throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(MatchBenchmark.class.getSimpleName())
                        .build())
                .run();
        double baseline = Benchmarks.median(results, "baseline");
        Benchmarks.print(
                "Two thousand cells screened", Benchmarks.median(results, "screening"), SCREENING_AIM_MS, baseline);
        Benchmarks.print("200 cells, 14s10p", Benchmarks.median(results, "twoHundred"), MATCH_AIM_MS, baseline);
        Benchmarks.print("30 cells, 10s3p, proven", Benchmarks.median(results, "thirty"), MATCH_AIM_MS, baseline);
        Benchmarks.print(
                "2 000 cells, 20s100p", Benchmarks.median(results, "twoThousand"), LARGE_MATCH_AIM_MS, baseline);
        Benchmarks.print("140 cells laid out", Benchmarks.median(results, "layout"), LAYOUT_AIM_MS, baseline);
    }
}
