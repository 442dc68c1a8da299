package glowkettle.library;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** What the label and the calipers say of the pack that came out, and of the bay it lay in; for a model nobody knew. */
public record OldPack(
        @Says("Nominal voltage") @Within(min = "1", max = "120", unit = "V")
        BigDecimal nominalV,

        @Says("Charge limit per cell, from the label") @Within(min = "3.5", max = "4.6", unit = "V")
        BigDecimal chargeLimitV,

        @Says("Cells in series") @Within(min = "1", max = "30", whole = true)
        BigDecimal series,

        @Says("Capacity") @Within(min = "1", max = "1000000", unit = "mAh")
        BigDecimal capacityMah,

        @Says("Nominal thickness, from the label or the size code") @Within(min = "0.3", max = "100", unit = "mm")
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

        @Says(value = "Plug: pins, pitch, lug, side", longest = 80)
        String connector,

        @Says("Mass") @Within(min = "0.1", max = "100000", unit = "g") @Nullable
        BigDecimal massG) {
    /** The family's pack with everything this one is known by; what a label does not say stays the family's. */
    PackData in(PackData family) {
        return new PackData(
                nominalV,
                chargeLimitV,
                series,
                capacityMah,
                thicknessMm,
                widthMm,
                lengthMm,
                bayThicknessMm,
                bayWidthMm,
                bayLengthMm,
                connector,
                family.resistanceOhm(),
                family.chargeA(),
                family.lightUseW(),
                family.cutOffV(),
                family.shutDownPercent(),
                family.body(),
                series.max(family.cells()),
                massG);
    }
}
