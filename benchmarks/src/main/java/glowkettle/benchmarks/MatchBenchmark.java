package glowkettle.benchmarks;

import glowkettle.limits.ShopLimits;
import glowkettle.match.CellSize;
import glowkettle.match.Grouping;
import glowkettle.match.Layout;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
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
 * Two thousand cells screened, two hundred and two thousand matched, thirty proven, and a pack of a hundred and forty laid out. The
 * baseline says how fast this machine is.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 4, time = 4)
@Fork(1)
public class MatchBenchmark {
    private static final int BASELINE_BYTES = 1 << 20;

    private final ShopLimits limits = ShopLimits.defaults();
    private final byte[] text = new byte[BASELINE_BYTES];
    private final Grouping.Request twoHundred = matched(200, 14, 10);
    private final Grouping.Request twoThousand = matched(2_000, 20, 100);
    private final Grouping.Request thirty = matched(30, 10, 3);
    private final Screening.Request box = new Screening.Request(
            cells(2_000).stream()
                    .map(cell -> new Screening.Cell(
                            cell.id(),
                            "L4",
                            cell.capacityMah(),
                            cell.resistanceMohm(),
                            new BigDecimal("3.6"),
                            BigDecimal.ONE,
                            new Screening.Seen(null, null, null, null, null, null),
                            new Screening.Made(null, null)))
                    .toList(),
            BigDecimal.valueOf(2_600),
            null);
    private final Layout.Request pack = new Layout.Request(
            BigDecimal.valueOf(14),
            BigDecimal.TEN,
            new CellSize(BigDecimal.valueOf(18), BigDecimal.valueOf(65)),
            new BigDecimal("4.2"),
            null,
            new Layout.Parts(null, null, null),
            new Layout.Case(null, null, null),
            null);

    private static List<Grouping.Cell> cells(int count) {
        Random chance = new Random(3);
        return IntStream.range(0, count)
                .mapToObj(i -> new Grouping.Cell(
                        "C%04d".formatted(i),
                        BigDecimal.valueOf(2_450L + chance.nextInt(200)),
                        BigDecimal.valueOf(260L + chance.nextInt(100), 1)))
                .toList();
    }

    private static Grouping.Request matched(int count, int series, int parallel) {
        return new Grouping.Request(cells(count), BigDecimal.valueOf(series), BigDecimal.valueOf(parallel));
    }

    @Benchmark
    public Screening screening() {
        return Screening.of(box, limits).result();
    }

    @Benchmark
    public Grouping twoHundred() {
        return Grouping.of(twoHundred, limits).result();
    }

    @Benchmark
    public Grouping twoThousand() {
        return Grouping.of(twoThousand, limits).result();
    }

    @Benchmark
    public Grouping thirty() {
        return Grouping.of(thirty, limits).result();
    }

    @Benchmark
    public Layout layout() {
        return Layout.of(pack, limits).result();
    }

    /** A digest of one mebibyte. */
    @Benchmark
    public byte[] baseline() throws NoSuchAlgorithmException {
        return MessageDigest.getInstance("SHA-256").digest(text);
    }
}
