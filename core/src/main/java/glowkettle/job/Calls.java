package glowkettle.job;

import glowkettle.assess.Tier;
import glowkettle.calibrate.Progress;
import glowkettle.isolation.Watch;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.PackHealth;
import glowkettle.job.free.BenchClocks;
import glowkettle.job.free.Freeing;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.library.Operation;
import glowkettle.limits.Limit;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Whatever of a job calls for hands, and since or from when: a call whose moment has not come yet is only told of. Every
 * moment comes from the journal, so that the same journal always calls the same. Source: handbook, What comes first.
 */
public final class Calls {
    private static final BigDecimal SECONDS_PER_MINUTE = BigDecimal.valueOf(60);
    private static final Duration LONGEST_DAY = Duration.ofHours(24);

    private final JobFile job;
    private final List<Call> calls = new ArrayList<>();

    /**
     * A call.
     *
     * @param stays until it is acted on; one that only tells leaves by itself
     */
    public record Call(Instant at, CallClass cls, String what, Stage stage, boolean stays) {}

    private Calls(JobFile job) {
        this.job = job;
    }

    /** Of a job as it stood at its newest entry. */
    public static List<Call> of(JobFile job, OpeningHours hours) {
        Calls calls = new Calls(job);
        calls.stored();
        if (!job.closed()) {
            calls.evacuated();
            calls.isolated();
            calls.livePack();
            calls.bench();
            calls.atClosing(hours);
            calls.promise();
        }
        return calls.calls;
    }

    private void danger(Instant at, String what, Stage stage) {
        calls.add(new Call(at, CallClass.DANGER, what, stage, true));
    }

    private Instant lastReading() {
        return job.state().counting().stream()
                .filter(recorded -> job.chapters().of(recorded.entry()).traits().reads() == Traits.Reads.READING)
                .map(Recorded::at)
                .reduce((earlier, later) -> later)
                .orElseGet(job::now);
    }

    private void evacuated() {
        if (job.tier().result().tier() != Tier.EVACUATE) {
            return;
        }
        boolean accounted = job.state()
                .latestRecorded(AssessEntry.Evacuated.class)
                .filter(account -> !account.at().isBefore(lastReading()))
                .isPresent();
        if (!accounted) {
            danger(lastReading(), "Evacuate: nobody has accounted for it", Stage.ASSESS);
        }
    }

    private void isolated() {
        if (job.tier().result().tier() == Tier.ISOLATE
                && job.halted()
                && job.stored().isEmpty()) {
            danger(lastReading(), "isolated, and in no container", Stage.ASSESS);
        }
    }

    /** Warm or changed at its newest look; a good one ends it. */
    private void stored() {
        if (job.released().isPresent()) {
            return;
        }
        job.state().latestRecorded(IsolationEntry.Watched.class).ifPresent(look -> {
            IsolationEntry.Watched seen = (IsolationEntry.Watched) look.entry();
            boolean changed = seen.look() != null && seen.look().findsSomething();
            if (changed || Watch.warm(seen.surfaceC(), seen.ambientC(), job.limits())) {
                danger(look.at(), "the stored pack was found " + (changed ? "changed" : "warm"), Stage.ASSESS);
            }
        });
    }

    /** Open, its pack connected, and nobody does anything about it. */
    private void livePack() {
        boolean open = job.stepsIn().stream()
                .flatMap(step -> job.operation(step).stream())
                .anyMatch(operation -> operation.isInside() || operation.kind().closes());
        if (!open || job.disconnected() || !job.stepsBack().isEmpty()) {
            return;
        }
        Recorded last = job.state().counting().getLast();
        danger(
                last.at()
                        .plusSeconds(job.limits()
                                .of(Limit.LIVE_PACK_MINUTES)
                                .multiply(SECONDS_PER_MINUTE)
                                .longValue()),
                "lies open with its pack connected",
                job.nextStep(job.plan().result())
                        .filter(step -> Freeing.isFreeing(job, step.operation()))
                        .map(step -> Stage.FREE)
                        .orElse(Stage.OPEN));
    }

    private void bench() {
        for (BenchClocks.Clock clock : BenchClocks.of(job)) {
            calls.add(new Call(
                    clock.at(),
                    clock.kind().cls(),
                    clock.what(),
                    Stage.FREE,
                    clock.kind().needsHands()));
        }
        boolean sparkNext = job.nextStep(job.plan().result()).isEmpty() && job.packChosen();
        job.freeing()
                .ignition()
                .filter(lock -> sparkNext && lock.holds(job.now()))
                .ifPresent(lock -> calls.add(new Call(
                        job.now(), CallClass.WATCH, "solvent is wet where a spark is next", Stage.FREE, false)));
    }

    /** Charge and load belong to staffed hours: at closing they are off. */
    private void atClosing(OpeningHours hours) {
        Progress cycle = job.soak().progress();
        if (cycle.chargeStarted() != null
                && cycle.runDownStarted() == null
                && !job.soak().leftOut()) {
            closing(cycle.chargeStarted(), hours)
                    .ifPresent(at -> danger(at, "still on its charger at closing: unplug it", Stage.CALIBRATE));
        }
        if (cycle.lastChargeStarted() != null
                && cycle.lastChargeEnded() == null
                && !job.soak().leftOut()) {
            closing(cycle.lastChargeStarted(), hours)
                    .ifPresent(at -> danger(at, "still on its charger at closing: unplug it", Stage.CALIBRATE));
        }
        if (PackHealth.of(job).waitsForRunDown()) {
            job.state()
                    .latestRecorded(AssessEntry.RunDownChosen.class)
                    .flatMap(chosen -> closing(chosen.at(), hours))
                    .ifPresent(at -> danger(at, "still under its load at closing: load off", Stage.ASSESS));
        }
    }

    private static Optional<Instant> closing(Instant begun, OpeningHours hours) {
        return hours.between(begun, begun.plus(LONGEST_DAY)).stream()
                .filter(staffed -> staffed.endExclusive().isAfter(begun))
                .map(OpeningHours.Staffed::endExclusive)
                .findFirst();
    }

    private void promise() {
        Instant promise = job.state().promise();
        if (promise != null) {
            calls.add(new Call(
                    promise,
                    CallClass.PROMISE,
                    "was promised for now",
                    job.next().stage(),
                    true));
        }
    }

    /** How far a device is open: with its pack connected before all others. */
    public static Standing standing(JobFile job) {
        if (job.closed() || job.stepsIn().isEmpty()) {
            return Standing.CLOSED;
        }
        boolean shut = !job.stepsBack().isEmpty()
                && job.nextStepBack(job.wayBack().result()).isEmpty();
        if (shut) {
            return Standing.CLOSED;
        }
        boolean inside = job.stepsIn().stream()
                .flatMap(step -> job.operation(step).stream())
                .anyMatch(Operation::isInside);
        return inside && !job.disconnected() ? Standing.LIVE : Standing.OPEN;
    }

    /** In the order in which work comes first. */
    public enum Standing {
        LIVE,
        OPEN,
        CLOSED
    }
}
