package glowkettle.app.match;

import glowkettle.match.Layout;
import java.util.ArrayList;
import java.util.List;

/**
 * A jig in millimetres, one to one, cut into sheets that a printer takes: holes with their centres, crosses where sheets meet, and a
 * ruler to measure the print by.
 */
public record Jig(String title, double widthMm, double heightMm, List<Hole> holes, List<Cross> crosses) {
    private static final double WIDTH = 210;
    private static final double HEIGHT = 297;
    private static final double MARGIN = 12;
    private static final double TOP = 14;
    private static final double BOTTOM = 20;
    /** Around the outermost holes. */
    private static final double RIM = 5;

    /** A hole, seen from the top. */
    public record Hole(double x, double y, double r, String words) {}

    /** Where a sheet ends; the next one begins there. */
    public record Cross(double x, double y) {}

    public Jig {
        holes = List.copyOf(holes);
        crosses = List.copyOf(crosses);
    }

    private static double across() {
        return WIDTH - 2 * MARGIN;
    }

    private static double along() {
        return HEIGHT - TOP - BOTTOM;
    }

    private static double width(Layout layout) {
        return layout.places().stream()
                        .mapToDouble(place -> place.xMm().doubleValue())
                        .max()
                        .orElse(0)
                + layout.fittings().holeMm().doubleValue() / 2
                + 2 * RIM;
    }

    private static double height(Layout layout) {
        return layout.places().stream()
                        .mapToDouble(place -> place.yMm().doubleValue())
                        .max()
                        .orElse(0)
                + layout.fittings().holeMm().doubleValue() / 2
                + 2 * RIM;
    }

    private static int columns(Layout layout) {
        return (int) Math.ceil(width(layout) / across());
    }

    /** How many sheets of A4 it takes. */
    static int sheets(Layout layout) {
        return columns(layout) * (int) Math.ceil(height(layout) / along());
    }

    /** @param sheet from 1, row by row */
    static Jig of(long job, Layout layout, int sheet) {
        int column = (sheet - 1) % columns(layout);
        int row = (sheet - 1) / columns(layout);
        double left = MARGIN + RIM - column * across();
        double top = TOP + RIM - row * along();
        double radius = layout.fittings().holeMm().doubleValue() / 2;
        List<Hole> holes = layout.places().stream()
                .map(place -> new Hole(
                        tenths(left + place.xMm().doubleValue()),
                        tenths(top + place.yMm().doubleValue()),
                        radius,
                        place.group() + (place.plusUp() ? " +" : " −")))
                .filter(hole -> hole.x() > MARGIN - radius
                        && hole.x() < WIDTH - MARGIN + radius
                        && hole.y() > TOP - radius
                        && hole.y() < HEIGHT - BOTTOM + radius)
                .toList();
        List<Cross> crosses = new ArrayList<>();
        for (double x : new double[] {MARGIN, WIDTH - MARGIN}) {
            for (double y : new double[] {TOP, HEIGHT - BOTTOM}) {
                crosses.add(new Cross(x, y));
            }
        }
        return new Jig(
                "Jig of job %s, sheet %s of %s, one to one; holes %s mm"
                        .formatted(job, sheet, sheets(layout), layout.fittings().holeMm()),
                WIDTH,
                HEIGHT,
                holes,
                crosses);
    }

    private static double tenths(double mm) {
        return Math.round(mm * 1000) / 1000.0;
    }

    /** A hundred millimetres, a stroke each. */
    public String ruler() {
        StringBuilder path = new StringBuilder("M0 0 H100");
        for (int mm = 0; mm <= 100; mm++) {
            path.append(" M%s 0 v%s".formatted(mm, mm % 10 == 0 ? 5 : mm % 5 == 0 ? 3.5 : 2));
        }
        return path.toString();
    }
}
