package glowkettle.match;

import java.util.Comparator;

/** Which way a pack lies: what fits goes before what does not, then the most strips between groups, then the least room. */
final class LatticeChoice {
    private final Layout.Request asked;
    private final Measures measures;
    private final Lattice square;
    private final Lattice nested;

    LatticeChoice(Layout.Request asked, Measures measures) {
        this.asked = asked;
        this.measures = measures;
        this.square = best(false);
        this.nested = best(true);
    }

    Lattice square() {
        return square;
    }

    Lattice nested() {
        return nested;
    }

    Lattice chosen() {
        if (asked.arrangement() != null) {
            return switch (asked.arrangement()) {
                case SQUARE -> square;
                case NESTED -> nested;
            };
        }
        return order().compare(nested, square) < 0 ? nested : square;
    }

    private Lattice best(boolean rowsNested) {
        return Lattice.ways(
                        asked.series().intValue(),
                        asked.parallel().intValue(),
                        rowsNested,
                        measures.pitchMm(),
                        measures.cellMm())
                .min(order())
                .orElseThrow();
    }

    private Comparator<Lattice> order() {
        return Comparator.comparing((Lattice way) ->
                        Boolean.FALSE.equals(measures.outer(way, asked.box()).fits()))
                .thenComparing(way -> -way.narrowestJoint())
                .thenComparing(way -> way.widthMm() * way.lengthMm())
                .thenComparing(way -> Math.max(way.widthMm(), way.lengthMm()))
                .thenComparing(Lattice::columns, Comparator.reverseOrder());
    }
}
