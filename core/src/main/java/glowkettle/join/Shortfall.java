package glowkettle.join;

import glowkettle.finding.Figures;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;

/**
 * What is missing for splices that lie apart; 0 where nothing is.
 *
 * @param deviceMm of lead on the device
 * @param wayMm of path and slack
 * @param packMm of lead on the pack
 */
record Shortfall(BigDecimal deviceMm, BigDecimal wayMm, BigDecimal packMm) {
    static Shortfall of(Splices.Way way, List<Splices.Lengths> lengths) {
        int last = lengths.size() - 1;
        BigDecimal least = way.halfASleeve().add(way.offset(last));
        BigDecimal one = oneLengthMm(way, lengths);
        BigDecimal pack = BigDecimal.ZERO;
        for (int k = 0; k <= last; k++) {
            BigDecimal needed = way.whole().subtract(one).add(way.offset(k));
            pack = pack.max(needed.subtract(lengths.get(k).packMm()));
        }
        return new Shortfall(
                missing(least, shortestDeviceMm(lengths)),
                missing(least, way.whole().subtract(way.halfASleeve())),
                Figures.plain(pack));
    }

    /** The one length of all device sides: no lead is shorter, and half a sleeve stays on the pack's side. */
    static BigDecimal oneLengthMm(Splices.Way way, List<Splices.Lengths> lengths) {
        return shortestDeviceMm(lengths).min(way.whole().subtract(way.halfASleeve()));
    }

    static BigDecimal shortestDeviceMm(List<Splices.Lengths> lengths) {
        return lengths.stream()
                .map(Splices.Lengths::deviceMm)
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    private static BigDecimal missing(BigDecimal least, BigDecimal there) {
        return Figures.plain(least.subtract(there).max(BigDecimal.ZERO));
    }

    boolean isNothing() {
        return worstMm().signum() == 0;
    }

    BigDecimal worstMm() {
        return deviceMm.max(wayMm).max(packMm);
    }
}
