package glowkettle.library;

import glowkettle.cell.Body;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** The pack a model takes: its label, its body, its bay, and what the calibration sums need. */
public record PackData(
        @Says("Nominal voltage") @Within(min = "1", max = "120", unit = "V")
        BigDecimal nominalV,

        @Says("Charge limit per cell the device charges to") @Within(min = "3.5", max = "4.6", unit = "V")
        BigDecimal chargeLimitV,

        @Says("Cells in series") @Within(min = "1", max = "30", whole = true)
        BigDecimal series,

        @Says("Capacity") @Within(min = "1", max = "1000000", unit = "mAh")
        BigDecimal capacityMah,

        @Says("Thickness") @Within(min = "0.3", max = "100", unit = "mm")
        BigDecimal thicknessMm,

        @Says("Width") @Within(min = "1", max = "1000", unit = "mm")
        BigDecimal widthMm,

        @Says("Length") @Within(min = "1", max = "1000", unit = "mm")
        BigDecimal lengthMm,

        @Says("Bay depth") @Within(min = "0.3", max = "100", unit = "mm")
        BigDecimal bayThicknessMm,

        @Says("Bay width") @Within(min = "1", max = "1000", unit = "mm")
        BigDecimal bayWidthMm,

        @Says("Bay length") @Within(min = "1", max = "1000", unit = "mm")
        BigDecimal bayLengthMm,

        @Says(value = "Connector", longest = 80) String connector,

        @Says("Resistance of the pack at 25 °C") @Within(min = "0.001", max = "10", unit = "Ω")
        BigDecimal resistanceOhm,

        @Says("Charge current") @Within(min = "0.01", max = "100", unit = "A")
        BigDecimal chargeA,

        @Says("Power at light use") @Within(min = "0.01", max = "1000", unit = "W")
        BigDecimal lightUseW,

        @Says("Cut-off per cell") @Within(min = "2", max = "3.9", unit = "V")
        BigDecimal cutOffV,

        @Says("Charge at which the device shuts down") @Within(min = "0", max = "50", unit = "%")
        BigDecimal shutDownPercent,

        @Says("Body") Body body,

        @Says("Cells") @Within(min = "1", max = "3000", whole = true)
        BigDecimal cells,

        @Says("Mass") @Within(min = "0.1", max = "100000", unit = "g") @Nullable
        BigDecimal massG) {
    public BigDecimal energyWh() {
        return nominalV.multiply(capacityMah).movePointLeft(3);
    }
}
