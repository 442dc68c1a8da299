package glowkettle.calibrate.shopplan;

import glowkettle.calibrate.shopplan.Crowding.Floor;
import glowkettle.calibrate.shopplan.Orders.Found;
import glowkettle.calibrate.shopplan.ShopRequest.Place;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Working;
import glowkettle.limits.Remembered;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Plans a shop. Who fits nowhere alone is left out with its cause. A good plan comes from {@link Rounds}; few jobs are then proven by
 * {@link Orders} and {@link Edges}, of many the plan stands beside its bound by {@link Crowding}. Source: handbook, Calibrate, "The plan of the
 * whole shop, said exactly".
 */
public final class ShopPlanner {
    /** A job that ends nowhere within so many days alone is left out. */
    static final int DAYS_ALONE = 28;

    private static final int MOST_DAYS = 16 * DAYS_ALONE;
    private static final int FEW = 12;
    /** So few are proven in a moment, whatever the first plan is. */
    private static final int VERY_FEW = 4;

    private static final int ROUNDS_OF_VERY_FEW = 200;
    private static final int ROUNDS_OF_FEW = 2_000;
    private static final int ROUNDS_OF_MANY = 3_500;
    private static final int LOOSENED = 40;

    private static final long NODES = 60_000;
    private static final Remembered<ShopRequest, Result<ShopPlan>> PLANS = new Remembered<>(50, ShopPlanner::made);

    private final ShopRequest request;
    private final ShopLimits limits;
    private final List<String> kinds;

    private ShopPlanner(ShopRequest request, ShopLimits limits) {
        this.request = request;
        this.limits = limits;
        this.kinds = Stream.concat(
                        request.places().stream().map(Place::kind),
                        request.jobs().stream()
                                .flatMap(job -> job.steps().stream())
                                .map(ShopRequest.Step::placeKind)
                                .filter(Objects::nonNull))
                .distinct()
                .toList();
    }

    /** @throws glowkettle.finding.Unanswerable where the request contradicts itself, with its field */
    public static Result<ShopPlan> plan(ShopRequest request, ShopLimits limits) {
        return PLANS.of(request, limits);
    }

    private static Result<ShopPlan> made(ShopRequest request, ShopLimits limits) {
        ShopRules.require(request);
        return new ShopPlanner(request, limits).made();
    }

    private Result<ShopPlan> made() {
        Shop shop = shop(DAYS_ALONE);
        Map<String, ShopPlan.Misfit> misfits = new HashMap<>();
        Map<String, Placed> alone = new HashMap<>();
        for (Task task : tasks(shop)) {
            Placed placed = Misfits.alone(shop, task);
            if (placed == null) {
                misfits.put(task.id(), new Misfits(request, shop, kinds, task).why());
            } else {
                alone.put(task.id(), placed);
            }
        }
        Solved solved = solved(misfits, alone);
        ShopPlan plan = new Timetable(request, solved, misfits).plan();
        List<String> wrong = PlanCheck.of(request, plan, limits);
        if (!wrong.isEmpty()) {
            throw new IllegalStateException("The plan breaks its own rules: " + wrong);
        }
        return new Result<>(plan, findings(plan), working(plan));
    }

    /** A plan on the grid, and what is known of it. */
    record Solved(Shop shop, List<Placed> placed, Sums sums, boolean proven, Floor floor) {}

    private Solved solved(Map<String, ShopPlan.Misfit> misfits, Map<String, Placed> alone) {
        for (int days = DAYS_ALONE; ; days *= 2) {
            Shop shop = shop(days);
            List<Task> tasks = tasks(shop).stream()
                    .filter(task -> !misfits.containsKey(task.id()))
                    .toList();
            Rounds rounds = new Rounds(shop, tasks);
            if (rounds.begin()) {
                return solved(shop, tasks, rounds, alone);
            }
            if (days >= MOST_DAYS) {
                Task last = tasks.getLast();
                misfits.put(last.id(), Misfits.crowdedOut(days));
                return solved(misfits, alone);
            }
        }
    }

