package glowkettle.calibrate;

import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours.Staffed;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Tries every start on the grid; what has begun has one start only. */
final class SoakSearch {
    private final ClockPlan.Request request;
    private final ShopLimits limits;
    private final PhaseTimes times;
    private final Progress progress;
    private final Grid grid;
    private final Duration hands;
    private final List<Staffed> staffed;
    private final Instant horizon;

    /** One candidate. */
    record Times(
            Instant charge, Instant soaked, Instant runDown, Instant shutDown, Instant lastCharge, Instant finish) {}

    SoakSearch(ClockPlan.Request request, ShopLimits limits) {
        this.request = request;
        this.limits = limits;
        this.times = request.times();
        this.progress = request.progress();
        this.grid = Grid.of(limits);
        this.hands = Duration.ofSeconds(Math.round(limits.number(Limit.HANDS_MINUTES) * 60));
        Instant first = Objects.requireNonNullElse(progress.chargeStarted(), request.now());
        this.horizon =
                request.now().plus(Duration.ofDays(limits.of(Limit.PLAN_DAYS).longValue()));
        this.staffed = request.hours().between(first, horizon);
    }

    @Nullable
    Times best() {
        Comparator<Times> order = Comparator.comparing(Times::finish)
                .thenComparingInt(this::farActions)
                .thenComparing(Times::charge)
                .thenComparing(Times::runDown)
                .thenComparing(Times::lastCharge);
        Times best = null;
        for (Instant charge : (Iterable<Instant>) chargeStarts()::iterator) {
            Instant soaked = soakedFrom(charge);
            Instant soonest = soaked.plus(times.runDown()).plus(times.rest()).plus(times.lastCharge());
            if (best != null && progress.runDownStarted() == null && soonest.isAfter(best.finish())) {
                break;
            }
            for (Instant runDown : (Iterable<Instant>) runDownStarts(charge, soaked)::iterator) {
                Times candidate = from(charge, soaked, runDown);
                if (candidate != null && (best == null || order.compare(candidate, best) < 0)) {
                    best = candidate;
                }
                if (best != null && runDown.plus(times.runDown()).isAfter(best.finish())) {
                    break;
                }
            }
        }
        return best;
    }

    /** Spare time that an attended charge keeps behind it. */
    Duration spare(Duration attended) {
        return Spare.behind(attended, limits);
    }

    int farActions(Times plan) {
        // The change from charger to run-down is two actions.
        return Stream.of(plan.charge(), plan.runDown(), plan.runDown(), plan.lastCharge(), plan.finish())
                .mapToInt(at -> isFar(at) ? 1 : 0)
                .sum();
    }

    private boolean isFar(Instant at) {
        Duration near = Duration.ofSeconds(Math.round(limits.number(Limit.NEAR_MINUTES) * 60));
        return stretchAt(at)
                .map(stretch -> Duration.between(stretch.startInclusive(), at).compareTo(near) > 0
                        && Duration.between(at, stretch.endExclusive()).compareTo(near) > 0)
                .orElse(true);
    }

    private Stream<Instant> chargeStarts() {
        if (progress.chargeStarted() != null) {
            return Stream.of(progress.chargeStarted());
        }
        Duration block = times.charge().plus(times.soak());
        return startsWithin(request.now(), block.plus(spare(block)));
    }

    private Instant soakedFrom(Instant charge) {
        Instant byFull = progress.fullSeen() == null
                ? charge.plus(times.charge()).plus(times.soak())
                : progress.fullSeen().plus(times.soak());
        return grid.up(byFull);
    }

    private Stream<Instant> runDownStarts(Instant charge, Instant soaked) {
        if (progress.runDownStarted() != null) {
            return Stream.of(progress.runDownStarted());
        }
        Optional<Staffed> stretch = stretchAt(charge);
        if (stretch.isEmpty()) {
            return Stream.empty();
        }
        Instant last = stretch.get().endExclusive().minus(hands.multipliedBy(2));
        Instant first = latest(soaked, grid.up(request.now()));
        return Stream.iterate(first, start -> !start.isAfter(last), grid::next);
    }

    private @Nullable Times from(Instant charge, Instant soaked, Instant runDown) {
        Instant shutDown = Objects.requireNonNullElse(progress.shutDownSeen(), runDown.plus(times.runDown()));
        Instant lastCharge = progress.lastChargeStarted();
        if (lastCharge == null) {
            Instant rested = latest(grid.up(shutDown.plus(times.rest())), grid.up(request.now()));
            Instant tooLate =
                    shutDown.plus(Duration.ofMinutes(Math.round(limits.number(Limit.OFF_REST_MOST_HOURS) * 60)));
            lastCharge = startsWithin(rested, times.lastCharge().plus(spare(times.lastCharge())))
                    .findFirst()
                    .filter(start -> !start.isAfter(tooLate))
                    .orElse(null);
        }
        if (lastCharge == null) {
            return null;
        }
        Instant finish = Objects.requireNonNullElse(progress.lastChargeEnded(), lastCharge.plus(times.lastCharge()));
        Instant soakEnd = runDown.isBefore(soaked) ? runDown : soaked;
        return new Times(charge, soakEnd, runDown, shutDown, lastCharge, finish);
    }

    /** Starts on the grid from which the whole length lies inside one staffed stretch. */
    private Stream<Instant> startsWithin(Instant from, Duration length) {
        return staffed.stream().flatMap(stretch -> {
            Instant first = grid.up(latest(from, stretch.startInclusive()));
            return Stream.iterate(first, start -> !start.plus(length).isAfter(stretch.endExclusive()), grid::next);
        });
    }

    private Optional<Staffed> stretchAt(Instant at) {
        return staffed.stream().filter(stretch -> stretch.contains(at)).findFirst();
    }

    ClockPlan.Outcome.NoFit whyNot() {
        Duration block = times.charge().plus(times.soak());
        Duration needed = block.plus(spare(block));
        if (progress.chargeStarted() != null && progress.runDownStarted() == null) {
            return new ClockPlan.Outcome.NoFit(
                    "The charge that was started does not end with its soak before the next break or closing.",
                    List.of(
                            "Unplug at closing and mark the phase as failed; start again when the shop opens.",
                            "Open longer that day, as an exception to the opening hours."));
        }
        Duration longest = staffed.stream()
                .map(Staffed::length)
                .max(Comparator.naturalOrder())
                .orElse(Duration.ZERO);
        if (progress.runDownStarted() == null && longest.compareTo(needed) < 0) {
            return new ClockPlan.Outcome.NoFit(
                    "Charge and soak need %s in one staffed stretch; the longest until %s is %s."
                            .formatted(ClockPlan.words(needed), horizon, ClockPlan.words(longest)),
                    List.of(
                            "Keep the shop staffed over a break, as an exception to the opening hours.",
                            "Charge with a stronger charger, if the pack takes it.",
                            "Start from a fuller pack."));
        }
        return new ClockPlan.Outcome.NoFit(
                "No staffed stretch takes the last charge of %s, with %s to spare, within %s of the shut-down."
                        .formatted(
                                ClockPlan.words(times.lastCharge()),
                                ClockPlan.words(spare(times.lastCharge())),
                                limits.applied(Limit.OFF_REST_MOST_HOURS)),
                List.of("Open longer on one day, as an exception.", "Charge with a stronger charger."));
    }

    private static Instant latest(Instant a, Instant b) {
        return a.isAfter(b) ? a : b;
    }
}
