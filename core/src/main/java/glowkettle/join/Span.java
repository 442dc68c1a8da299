package glowkettle.join;

/** From the least to the most that something may be. */
record Span(double low, double high) {
    private static final double HAIR = 1e-9;

    static Span around(double value, double error) {
        return new Span(value - error, value + error);
    }

    boolean isEmpty() {
        return low > high + HAIR;
    }

    double middle() {
        return (low + high) / 2;
    }

    boolean holds(double value) {
        return meets(new Span(value, value));
    }

    boolean meets(Span other) {
        return !and(other).isEmpty();
    }

    Span and(Span other) {
        return new Span(Math.max(low, other.low), Math.min(high, other.high));
    }

    Span plus(Span other) {
        return new Span(low + other.low, high + other.high);
    }

    Span minus(Span other) {
        return new Span(low - other.high, high - other.low);
    }

    /** Either way by a share of the value and by so much more. */
    Span wider(double share, double more) {
        return new Span(low - Math.abs(low) * share - more, high + Math.abs(high) * share + more);
    }

    /** By a factor that is more than nothing and not known better than this. */
    Span times(Span factor) {
        return new Span(low * (low < 0 ? factor.high : factor.low), high * (high < 0 ? factor.low : factor.high));
    }

    /** What gives this when such a factor takes its share of it. */
    Span over(Span factor) {
        return times(new Span(1 / factor.high, 1 / factor.low));
    }
}
