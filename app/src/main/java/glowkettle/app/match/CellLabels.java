package glowkettle.app.match;

import glowkettle.app.format.QrCode;
import glowkettle.finding.Figures;
import glowkettle.match.Screening;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A sheet of labels for cells, a hundred on A4: id as a code and as text, and what was measured. In millimetres. */
public record CellLabels(String title, List<One> labels) {
    static final int A_SHEET = 100;
    private static final int A_ROW = 10;
    private static final double WIDTH = 19;
    private static final double HEIGHT = 27;
    private static final double LEFT = 10;
    private static final double TOP = 13.5;
    private static final double FONT = 4;

    /** One label. */
    public record One(double x, double y, String id, List<String> figures, QrCode code) {
        /** So that it stays within its label. */
        public double fontMm() {
            return Math.min(FONT, (WIDTH - 2) / Math.max(1, id.length()) * 1.7);
        }
    }

    public CellLabels {
        labels = List.copyOf(labels);
    }

    static CellLabels of(long job, int sheet, List<Screening.Cell> cells) {
        List<Screening.Cell> on = cells.subList((sheet - 1) * A_SHEET, Math.min(cells.size(), sheet * A_SHEET));
        return new CellLabels(
                "Cells of job %s, sheet %s".formatted(job, sheet),
                IntStream.range(0, on.size()).mapToObj(i -> one(i, on.get(i))).toList());
    }

    private static One one(int place, Screening.Cell cell) {
        List<String> figures = cell.capacityMah() == null
                ? List.of("not measured")
                : Stream.of(
                                Figures.withUnit(cell.capacityMah(), "mAh"),
                                cell.resistanceMohm() == null ? null : Figures.withUnit(cell.resistanceMohm(), "mΩ"))
                        .filter(Objects::nonNull)
                        .toList();
        return new One(
                LEFT + place % A_ROW * WIDTH, TOP + place / A_ROW * HEIGHT, cell.id(), figures, QrCode.of(cell.id()));
    }
}
