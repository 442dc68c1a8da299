package glowkettle.heat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/** One column through one phase, kept at every step. Between steps temperatures run straight. */
final class ColumnHistory {
    private final Column column;
    private final Faces faces;
    private final double toleranceK;
    private final List<double[]> states = new ArrayList<>();
    private double[] times = new double[64];

    /** What the two faces see through a phase. */
    record Faces(Surroundings below, Surroundings above) {}

    ColumnHistory(Column column, Faces faces, double[] from, double toleranceK) {
        this.column = column;
        this.faces = faces;
        this.toleranceK = toleranceK;
        keep(0, from);
    }

    private void keep(double sinceS, double[] temperatures) {
        if (states.size() == times.length) {
            times = Arrays.copyOf(times, times.length * 2);
        }
        times[states.size()] = sinceS;
        states.add(temperatures.clone());
    }

    /** Walks on until a moment, or until a state is enough. */
    ColumnHistory walk(double untilS, Predicate<Column.Instant> isEnough) {
        HeatConduction march = march(states.size() - 1);
        while (untilS - march.sinceS() > HeatConduction.NEAR_S) {
            march.step(untilS);
            keep(march.sinceS(), march.temperatures());
            if (isEnough.test(instant(states.size() - 1))) {
                break;
            }
        }
        return this;
    }

    private HeatConduction march(int from) {
        return new HeatConduction(column.mesh, faces.below(), faces.above(), states.get(from), times[from], toleranceK);
    }

    double lastS() {
        return times[states.size() - 1];
    }

    /** The temperatures at a moment, stepped to from those kept before it. */
    double[] at(double momentS) {
        int found = Arrays.binarySearch(times, 0, states.size(), momentS);
        int before = found >= 0 ? found : -found - 2;
        HeatConduction march = march(before);
        march.to(momentS);
        return march.temperatures();
    }

    Column.Instant instantAt(double momentS) {
        return new Column.Instant(column, at(momentS), faces.below(), faces.above(), momentS);
    }

    private Column.Instant instant(int kept) {
        return new Column.Instant(column, states.get(kept), faces.below(), faces.above(), times[kept]);
    }

    /** When a figure first reaches a value on its way up. */
    OptionalDouble reaches(double value, ToDoubleFunction<Column.Instant> figure) {
        return crossing(instant -> figure.applyAsDouble(instant) - value);
    }

    /** When a figure falls below a value for good: after it was last above. */
    OptionalDouble coolsBelow(double value, ToDoubleFunction<Column.Instant> figure) {
        for (int k = states.size() - 1; k > 0; k--) {
            double over = figure.applyAsDouble(instant(k - 1)) - value;
            if (over >= 0) {
                double under = value - figure.applyAsDouble(instant(k));
                return under >= 0
                        ? OptionalDouble.of(
                                times[k - 1] + (times[k] - times[k - 1]) * over / Math.max(over + under, 1e-12))
                        : OptionalDouble.empty();
            }
        }
        return OptionalDouble.empty();
    }

    private OptionalDouble crossing(ToDoubleFunction<Column.Instant> over) {
        double last = over.applyAsDouble(instant(0));
        if (last >= 0) {
            return OptionalDouble.of(times[0]);
        }
        for (int k = 1; k < states.size(); k++) {
            double here = over.applyAsDouble(instant(k));
            if (here >= 0) {
                return OptionalDouble.of(times[k - 1] - (times[k] - times[k - 1]) * last / (here - last));
            }
            last = here;
        }
        return OptionalDouble.empty();
    }

    /** A figure at every step kept, with its time. */
    List<double[]> curve(ToDoubleFunction<Column.Instant> figure) {
        List<double[]> points = new ArrayList<>();
        for (int k = 0; k < states.size(); k++) {
            points.add(new double[] {times[k], figure.applyAsDouble(instant(k))});
        }
        return points;
    }

    double highest(ToDoubleFunction<Column.Instant> figure) {
        return curve(figure).stream().mapToDouble(point -> point[1]).max().orElseThrow();
    }
}
