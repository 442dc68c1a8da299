package glowkettle.benchmarks;

import glowkettle.limits.ShopLimits;
import glowkettle.open.GeneratedModels;
import glowkettle.open.Teardown;
import glowkettle.open.TeardownPlan;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Plans one generated model; the baseline says how fast this machine is. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 3)
@Fork(1)
public class PlannerBenchmark {
    static final int OPERATIONS = 60;
    private static final int TOOLS = 5;
    private static final int BASELINE_BYTES = 1 << 20;

    @Param("0")
    public long seed;

    private final byte[] text = new byte[BASELINE_BYTES];

    static TeardownPlan plan(long seed) {
        return Teardown.plan(GeneratedModels.random(seed, OPERATIONS, TOOLS), ShopLimits.defaults())
                .result();
    }

    @Benchmark
    public TeardownPlan provenOptimum() {
        return plan(seed);
    }

    /** A digest of one mebibyte. */
    @Benchmark
    public byte[] baseline() throws NoSuchAlgorithmException {
        return MessageDigest.getInstance("SHA-256").digest(text);
    }
}
