package glowkettle.fit;

import glowkettle.cell.Body;
import glowkettle.cell.Calipered;
import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.library.Plug;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** What is printed on a pack and what calipers, scale and meter say of it. Null is what nobody could read. */
public record PackLabel(
        @Flat Printed printed,
        @Flat Calipered size,

        @Says("Mass") @Within(min = "0.1", max = "100000", unit = "g") @Nullable
        BigDecimal massG,

        @Says("Body") @Nullable Body body,

        @Says("Cells in the body") @Within(min = "1", max = "3000", whole = true) @Nullable
        BigDecimal cells,

        @Flat Inside inside,
        @Flat Connection connection) {
    /** A pack of which nothing is known but its body and whether its plug is the same. */
    public PackLabel(
            Printed printed,
            Calipered size,
            @Nullable BigDecimal massG,
            @Nullable Body body,
            @Nullable BigDecimal cells,
            @Nullable Boolean connectorMatches) {
        this(printed, size, massG, body, cells, Inside.UNKNOWN, new Connection(connectorMatches, null, Plug.UNKNOWN));
    }

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
            String lot,

            @Says(value = "Part code", longest = 60) @Nullable
            String partCode) {
        public Printed(
                BigDecimal nominalV,
                @Nullable BigDecimal chargeV,
                BigDecimal capacityMah,
                @Nullable BigDecimal energyWh,
                @Nullable String sizeCode,
                @Nullable String lot) {
            this(nominalV, chargeV, capacityMah, energyWh, sizeCode, lot, null);
        }
    }

    /** What lies in a case, where it can be told. */
    public record Inside(
            @Says("Cells inside are of size") Honesty.@Nullable RoundSize roundSize,

            @Says("Volume of one flat cell inside a case, where it is known")
            @Within(min = "0.05", max = "1000", unit = "mL")
            @Nullable
            BigDecimal cellVolumeMl) {
        public static final Inside UNKNOWN = new Inside(null, null);
    }

    /** How it joins its device. */
    public record Connection(
            @Says("Connector the same: positions, pitch, key side, lead length and order") @Nullable
            Boolean connectorMatches,

            @Says("Ears and screw holes the same") @Nullable Boolean mountingMatches,
            @Flat(prefix = "plug", words = "Plug") Plug plug) {}

    public @Nullable Boolean connectorMatches() {
        return connection.connectorMatches();
    }
}
