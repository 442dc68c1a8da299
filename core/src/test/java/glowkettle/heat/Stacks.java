package glowkettle.heat;

import java.math.BigDecimal;
import java.util.List;

/** The stacks of the handbook's worked examples. */
final class Stacks {
    static final Stack FRONT_GLASS = new Stack(
            Adhesive.SEAM_FOAM,
            List.of(
                    layer(Material.GLASS, "0.7"),
                    layer(Material.DISPLAY_STACK, "0.9"),
                    layer(Material.ADHESIVE, "0.25", Layer.Part.BOND),
                    layer(Material.ALUMINIUM, "1.2")),
            List.of(
                    layer(Material.GLASS, "0.7"),
                    layer(Material.DISPLAY_STACK, "0.9"),
                    layer(Material.AIR_GAP, "0.3"),
                    layer(Material.ALUMINIUM, "0.5"),
                    layer(Material.ADHESIVE, "0.2"),
                    layer(Material.CELL, "4.2", Layer.Part.CELL),
                    layer(Material.ADHESIVE, "0.2"),
                    layer(Material.GLASS, "0.8")));

    static final Stack HANDHELD = handheld(List.of());

    static final Stack HANDHELD_WITH_DISPLAY =
            handheld(List.of(layer(Material.GLASS, "0.6"), layer(Material.DISPLAY_STACK, "0.8")));

    private Stacks() {}

    private static Stack handheld(List<Layer> below) {
        List<Layer> layers = new java.util.ArrayList<>(below);
        layers.add(layer(Material.MAGNESIUM, "1.0"));
        layers.add(layer(Material.ADHESIVE, "0.2", Layer.Part.BOND));
        layers.add(layer(Material.CELL, "5.0", Layer.Part.CELL));
        layers.add(layer(Material.PLASTIC, "0.1"));
        return new Stack(Adhesive.PACK_TAPE, List.of(), layers);
    }

    static Layer layer(Material material, String thicknessMm) {
        return new Layer(material, new BigDecimal(thicknessMm), null);
    }

    static Layer layer(Material material, String thicknessMm, Layer.Part part) {
        return new Layer(material, new BigDecimal(thicknessMm), part);
    }

    static HeatWindow.Request heated(
            Stack stack, Setting.Source source, String temperatureC, Setting.Face face, String ambientC) {
        return new HeatWindow.Request(
                stack,
                new Setting(source, new BigDecimal(temperatureC), face, null),
                new BigDecimal(ambientC),
                List.of(),
                null,
                null);
    }
}
