package glowkettle.calibrate.shopplan;

import glowkettle.calibrate.shopplan.ShopPlan.Misfit;
import glowkettle.calibrate.shopplan.ShopPlan.Planned;
import glowkettle.calibrate.shopplan.ShopPlan.Timed;
import glowkettle.calibrate.shopplan.ShopRequest.Job;
import glowkettle.calibrate.shopplan.ShopRequest.Place;
import glowkettle.calibrate.shopplan.ShopRequest.Step;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A plan on the grid as it is said: in instants, with the name of each place and each person. */
final class Timetable {
    private final ShopRequest request;
    private final ShopPlanner.Solved solved;
    private final Shop shop;
    private final Map<String, Misfit> misfits;
    private final Map<String, String> places = new HashMap<>();

    Timetable(ShopRequest request, ShopPlanner.Solved solved, Map<String, Misfit> misfits) {
        this.request = request;
        this.solved = solved;
        this.shop = solved.shop();
        this.misfits = misfits;
    }

    ShopPlan plan() {
        Map<String, Placed> placed = new HashMap<>();
        solved.placed().forEach(one -> placed.put(one.task().id(), one));
        givePlaces();
        List<Planned> jobs = request.jobs().stream()
                .map(job -> misfits.containsKey(job.id())
                        ? new Planned(job.id(), null, null, List.of(), misfits.get(job.id()))
                        : planned(job, Objects.requireNonNull(placed.get(job.id()))))
                .toList();
        return new ShopPlan(
                jobs,
                minutes(solved.sums().lateS()),
                slotMinutes(solved.sums().finishSlots()),
                solved.sums().far() + farOfRunning(),
                solved.proven(),
                minutes(solved.floor().lateS()),
                slotMinutes(solved.floor().finish()));
    }

    private int farOfRunning() {
        return (int) solved.placed().stream()
                .map(Placed::task)
                .filter(task -> task.running().runs()
                        && task.before().endsWithAction()
                        && shop.far[task.running().end()])
                .count();
    }

    private long slotMinutes(long slots) {
        return slots * shop.slotS / 60;
    }

    private static BigDecimal minutes(long seconds) {
        BigDecimal minutes = BigDecimal.valueOf(seconds).divide(BigDecimal.valueOf(60), 2, RoundingMode.HALF_UP);
        return minutes.signum() == 0
                ? BigDecimal.ZERO
                : new BigDecimal(minutes.stripTrailingZeros().toPlainString());
    }

    /** Held for a while: whoever begins first takes the first that is free, and what runs stays where it is. */
    private record Held(
            String step,
            @Nullable String kind,
            int from,
            int until,
            @Nullable String at) {}

    private void givePlaces() {
        List<Held> held = new ArrayList<>();
        for (Placed one : solved.placed()) {
            Task task = one.task();
            Job job = job(task.id());
            if (task.running().runs() && task.before().place() >= 0) {
                String at = task.running().unit() < 0
                        ? null
                        : job.running().map(ShopRequest.Running::place).orElse(null);
                held.add(new Held(
                        key(job, task.first() - 1),
                        job.steps().get(task.first() - 1).placeKind(),
                        -1,
                        Math.max(0, one.runningUntil()),
                        at));
            }
            for (int i = 0; i < task.open(); i++) {
                if (task.piece(i).place() >= 0) {
                    held.add(new Held(
                            key(job, task.first() + i),
                            job.steps().get(task.first() + i).placeKind(),
                            one.starts()[i],
                            one.heldUntil(i),
                            null));
                }
            }
        }
        held.sort(Comparator.comparing((Held one) -> one.at() == null)
                .thenComparingInt(Held::from)
                .thenComparing(Held::step));
        Map<String, Integer> freeFrom = new HashMap<>();
        for (Held one : held) {
            String place = one.at() != null
                    ? one.at()
                    : request.places().stream()
                            .filter(other -> other.kind().equals(one.kind()))
                            .map(Place::id)
                            .filter(id -> freeFrom.getOrDefault(id, 0) <= Math.max(0, one.from()))
                            .findFirst()
                            .orElseThrow();
            freeFrom.put(place, one.until());
            places.put(one.step(), place);
        }
    }

    private static String key(Job job, int step) {
        return step + " " + job.id();
    }

    private Job job(String id) {
        return request.jobs().stream()
                .filter(job -> job.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private Planned planned(Job job, Placed placed) {
        Task task = placed.task();
        List<Timed> steps = new ArrayList<>();
        job.running().ifPresent(runs -> running(job, runs, placed, steps));
        for (int i = 0; i < task.open(); i++) {
            int at = task.first() + i;
            Step step = job.steps().get(at);
            int start = placed.starts()[i];
            int person = placed.persons()[i];
            steps.add(new Timed(
                    step.id(),
                    shop.at(start),
                    shop.at(start + task.piece(i).length()),
                    task.piece(i).place() < 0 ? null : shop.at(placed.heldUntil(i)),
                    places.get(key(job, at)),
                    person < 0 ? null : request.people().get(person).id()));
        }
        Instant finish = shop.at(placed.finish());
        return new Planned(job.id(), finish, minutes(task.lateS(placed.finish() * shop.slotS)), steps, null);
    }

    /** What runs, and what went over from it by itself before now. */
    private void running(Job job, ShopRequest.Running runs, Placed placed, List<Timed> steps) {
        Task task = placed.task();
        Instant start = runs.start();
        for (int at = job.stepsBegun() - 1; at < task.first(); at++) {
            Step step = job.steps().get(at);
            Piece piece = task.pieces().get(at);
            Instant end = shop.grid.up(start.plusSeconds(piece.length() * shop.slotS));
            boolean last = at == task.first() - 1;
            steps.add(new Timed(
                    step.id(),
                    start,
                    end,
                    piece.place() < 0 ? null : last && piece.attended() ? shop.at(placed.runningUntil()) : end,
                    at == job.stepsBegun() - 1 ? runs.place() : places.get(key(job, at)),
                    at == job.stepsBegun() - 1 ? runs.person() : null));
            start = end;
        }
    }
}
