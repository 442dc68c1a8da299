package glowkettle.heat;

import glowkettle.finding.Worded;
import glowkettle.limits.LimitTable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;

/** What a layer is made of. Its figures stand in the table of layers, in the row with its number. */
public enum Material implements Worded {
    GLASS("glass"),
    DISPLAY_STACK("display"),
    ADHESIVE("adhesive"),
    AIR_GAP("air gap"),
    GRAPHITE_PAD("graphite pad"),
    CELL("cell"),
    PLASTIC("plastic shell"),
    ALUMINIUM("aluminium"),
    MAGNESIUM("magnesium"),
    COPPER_FOIL("copper foil");

    private final String words;

    Material(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }

    /** Conductivity in W/mK and heat of a cubic metre in J/m³K. */
    record Figures(double conductivityWmK, double heatJm3K) {}

    Figures figures(ShopLimits limits) {
        List<BigDecimal> row = limits.table(LimitTable.LAYERS).rows().get(ordinal());
        return new Figures(
                row.get(1).doubleValue(), row.get(2).doubleValue() * row.get(3).doubleValue());
    }
}
