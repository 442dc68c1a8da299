package glowkettle.match;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Weight;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** What is said of a layout, and its sums. */
final class LayoutWords {
    private LayoutWords() {}

    static List<Finding> findings(Layout layout, Layout.Request asked, ShopLimits limits) {
        List<Finding> findings = new ArrayList<>();
        if (Boolean.FALSE.equals(layout.outer().fits())) {
            findings.add(Finding.stop(
                    "layout-case",
                    "It does not fit its case: %s, the case is %s inside."
                            .formatted(
                                    layout.outer().words(),
                                    asked.box().sides().stream()
                                                    .map(Figures::of)
                                                    .collect(Collectors.joining(" × "))
                                            + " mm")));
        }
        if (layout.fittings().subPacks().size() > 1) {
            findings.add(new Finding(
                    "layout-sub-packs",
                    Weight.CARE,
                    Quantity.of(asked.series().multiply(asked.chargeLimitV()), "V"),
                    limits.applied(Limit.SHOCK_V),
                    "It can reach %s: built as sub-packs of %s groups, joined last, with rated gloves, a face shield and a second person."
                            .formatted(
                                    Figures.withUnit(asked.series().multiply(asked.chargeLimitV()), "V"),
                                    layout.fittings().subPacks().stream()
                                            .map(String::valueOf)
                                            .collect(Collectors.joining(", ")))));
        }
        return findings;
    }

    static Working working(Layout layout, Layout.Request asked, Lattice lattice, Measures measures, ShopLimits limits) {
        return Working.of(
                "%s · %s = %s, over %s: sub-packs"
                        .formatted(
                                asked.series(),
                                Figures.withUnit(asked.chargeLimitV(), "V"),
                                Figures.withUnit(asked.series().multiply(asked.chargeLimitV()), "V"),
                                limits.applied(Limit.SHOCK_V)),
                "%s rows × %s columns at a pitch of %s, wrapped by %s: %s"
                        .formatted(
                                lattice.rows(),
                                lattice.columns(),
                                Figures.withUnit(measures.pitchMm(), 2, "mm"),
                                Figures.withUnit(measures.wrapMm(), 1, "mm"),
                                layout.outer().words()),
                "%s strips, %s welds"
                        .formatted(
                                layout.strips().size(),
                                layout.strips().stream()
                                        .mapToInt(Layout.Strip::welds)
                                        .sum()));
    }
}
