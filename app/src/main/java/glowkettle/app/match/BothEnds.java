package glowkettle.app.match;

import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.match.Layout;
import glowkettle.match.Layout.End;
import java.math.BigDecimal;
import java.util.Objects;

/** A pack from both of its ends, nothing on it yet. */
public record BothEnds(LayoutDrawing top, LayoutDrawing bottom) {
    static BothEnds of(Layout.Request asked, Layout layout, ShopLimits limits) {
        BigDecimal strip = Objects.requireNonNullElse(asked.parts().stripWidthMm(), limits.of(Limit.STRIP_WIDTH_MM));
        return new BothEnds(
                LayoutDrawing.of(layout, End.TOP, strip.doubleValue(), LayoutDrawing.Under.NOTHING),
                LayoutDrawing.of(layout, End.BOTTOM, strip.doubleValue(), LayoutDrawing.Under.NOTHING));
    }
}
