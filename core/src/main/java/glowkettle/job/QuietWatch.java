package glowkettle.job;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * Rounds of the watch that find a pack no warmer than an earlier round found it, and nothing to see. By the property that a
 * better reading never raises a tier they cannot tell of a worse one, so that weeks of them cost no more than their reading.
 */
final class QuietWatch {
    private @Nullable BigDecimal warmestC;
    private @Nullable BigDecimal warmestOverAirK;
    private @Nullable BigDecimal steepestK;

    /**
     * Asked of every reading in turn: any other one may be worse in company with a warmth that was harmless alone.
     *
     * @param old the readings of the old pack, with this one taken in
     */
    boolean tellsNothingNew(Told told, PackReadings old) {
        if (!(told instanceof Told.Watched watched) || watched.findsSomething()) {
            warmestC = null;
            warmestOverAirK = null;
            steepestK = null;
            return false;
        }
        BigDecimal overAirK = watched.surfaceC().subtract(watched.ambientC());
        boolean noWarmer = isWithin(watched.surfaceC(), warmestC) && isWithin(overAirK, warmestOverAirK);
        warmestC = larger(watched.surfaceC(), warmestC);
        warmestOverAirK = larger(overAirK, warmestOverAirK);
        if (noWarmer && isWithin(old.riseAtMostK(), steepestK)) {
            return true;
        }
        BigDecimal roseK = old.warmth().riseKIn5Min();
        boolean known = noWarmer && (roseK == null || isWithin(roseK, steepestK));
        steepestK = larger(roseK == null ? BigDecimal.ZERO : roseK, steepestK);
        return known;
    }

    private static boolean isWithin(BigDecimal figure, @Nullable BigDecimal most) {
        return most != null && figure.compareTo(most) <= 0;
    }

    private static BigDecimal larger(BigDecimal figure, @Nullable BigDecimal most) {
        return most == null ? figure : figure.max(most);
    }
}
