package glowkettle.app.arrive;

import glowkettle.app.shop.BenchInstruments;
import glowkettle.arrive.PressureHold;
import glowkettle.instruments.InstrumentSilent;
import glowkettle.instruments.PressureTester;
import glowkettle.journal.Entry;
import glowkettle.journal.JobFile;
import glowkettle.limits.Limit;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** One run of the tester: every sample is shown as it comes, and the whole log is kept at the end. */
@Component
class HoldRun {
    private static final int SAMPLES_PER_SECOND = 10;
    private static final double NANOS_PER_SECOND = 1e9;

    private final BenchInstruments instruments;
    private final BenchLogs logs;
    private final double hurry;
    /** The job whose shell the one tester holds now. */
    private final AtomicReference<Long> held = new AtomicReference<>();

    /**
     * @param hurry how many times faster than life the simulated tester runs
     */
    HoldRun(BenchInstruments instruments, BenchLogs logs, @Value("${glow-kettle.tester-hurry:1}") double hurry) {
        this.instruments = instruments;
        this.logs = logs;
        this.hurry = hurry;
    }

    SseEmitter start(JobFile job, Entry.Moment moment) {
        double seconds = job.limits().number(Limit.HOLD_SECONDS);
        SseEmitter emitter =
                new SseEmitter(Duration.ofSeconds(Math.round(seconds) + 30).toMillis());
        Thread.ofVirtual().name("hold-" + job.number()).start(() -> alone(job, moment, seconds, emitter));
        return emitter;
    }

    private void alone(JobFile job, Entry.Moment moment, double seconds, SseEmitter emitter) {
        if (!held.compareAndSet(null, job.number())) {
            say(emitter, "The tester is at job %s. Wait until it is done.".formatted(held.get()));
            return;
        }
        try {
            run(job, moment, seconds, emitter);
        } finally {
            held.set(null);
        }
    }

    private void run(JobFile job, Entry.Moment moment, double seconds, SseEmitter emitter) {
        try {
            PressureTester tester = instruments.pressureTester(job, moment, target(job), hurry);
            long begun = System.nanoTime();
            List<PressureHold.Sample> samples = new ArrayList<>();
            for (int i = 0; i <= seconds * SAMPLES_PER_SECOND; i++) {
                long due = begun + Math.round(i * NANOS_PER_SECOND / SAMPLES_PER_SECOND / hurry);
                Thread.sleep(Duration.ofNanos(Math.max(0, due - System.nanoTime())));
                BigDecimal kpa = tester.kpa();
                double at = (System.nanoTime() - begun) / NANOS_PER_SECOND * hurry;
                PressureHold.Sample sample =
                        new PressureHold.Sample(BigDecimal.valueOf(at).setScale(3, RoundingMode.HALF_UP), kpa);
                samples.add(sample);
                emitter.send(SseEmitter.event()
                        .name("sample")
                        .data("{\"seconds\":%s,\"kpa\":%s}".formatted(sample.seconds(), sample.kpa())));
            }
            String log = logs.keep(job.number(), new PressureHold.Log(target(job), volumeMl(job), samples));
            emitter.send(SseEmitter.event().name("done").data(log));
            emitter.complete();
        } catch (InstrumentSilent silent) {
            say(emitter, String.valueOf(silent.getMessage()));
        } catch (InterruptedException | IOException | IllegalStateException gone) {
            // The page was left; nothing of the run is kept.
            emitter.complete();
        }
    }

    private static void say(SseEmitter emitter, String reason) {
        try {
            emitter.send(SseEmitter.event().name("silent").data(reason));
        } catch (IOException | IllegalStateException gone) {
            // Nobody listens any more.
        }
        emitter.complete();
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
