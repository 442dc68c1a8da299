package glowkettle.calibrate.shopplan;

import glowkettle.calibrate.Grid;
import glowkettle.calibrate.Spare;
import glowkettle.calibrate.shopplan.ShopPlan.Planned;
import glowkettle.calibrate.shopplan.ShopPlan.Timed;
import glowkettle.calibrate.shopplan.ShopRequest.Job;
import glowkettle.calibrate.shopplan.ShopRequest.Person;
import glowkettle.calibrate.shopplan.ShopRequest.Step;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import glowkettle.shop.OpeningHours.Staffed;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * Holds a plan against every rule of the request, in instants and without the search: what breaks one is named. No plan is given
 * out that does not pass.
 */
public final class PlanCheck {
    private final ShopRequest request;
    private final ShopPlan plan;
    private final Grid grid;
    private final Duration action;
    private final ShopLimits limits;
    private final List<Staffed> staffed;
    private final List<List<Staffed>> peopleThere = new ArrayList<>();
    private final List<String> wrong = new ArrayList<>();
    private final TreeMap<Instant, Integer> actions = new TreeMap<>();
    private final Map<String, List<Timed>> byPlace = new HashMap<>();
    private final Map<String, List<Timed>> byPerson = new HashMap<>();

    private PlanCheck(ShopRequest request, ShopPlan plan, ShopLimits limits) {
        this.request = request;
        this.plan = plan;
        this.limits = limits;
        this.grid = Grid.of(limits);
        this.action = minutes(limits.of(Limit.HANDS_MINUTES));
        Instant last = plan.jobs().stream()
                .flatMap(job -> job.steps().stream())
                .map(Timed::end)
                .max(Comparator.naturalOrder())
                .orElse(request.now())
                .plus(Duration.ofDays(2));
        Instant first = request.now().minus(Duration.ofDays(7));
        this.staffed = request.hours().between(first, last);
        for (Person person : request.people()) {
            OpeningHours own = person.hours();
            peopleThere.add(own == null ? staffed : OpeningHours.both(staffed, own.between(first, last)));
        }
    }

    /** What is wrong with a plan; nothing where it keeps every rule. */
    public static List<String> of(ShopRequest request, ShopPlan plan, ShopLimits limits) {
        return new PlanCheck(request, plan, limits).wrong();
    }

    private List<String> wrong() {
        for (Job job : request.jobs()) {
            Planned planned = plan.jobs().stream()
                    .filter(one -> one.id().equals(job.id()))
                    .findFirst()
                    .orElse(null);
            if (planned == null) {
                wrong.add(job.id() + " is not in the plan");
            } else if (planned.misfit() == null) {
                job(job, planned);
            }
        }
        byPlace.forEach((place, held) -> apart(place, held, true));
        byPerson.forEach((person, work) -> apart(person, work, false));
        actions.forEach(this::hands);
        return wrong;
    }

    private void job(Job job, Planned planned) {
        int first = job.runs() ? job.stepsBegun() - 1 : job.stepsBegun();
        List<Timed> timed = planned.steps();
        require(timed.size() == job.steps().size() - first, job.id() + ": a step is missing");
        for (int i = 0; i < timed.size(); i++) {
            Step step = job.steps().get(first + i);
            Timed here = timed.get(i);
            boolean runs = i == 0 && job.runs();
            Timed next = i + 1 < timed.size() ? timed.get(i + 1) : null;
            Step nextStep = next == null ? null : job.steps().get(first + i + 1);
            String name = job.id() + " “" + step.id() + "”";
            require(here.id().equals(step.id()), name + " is not in its order");
            Duration length = grid.up(minutes(step.minutes()));
            if (runs) {
                require(here.start().equals(job.running().orElseThrow().start()), name + " was moved, though it runs");
            } else {
                require(here.start().equals(grid.up(here.start())), name + " begins off the grid");
                require(
                        !here.start().isBefore(grid.up(request.now())) || step.kind() == StepKind.FREE && i > 0,
                        name + " begins in the past");
                require(here.end().equals(here.start().plus(length)), name + " has not its minutes");
            }
            require(
                    next == null || !next.start().isBefore(here.end()) || runs,
                    name + " is not over when the next begins");
            if (!runs) {
                alone(job, step, here, name);
            }
            if (step.kind() == StepKind.HANDS && here.end().isAfter(request.now())) {
                byPerson.computeIfAbsent(String.valueOf(here.person()), person -> new ArrayList<>())
                        .add(new Timed(name, here.start(), here.end(), null, null, null));
            }
            held(step, here, next, nextStep, runs, name);
            between(step, here, next, nextStep, length, name);
            act(job, i, first, timed);
        }
    }

    private void alone(Job job, Step step, Timed here, String name) {
        Optional<Staffed> stretch = stretch(staffed, here.start());
        switch (step.kind()) {
            case HANDS -> {
                Person person = request.people().stream()
                        .filter(one -> one.id().equals(here.person()))
                        .findFirst()
                        .orElse(null);
                require(person != null && person.tier().atLeast(job.tier()), name + ": nobody of its tier works at it");
                require(
                        person != null
                                && stretch(peopleThere.get(request.people().indexOf(person)), here.start())
                                        .filter(own -> !own.endExclusive().isBefore(here.end()))
                                        .isPresent(),
                        name + " lies outside the hours of who works at it");
            }
            case ATTENDED -> {
                Duration spare = Spare.behind(Duration.between(here.start(), here.end()), limits);
                require(
                        stretch.filter(one ->
                                        !one.endExclusive().isBefore(here.end().plus(spare)))
                                .isPresent(),
                        name + " does not lie in one staffed stretch with its spare");
                require(isAttended(here.start(), here.end()), name + ": nobody is there for a part of it");
            }
            case FREE -> {}
        }
    }

