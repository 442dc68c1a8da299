package glowkettle.app.arrive;

import glowkettle.app.drawing.Plot;
import glowkettle.arrive.PressureHold;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The pressure-hold test on a page: its curve and verdict, and the one before the refit beside the one after it. */
@Component
public class HoldPanel {
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
            Plot chart) {}

    /** A test, its log while that is kept, and why it must be repeated where it must. */
    public record Held(
            PressureHold held,
            PressureHold.@Nullable Log log,
            @Nullable String repeat) {}

    /** The panel of a page on which tests of this moment are made. */
    public Shown of(JobFile job, Moment moment) {
        Held latest = latest(job, moment);
        Held baseline = moment == Moment.AFTER ? latest(job, Moment.BEFORE) : null;
        BigDecimal seconds = job.limits().of(Limit.HOLD_SECONDS);
        return new Shown(
                moment,
                latest,
                baseline,
                HoldRun.target(job),
                HoldRun.volumeMl(job),
                seconds,
                HoldChart.of(
                        HoldRun.target(job),
                        seconds,
                        latest == null ? null : latest.log(),
                        baseline == null ? null : baseline.log()));
    }

    private @Nullable Held latest(JobFile job, Moment moment) {
        return job.state()
                .all(ArriveEntry.PressureHeld.class)
                .filter(held -> held.moment() == moment)
                .reduce((earlier, later) -> later)
                .map(held -> held(job, held))
                .orElse(null);
    }

    private Held held(JobFile job, ArriveEntry.PressureHeld held) {
        PressureHold.Log log = logs.log(job.number(), held.log()).orElse(null);
        boolean repeat = held.held().verdict() == PressureHold.Verdict.REPEAT;
        return new Held(
                held.held(),
                log,
                repeat && log != null
                        ? PressureHold.judge(log, job.limits())
                                .findings()
                                .getFirst()
                                .sentence()
                        : null);
    }
}
