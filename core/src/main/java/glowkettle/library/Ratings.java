package glowkettle.library;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;

/** What a pack is rated for, as its label says. */
public record Ratings(
        @Says("Nominal voltage") @Within(min = "1", max = "120", unit = "V")
        BigDecimal nominalV,

        @Says("Charge limit per cell") @Within(min = "3.5", max = "4.6", unit = "V")
        BigDecimal chargeLimitV,

        @Says("Cells in series") @Within(min = "1", max = "30", whole = true)
        BigDecimal series,

        @Says("Capacity") @Within(min = "1", max = "1000000", unit = "mAh")
        BigDecimal capacityMah) {
    public BigDecimal energyWh() {
        return nominalV.multiply(capacityMah).movePointLeft(3);
    }
}
