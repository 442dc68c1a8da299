package glowkettle.cell;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** The size of a body as far as somebody measured it; null is what nobody did. */
public record Calipered(
        @Says("Thickness; the diameter of a round cell") @Within(min = "0.3", max = "200", unit = "mm") @Nullable
        BigDecimal thicknessMm,

        @Says("Width; not needed for a round cell") @Within(min = "1", max = "1000", unit = "mm") @Nullable
        BigDecimal widthMm,

        @Says("Length") @Within(min = "1", max = "1000", unit = "mm") @Nullable
        BigDecimal lengthMm) {}
