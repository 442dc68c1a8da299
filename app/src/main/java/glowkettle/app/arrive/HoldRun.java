package glowkettle.app.arrive;

import glowkettle.app.shop.BenchInstruments;
import glowkettle.arrive.PressureHold;
import glowkettle.instruments.InstrumentSilent;
import glowkettle.instruments.PressureTester;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.limits.Limit;
import java.io.IOException;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** One run of the tester: every sample is shown as it comes, and the whole log is kept at the end. */
@Component
class HoldRun {
    private static final Duration ASKED_EVERY = Duration.ofMillis(50);
    private static final Duration LISTENED_FOR = Duration.ofMinutes(2);

    private final BenchInstruments instruments;
    private final BenchLogs logs;
    private final double hurry;
    /** The job whose shell the one tester holds now. */
    private final AtomicReference<Long> held = new AtomicReference<>();

    private final AtomicReference<Run> current = new AtomicReference<>();

    /**
     * @param hurry how many times faster than life the simulated tester runs
     */
    HoldRun(BenchInstruments instruments, BenchLogs logs, @Value("${glow-kettle.tester-hurry:1}") double hurry) {
        this.instruments = instruments;
        this.logs = logs;
        this.hurry = hurry;
    }

    /** Whether the one tester could be had. */
    sealed interface Start {
        record Running(String id) implements Start {}

        record Busy(String reason) implements Start {}
    }

    /** A run, and whoever listens to it: what is said waits until it is written, and nobody who samples waits for that. */
    private static final class Run {
        private final String id = UUID.randomUUID().toString();
        private final BlockingQueue<Optional<SseEmitter.SseEventBuilder>> said = new LinkedBlockingQueue<>();

        void say(String name, String data) {
            said.add(Optional.of(SseEmitter.event().name(name).data(data)));
        }

        void end() {
            said.add(Optional.empty());
        }

        void listen(SseEmitter emitter) {
            Thread.ofPlatform().daemon().name("hold-" + id).start(() -> write(emitter));
        }

        private void write(SseEmitter emitter) {
            try {
                for (Optional<SseEmitter.SseEventBuilder> event = said.take(); event.isPresent(); event = said.take()) {
                    emitter.send(event.get());
                }
            } catch (IOException | IllegalStateException gone) {
                // The page was left.
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
            }
            emitter.complete();
        }
    }

    Start start(JobFile job, Moment moment) {
        if (!held.compareAndSet(null, job.number())) {
            return new Start.Busy("The tester is at job %s. Wait until it is done.".formatted(held.get()));
        }
        double seconds = job.limits().number(Limit.HOLD_SECONDS);
        Run run = new Run();
        current.set(run);
        Thread.ofPlatform().daemon().name("hold-" + job.number()).start(() -> {
            try {
                run(job, moment, seconds, run);
            } finally {
                held.set(null);
            }
        });
        return new Start.Running(run.id);
    }

    Optional<SseEmitter> listen(String id) {
        Run run = current.get();
        if (run == null || !run.id.equals(id)) {
            return Optional.empty();
        }
        SseEmitter emitter = new SseEmitter(LISTENED_FOR.toMillis());
        run.listen(emitter);
        return Optional.of(emitter);
    }

    private void run(JobFile job, Moment moment, double seconds, Run run) {
        try {
            PressureTester tester = instruments.pressureTester(job, moment, target(job), hurry);
            List<PressureHold.Sample> samples = new ArrayList<>();
            do {
                // The tester samples by its own clock; asking it late costs nothing.
                Thread.sleep(ASKED_EVERY);
                for (PressureTester.Sample taken : tester.samples()) {
                    samples.add(new PressureHold.Sample(taken.seconds(), taken.kpa()));
                    run.say("sample", "{\"seconds\":%s,\"kpa\":%s}".formatted(taken.seconds(), taken.kpa()));
                }
            } while (samples.isEmpty() || samples.getLast().seconds().doubleValue() < seconds);
            run.say("done", logs.keep(job.number(), new PressureHold.Log(target(job), volumeMl(job), samples)));
        } catch (InstrumentSilent silent) {
            run.say("silent", String.valueOf(silent.getMessage()));
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        } finally {
            run.end();
        }
    }

    static BigDecimal target(JobFile job) {
        return job.limits().of(Limit.HOLD_KPA);
    }

    static BigDecimal volumeMl(JobFile job) {
        return job.limits().of(Limit.HOLD_VOLUME_ML);
    }

    /** The target with the sign of what was logged: testers pump in or out. */
    static BigDecimal signed(JobFile job, List<BigDecimal[]> rows) {
        boolean under = rows.stream()
                        .map(row -> row[1])
                        .reduce(BigDecimal.ZERO, BigDecimal::add)
                        .signum()
                < 0;
        return under ? target(job).negate() : target(job);
    }
}
