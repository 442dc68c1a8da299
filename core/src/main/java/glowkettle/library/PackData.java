package glowkettle.library;

import glowkettle.cell.Body;
import glowkettle.cell.Box;
import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The pack a model takes: its label, its body, its bay, and what the calibration sums need. */
public record PackData(
        @Flat Ratings ratings,
        @Flat(words = "Nominal") Box size,
        @Flat(prefix = "bay", words = "Bay") Box bay,
        @Says(value = "Connector", longest = 80) String connector,
        @Flat InDevice inDevice,
        @Says("Body") Body body,

        @Says("Cells") @Within(min = "1", max = "3000", whole = true)
        BigDecimal cells,

        @Flat Marks marks) {
    /** What scale and print say of it. */
    public record Marks(
            @Says("Mass") @Within(min = "0.1", max = "100000", unit = "g") @Nullable
            BigDecimal massG,

            @Says(value = "Part codes, the maker's and the spare's", longest = 60) @Nullable
            List<String> partCodes) {
        public static final Marks NONE = new Marks(null, null);

        public Marks {
            partCodes = partCodes == null || partCodes.isEmpty() ? null : List.copyOf(partCodes);
        }
    }

    public @Nullable BigDecimal massG() {
        return marks.massG();
    }

    /** By which it is ordered and told; empty where nobody has read one. */
    public List<String> partCodes() {
        return marks.partCodes() == null ? List.of() : marks.partCodes();
    }
}
