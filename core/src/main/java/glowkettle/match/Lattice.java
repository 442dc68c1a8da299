package glowkettle.match;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Where cells lie: each group a block of so many rows and columns, the blocks one after the other in a snake, so that groups that
 * follow each other in series lie side by side. Rows that are nested lie half a pitch aside and closer together.
 *
 * @param across blocks side by side
 */
record Lattice(int series, int blockRows, int blockColumns, int across, boolean nested, double pitchMm, double cellMm) {
    private static final double NESTED_ROW = Math.sqrt(3) / 2;

    /** Every way to lay so many groups of so many cells. */
    static Stream<Lattice> ways(int series, int parallel, boolean nested, double pitchMm, double cellMm) {
        return IntStream.rangeClosed(1, parallel)
                .filter(rows -> parallel % rows == 0)
                .boxed()
                .flatMap(rows -> IntStream.rangeClosed(1, series)
                        .mapToObj(
                                across -> new Lattice(series, rows, parallel / rows, across, nested, pitchMm, cellMm)));
    }

    int parallel() {
        return blockRows * blockColumns;
    }

    int rows() {
        return blockRows * Math.ceilDiv(series, across);
    }

    int columns() {
        return blockColumns * across;
    }

    double widthMm() {
        return (columns() - 1) * pitchMm + cellMm + (isShifted() ? pitchMm / 2 : 0);
    }

    private boolean isShifted() {
        return nested && rows() > 1;
    }

    double lengthMm() {
        return (rows() - 1) * rowMm() + cellMm;
    }

    private double rowMm() {
        return nested ? pitchMm * NESTED_ROW : pitchMm;
    }

    /** Strips side by side from group to group, where they are fewest. */
    int narrowestJoint() {
        return IntStream.range(1, series)
                .map(group -> isBeside(group) ? blockRows : blockColumns)
                .min()
                .orElse(parallel());
    }

    /** The next group lies beside this one, not beneath it. */
    boolean isBeside(int group) {
        return (group - 1) / across == group / across;
    }

    private int blockRow(int group) {
        return (group - 1) / across;
    }

    private int blockColumn(int group) {
        int along = (group - 1) % across;
        return blockRow(group) % 2 == 0 ? along : across - 1 - along;
    }

    /** A spot by row and column. */
    record Spot(int row, int column) {}

    /** Spots of a group, row by row from the left. */
    List<Spot> spots(int group) {
        List<Spot> spots = new ArrayList<>();
        for (int row = 0; row < blockRows; row++) {
            for (int column = 0; column < blockColumns; column++) {
                spots.add(new Spot(blockRow(group) * blockRows + row, blockColumn(group) * blockColumns + column));
            }
        }
        return spots;
    }

    double xMm(Spot spot) {
        double shift = nested && spot.row() % 2 == 1 ? pitchMm / 2 : 0;
        return cellMm / 2 + spot.column() * pitchMm + shift;
    }

    double yMm(Spot spot) {
        return cellMm / 2 + spot.row() * rowMm();
    }
}
