package glowkettle.journal;

import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.Kept;
import glowkettle.calibrate.PhaseTimes;
import glowkettle.calibrate.Progress;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.library.DeviceModel;
import glowkettle.library.PackData;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The soak cycle of a job: what happened, whether it was kept, and when hands are needed. */
public final class SoakCycle {
    private final JobState state;
    private final DeviceModel model;
    private final ShopLimits limits;

    SoakCycle(JobFile job) {
        state = job.state();
        model = job.model();
        limits = job.limits();
    }

    /** What happened, with its times. */
    public Progress progress() {
        return log().progress();
    }

    SoakLog log() {
        return SoakLog.of(state);
    }

    public Result<Kept.Verdict> verdict() {
        SoakLog log = log();
        Result<Kept.Verdict> kept = Kept.judge(log.progress(), log.mishaps(), limits);
        if (!log.shutDownReckoned()) {
            return kept;
        }
        List<Finding> findings = new ArrayList<>(kept.findings());
        findings.add(Finding.note(
                "calibrate-shut-down-reckoned",
                "Nobody saw it shut down; the time is reckoned from the length of the run-down."));
        return new Result<>(kept.result(), findings, kept.working());
    }

    public boolean leftOut() {
        return state.latest(Entry.CycleLeftOut.class).isPresent();
    }

    public PhaseTimes phaseTimes() {
        return phaseTimes(state.latest(Entry.PackOffered.class)
                .map(offered -> offered.label().capacityMah())
                .orElse(model.pack().capacityMah()));
    }

    PhaseTimes phaseTimes(BigDecimal capacityMah) {
        PackData pack = model.pack();
        BigDecimal capacityAh = capacityMah.movePointLeft(3);
        return PhaseTimes.of(
                new PhaseTimes.ChargeRequest(
                        capacityAh,
                        pack.resistanceOhm(),
                        pack.series(),
                        pack.chargeLimitV(),
                        pack.chargeA(),
                        chargeLeftPercent()),
                new PhaseTimes.RunDownRequest(
                        capacityAh,
                        pack.resistanceOhm(),
                        pack.series(),
                        pack.chargeLimitV(),
                        pack.lightUseW(),
                        pack.cutOffV(),
                        BigDecimal.valueOf(100),
                        pack.shutDownPercent()),
                limits);
    }

    /** A new pack comes part charged; how far nobody has measured, so the longest charge is planned for. */
    private static BigDecimal chargeLeftPercent() {
        return BigDecimal.ZERO;
    }

    public Result<ClockPlan.Outcome> clockPlan(Instant now, OpeningHours hours, @Nullable Instant startAt) {
        Progress happened = progress();
        Progress progress =
                startAt != null && happened.chargeStarted() == null ? Progress.startingAt(startAt) : happened;
        return ClockPlan.plan(new ClockPlan.Request(now, state.promise(), phaseTimes(), hours, progress), limits);
    }

    /** Runtime at light use, in hours, from a capacity: what the owner will notice. */
    public BigDecimal expectedHours(BigDecimal capacityMah) {
        return model.pack()
                .nominalV()
                .multiply(capacityMah)
                .movePointLeft(3)
                .divide(model.pack().lightUseW(), new MathContext(3));
    }
}
