package glowkettle.library;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.List;

/** One face of a device in mm: its outline, and what lies on it. */
public record FaceMap(
        Side side,
        @Within(min = "10", max = "1000", unit = "mm") BigDecimal widthMm,
        @Within(min = "10", max = "1000", unit = "mm") BigDecimal heightMm,
        List<Area> areas,
        List<SeamPoint> seamPoints) {
    private static final double LAPTOP_MM = 300;
    private static final double SMALLEST_MARK = 0.42;

    public FaceMap {
        areas = List.copyOf(areas);
        seamPoints = List.copyOf(seamPoints);
    }

    /** How large marks are drawn on it: full on a laptop, smaller on a phone. */
    public double markScale() {
        double longest = Math.max(widthMm.doubleValue(), heightMm.doubleValue());
        return Math.clamp(longest / LAPTOP_MM, SMALLEST_MARK, 1);
    }

    public boolean isTall() {
        return heightMm.compareTo(widthMm) > 0;
    }

    /**
     * A named rectangle on the face, such as the pack's place, a foot, a plug or a cable.
     *
     * @param steps ids of the operations whose hands go there
     */
    public record Area(
            String name,
            @Within(min = "0", max = "1000", unit = "mm") BigDecimal xMm,
            @Within(min = "0", max = "1000", unit = "mm") BigDecimal yMm,
            @Within(min = "0", max = "1000", unit = "mm") BigDecimal widthMm,
            @Within(min = "0", max = "1000", unit = "mm") BigDecimal heightMm,

            @Says(value = "Steps whose hands go there", longest = 40)
            List<String> steps) {
        private static final BigDecimal LITTLE_MM2 = BigDecimal.valueOf(400);

        public Area {
            steps = List.copyOf(steps);
        }

        /** Too little for its name while nobody asks for it. */
        public boolean isLittle() {
            return widthMm.multiply(heightMm).compareTo(LITTLE_MM2) < 0;
        }
    }

    /** Where the seam is gauged or opened, and how deep a tool may go there. */
    public record SeamPoint(
            String name,
            @Within(min = "0", max = "1000", unit = "mm") BigDecimal xMm,
            @Within(min = "0", max = "1000", unit = "mm") BigDecimal yMm,
            @Within(min = "0", max = "50", unit = "mm") BigDecimal safeDepthMm) {}
}
