package glowkettle.join;

import glowkettle.join.LeadFinder.Judged;
import glowkettle.join.LeadFinder.Kind;
import glowkettle.join.LeadFinder.Measurement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The one measurement that leaves the fewest assignments, as far as can be expected: each assignment as likely as another, and
 * what it would likely show held against what the others may show. Volts before ohms where both tell as much.
 */
final class NextReading {
    private static final double HAIR = 1e-9;

    private final LeadFinder.Request request;
    private final Meter meter;
    private final List<Judged> left;

    NextReading(LeadFinder.Request request, Meter meter, List<Judged> left) {
        this.request = request;
        this.meter = meter;
        this.left = left;
    }

    private record Weighed(Measurement measurement, double expectedLeft) {}

    /** Volts, or ohms where they may be read; null where neither tells any two apart. */
    @Nullable
    Measurement best() {
        Weighed volts = best(Kind.VOLTS);
        Weighed ohms = best(Kind.OHMS);
        Weighed better =
                ohms != null && (volts == null || ohms.expectedLeft() < volts.expectedLeft() - HAIR) ? ohms : volts;
        if (better == null) {
            return null;
        }
        Measurement wanted = better.measurement();
        // Ohms say nothing where there is a voltage, so that is looked for first.
        return wanted.kind() == Kind.OHMS && !isTaken(wanted.from(), wanted.to(), Kind.VOLTS)
                ? new Measurement(wanted.from(), wanted.to(), Kind.VOLTS)
                : wanted;
    }

    /** With the load between the leads; null where that does not tell any two apart either. */
    @Nullable
    Measurement loaded() {
        Weighed loaded = best(Kind.LOADED);
        return loaded == null ? null : loaded.measurement();
    }

    private @Nullable Weighed best(Kind kind) {
        Weighed best = null;
        int leads = request.leads().size();
        for (int from = 0; from < leads; from++) {
            for (int to = from + 1; to < leads; to++) {
                String one = request.leads().get(from).id();
                String other = request.leads().get(to).id();
                if (!isTaken(one, other, kind)) {
                    double expected = expectedLeft(from, to, kind);
                    double least = best == null ? left.size() : best.expectedLeft();
                    if (expected < least - HAIR) {
                        best = new Weighed(new Measurement(one, other, kind), expected);
                    }
                }
            }
        }
        return best;
    }

    private boolean isTaken(String one, String other, Kind kind) {
        return request.readings().stream().anyMatch(reading -> reading.kind() == kind && reading.isBetween(one, other));
    }

    /** How many are left on the mean; all of them where the measurement cannot be taken under every assignment. */
    private double expectedLeft(int from, int to, Kind kind) {
        Map<Meter.Shown, Integer> shown = new HashMap<>();
        for (Judged one : left) {
            Meter.Shown expected = meter.shown(one, from, to, kind);
            if (expected == null) {
                return left.size();
            }
            shown.merge(expected, 1, Integer::sum);
        }
        List<Map.Entry<Meter.Shown, Integer>> classes = new ArrayList<>(shown.entrySet());
        double sum = 0;
        for (Map.Entry<Meter.Shown, Integer> truth : classes) {
            int alike = 0;
            for (Map.Entry<Meter.Shown, Integer> other : classes) {
                alike += other.getKey().possible().holds(truth.getKey().likely()) ? other.getValue() : 0;
            }
            sum += (double) truth.getValue() * alike;
        }
        return sum / left.size();
    }
}
