package glowkettle.open;

import glowkettle.finding.AppliedLimit;
import glowkettle.library.Fastener;
import glowkettle.limits.LimitTable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Hand torque of a fastener when the maker gives none: the row of its thread; none where nobody has read that. */
public final class Torque {
    private Torque() {}

    public static Optional<AppliedLimit> of(Fastener fastener, ShopLimits limits) {
        BigDecimal threadMm = fastener.make().threadMm();
        if (threadMm == null) {
            return Optional.empty();
        }
        int column = fastener.seat() == Fastener.Seat.PLASTIC ? 2 : 1;
        for (List<BigDecimal> row : limits.table(LimitTable.TORQUE).rows()) {
            if (row.getFirst().compareTo(threadMm) == 0) {
                return Optional.of(new AppliedLimit(
                        LimitTable.TORQUE.id(), row.get(column), "N·m", limits.sourceOf(LimitTable.TORQUE)));
            }
        }
        return Optional.empty();
    }
}
