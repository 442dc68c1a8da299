package glowkettle.app.library;

import glowkettle.finding.Figures;
import glowkettle.finding.Result;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Layer;
import glowkettle.heat.Setting;
import glowkettle.heat.SettingSearch;
import glowkettle.heat.Stack;
import glowkettle.job.Phrases;
import glowkettle.library.Bond;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What lies over each other at a bond, to scale, the face above uppermost, with the window that heat has there.
 *
 * @param path where the bond stands in its model
 * @param window what the first setting leaves, in words
 */
public record StackDrawing(Bond bond, String path, List<Column> columns, String window, int height) {
    private static final int ROW = 34;
    private static final int TOP = 26;
    private static final BigDecimal USUAL_AIR_C = BigDecimal.valueOf(21);
    private static final Setting ANY =
            new Setting(Setting.Source.MAT, BigDecimal.valueOf(60), Setting.Face.BELOW, null);

    /** One way through the device, named, and where its layers stand in the model. */
    public record Column(String words, String path, List<Drawn> layers) {}

    /**
     * A layer.
     *
     * @param y from where it is drawn
     * @param height to scale with every other of the bond
     * @param labelY where its words stand, in a row of their own
     */
    public record Drawn(String path, String y, String height, int labelY, String words, String manner) {
        /** From the layer to its words. */
        public String leader() {
            return "M62 %.1f L84 %s".formatted(Double.parseDouble(y) + Double.parseDouble(height) / 2, labelY);
        }
    }

    static List<StackDrawing> of(List<Bond> bonds, ShopLimits limits) {
        List<StackDrawing> drawings = new ArrayList<>();
        for (int i = 0; i < bonds.size(); i++) {
            drawings.add(of(bonds.get(i), "bonds[" + i + "]", limits));
        }
        return drawings;
    }

    private static StackDrawing of(Bond bond, String path, ShopLimits limits) {
        Stack stack = bond.layers().stack();
        int rows = Math.max(1, Math.max(stack.rim().size(), stack.cell().size()));
        double thickestMm = Stream.of(stack.rim(), stack.cell())
                .mapToDouble(StackDrawing::thicknessMm)
                .max()
                .orElse(1);
        double perMm = rows * ROW / Math.max(thickestMm, 0.01);
        List<Column> columns = new ArrayList<>();
        if (!stack.rim().isEmpty()) {
            columns.add(column("through the rim", path + ".stack.rim", stack.rim(), perMm));
        }
        columns.add(column("through the pack", path + ".stack.cell", stack.cell(), perMm));
        return new StackDrawing(bond, path, columns, window(stack, limits), rows * ROW + 2 * TOP);
    }

    private static double thicknessMm(List<Layer> layers) {
        return layers.stream()
                .mapToDouble(layer -> layer.thicknessMm().doubleValue())
                .sum();
    }

    private static Column column(String words, String path, List<Layer> layers, double perMm) {
        List<Drawn> drawn = new ArrayList<>();
        double y = TOP;
        for (int i = layers.size() - 1; i >= 0; i--) {
            Layer layer = layers.get(i);
            double height = layer.thicknessMm().doubleValue() * perMm;
            drawn.add(new Drawn(
                    path + "[" + i + "]",
                    "%.1f".formatted(y),
                    "%.1f".formatted(height),
                    TOP + drawn.size() * ROW + ROW / 2,
                    Figures.withUnit(layer.thicknessMm(), "mm") + " "
                            + layer.material().words()
                            + part(layer),
                    layer.part() == null
                            ? Phrases.lower(layer.material()).replace(' ', '-')
                            : Phrases.lower(layer.part())));
            y += height;
        }
        return new Column(words, path, drawn);
    }

    /** What it is to the work, where its material does not say it. */
    private static String part(Layer layer) {
        Layer.Part part = layer.part();
        return part == null || Phrases.lower(part).equals(layer.material().words()) ? "" : ", " + Phrases.lower(part);
    }

    private static String window(Stack stack, ShopLimits limits) {
        if (stack.adhesive().worksFrom() == null) {
            return "Stretch strips: no heat.";
        }
        if (stack.fault().isPresent()) {
            return stack.fault().get() + ".";
        }
        Result<SettingSearch> search =
                SettingSearch.of(new HeatWindow.Request(stack, ANY, USUAL_AIR_C, List.of(), null, null), limits);
        return search.result().offers().stream()
                .findFirst()
                .map(offer -> "Heat: %s on the face %s, ready after %s, off by %s at the latest."
                        .formatted(
                                offer.setting().words(),
                                Phrases.lower(offer.setting().face()),
                                Figures.withUnit(offer.bondReadyS(), "s"),
                                Figures.withUnit(offer.latestLiftOffS(), "s")))
                .orElseGet(() -> search.findings().getFirst().sentence());
    }
}
