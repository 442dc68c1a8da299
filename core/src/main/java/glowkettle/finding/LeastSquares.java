package glowkettle.finding;

import java.util.Arrays;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * The straight line through points by least squares, with Student's t on n − 2 degrees of freedom for its 95 % interval. Any
 * textbook.
 *
 * @param sumOfSquares of the distances from the mean along x; 0 where all points lie at one place, whose slope is 0
 * @param scatter t times the spread of the points about the line; 0 where two points leave nothing to judge it by
 */
public record LeastSquares(double meanX, double meanY, double slope, double sumOfSquares, double scatter) {
    private static final double NINETY_FIVE_TWO_SIDED = 0.975;

    public static LeastSquares through(double[] xs, double[] ys) {
        double meanX = Arrays.stream(xs).average().orElseThrow();
        double meanY = Arrays.stream(ys).average().orElseThrow();
        double squares = 0;
        double products = 0;
        for (int i = 0; i < xs.length; i++) {
            squares += (xs[i] - meanX) * (xs[i] - meanX);
            products += (xs[i] - meanX) * (ys[i] - meanY);
        }
        double slope = squares == 0 ? 0 : products / squares;
        double residuals = 0;
        for (int i = 0; i < xs.length; i++) {
            double off = ys[i] - meanY - slope * (xs[i] - meanX);
            residuals += off * off;
        }
        int freedom = xs.length - 2;
        double scatter = freedom < 1
                ? 0
                : TDistribution.of(freedom).inverseCumulativeProbability(NINETY_FIVE_TWO_SIDED)
                        * Math.sqrt(residuals / freedom);
        return new LeastSquares(meanX, meanY, slope, squares, scatter);
    }

    /** How far the slope may be off either way, at 95 %. */
    public double slopeMargin() {
        return sumOfSquares == 0 ? 0 : scatter / Math.sqrt(sumOfSquares);
    }
}
