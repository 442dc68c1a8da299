package glowkettle.library;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;

/** How a device charges its pack and draws from it; what the times of a calibration are reckoned from. */
public record InDevice(
        @Says("Resistance of the pack at 25 °C") @Within(min = "0.001", max = "10", unit = "Ω")
        BigDecimal resistanceOhm,

        @Says("Charge current") @Within(min = "0.01", max = "100", unit = "A")
        BigDecimal chargeA,

        @Says("Power at light use") @Within(min = "0.01", max = "1000", unit = "W")
        BigDecimal lightUseW,

        @Says("Cut-off per cell") @Within(min = "2", max = "3.9", unit = "V")
        BigDecimal cutOffV,

        @Says("Charge at which the device shuts down") @Within(min = "0", max = "50", unit = "%")
        BigDecimal shutDownPercent) {}
