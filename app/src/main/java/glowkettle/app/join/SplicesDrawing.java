package glowkettle.app.join;

import glowkettle.app.drawing.Axes;
import glowkettle.finding.Figures;
import glowkettle.join.Splices;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Conductors between board and pack to scale, each joint under its sleeve, so that nobody lays two side by side. */
public record SplicesDrawing(List<Conductor> conductors, int height, String says) {
    private static final int PAD_X = 40;
    private static final int ACROSS = 600;
    private static final int TOP = 44;
    private static final int APART = 56;

    /**
     * One conductor, left to right; all but the words in pixels.
     *
     * @param jointX where both ends meet
     */
    public record Conductor(
            int y, double jointX, double sleeveX, double sleeveWidth, String device, String pack, boolean enough) {}

    static SplicesDrawing of(Splices.Request asked, Splices answer) {
        BigDecimal whole = asked.way().pathMm().add(asked.way().slackMm());
        double scale = ACROSS / whole.doubleValue();
        double sleeve = asked.way().sleeveMm().doubleValue() * scale;
        List<Conductor> conductors = IntStream.range(0, answer.cuts().size())
                .mapToObj(i -> {
                    Splices.Cut cut = answer.cuts().get(i);
                    double joint =
                            Axes.tenth(PAD_X + Math.min(ACROSS, cut.deviceMm().doubleValue() * scale));
                    return new Conductor(
                            TOP + i * APART,
                            joint,
                            Axes.tenth(joint - sleeve / 2),
                            Axes.tenth(sleeve),
                            Figures.withUnit(cut.deviceMm(), "mm"),
                            Figures.withUnit(cut.packMm(), "mm"),
                            cut.enough());
                })
                .toList();
        return new SplicesDrawing(
                conductors,
                TOP + conductors.size() * APART,
                conductors.stream()
                        .map(one -> "device %s, pack %s".formatted(one.device(), one.pack()))
                        .collect(Collectors.joining("; ", "Cut, one conductor after the other: ", "")));
    }
}
