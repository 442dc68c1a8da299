package glowkettle.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Where a figure lies on a drawing: pixels of the sheet from the units of two ranges; what lies beyond is drawn at the edge. */
public record Axes(Sheet sheet, Range across, Range up) {
    /** A sheet in pixels, with the margins around what is plotted. */
    public record Sheet(int width, int height, int left, int right, int top, int bottom) {
        int across() {
            return width - left - right;
        }

        int up() {
            return height - top - bottom;
        }
    }

    /** From the least to the most that is shown. */
    public record Range(double low, double high) {
        public Range {
            if (!(high > low)) {
                throw new IllegalArgumentException("A range from %s to %s shows nothing".formatted(low, high));
            }
        }

        double size() {
            return high - low;
        }
    }

    public double x(double value) {
        return tenth(sheet.left() + share(value, across) * sheet.across());
    }

    public double y(double value) {
        return tenth(sheet.top() + (1 - share(value, up)) * sheet.up());
    }

    private static double share(double value, Range range) {
        return Math.clamp((value - range.low()) / range.size(), 0, 1);
    }

    /** Pixels along the sheet for one unit. */
    public double pixelsPerUnit() {
        return Math.round(sheet.across() / across.size() * 10_000) / 10_000.0;
    }

    /** Pixels up the sheet for one unit. */
    public double pixelsUpPerUnit() {
        return Math.round(sheet.up() / up.size() * 10_000) / 10_000.0;
    }

    public int bottom() {
        return sheet.height() - sheet.bottom();
    }

    public int rightEdge() {
        return sheet.width() - sheet.right();
    }

    /** A line through points that lie within the range across, as a path. */
    public <P> String line(List<P> points, ToDoubleFunction<P> across, ToDoubleFunction<P> up) {
        StringBuilder path = new StringBuilder();
        for (P point : points) {
            double value = across.applyAsDouble(point);
            if (value <= this.across.high()) {
                path.append(path.isEmpty() ? 'M' : 'L')
                        .append(x(value))
                        .append(' ')
                        .append(y(up.applyAsDouble(point)));
            }
        }
        return path.toString();
    }

    /** The area between two lines. */
    public <P> String band(
            List<P> points, ToDoubleFunction<P> across, ToDoubleFunction<P> low, ToDoubleFunction<P> high) {
        List<P> back = new ArrayList<>(points).reversed();
        return line(points, across, high) + line(back, across, low).replaceFirst("M", "L") + "Z";
    }

    /** Pixels as a drawing spells them. */
    public static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
