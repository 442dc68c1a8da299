package glowkettle.calibrate;

import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The clock plan by plain trial: every charge, run-down and last charge on the grid, within eight days. */
final class EveryStart {
    private static final Duration GRID = Duration.ofMinutes(5);
    private static final Duration HANDS = Duration.ofMinutes(2);
    private static final Duration NEAR = Duration.ofMinutes(15);

    private EveryStart() {}

    /** The best of all. */
    record Best(Instant charge, Instant runDown, Instant lastCharge, Instant finish, int far) {
        boolean beats(@Nullable Best other) {
            if (other == null || !finish.equals(other.finish)) {
                return other == null || finish.isBefore(other.finish);
            }
            if (far != other.far) {
                return far < other.far;
            }
            if (!charge.equals(other.charge)) {
                return charge.isBefore(other.charge);
            }
            return runDown.isBefore(other.runDown)
                    || runDown.equals(other.runDown) && lastCharge.isBefore(other.lastCharge);
        }
    }

    static @Nullable Best best(Instant now, PhaseTimes times, OpeningHours hours, ShopLimits limits) {
        List<OpeningHours.Staffed> staffed = hours.between(now, now.plus(Duration.ofDays(8)));
        Duration block = times.charge().plus(times.soak());
        Best best = null;
        for (OpeningHours.Staffed first : staffed) {
            for (Instant charge = latest(now, first.startInclusive());
                    !charge.plus(block).plus(spare(block)).isAfter(first.endExclusive());
                    charge = charge.plus(GRID)) {
                for (Instant runDown = charge.plus(block);
                        !runDown.plus(HANDS).plus(HANDS).isAfter(first.endExclusive());
                        runDown = runDown.plus(GRID)) {
                    Best found = lastCharge(charge, runDown, times, staffed, limits);
                    if (found != null && found.beats(best)) {
                        best = found;
                    }
                }
            }
        }
        return best;
    }

    private static @Nullable Best lastCharge(
            Instant charge, Instant runDown, PhaseTimes times, List<OpeningHours.Staffed> staffed, ShopLimits limits) {
        Instant off = runDown.plus(times.runDown());
        Instant rested = off.plus(times.rest());
        Duration whole = times.lastCharge().plus(spare(times.lastCharge()));
        for (OpeningHours.Staffed stretch : staffed) {
            Instant start = latest(rested, stretch.startInclusive());
            if (!start.plus(whole).isAfter(stretch.endExclusive())) {
                long hoursOff = Duration.between(off, start).toMinutes();
                if (hoursOff > limits.number(Limit.OFF_REST_MOST_HOURS) * 60) {
                    return null;
                }
                Instant finish = start.plus(times.lastCharge());
                int far = far(charge, staffed) + 2 * far(runDown, staffed) + far(start, staffed) + far(finish, staffed);
                return new Best(charge, runDown, start, finish, far);
            }
        }
        return null;
    }

    private static int far(Instant at, List<OpeningHours.Staffed> staffed) {
        for (OpeningHours.Staffed stretch : staffed) {
            if (stretch.contains(at)) {
                boolean nearOpening = !at.isAfter(stretch.startInclusive().plus(NEAR));
                boolean nearClosing = !at.isBefore(stretch.endExclusive().minus(NEAR));
                return nearOpening || nearClosing ? 0 : 1;
            }
        }
        return 1;
    }

    private static Duration spare(Duration attended) {
        long seconds = Math.max(15 * 60, (long) Math.ceil(attended.toSeconds() * 0.15));
        return Duration.ofSeconds(seconds);
    }

    private static Instant latest(Instant a, Instant b) {
        return a.isAfter(b) ? a : b;
    }
}