    private void held(Step step, Timed here, @Nullable Timed next, @Nullable Step nextStep, boolean runs, String name) {
        String kind = step.placeKind();
        if (kind == null) {
            return;
        }
        boolean waits = step.kind() == StepKind.ATTENDED && nextStep != null && nextStep.kind() != StepKind.HANDS;
        Instant until = waits && next != null ? next.start() : here.end();
        require(
                runs && !waits || until.equals(here.heldUntil()),
                name + " is said to hold its place until " + here.heldUntil());
        require(
                request.places().stream()
                        .anyMatch(place ->
                                place.id().equals(here.place()) && place.kind().equals(kind)),
                name + " holds no " + kind);
        Instant from = here.start().isBefore(request.now()) ? request.now() : here.start();
        if (from.isBefore(until)) {
            byPlace.computeIfAbsent(String.valueOf(here.place()), place -> new ArrayList<>())
                    .add(new Timed(name, from, until, until, null, null));
        }
    }

    private void between(
            Step step, Timed here, @Nullable Timed next, @Nullable Step nextStep, Duration length, String name) {
        if (next == null || nextStep == null) {
            return;
        }
        if (step.kind() == StepKind.ATTENDED && nextStep.kind() != StepKind.HANDS) {
            require(
                    stretch(staffed, here.start()).equals(stretch(staffed, next.start())),
                    name + " waits on its charger past the end of its stretch");
        }
        if (step.kind() == StepKind.FREE && nextStep.kind() == StepKind.FREE) {
            require(next.start().equals(grid.up(here.end())), name + ": what follows by itself begins at another time");
        } else if (step.kind() == StepKind.FREE && step.atMostMinutes() != null) {
            Duration most = minutes(step.atMostMinutes()).minus(length);
            require(
                    Duration.between(grid.up(here.end()), next.start())
                                    .compareTo(most.isNegative() ? Duration.ZERO : most)
                            <= 0,
                    name + " is left for longer than it may be");
        }
    }

    /** Hands at the start of a step, and at its end where nothing takes it over. */
    private void act(Job job, int i, int first, List<Timed> timed) {
        Step step = job.steps().get(first + i);
        StepKind before = first + i == 0 ? null : job.steps().get(first + i - 1).kind();
        boolean isDone = i == 0 && !job.runs();
        boolean runs = i == 0 && job.runs();
        int atStart = switch (step.kind()) {
            case HANDS -> 0;
            case ATTENDED -> before == StepKind.ATTENDED && !isDone ? 2 : 1;
            case FREE -> before == StepKind.FREE ? 0 : before == StepKind.ATTENDED && !isDone ? 2 : 1;
        };
        if (!runs && atStart > 0) {
            actions.merge(timed.get(i).start(), atStart, Integer::sum);
        }
        boolean last = first + i + 1 == job.steps().size();
        if (step.kind() == StepKind.ATTENDED
                && (last || job.steps().get(first + i + 1).kind() == StepKind.HANDS)) {
            Instant end = timed.get(i).end();
            actions.merge(end.isBefore(request.now()) ? grid.up(request.now()) : end, 1, Integer::sum);
        }
    }

    private void hands(Instant at, int many) {
        int room = 0;
        for (int person = 0; person < request.people().size(); person++) {
            boolean works = byPerson.getOrDefault(request.people().get(person).id(), List.of()).stream()
                    .anyMatch(work -> !at.isBefore(work.start()) && at.isBefore(work.end()));
            Optional<Staffed> there = stretch(peopleThere.get(person), at);
            if (!works && there.isPresent()) {
                room += (int) Math.min(
                        2, Duration.between(at, there.get().endExclusive()).dividedBy(action));
            }
        }
        require(many <= room, "%s actions at %s, with hands for %s".formatted(many, at, room));
    }

    private void apart(String what, List<Timed> held, boolean place) {
        held.sort(Comparator.comparing(Timed::start));
        for (int i = 1; i < held.size(); i++) {
            require(
                    !held.get(i).start().isBefore(held.get(i - 1).end()),
                    "%s %s %s and %s at once"
                            .formatted(
                                    what,
                                    place ? "holds" : "works at",
                                    held.get(i - 1).id(),
                                    held.get(i).id()));
        }
    }

    private boolean isAttended(Instant from, Instant until) {
        Instant reached = from;
        boolean grown = true;
        while (grown && reached.isBefore(until)) {
            grown = false;
            for (List<Staffed> there : peopleThere) {
                Optional<Staffed> stretch = stretch(there, reached);
                if (stretch.isPresent()) {
                    reached = stretch.get().endExclusive();
                    grown = true;
                }
            }
        }
        return !reached.isBefore(until);
    }

    private void require(boolean holds, String what) {
        if (!holds) {
            wrong.add(what);
        }
    }

    private static Duration minutes(BigDecimal minutes) {
        return Duration.ofSeconds(Tasks.seconds(minutes));
    }

    private static Optional<Staffed> stretch(List<Staffed> stretches, Instant at) {
        return stretches.stream().filter(one -> one.contains(at)).findFirst();
    }
}
