package glowkettle.fit;

import glowkettle.cell.Body;
import glowkettle.cell.Calipered;
import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** What is printed on a pack and what calipers and scale say of it. Null is what nobody could read. */
public record PackLabel(
        @Flat Printed printed,
        @Flat Calipered size,

        @Says("Mass") @Within(min = "0.1", max = "100000", unit = "g") @Nullable
        BigDecimal massG,

        @Says("Body") @Nullable Body body,

        @Says("Cells in the body") @Within(min = "1", max = "3000", whole = true) @Nullable
        BigDecimal cells,

        @Says("Connector the same: positions, pitch, key side, lead length and order") @Nullable
        Boolean connectorMatches) {
    /** What its print says, true or not. */
    public record Printed(
            @Says("Nominal voltage") @Within(min = "1", max = "120", unit = "V")
            BigDecimal nominalV,

            @Says("Printed charge voltage") @Within(min = "1", max = "140", unit = "V") @Nullable
            BigDecimal chargeV,

            @Says("Capacity") @Within(min = "1", max = "1000000", unit = "mAh")
            BigDecimal capacityMah,

            @Says("Energy") @Within(min = "0.001", max = "100000", unit = "Wh") @Nullable
            BigDecimal energyWh,

            @Says(value = "Size code", longest = 20) @Nullable
            String sizeCode,

            @Says(value = "Lot or date code", longest = 80) @Nullable
            String lot) {}
}
