package glowkettle.cell;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A box as far as somebody measured it; null is what nobody did. */
public record Calipered(
        @Says("Thickness") @Within(min = "0.3", max = "100", unit = "mm") @Nullable
        BigDecimal thicknessMm,

        @Says("Width") @Within(min = "1", max = "1000", unit = "mm") @Nullable
        BigDecimal widthMm,

        @Says("Length") @Within(min = "1", max = "1000", unit = "mm") @Nullable
        BigDecimal lengthMm) {
    public static Calipered of(Box box) {
        return new Calipered(box.thicknessMm(), box.widthMm(), box.lengthMm());
    }

    /** Empty while any of the three is not known. */
    public Optional<Box> box() {
        return thicknessMm == null || widthMm == null || lengthMm == null
                ? Optional.empty()
                : Optional.of(new Box(thicknessMm, widthMm, lengthMm));
    }
}
