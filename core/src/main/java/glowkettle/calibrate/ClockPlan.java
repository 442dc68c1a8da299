package glowkettle.calibrate;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Working;
import glowkettle.limits.Remembered;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * When each phase of one soak cycle runs. Charge and soak are one block inside one staffed stretch with time to spare, the
 * run-down is started by somebody and ends by itself, the device may rest overnight, and the last charge is again inside
 * one staffed stretch. Least delay against the promise, then the earliest finish, then the fewest hand actions far from
 * opening, a break or closing, then the earliest starts. Source: handbook, Calibrate.
 */
public final class ClockPlan {
    private ClockPlan() {}

    /** What to plan: from when on, by when, how long each phase takes, and what has happened. */
    public record Request(
            Instant now, @Nullable Instant promise, PhaseTimes times, OpeningHours hours, Progress progress) {
        Request from(Instant later) {
            return new Request(later, promise, times, hours, progress);
        }
    }

    /** A phase with its start and end. */
    public record Slot(Phase phase, Instant start, Instant end) {}

    /** A moment at which hands are needed. */
    public record HandAction(Instant at, String what) {}

    /** A plan, or why there is none. */
    public sealed interface Outcome {
        /** Every phase in its place. */
        record Planned(List<Slot> slots, List<HandAction> actions, Instant finish, Duration late, int farActions)
                implements Outcome {}

        /** No place for a phase, with what would help. */
        record NoFit(String cause, List<String> remedies) implements Outcome {}
    }

    private static final Remembered<Request, Result<Outcome>> PLANS = new Remembered<>(400, ClockPlan::onTheGrid);

    /** From the next line of the grid on: nothing begins between two. */
    public static Result<Outcome> plan(Request request, ShopLimits limits) {
        return PLANS.of(request.from(Grid.of(limits).up(request.now())), limits);
    }

    private static Result<Outcome> onTheGrid(Request request, ShopLimits limits) {
        SoakSearch search = new SoakSearch(request, limits);
        SoakSearch.Times best = search.best();
        if (best == null) {
            Outcome.NoFit noFit = search.whyNot();
            return new Result<>(noFit, List.of(Finding.care("no-fit", noFit.cause())), Working.of());
        }
        List<Slot> slots = List.of(
                new Slot(Phase.CHARGE_AND_SOAK, best.charge(), best.soaked()),
                new Slot(Phase.RUN_DOWN, best.runDown(), best.shutDown()),
                new Slot(Phase.OFF_REST, best.shutDown(), best.lastCharge()),
                new Slot(Phase.LAST_CHARGE, best.lastCharge(), best.finish()));
        List<HandAction> actions = new ArrayList<>();
        Progress progress = request.progress();
        action(actions, progress.chargeStarted(), best.charge(), "plug in");
        action(actions, progress.runDownStarted(), best.runDown(), "unplug and start the run-down");
        action(actions, progress.lastChargeStarted(), best.lastCharge(), "plug in for the last charge");
        action(actions, progress.lastChargeEnded(), best.finish(), "unplug, it is done");
        Duration late = request.promise() == null
                ? Duration.ZERO
                : nonNegative(Duration.between(request.promise(), best.finish()));
        List<Finding> findings = late.isZero()
                ? List.of()
                : List.of(Finding.care("promise-late", "This finishes %s after the promise.".formatted(words(late))));
        return new Result<>(
                new Outcome.Planned(slots, List.copyOf(actions), best.finish(), late, search.farActions(best)),
                findings,
                Working.of(
                        "charge %s + soak %s, with %s to spare before a break or closing"
                                .formatted(
                                        words(request.times().charge()),
                                        words(request.times().soak()),
                                        words(search.spare(request.times()
                                                .charge()
                                                .plus(request.times().soak())))),
                        "run-down %s, then off for %s or longer"
                                .formatted(
                                        words(request.times().runDown()),
                                        words(request.times().rest())),
                        "last charge %s, with %s to spare"
                                .formatted(
                                        words(request.times().lastCharge()),
                                        words(search.spare(request.times().lastCharge())))));
    }

    private static void action(List<HandAction> actions, @Nullable Instant happened, Instant at, String what) {
        if (Objects.isNull(happened)) {
            actions.add(new HandAction(at, what));
        }
    }

    private static Duration nonNegative(Duration duration) {
        return duration.isNegative() ? Duration.ZERO : duration;
    }

    public static String words(Duration duration) {
        long hours = duration.toHours();
        int minutes = duration.toMinutesPart();
        return hours == 0 ? minutes + " min" : minutes == 0 ? hours + " h" : hours + " h " + minutes + " min";
    }
}
