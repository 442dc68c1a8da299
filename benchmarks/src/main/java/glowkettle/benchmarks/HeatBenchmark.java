package glowkettle.benchmarks;

import glowkettle.heat.Adhesive;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Layer;
import glowkettle.heat.Material;
import glowkettle.heat.Setting;
import glowkettle.heat.SettingSearch;
import glowkettle.heat.Stack;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Reckons the window of a glued front, and searches its settings; the baseline says how fast this machine is. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 3)
@Fork(1)
public class HeatBenchmark {
    private static final int BASELINE_BYTES = 1 << 20;
    /** Finer than the shop's five kelvin, so that more than a hundred settings are tried. */
    private final FreshLimits finer =
            new FreshLimits(ShopLimits.defaults().with(Limit.HEAT_STEP_K, BigDecimal.valueOf(4)));

    private final FreshLimits limits = new FreshLimits(ShopLimits.defaults());

    private final byte[] text = new byte[BASELINE_BYTES];
    private final HeatWindow.Request request = new HeatWindow.Request(
            new Stack(
                    Adhesive.SEAM_FOAM,
                    List.of(
                            layer(Material.GLASS, "0.7", null),
                            layer(Material.DISPLAY_STACK, "0.9", null),
                            layer(Material.ADHESIVE, "0.25", Layer.Part.BOND),
                            layer(Material.ALUMINIUM, "1.2", null)),
                    List.of(
                            layer(Material.GLASS, "0.7", null),
                            layer(Material.DISPLAY_STACK, "0.9", null),
                            layer(Material.AIR_GAP, "0.3", null),
                            layer(Material.ALUMINIUM, "0.5", null),
                            layer(Material.ADHESIVE, "0.2", null),
                            layer(Material.CELL, "4.2", Layer.Part.CELL),
                            layer(Material.ADHESIVE, "0.2", null),
                            layer(Material.GLASS, "0.8", null))),
            new Setting(Setting.Source.MAT, BigDecimal.valueOf(84), Setting.Face.BELOW, null),
            BigDecimal.valueOf(20),
            List.of(),
            null,
            null);

    private static Layer layer(Material material, String thicknessMm, Layer.@Nullable Part part) {
        return new Layer(material, new BigDecimal(thicknessMm), part);
    }

    /** Both columns, after-peak, latest lift-off and curve. */
    @Benchmark
    public HeatWindow window() {
        return HeatWindow.of(request, limits.next()).result();
    }

    @Benchmark
    public SettingSearch search() {
        return SettingSearch.of(request, finer.next()).result();
    }

    int settingsTried() {
        return search().tried();
    }

    /** A digest of one mebibyte. */
    @Benchmark
    public byte[] baseline() throws NoSuchAlgorithmException {
        return MessageDigest.getInstance("SHA-256").digest(text);
    }
}
