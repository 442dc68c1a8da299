package glowkettle.library;

import glowkettle.cell.Box;
import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the label and the calipers say of the pack that came out, and of the bay it lay in; for a model nobody knew. */
public record OldPack(
        @Flat Ratings ratings,
        @Flat(words = "Nominal") Box size,
        @Flat(prefix = "bay", words = "Bay") Box bay,

        @Says(value = "Plug: pins, pitch, lug, side", longest = 80)
        String connector,

        @Says("Mass") @Within(min = "0.1", max = "100000", unit = "g") @Nullable
        BigDecimal massG,

        @Says(value = "Part code", longest = 60) @Nullable String partCode) {
    public OldPack(Ratings ratings, Box size, Box bay, String connector, @Nullable BigDecimal massG) {
        this(ratings, size, bay, connector, massG, null);
    }

    /** The family's pack with everything this one is known by; what a label does not say stays the family's. */
    PackData in(PackData family) {
        return new PackData(
                ratings,
                size,
                bay,
                connector,
                family.inDevice(),
                family.body(),
                ratings.series().max(family.cells()),
                new PackData.Marks(massG, partCode == null ? null : List.of(partCode)));
    }
}
