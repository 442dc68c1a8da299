package glowkettle.app.fit;

import glowkettle.app.drawing.Axes;
import glowkettle.cell.Box;
import glowkettle.finding.Figures;
import glowkettle.fit.GrowthRoom;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;

/**
 * A pack in its bay, to scale: from above, and from the side with its thickness magnified.
 *
 * @param height of the sheet in pixels; it is {@link #WIDTH} wide
 * @param timesAsThick how much the thickness is magnified from the side
 * @param rows the same in figures
 */
public record BayDrawing(List<View> views, int height, String timesAsThick, String says, List<Row> rows) {
    public static final int WIDTH = 620;

    private static final int LEFT = 10;
    private static final int MOST_LONG = WIDTH - 2 * LEFT;
    private static final int MOST_WIDE = 190;
    private static final int MOST_THICK = 84;
    private static final int WORDS = 26;
    private static final int GAP = 14;

    /** In pixels of the sheet. */
    public record Rect(double x, double y, double width, double height) {}

    /**
     * One side of both.
     *
     * @param growth what has to stay free over the pack; of no height from above
     * @param fits false where the pack sticks out of its bay, or into what has to stay free
     * @param wordsY where its words stand
     */
    public record View(String words, double wordsY, Rect bay, Rect pack, Rect growth, boolean fits) {}

    /** A direction in figures, in mm; less than nothing is left where the pack is the larger of the two. */
    public record Row(String direction, BigDecimal packMm, BigDecimal bayMm, BigDecimal leftMm, BigDecimal neededMm) {
        boolean fits() {
            return leftMm.compareTo(neededMm) >= 0;
        }

        String words() {
            return "%s %s in %s: %s"
                    .formatted(
                            direction,
                            Figures.of(packMm),
                            Figures.withUnit(bayMm, "mm"),
                            leftMm.signum() < 0
                                    ? Figures.withUnit(leftMm.negate(), "mm") + " too much"
                                    : Figures.withUnit(leftMm, "mm") + " left");
        }
    }

    static BayDrawing of(Box pack, Box bay, ShopLimits limits) {
        GrowthRoom.Room room =
                GrowthRoom.judge(new GrowthRoom.Sizes(pack, bay), limits).result();
        Row length = new Row("Length", pack.lengthMm(), bay.lengthMm(), room.lengthRoomMm(), BigDecimal.ZERO);
        Row width = new Row("Width", pack.widthMm(), bay.widthMm(), room.widthRoomMm(), BigDecimal.ZERO);
        Row thickness = new Row(
                "Thickness", pack.thicknessMm(), bay.thicknessMm(), room.thicknessRoomMm(), room.growthNeededMm());
        double scale = scale(length, width);
        double upScale = Math.max(scale, MOST_THICK / mostThick(thickness));
        View above = above(length, width, scale);
        View side = side(length, thickness, scale, upScale, above.wordsY() + GAP);
        return new BayDrawing(
                List.of(above, side),
                (int) Math.ceil(side.wordsY() + GAP),
                Figures.of(Figures.round(upScale / scale, 1)),
                "The pack in its bay. %s; %s; %s, %s needed to grow."
                        .formatted(
                                length.words(),
                                width.words(),
                                thickness.words(),
                                Figures.withUnit(thickness.neededMm(), "mm")),
                List.of(length, width, thickness));
    }

    /** Pixels for a millimetre. */
    private static double scale(Row length, Row width) {
        return Math.min(MOST_LONG / larger(length), MOST_WIDE / larger(width));
    }

    private static double larger(Row row) {
        return row.packMm().max(row.bayMm()).doubleValue();
    }

    private static double mostThick(Row thickness) {
        return Math.max(
                thickness.bayMm().doubleValue(),
                thickness.packMm().add(thickness.neededMm()).doubleValue());
    }

    private static View above(Row length, Row width, double scale) {
        double top = GAP;
        double tall = larger(width) * scale;
        Rect bay = inTheMiddle(length.bayMm(), width.bayMm(), scale, scale, top + tall / 2);
        Rect pack = inTheMiddle(length.packMm(), width.packMm(), scale, scale, top + tall / 2);
        return new View(
                length.words() + ". " + width.words() + ".",
                Axes.tenth(top + tall + WORDS),
                bay,
                pack,
                new Rect(0, 0, 0, 0),
                length.fits() && width.fits());
    }

    /** Both lie on the floor of the bay; what has to stay free lies on the pack. */
    private static View side(Row length, Row thickness, double scale, double upScale, double top) {
        double floor = top + mostThick(thickness) * upScale;
        Rect bay = standing(length.bayMm(), thickness.bayMm(), scale, upScale, floor);
        Rect pack = standing(length.packMm(), thickness.packMm(), scale, upScale, floor);
        Rect growth = standing(length.packMm(), thickness.neededMm(), scale, upScale, pack.y());
        return new View(
                "%s, %s to grow.".formatted(thickness.words(), Figures.withUnit(thickness.neededMm(), "mm")),
                Axes.tenth(floor + WORDS),
                bay,
                pack,
                growth,
                thickness.fits());
    }

    private static Rect inTheMiddle(BigDecimal longMm, BigDecimal tallMm, double scale, double upScale, double middle) {
        double height = tallMm.doubleValue() * upScale;
        return rect(longMm.doubleValue() * scale, height, middle - height / 2);
    }

    private static Rect standing(BigDecimal longMm, BigDecimal tallMm, double scale, double upScale, double floor) {
        double height = tallMm.doubleValue() * upScale;
        return rect(longMm.doubleValue() * scale, height, floor - height);
    }

    private static Rect rect(double width, double height, double y) {
        return new Rect(Axes.tenth((WIDTH - width) / 2), Axes.tenth(y), Axes.tenth(width), Axes.tenth(height));
    }
}
