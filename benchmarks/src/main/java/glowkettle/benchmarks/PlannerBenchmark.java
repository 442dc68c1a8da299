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
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Plans one generated model after the other; the baseline says how fast this machine is. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 4)
@Measurement(iterations = 5, time = 4)
@Fork(1)
public class PlannerBenchmark {
    static final int OPERATIONS = 60;
    static final int TOOLS = 9;
    static final int MODELS = 50;
    private static final int BASELINE_BYTES = 1 << 20;

    private final FreshLimits limits = new FreshLimits(ShopLimits.defaults());
    private long planned;

    private final byte[] text = new byte[BASELINE_BYTES];

    @Benchmark
    public TeardownPlan provenOptimum() {
        TeardownPlan plan = Teardown.plan(GeneratedModels.random(planned++ % MODELS, OPERATIONS, TOOLS), limits.next())
                .result();
        if (!plan.proven()) {
            throw new IllegalStateException("Model %s was not proven".formatted((planned - 1) % MODELS));
        }
        return plan;
    }

    /** A digest of one mebibyte. */
    @Benchmark
    public byte[] baseline() throws NoSuchAlgorithmException {
        return MessageDigest.getInstance("SHA-256").digest(text);
    }
}
