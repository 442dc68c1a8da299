package glowkettle.benchmarks;

import java.util.Collection;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Measures the search for leads, on one core. */
public final class LeadFinderBenchmarks {
    private static final double AIM_MS = 200;

    private LeadFinderBenchmarks() {}

    public static void main(String[] arguments) throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(LeadFinderBenchmark.class.getSimpleName())
                        .build())
                .run();
        double baseline = Benchmarks.median(results, "baseline");
        double took = Benchmarks.median(results, "sixLeads");
        System.out.printf(
                "%nSix leads, 720 assignments and what to measure first, median: %.1f ms (aim: at most %.0f ms); "
                        + "%.1f × a digest of 1 MiB (%.2f ms)%n",
                took, AIM_MS, took / baseline, baseline);
    }
}