    private static Solved solved(Shop shop, List<Task> tasks, Rounds rounds, Map<String, Placed> alone) {
        Work work = new Work(shop, tasks);
        Floor floor = floor(work, alone);
        boolean few = tasks.size() <= FEW;
        rounds.improve(tasks.size() <= VERY_FEW ? ROUNDS_OF_VERY_FEW : few ? ROUNDS_OF_FEW : ROUNDS_OF_MANY);
        rounds.settle();
        Sums sums = rounds.sums();
        if (!few || tasks.isEmpty()) {
            return new Solved(shop, rounds.plan(), sums, tasks.isEmpty(), floor);
        }
        Openings openings = new Openings(work);
        if (tasks.size() > VERY_FEW) {
            rounds.take(plan(work, new Loosened(work, openings).improve(found(work, rounds.plan()), LOOSENED)));
            rounds.settle();
            sums = rounds.sums();
        }
        Orders.Answer orders = new Orders(work, openings, NODES).search(sums);
        if (orders.found() != null) {
            rounds.take(plan(work, orders.found()));
            rounds.settle();
            sums = rounds.sums();
        }
        boolean proven = orders.proven();
        if (proven) {
            Edges.Answer edges = new Edges(work, openings, NODES).search(orders.ties(), sums.far());
            if (edges.found() != null) {
                rounds.take(plan(work, edges.found()));
                rounds.settle();
                sums = rounds.sums();
            }
            proven = edges.proven();
            floor = new Floor(sums.lateS(), sums.finishSlots());
        } else {
            floor = new Floor(
                    Math.max(floor.lateS(), orders.lateBoundS()), Math.max(floor.finish(), orders.finishBound()));
        }
        return new Solved(shop, rounds.plan(), sums, proven, floor);
    }

    /** Below what no plan lies: what each task needs alone, and what the places and the people need for all. */
    private static Floor floor(Work work, Map<String, Placed> alone) {
        int[] starts = work.tasks.stream()
                .flatMapToInt(task -> Arrays.stream(
                        Objects.requireNonNull(alone.get(task.id())).starts()))
                .toArray();
        return new Crowding(work).of(starts, work.sums(starts));
    }

    private static Found found(Work work, List<Placed> plan) {
        return new Found(
                plan.stream().flatMapToInt(one -> Arrays.stream(one.starts())).toArray(),
                plan.stream().flatMapToInt(one -> Arrays.stream(one.persons())).toArray());
    }

    private static List<Placed> plan(Work work, Found found) {
        return IntStream.range(0, work.tasks.size())
                .mapToObj(task -> work.placed(task, found.starts(), found.persons()))
                .toList();
    }

    private Shop shop(int days) {
        List<Integer> units = kinds.stream()
                .map(kind -> (int) request.places().stream()
                        .filter(place -> place.kind().equals(kind))
                        .count())
                .toList();
        return new Shop(request, units, days, limits);
    }

    private List<Task> tasks(Shop shop) {
        return new Tasks(request, shop, kinds, limits).all();
    }

    private static List<Finding> findings(ShopPlan plan) {
        List<Finding> findings = new ArrayList<>();
        for (ShopPlan.Planned job : plan.jobs()) {
            if (job.misfit() != null) {
                findings.add(Finding.stop(
                        "misfit-" + job.id(),
                        job.id() + " is left out: " + job.misfit().cause()));
            } else if (job.lateMinutes() != null && job.lateMinutes().signum() > 0) {
                findings.add(Finding.care(
                        "late-" + job.id(),
                        "%s is %s min later than promised.".formatted(job.id(), job.lateMinutes())));
            }
        }
        return findings;
    }

    private static Working working(ShopPlan plan) {
        return Working.of(
                "minutes late, all jobs together: %s; no plan has less than %s"
                        .formatted(plan.lateMinutes(), plan.lateBound()),
                "minutes to the finish, all jobs together: %s; no such plan has less than %s"
                        .formatted(plan.finishMinutes(), plan.finishBound()),
                plan.proven()
                        ? "proven: no plan is better in these sums"
                        : "not proven: %s above its bound".formatted(gap(plan)));
    }

    private static String gap(ShopPlan plan) {
        return plan.finishBound() == 0
                ? "nothing"
                : BigDecimal.valueOf(plan.finishMinutes() - plan.finishBound())
                                .multiply(BigDecimal.valueOf(100))
                                .divide(BigDecimal.valueOf(plan.finishBound()), 1, RoundingMode.HALF_UP)
                        + " %";
    }
}
