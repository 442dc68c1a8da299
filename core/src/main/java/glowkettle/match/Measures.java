package glowkettle.match;

import glowkettle.finding.Figures;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** What everything of a pack is measured by: what was said, else what the shop takes. */
record Measures(double pitchMm, double cellMm, double wrapMm, double heightMm, double stripMm, ShopLimits limits) {
    static Measures of(Layout.Request asked, ShopLimits limits) {
        double cell = asked.cell().diameterMm().doubleValue();
        return new Measures(
                cell + said(asked.parts().gapMm(), Limit.CELL_GAP_MM, limits),
                cell,
                said(asked.parts().wrapMm(), Limit.PACK_WRAP_MM, limits),
                asked.cell().cellLengthMm().doubleValue() + 2 * limits.number(Limit.PACK_END_MM),
                said(asked.parts().stripWidthMm(), Limit.STRIP_WIDTH_MM, limits),
                limits);
    }

    private static double said(@Nullable BigDecimal said, Limit shop, ShopLimits limits) {
        return said == null ? limits.number(shop) : said.doubleValue();
    }

    Layout.Outer outer(Lattice lattice, Layout.Case box) {
        BigDecimal width = Figures.round(lattice.widthMm() + 2 * wrapMm, 1);
        BigDecimal length = Figures.round(lattice.lengthMm() + 2 * wrapMm, 1);
        BigDecimal height = Figures.round(heightMm, 1);
        return new Layout.Outer(
                width, length, height, box.isKnown() ? fits(List.of(width, length, height), box) : null);
    }

    /** Whichever side is up: the smallest side against the smallest, and so on. */
    private static boolean fits(List<BigDecimal> pack, Layout.Case box) {
        List<BigDecimal> sides = pack.stream().sorted().toList();
        return IntStream.range(0, sides.size())
                .allMatch(side -> sides.get(side).compareTo(box.sides().get(side)) <= 0);
    }

    int spots() {
        return limits.of(Limit.SPOTS_PER_CELL).intValue();
    }
}
