package glowkettle.fit;

import glowkettle.cell.Body;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** What is printed on a pack and what calipers and scale say of it. Null is what nobody could read. */
public record PackLabel(
        @Says("Nominal voltage") @Within(min = "1", max = "120", unit = "V")
        BigDecimal nominalV,

        @Says("Printed charge voltage") @Within(min = "1", max = "140", unit = "V") @Nullable
        BigDecimal chargeV,

        @Says("Capacity") @Within(min = "1", max = "1000000", unit = "mAh")
        BigDecimal capacityMah,

        @Says("Energy") @Within(min = "0.001", max = "100000", unit = "Wh") @Nullable
        BigDecimal energyWh,

        @Says("Thickness") @Within(min = "0.3", max = "100", unit = "mm") @Nullable
        BigDecimal thicknessMm,

        @Says("Width") @Within(min = "1", max = "1000", unit = "mm") @Nullable
        BigDecimal widthMm,

        @Says("Length") @Within(min = "1", max = "1000", unit = "mm") @Nullable
        BigDecimal lengthMm,

        @Says("Mass") @Within(min = "0.1", max = "100000", unit = "g") @Nullable
        BigDecimal massG,

        @Says("Body") @Nullable Body body,

        @Says("Cells in the body") @Within(min = "1", max = "3000", whole = true) @Nullable
        BigDecimal cells,

        @Says(value = "Size code", longest = 20) @Nullable String sizeCode,

        @Says("Connector the same: positions, pitch, key side, lead length and order") @Nullable
        Boolean connectorMatches,

        @Says(value = "Lot or date code", longest = 80) @Nullable
        String lot) {}
