package glowkettle.calibrate.shopplan;

import glowkettle.calibrate.Spare;
import glowkettle.calibrate.shopplan.ShopRequest.Job;
import glowkettle.calibrate.shopplan.ShopRequest.Place;
import glowkettle.calibrate.shopplan.ShopRequest.Step;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The jobs of a request on the grid of its shop, in the order of promise and id. */
final class Tasks {
    private static final BigDecimal SECONDS = BigDecimal.valueOf(60);

    /** Jobs in the order in which their tasks are ranked. */
    static final Comparator<Job> BY_PROMISE = Comparator.comparing(
                    (Job job) -> job.promise() == null ? Instant.MAX : job.promise())
            .thenComparing(Job::id);

    private final ShopRequest request;
    private final Shop shop;
    private final List<String> kinds;
    private final ShopLimits limits;

    Tasks(ShopRequest request, Shop shop, List<String> kinds, ShopLimits limits) {
        this.request = request;
        this.shop = shop;
        this.kinds = kinds;
        this.limits = limits;
    }

    List<Task> all() {
        List<Job> jobs = request.jobs().stream().sorted(BY_PROMISE).toList();
        List<Task> tasks = new ArrayList<>();
        for (int rank = 0; rank < jobs.size(); rank++) {
            tasks.add(task(rank, jobs.get(rank)));
        }
        return tasks;
    }

    private Task task(int rank, Job job) {
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < job.steps().size(); i++) {
            pieces.add(piece(job.steps(), i, !job.runs() && i == job.stepsBegun()));
        }
        int first = job.stepsBegun();
        Task.Running running = job.running()
                .map(runs -> running(runs, pieces.get(job.stepsBegun() - 1)))
                .orElse(Task.Running.NOTHING);
        // What ended by itself went over into the next by itself.
        while (running.runs() && chained(pieces, first) && running.end() < 0) {
            int end = running.end() + pieces.get(first).length();
            first++;
            running = new Task.Running(true, running.end(), end, -1, -1, -1);
        }
        long promiseS = job.promise() == null
                ? Long.MAX_VALUE
                : Duration.between(shop.origin, job.promise()).toSeconds();
        return new Task(rank, job.id(), promiseS, job.tier().ordinal(), List.copyOf(pieces), first, running);
    }

    private static boolean chained(List<Piece> pieces, int first) {
        return first < pieces.size()
                && pieces.get(first - 1).free()
                && pieces.get(first).free();
    }

    private Piece piece(List<Step> steps, int i, boolean afterWhatIsDone) {
        Step step = steps.get(i);
        StepKind before = i == 0 ? null : steps.get(i - 1).kind();
        StepKind after = i + 1 == steps.size() ? null : steps.get(i + 1).kind();
        int length = shop.ceil(seconds(step.minutes()));
        boolean attended = step.kind() == StepKind.ATTENDED;
        boolean waits = attended && after != null && after != StepKind.HANDS;
        return new Piece(
                step.kind(),
                length,
                attended
                        ? Spare.behind(Duration.ofSeconds(length * shop.slotS), limits)
                                .toSeconds()
                        : 0,
                step.placeKind() == null ? -1 : kinds.indexOf(step.placeKind()),
                slack(step, length),
                startActions(step.kind(), before, afterWhatIsDone),
                attended && !waits,
                waits);
    }

    /** The change from a charger is unplugging and starting; where the last step is done, it is unplugged already. */
    private static int startActions(StepKind kind, @Nullable StepKind before, boolean afterWhatIsDone) {
        return switch (kind) {
            case HANDS -> 0;
            case ATTENDED -> before == StepKind.ATTENDED && !afterWhatIsDone ? 2 : 1;
            case FREE -> before == StepKind.FREE ? 0 : before == StepKind.ATTENDED && !afterWhatIsDone ? 2 : 1;
        };
    }

    private int slack(Step step, int length) {
        if (step.kind() != StepKind.FREE || step.atMostMinutes() == null) {
            return Piece.UNBOUND;
        }
        return Math.toIntExact(
                Math.max(0, Math.floorDiv(seconds(step.atMostMinutes()) - length * shop.slotS, shop.slotS)));
    }

    private Task.Running running(ShopRequest.Running runs, Piece piece) {
        Instant start = runs.start();
        int end = Math.toIntExact(Math.ceilDiv(
                Duration.between(shop.origin, start).toSeconds() + piece.length() * shop.slotS, shop.slotS));
        return new Task.Running(
                true,
                Math.toIntExact(
                        Math.floorDiv(Duration.between(shop.origin, start).toSeconds(), shop.slotS)),
                piece.free() ? end : Math.max(0, end),
                intervalOf(start),
                unit(runs),
                person(runs));
    }

    /** The stretch in which it began, as far as that one is still open. */
    private int intervalOf(Instant start) {
        return request.hours()
                        .at(start)
                        .filter(stretch -> shop.interval[0] >= 0 && stretch.contains(shop.origin))
                        .isPresent()
                ? shop.interval[0]
                : -1;
    }

    private int unit(ShopRequest.Running runs) {
        Place held = request.places().stream()
                .filter(place -> place.id().equals(runs.place()))
                .findFirst()
                .orElse(null);
        return held == null
                ? -1
                : request.places().stream()
                        .filter(place -> place.kind().equals(held.kind()))
                        .toList()
                        .indexOf(held);
    }

    private int person(ShopRequest.Running runs) {
        for (int i = 0; i < request.people().size(); i++) {
            if (request.people().get(i).id().equals(runs.person())) {
                return i;
            }
        }
        return -1;
    }

    static long seconds(BigDecimal minutes) {
        return minutes.multiply(SECONDS).setScale(0, RoundingMode.CEILING).longValueExact();
    }
}
