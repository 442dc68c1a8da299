package glowkettle.heat;

import java.util.Arrays;
import java.util.function.Predicate;

/**
 * What comes after the heat is taken away from a column: its layers keep warming for a while from what lies nearer to the
 * heated face. Later ends leave warmer columns, so the latest safe one is found by trying ends.
 */
final class LiftOff {
    /** Steps, and seconds, through which every limited layer must fall until its peak counts as passed. */
    private static final int FALLING_STEPS = 4;

    static final double FALLING_S = 10;
    private static final double LONGEST_S = 3600;
    private static final double LONGEST_COOLING_S = 36_000;
    private static final double TO_S = 0.02;
    private static final double TO_K = 0.002;
    private static final int MOST_TRIES = 40;

    private final Column column;
    private final ColumnHistory heating;
    private final ColumnHistory.Faces away;
    private final double toleranceK;

    LiftOff(Column column, ColumnHistory heating, ColumnHistory.Faces away, double toleranceK) {
        this.column = column;
        this.heating = heating;
        this.away = away;
        this.toleranceK = toleranceK;
    }

    /**
     * The latest end of the heating after which no layer gets warmer than it bears; zero when even an immediate end does.
     * Found between two ends by the Illinois rule, and taken on the safe side.
     */
    double latest(double noLaterThanS) {
        double bad = noLaterThanS;
        double badK = excessK(bad);
        if (badK <= 0) {
            return bad;
        }
        double good = 0;
        double goodK = excessK(good);
        if (goodK > 0) {
            return 0;
        }
        double weightGood = goodK;
        double weightBad = badK;
        for (int i = 0; i < MOST_TRIES && bad - good > TO_S && goodK < -TO_K; i++) {
            double middle = (good * weightBad - bad * weightGood) / (weightBad - weightGood);
            double middleK = excessK(middle);
            if (middleK <= 0) {
                good = middle;
                goodK = middleK;
                weightGood = middleK;
                weightBad /= 2;
            } else {
                bad = middle;
                weightBad = middleK;
                weightGood /= 2;
            }
        }
        return good;
    }

    /** By how much the layer that comes nearest to what it bears goes over it, or stays under it. */
    private double excessK(double endS) {
        Peaks peaks = new Peaks();
        after(endS).walk(LONGEST_S, peaks);
        return peaks.excessK;
    }

    /** The column after an end, until every layer has passed its peak. */
    ColumnHistory pastPeaks(double endS) {
        return after(endS).walk(LONGEST_S, new Peaks());
    }

    /** The column after an end, until its bond has cooled; one that was not ready yet is given its time to get ready. */
    ColumnHistory untilCold(double endS, double worksFromC, double holdC, boolean wasReady) {
        double[] warmest = {Double.NEGATIVE_INFINITY};
        return after(endS).walk(LONGEST_COOLING_S, instant -> {
            double here = instant.coldestBondC();
            boolean falling = here < warmest[0];
            warmest[0] = Math.max(warmest[0], here);
            boolean passed = wasReady || warmest[0] >= worksFromC || falling && instant.sinceS() >= FALLING_S;
            return passed && here < holdC;
        });
    }

    /** The column through so long after an end. */
    ColumnHistory through(double endS, double forS) {
        return after(endS).walk(forS, instant -> false);
    }

    /** The column from an end on. */
    ColumnHistory after(double endS) {
        return new ColumnHistory(column, away, heating.at(endS), toleranceK);
    }

    private final class Peaks implements Predicate<Column.Instant> {
        private final double[] last;
        private double excessK = Double.NEGATIVE_INFINITY;
        private int fallingFor;

        Peaks() {
            last = new double[column.limited().size()];
            Arrays.fill(last, Double.NEGATIVE_INFINITY);
        }

        @Override
        public boolean test(Column.Instant instant) {
            boolean falling = true;
            for (int k = 0; k < last.length; k++) {
                Column.Limited limited = column.limited().get(k);
                double here = instant.hottestC(limited.layer());
                excessK = Math.max(excessK, here - limited.mostC());
                falling &= here <= last[k];
                last[k] = here;
            }
            fallingFor = falling ? fallingFor + 1 : 0;
            return fallingFor >= FALLING_STEPS && instant.sinceS() >= FALLING_S;
        }
    }
}
