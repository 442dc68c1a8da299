package glowkettle.job.calibrate;

import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.PhaseTimes;
import glowkettle.calibrate.Progress;
import glowkettle.calibrate.School;
import glowkettle.calibrate.SoakVerdict;
import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.fit.Fitting;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.Instant;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** The soak cycle of a job: what happened, whether it was kept, and when hands are needed. */
public final class SoakCycle {
    private final JobState state;
    private final DeviceModel model;
    private final ShopLimits limits;

    private final JobFile job;

    private SoakCycle(JobFile job) {
        this.job = job;
        state = job.state();
        model = job.model();
        limits = job.limits();
    }

    public static SoakCycle of(JobFile job) {
        return new SoakCycle(job);
    }

    /** What happened, with its times. */
    public Progress progress() {
        return log().progress();
    }

    SoakLog log() {
        return SoakLog.of(state);
    }

    public Result<SoakVerdict.Verdict> verdict() {
        SoakLog log = log();
        Progress seen = log.progress();
        Set<SoakVerdict.Reckoned> reckoned = EnumSet.noneOf(SoakVerdict.Reckoned.class);
        if (log.shutDownReckoned()) {
            reckoned.add(SoakVerdict.Reckoned.SHUT_DOWN);
        }
        if (seen.fullSeen() == null && seen.chargeStarted() != null && seen.runDownStarted() != null) {
            reckoned.add(SoakVerdict.Reckoned.FULL);
            Instant full = seen.chargeStarted().plus(phaseTimes().charge());
            seen = new Progress(
                    seen.chargeStarted(),
                    full.isBefore(seen.runDownStarted()) ? full : seen.runDownStarted(),
                    seen.runDownStarted(),
                    seen.shutDownSeen(),
                    seen.lastChargeStarted(),
                    seen.lastChargeEnded());
        }
        return SoakVerdict.judge(
                new SoakVerdict.Log(seen, log.mishaps(), null, false, null, reckoned), school(), limits);
    }

    /** Plugged in, for its first charge or its last. */
    boolean isOnItsCharger() {
        Progress cycle = progress();
        return !leftOut()
                && (cycle.chargeStarted() != null && cycle.runDownStarted() == null
                        || cycle.lastChargeStarted() != null && cycle.lastChargeEnded() == null);
    }

    public boolean leftOut() {
        return state.latest(CalibrateEntry.CycleLeftOut.class).isPresent();
    }

    /** Why it was left out; empty where it was not. */
    public Optional<String> leftOutFor() {
        return state.latest(CalibrateEntry.CycleLeftOut.class).map(CalibrateEntry.CycleLeftOut::reason);
    }

    public PhaseTimes phaseTimes() {
        return PhaseTimes.of(model.pack(), Fitting.of(job).believedCapacityMah(), school(), limits);
    }

    /** As somebody chose it, or as the model proposes. */
    public School school() {
        return state.latest(CalibrateEntry.SchoolChosen.class)
                .map(CalibrateEntry.SchoolChosen::school)
                .orElseGet(() -> School.proposedFor(job.asDescribed()));
    }

    /** From this moment on; nothing that has begun is moved. */
    public Result<ClockPlan.Outcome> clockPlan(Instant from, OpeningHours hours) {
        return ClockPlan.plan(
                new ClockPlan.Request(from, Arriving.of(state).promise(), phaseTimes(), hours, progress()), limits);
    }

    /** Runtime at light use, in hours, from a capacity: what the owner will notice. */
    public BigDecimal expectedHours(BigDecimal capacityMah) {
        return model.pack()
                .ratings()
                .nominalV()
                .multiply(capacityMah)
                .movePointLeft(3)
                .divide(model.pack().inDevice().lightUseW(), new MathContext(3));
    }
}
