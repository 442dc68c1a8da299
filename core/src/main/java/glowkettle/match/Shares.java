package glowkettle.match;

import glowkettle.finding.Worded;
import java.util.List;

/**
 * How the current of a group divides among its cells, which lie in a row between two strips: Kirchhoff's laws on a ladder of
 * cells and pieces of strip, all cells at the same voltage. What flows beyond each cell solves a tridiagonal system (Thomas).
 */
public final class Shares {
    private Shares() {}

    /** Where the current comes in and goes out. */
    public enum Feed implements Worded {
        EACH("at each cell, by a strip of its own"),
        ONE_END("both at the same end"),
        OPPOSITE_ENDS("at opposite ends");

        private final String words;

        Feed(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /**
     * Shares that add up to one, in the order of the cells.
     *
     * @param cellMohm each above zero
     * @param pieceMohm of strip between two neighbours, on each side; zero where a plate joins them
     */
    static double[] of(List<Double> cellMohm, double pieceMohm, Feed feed) {
        return ladder(cellMohm, feed == Feed.EACH ? 0 : pieceMohm, feed);
    }

    private static double[] ladder(List<Double> cellMohm, double pieceMohm, Feed feed) {
        int last = cellMohm.size() - 1;
        // Beyond cell i flows b(i): −R(i)·b(i−1) + (R(i) + R(i+1) + 2r)·b(i) − R(i+1)·b(i+1) = r at opposite ends, else
        // 0.
        double right = feed == Feed.OPPOSITE_ENDS ? pieceMohm : 0;
        double[] factor = new double[last];
        double[] known = new double[last];
        for (int i = 0; i < last; i++) {
            double near = cellMohm.get(i);
            double far = cellMohm.get(i + 1);
            double pivot = near + far + 2 * pieceMohm - (i == 0 ? 0 : near * factor[i - 1]);
            factor[i] = far / pivot;
            known[i] = (right + near * (i == 0 ? 1 : known[i - 1])) / pivot;
        }
        double[] shares = new double[last + 1];
        double beyond = 0;
        for (int i = last - 1; i >= 0; i--) {
            double here = known[i] + factor[i] * beyond;
            shares[i + 1] = here - beyond;
            beyond = here;
        }
        shares[0] = 1 - beyond;
        return shares;
    }

    /** What the group resists: what its nearest cell loses, and the strip on the way to the other terminal. */
    static double mohm(List<Double> cellMohm, double[] shares, double pieceMohm, Feed feed) {
        double lost = cellMohm.getFirst() * shares[0];
        double before = 0;
        for (int i = 0; feed == Feed.OPPOSITE_ENDS && i < shares.length - 1; i++) {
            before += shares[i];
            lost += pieceMohm * before;
        }
        return lost;
    }
}
