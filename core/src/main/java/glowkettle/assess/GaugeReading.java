package glowkettle.assess;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a pack's gauge says of itself. */
public record GaugeReading(
        @Says("Full charge capacity") @Within(min = "1", max = "1000000", unit = "mAh")
        BigDecimal fullChargeCapacityMah,

        @Says("Design capacity") @Within(min = "1", max = "1000000", unit = "mAh")
        BigDecimal designCapacityMah,

        @Says("Cycles") @Within(min = "0", max = "20000", whole = true) @Nullable
        BigDecimal cycles,

        @Says("Age of the pack") @Within(min = "0", max = "600", unit = "months") @Nullable
        BigDecimal ageMonths,

        @Says("Pack temperature") @Within(min = "-40", max = "200", unit = "°C") @Nullable
        BigDecimal temperatureC,

        @Says("Voltage of each cell") @Within(min = "0", max = "10", unit = "V")
        List<BigDecimal> cellV) {
    public GaugeReading {
        cellV = List.copyOf(cellV);
    }
}
