package glowkettle.assess;

import glowkettle.finding.Unanswerable;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;

/** Figures that no pack has are asked for again, with both that contradict each other. Source: handbook, README. */
final class Believable {
    private Believable() {}

    static void capacity(BigDecimal measured, BigDecimal design, String field, ShopLimits limits) {
        BigDecimal most =
                design.multiply(limits.of(Limit.CAPACITY_MOST_PERCENT)).movePointLeft(2);
        if (measured.compareTo(most) > 0) {
            throw new Unanswerable(
                    field,
                    "%s measured and %s by design cannot both be true: no pack holds over %s of what it was made for; read both again"
                            .formatted(
                                    measured.toPlainString(),
                                    design.toPlainString(),
                                    limits.applied(Limit.CAPACITY_MOST_PERCENT)));
        }
    }

    static void cells(List<BigDecimal> cellV, String field, ShopLimits limits) {
        for (BigDecimal volts : cellV) {
            if (volts.compareTo(limits.of(Limit.CELL_MOST_V)) > 0) {
                throw new Unanswerable(
                        field,
                        "%s V is more than a cell holds; accepted is up to %s"
                                .formatted(volts, limits.applied(Limit.CELL_MOST_V)));
            }
        }
    }
}
