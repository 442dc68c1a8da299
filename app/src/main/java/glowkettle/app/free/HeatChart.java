package glowkettle.app.free;

import glowkettle.heat.HeatWindow;
import glowkettle.heat.Stack;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A heating as it is drawn: the coldest point of the bond and the hottest of the cell over time, the two temperatures that
 * matter, and the window between them. Pixels of a drawing, seconds along it.
 */
public record HeatChart(
        int width,
        int height,
        String bond,
        String cell,
        double worksY,
        double bearsY,
        BigDecimal worksC,
        BigDecimal bearsC,
        @Nullable Double readyX,
        @Nullable Double liftOffX,
        double leftX,
        double pixelsPerSecond,
        List<Tick> ticks) {
    private static final int WIDTH = 720;
    private static final int HEIGHT = 300;
    private static final int LEFT = 46;
    private static final int RIGHT = 12;
    private static final int TOP = 10;
    private static final int BOTTOM = 30;
    private static final int[] TICK_SECONDS = {10, 30, 60, 120, 300, 600};
    private static final int MOST_TICKS = 8;

    /** A mark under the drawing. */
    public record Tick(double x, String words) {}

    static HeatChart of(
            Stack stack,
            HeatWindow window,
            List<HeatWindow.Point> curve,
            BigDecimal latestLiftOffS,
            ShopLimits limits) {
        BigDecimal worksC = limits.of(Objects.requireNonNull(stack.adhesive().worksFrom()));
        BigDecimal bearsC = limits.of(Limit.CELL_HEATING_C);
        boolean carriedOn = curve != window.curve();
        double lastS = curve.getLast().sinceS().doubleValue();
        // What comes long after the window says nothing more.
        double ends = Math.max(latestLiftOffS.doubleValue(), orZero(window.bondReadyS()));
        double untilS = carriedOn ? lastS : ends > 0 ? Math.min(lastS, ends * 1.25 + 10) : lastS;
        double lowC = curve.getFirst().bondC().doubleValue() - 2;
        double highC = 6
                + curve.stream()
                        .filter(point -> point.sinceS().doubleValue() <= untilS)
                        .mapToDouble(point -> Math.max(
                                point.bondC().doubleValue(), point.cellC().doubleValue()))
                        .reduce(Math.max(worksC.doubleValue(), bearsC.doubleValue()), Math::max);
        Scale scale = new Scale(untilS, lowC, highC);
        return new HeatChart(
                WIDTH,
                HEIGHT,
                scale.line(curve, HeatWindow.Point::bondC),
                scale.line(curve, HeatWindow.Point::cellC),
                scale.y(worksC.doubleValue()),
                scale.y(bearsC.doubleValue()),
                worksC,
                bearsC,
                window.bondReadyS() == null || window.isEmpty()
                        ? null
                        : scale.x(window.bondReadyS().doubleValue()),
                latestLiftOffS.signum() == 0 ? null : scale.x(latestLiftOffS.doubleValue()),
                LEFT,
                tenth(scale.pixelsPerSecond() * 1000) / 1000,
                scale.ticks());
    }

    private static double orZero(@Nullable BigDecimal value) {
        return value == null ? 0 : value.doubleValue();
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }

    private record Scale(double untilS, double lowC, double highC) {
        double pixelsPerSecond() {
            return (WIDTH - LEFT - RIGHT) / untilS;
        }

        double x(double seconds) {
            return tenth(LEFT + Math.min(seconds, untilS) * pixelsPerSecond());
        }

        double y(double temperatureC) {
            return tenth(TOP + (highC - temperatureC) / (highC - lowC) * (HEIGHT - TOP - BOTTOM));
        }

        String line(List<HeatWindow.Point> curve, Function<HeatWindow.Point, BigDecimal> temperature) {
            StringBuilder path = new StringBuilder();
            for (HeatWindow.Point point : curve) {
                double seconds = point.sinceS().doubleValue();
                if (seconds <= untilS) {
                    path.append(path.isEmpty() ? 'M' : 'L')
                            .append(x(seconds))
                            .append(' ')
                            .append(y(temperature.apply(point).doubleValue()));
                }
            }
            return path.toString();
        }

        List<Tick> ticks() {
            int step = TICK_SECONDS[TICK_SECONDS.length - 1];
            for (int candidate : TICK_SECONDS) {
                if (untilS / candidate <= MOST_TICKS) {
                    step = candidate;
                    break;
                }
            }
            List<Tick> ticks = new ArrayList<>();
            for (int seconds = 0; seconds <= untilS; seconds += step) {
                ticks.add(new Tick(x(seconds), "%d:%02d".formatted(seconds / 60, seconds % 60)));
            }
            return ticks;
        }
    }
}
