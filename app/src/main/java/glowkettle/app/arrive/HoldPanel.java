package glowkettle.app.arrive;

import glowkettle.arrive.PressureHold;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The pressure-hold test on a page: its curve and verdict, and the one before the refit beside the one after it. */
@Component
public class HoldPanel {
    private static final int WIDTH = 600;
    private static final int HEIGHT = 180;

    private final BenchLogs logs;

    HoldPanel(BenchLogs logs) {
        this.logs = logs;
    }

    /**
     * @param moment what a test on this page would be
     * @param baseline the test before the device was opened, shown beside a newer one
     */
    public record Shown(
            Moment moment,
            @Nullable Held latest,
            @Nullable Held baseline,
            BigDecimal targetKpa,
            BigDecimal volumeMl,
            BigDecimal seconds,
            int width,
            int height) {}

    /** A test, its curve, and why it must be repeated where it must. */
    public record Held(
            PressureHold held, String curve, @Nullable String repeat) {}

    /** The panel of a page on which tests of this moment are made. */
    public Shown of(JobFile job, Moment moment) {
        boolean after = moment == Moment.AFTER;
        return new Shown(
                moment,
                latest(job, moment),
                after ? latest(job, Moment.BEFORE) : null,
                HoldRun.target(job),
                HoldRun.volumeMl(job),
                job.limits().of(Limit.HOLD_SECONDS),
                WIDTH,
                HEIGHT);
    }

    private @Nullable Held latest(JobFile job, Moment moment) {
        return job.state()
                .all(ArriveEntry.PressureHeld.class)
                .filter(held -> held.moment() == moment)
                .reduce((earlier, later) -> later)
                .map(held -> new Held(held.held(), curve(job, held), repeat(job, held)))
                .orElse(null);
    }

    private @Nullable String repeat(JobFile job, ArriveEntry.PressureHeld held) {
        return held.held().verdict() != PressureHold.Verdict.REPEAT
                ? null
                : logs.log(job.number(), held.log())
                        .map(log -> PressureHold.judge(log, job.limits()))
                        .map(judged -> judged.findings().getFirst().sentence())
                        .orElse(null);
    }

    /** As far from the top as the pressure is from its target, whether it was pumped in or out. */
    private String curve(JobFile job, ArriveEntry.PressureHeld held) {
        Optional<PressureHold.Log> log = logs.log(job.number(), held.log());
        double seconds = job.limits().number(Limit.HOLD_SECONDS);
        double target = held.targetKpa().doubleValue();
        return log.stream()
                .flatMap(kept -> kept.samples().stream())
                .map(sample -> String.format(
                        Locale.ROOT,
                        "%.1f,%.1f",
                        sample.seconds().doubleValue() / seconds * WIDTH,
                        HEIGHT * (1 - sample.kpa().doubleValue() / target * 0.9)))
                .collect(Collectors.joining(" "));
    }
}
