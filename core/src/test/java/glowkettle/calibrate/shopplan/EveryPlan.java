package glowkettle.calibrate.shopplan;

import glowkettle.calibrate.shopplan.ShopPlan.Planned;
import glowkettle.calibrate.shopplan.ShopPlan.Timed;
import glowkettle.calibrate.shopplan.ShopRequest.Job;
import glowkettle.calibrate.shopplan.ShopRequest.Person;
import glowkettle.calibrate.shopplan.ShopRequest.Place;
import glowkettle.calibrate.shopplan.ShopRequest.Step;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Tries every start of every step of a small shop on the grid, and asks the check alone what is a plan. */
final class EveryPlan {
    private static final Duration GRID = Duration.ofMinutes(5);

    private final ShopRequest request;
    private final ShopLimits limits;
    private final Instant until;

    /** @param far reckoned by the check's own hours */
    private record Way(Planned job, long lateMinutes, long finishMinutes) {}

    EveryPlan(ShopRequest request, Duration horizon, ShopLimits limits) {
        this.request = request;
        this.limits = limits;
        this.until = request.now().plus(horizon);
    }

    /** A plan that is less late than another, or as late and done sooner; null where there is none. */
    @Nullable
    ShopPlan betterThan(ShopPlan plan) {
        List<List<Way>> ways = request.jobs().stream().map(this::ways).toList();
        return better(ways, new ArrayList<>(), plan.lateMinutes().longValue(), plan.finishMinutes());
    }

    private List<Way> ways(Job job) {
        List<Way> ways = new ArrayList<>();
        steps(job, new ArrayList<>(), request.now(), ways);
        ways.sort(Comparator.comparingLong(Way::lateMinutes).thenComparingLong(Way::finishMinutes));
        return ways;
    }

    private void steps(Job job, List<Timed> sofar, Instant from, List<Way> ways) {
        if (sofar.size() == job.steps().size()) {
            alone(job, sofar, ways);
            return;
        }
        Step step = job.steps().get(sofar.size());
        boolean chained = step.kind() == StepKind.FREE
                && !sofar.isEmpty()
                && job.steps().get(sofar.size() - 1).kind() == StepKind.FREE;
        for (Instant start = from; start.isBefore(until); start = start.plus(GRID)) {
            if (chained || request.hours().at(start).isPresent()) {
                Instant end = start.plus(Duration.ofMinutes(step.minutes().longValue()));
                List<Timed> more = new ArrayList<>(sofar);
                more.add(new Timed(step.id(), start, end, null, null, null));
                steps(job, more, end, ways);
            }
            if (chained) {
                return;
            }
        }
    }

    private void alone(Job job, List<Timed> steps, List<Way> ways) {
        ShopRequest one =
                new ShopRequest(request.now(), request.hours(), request.places(), request.people(), List.of(job));
        Instant finish = steps.getLast().end();
        long late = job.promise() == null
                ? 0
                : Math.max(0, Duration.between(job.promise(), finish).toMinutes());
        Planned planned = new Planned(job.id(), finish, BigDecimal.valueOf(late), held(job, steps), null);
        if (assigned(one, List.of(planned), 0, 0) != null) {
            ways.add(new Way(
                    planned, late, Duration.between(request.now(), finish).toMinutes()));
        }
    }

    private static List<Timed> held(Job job, List<Timed> steps) {
        List<Timed> held = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            Step step = job.steps().get(i);
            Timed one = steps.get(i);
            boolean waits = step.kind() == StepKind.ATTENDED
                    && i + 1 < steps.size()
                    && job.steps().get(i + 1).kind() != StepKind.HANDS;
            Instant heldUntil =
                    step.placeKind() == null ? null : waits ? steps.get(i + 1).start() : one.end();
            held.add(new Timed(one.id(), one.start(), one.end(), heldUntil, null, null));
        }
        return held;
    }

    private @Nullable ShopPlan better(List<List<Way>> ways, List<Way> chosen, long late, long finish) {
        if (late < 0) {
            return null;
        }
        if (chosen.size() == ways.size()) {
            return late == 0 && finish <= 0
                    ? null
                    : assigned(request, chosen.stream().map(Way::job).toList(), 0, 0);
        }
        long leastLate = 0;
        long leastFinish = 0;
        for (List<Way> rest : ways.subList(chosen.size(), ways.size())) {
            leastLate += rest.getFirst().lateMinutes();
            leastFinish += rest.stream().mapToLong(Way::finishMinutes).min().orElseThrow();
        }
        for (Way way : ways.get(chosen.size())) {
            long lateLeft = late - way.lateMinutes();
            long finishLeft = finish - way.finishMinutes();
            long lateOfRest = leastLate - ways.get(chosen.size()).getFirst().lateMinutes();
            if (lateLeft < lateOfRest || lateLeft == lateOfRest && finishLeft <= 0) {
                continue;
            }
            List<Way> more = new ArrayList<>(chosen);
            more.add(way);
            ShopPlan found = better(ways, more, lateLeft, finishLeft);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    /** With somebody at each work of hands and a place for each that holds one; null where the check takes no such way. */
    private @Nullable ShopPlan assigned(ShopRequest asked, List<Planned> jobs, int at, int step) {
        if (at == jobs.size()) {
            ShopPlan plan = new ShopPlan(jobs, BigDecimal.ZERO, 0, 0, false, BigDecimal.ZERO, 0);
            return PlanCheck.of(asked, plan, limits).isEmpty() ? plan : null;
        }
        Job job = asked.jobs().get(at);
        if (step == job.steps().size()) {
            return assigned(asked, jobs, at + 1, 0);
        }
        Step said = job.steps().get(step);
        List<String> people = said.kind() == StepKind.HANDS
                ? asked.people().stream().map(Person::id).toList()
                : List.of("");
        List<String> places = said.placeKind() == null
                ? List.of("")
                : asked.places().stream().map(Place::id).toList();
        for (String person : people) {
            for (String place : places) {
                Timed old = jobs.get(at).steps().get(step);
                List<Timed> steps = new ArrayList<>(jobs.get(at).steps());
                steps.set(
                        step,
                        new Timed(
                                old.id(),
                                old.start(),
                                old.end(),
                                old.heldUntil(),
                                place.isEmpty() ? null : place,
                                person.isEmpty() ? null : person));
                List<Planned> more = new ArrayList<>(jobs);
                more.set(
                        at,
                        new Planned(
                                job.id(), jobs.get(at).finish(), jobs.get(at).lateMinutes(), steps, null));
                ShopPlan found = assigned(asked, more, at, step + 1);
                if (found != null) {
                    return found;
                }
            }
        }
        return null;
    }
}
