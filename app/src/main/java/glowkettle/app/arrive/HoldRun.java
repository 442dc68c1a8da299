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
import java.math.RoundingMode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** One run of the tester: every sample is shown as it comes, and the whole log is kept at the end. */
@Component
class HoldRun {
    /** Twice as dense as the rule asks, so that samples that come late make no sparse log. */
    private static final int SAMPLES_PER_SECOND = 20;

    private static final double NANOS_PER_SECOND = 1e9;
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

    /** A run, and whoever listens to it; what it said before somebody did is said first. */
    private static final class Run {
        private final String id = UUID.randomUUID().toString();
        private final List<SseEmitter.SseEventBuilder> said = new ArrayList<>();
        private @Nullable SseEmitter listener;
        private boolean ended;

        synchronized void say(String name, String data) throws IOException {
            SseEmitter.SseEventBuilder event = SseEmitter.event().name(name).data(data);
            if (listener == null) {
                said.add(event);
            } else {
                listener.send(event);
            }
        }

        synchronized void end() {
            ended = true;
            if (listener != null) {
                listener.complete();
            }
        }

        synchronized void listen(SseEmitter emitter) throws IOException {
            for (SseEmitter.SseEventBuilder event : said) {
                emitter.send(event);
            }
            said.clear();
            listener = emitter;
            if (ended) {
                emitter.complete();
            }
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
        try {
            run.listen(emitter);
        } catch (IOException | IllegalStateException gone) {
            emitter.complete();
        }
        return Optional.of(emitter);
    }

    private void run(JobFile job, Moment moment, double seconds, Run run) {
        try {
            PressureTester tester = instruments.pressureTester(job, moment, target(job), hurry);
            long begun = System.nanoTime();
            long interval = Math.round(NANOS_PER_SECOND / SAMPLES_PER_SECOND / hurry);
            List<PressureHold.Sample> samples = new ArrayList<>();
            double at;
            do {
                BigDecimal kpa = tester.kpa();
                long passed = System.nanoTime() - begun;
                at = passed / NANOS_PER_SECOND * hurry;
                PressureHold.Sample sample =
                        new PressureHold.Sample(BigDecimal.valueOf(at).setScale(3, RoundingMode.HALF_UP), kpa);
                samples.add(sample);
                run.say("sample", "{\"seconds\":%s,\"kpa\":%s}".formatted(sample.seconds(), sample.kpa()));
                // A moment that was missed is not made up for: two samples at once would tell nothing.
                Thread.sleep(Duration.ofNanos(interval - passed % interval));
            } while (at < seconds);
            run.say("done", logs.keep(job.number(), new PressureHold.Log(target(job), volumeMl(job), samples)));
        } catch (InstrumentSilent silent) {
            said(run, String.valueOf(silent.getMessage()));
        } catch (InterruptedException | IOException | IllegalStateException gone) {
            // The page was left; nothing of the run is kept.
        } finally {
            run.end();
        }
    }

    private static void said(Run run, String reason) {
        try {
            run.say("silent", reason);
        } catch (IOException | IllegalStateException gone) {
            // Nobody listens any more.
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
