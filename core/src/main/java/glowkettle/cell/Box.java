package glowkettle.cell;

import glowkettle.finding.Figures;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;

/** What fits around a pack, or what it fits into. */
public record Box(
        @Says("Thickness") @Within(min = "0.3", max = "100", unit = "mm")
        BigDecimal thicknessMm,

        @Says("Width") @Within(min = "1", max = "1000", unit = "mm")
        BigDecimal widthMm,

        @Says("Length") @Within(min = "1", max = "1000", unit = "mm")
        BigDecimal lengthMm) {
    public String words() {
        return "%s × %s × %s".formatted(thicknessMm, widthMm, Figures.withUnit(lengthMm, "mm"));
    }
}
