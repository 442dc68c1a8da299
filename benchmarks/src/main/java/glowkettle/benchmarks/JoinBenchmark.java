package glowkettle.benchmarks;

import glowkettle.join.JointHeat;
import glowkettle.join.LeadFinder;
import glowkettle.join.WeldLadder;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Six leads of which nothing is known yet, the most that can be asked; the heat of a joint; a welder proven at its last level.
 * The baseline says how fast this machine is.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 5, time = 3)
@Fork(1)
public class JoinBenchmark {
    private static final int BASELINE_BYTES = 1 << 20;

    private final ShopLimits limits = ShopLimits.defaults();
    private final byte[] text = new byte[BASELINE_BYTES];

    private final LeadFinder.Request unread = new LeadFinder.Request(
            Stream.of("A", "B", "C", "D", "E", "F")
                    .map(id -> new LeadFinder.NewLead(id, null))
                    .toList(),
            List.of(
                    LeadFinder.Role.PLUS,
                    LeadFinder.Role.MINUS,
                    LeadFinder.Role.TAP,
                    LeadFinder.Role.TAP,
                    LeadFinder.Role.THERMISTOR,
                    LeadFinder.Role.IDENTITY),
            new LeadFinder.Inside(BigDecimal.valueOf(3), new BigDecimal("4.2"), null, null, new BigDecimal("47000")),
            List.of(),
            null);

    @Benchmark
    public LeadFinder sixLeads() {
        return LeadFinder.find(unread, limits).result();
    }

    private final FreshLimits fresh = new FreshLimits(limits);

    private final JointHeat.Request tag = new JointHeat.Request(
            new BigDecimal("8"),
            new BigDecimal("5"),
            new BigDecimal("0.15"),
            new BigDecimal("6"),
            null,
            new BigDecimal("22"),
            null,
            null);

    /** Nine levels, five pulls each. */
    private final WeldLadder.Request ladder = new WeldLadder.Request(
            new BigDecimal("0.15"),
            BigDecimal.ONE,
            BigDecimal.valueOf(9),
            IntStream.rangeClosed(1, 9)
                    .mapToObj(level -> new WeldLadder.Trial(
                            BigDecimal.valueOf(level), Collections.nCopies(5, BigDecimal.valueOf(level * 3L)), false))
                    .toList(),
            null,
            null);

    @Benchmark
    public JointHeat jointHeat() {
        return JointHeat.of(tag, fresh.next()).result();
    }

    @Benchmark
    public WeldLadder weldLadder() {
        return WeldLadder.of(ladder, limits).result();
    }

    /** A digest of one mebibyte. */
    @Benchmark
    public byte[] baseline() throws NoSuchAlgorithmException {
        return MessageDigest.getInstance("SHA-256").digest(text);
    }
}
