package glowkettle.job;

import java.math.BigDecimal;
import java.time.Instant;

/**
 * Heat that stayed on for too long, as it concerns the pack.
 *
 * @param from since when it was on
 * @param live it still is, or the cell is still warm by it
 * @param asked the moment for which the curve was asked
 * @param cellC how warm the cell is by then
 * @param peakC the warmest it got
 */
public record Overheat(Instant from, boolean live, Instant asked, BigDecimal cellC, BigDecimal peakC) {}
