package glowkettle.app.join;

import glowkettle.app.drawing.Axes;
import glowkettle.finding.Figures;
import glowkettle.job.join.TransplantStep;
import glowkettle.job.join.Transplanting;
import glowkettle.join.Transplant;
import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A board's two pads before the cell's edge, to scale: old stub, new tab and overlap of each. */
public record TabsDrawing(List<Tab> tabs, int height, double boardWidth, String says) {
    private static final int BOARD_X = 6;
    private static final int LEFT = 70;
    private static final int ACROSS = 540;
    private static final int TOP = 70;
    private static final int APART = 110;

    /**
     * One tab, from the board's pad at the left to the cell at the right; in pixels.
     *
     * @param state {@code whole}, {@code trimmed} or {@code welded}
     */
    public record Tab(
            String side,
            int y,
            double padX,
            double overlapWidth,
            double tabWidth,
            double stubWidth,
            String words,
            String state) {
        public double stubX() {
            return Axes.tenth(LEFT + ACROSS - stubWidth);
        }
    }

    static TabsDrawing of(Transplant.Request asked, Transplanting moving) {
        double longest = Math.max(reach(asked.minus()), reach(asked.plus()));
        double scale = ACROSS / Math.max(1, longest);
        Tab minus = tab(
                "minus",
                TOP,
                asked.minus(),
                scale,
                state(moving, TransplantStep.MINUS_TRIMMED, TransplantStep.MINUS_WELDED));
        Tab plus = tab(
                "plus",
                TOP + APART,
                asked.plus(),
                scale,
                state(moving, TransplantStep.PLUS_TRIMMED, TransplantStep.PLUS_WELDED));
        return new TabsDrawing(
                List.of(minus, plus),
                TOP + 2 * APART,
                Axes.tenth(Math.max(minus.padX() + minus.overlapWidth(), plus.padX() + plus.overlapWidth()) - BOARD_X),
                "Tabs from board to cell. Minus: %s. Plus: %s.".formatted(minus.words(), plus.words()));
    }

    private static String state(Transplanting moving, TransplantStep trimmed, TransplantStep welded) {
        return moving.isDone(welded) ? "welded" : moving.isDone(trimmed) ? "trimmed" : "whole";
    }

    private static double reach(Transplant.Tab tab) {
        return number(tab.padDistanceMm()) + number(tab.overlapMm());
    }

    private static double number(@Nullable BigDecimal mm) {
        return plain(mm).doubleValue();
    }

    private static Tab tab(String side, int y, Transplant.Tab tab, double scale, String state) {
        double distance = number(tab.padDistanceMm()) * scale;
        double overlap = number(tab.overlapMm()) * scale;
        double stub = number(tab.oldStubMm()) * scale;
        double cell = LEFT + ACROSS;
        double length = Math.max(0, distance + overlap - stub);
        return new Tab(
                side,
                y,
                Axes.tenth(cell - distance - overlap),
                Axes.tenth(overlap),
                Axes.tenth(length),
                Axes.tenth(stub),
                "cut to %s: %s to the pad + %s on it − %s stub"
                        .formatted(
                                Figures.withUnit(
                                        plain(tab.padDistanceMm())
                                                .add(plain(tab.overlapMm()))
                                                .subtract(plain(tab.oldStubMm())),
                                        "mm"),
                                Figures.of(plain(tab.padDistanceMm())),
                                Figures.of(plain(tab.overlapMm())),
                                Figures.of(plain(tab.oldStubMm()))),
                state);
    }

    private static BigDecimal plain(@Nullable BigDecimal mm) {
        return Objects.requireNonNullElse(mm, BigDecimal.ZERO);
    }
}
