package glowkettle.open;

import glowkettle.finding.Figures;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** The weights of the plan. Costs are summed as whole millionths of a minute, so that ties are exact. */
record PlanCosts(BigDecimal bitMinutes, BigDecimal flipMinutes, BigDecimal liveWeight) {
    private static final int DECIMALS = 6;

    static PlanCosts of(ShopLimits limits) {
        return new PlanCosts(
                limits.of(Limit.BIT_CHANGE_MINUTES), limits.of(Limit.FLIP_MINUTES), limits.of(Limit.LIVE_WEIGHT));
    }

    static long units(BigDecimal minutes) {
        return minutes.setScale(DECIMALS, RoundingMode.HALF_UP).unscaledValue().longValueExact();
    }

    static BigDecimal minutes(long units) {
        return Figures.plain(BigDecimal.valueOf(units, DECIMALS));
    }
}
