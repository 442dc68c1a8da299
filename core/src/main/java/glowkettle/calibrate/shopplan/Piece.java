package glowkettle.calibrate.shopplan;

/**
 * A step on the grid.
 *
 * @param length in slots
 * @param spareS kept free behind it, in seconds
 * @param place index of its kind of place; −1 where it holds none
 * @param slack slots that may pass between its end and the next start
 * @param startActions hands at its start
 * @param endsWithAction hands at its own end
 * @param waits it holds its place until the next step starts
 */
record Piece(
        StepKind kind,
        int length,
        long spareS,
        int place,
        int slack,
        int startActions,
        boolean endsWithAction,
        boolean waits) {
    /** So many that no plan has as many slots. */
    static final int UNBOUND = 1 << 29;

    boolean attended() {
        return kind == StepKind.ATTENDED;
    }

    boolean hands() {
        return kind == StepKind.HANDS;
    }

    boolean free() {
        return kind == StepKind.FREE;
    }
}
