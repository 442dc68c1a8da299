package glowkettle.app.fit;

import glowkettle.app.drawing.Axes;
import glowkettle.finding.Figures;
import glowkettle.library.Plug;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** The device's plug and the new one under each other, to one scale: positions, pitch, key, wires. */
public record PlugsDrawing(List<Housing> plugs, String says) {
    private static final double MOST_WIDE = 520;
    private static final int LEFT = 110;
    private static final int TOP = 34;
    private static final int APART = 150;

    /** One plug; pixels of the sheet. */
    public record Housing(String whose, int y, double width, List<Pin> pins, String key, String words) {}

    /**
     * @param differs another wire, or none, lies here on the other plug
     */
    public record Pin(double x, String wire, boolean differs) {}

    /** Null until both are known by positions and pitch. */
    static @Nullable PlugsDrawing of(@Nullable Plug device, @Nullable Plug offered) {
        if (device == null || offered == null || !isDrawn(device) || !isDrawn(offered)) {
            return null;
        }
        double scale = MOST_WIDE / Math.max(widthMm(device), widthMm(offered));
        Housing one = housing("the device takes", TOP, device, offered, scale);
        Housing other = housing("this pack", TOP + APART, offered, device, scale);
        return new PlugsDrawing(
                List.of(one, other), "The device's plug: %s. This pack's: %s.".formatted(one.words(), other.words()));
    }

    private static boolean isDrawn(Plug plug) {
        return plug.positions() != null && plug.pitchMm() != null;
    }

    private static double widthMm(Plug plug) {
        return Objects.requireNonNull(plug.positions()).doubleValue()
                * Objects.requireNonNull(plug.pitchMm()).doubleValue();
    }

    private static Housing housing(String whose, int y, Plug plug, Plug other, double scale) {
        double pitch = Objects.requireNonNull(plug.pitchMm()).doubleValue() * scale;
        int positions = Objects.requireNonNull(plug.positions()).intValue();
        return new Housing(
                whose,
                y,
                Axes.tenth(positions * pitch),
                IntStream.range(0, positions)
                        .mapToObj(i -> new Pin(
                                Axes.tenth(LEFT + (i + 0.5) * pitch),
                                wire(plug, i),
                                plug.wires() != null
                                        && other.wires() != null
                                        && !wire(plug, i).equals(wire(other, i))))
                        .toList(),
                plug.key() == null ? "" : plug.key().words(),
                "%s positions, %s pitch%s%s"
                        .formatted(
                                positions,
                                Figures.withUnit(plug.pitchMm(), "mm"),
                                plug.key() == null ? "" : ", key " + plug.key().words(),
                                plug.leadLengthMm() == null
                                        ? ""
                                        : ", leads " + Figures.withUnit(plug.leadLengthMm(), "mm")));
    }

    private static String wire(Plug plug, int place) {
        return plug.wires() == null || place >= plug.wires().size()
                ? ""
                : mark(plug.wires().get(place));
    }

    private static String mark(Plug.Wire wire) {
        return switch (wire) {
            case PLUS -> "+";
            case MINUS -> "−";
            case TAP -> "tap";
            case THERMISTOR -> "T";
            case IDENTITY -> "id";
            case DATA -> "D";
            case CLOCK -> "C";
            case EMPTY -> "";
        };
    }
}
