package glowkettle.app.join;

import glowkettle.finding.Result;
import glowkettle.job.Admission;
import glowkettle.job.JobFile;
import glowkettle.job.fit.Fitting;
import glowkettle.job.join.GaugeSchool;
import glowkettle.job.join.JoinEntry;
import glowkettle.job.join.TransplantStep;
import glowkettle.job.join.Transplanting;
import glowkettle.job.match.FirstCharge;
import glowkettle.join.GaugeData;
import glowkettle.join.Transplant;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A controller on its way to a new cell.
 *
 * @param step at hand; null when all are done
 * @param refusedNow why a step that is tapped may not be done now
 */
public record MovingPanel(
        JobFile job,
        Result<Transplant> sum,
        TabsDrawing drawing,
        @Nullable TransplantStep step,
        @Nullable String refusedNow,
        Instant now) {
    static MovingPanel of(JobFile job, Instant now) {
        Transplanting moving = Transplanting.of(job);
        TransplantStep step = moving.next().orElse(null);
        JoinEntry.TransplantPlanned planned = moving.planned().orElseThrow();
        return new MovingPanel(
                job,
                moving.sum().orElseThrow(),
                TabsDrawing.of(planned.transplant(), moving),
                step,
                step != null && step.isTapped()
                        ? Admission.refusedNow(job, new JoinEntry.TransplantStepDone(step), now)
                                .orElse(null)
                        : null,
                now);
    }

    public List<TransplantStep> steps() {
        return Transplanting.of(job).steps();
    }

    /** Which of them is at hand, counted from 1. */
    public int place() {
        return steps().indexOf(step) + 1;
    }

    public boolean isDone(TransplantStep one) {
        return Transplanting.of(job).isDone(one);
    }

    public GaugeSchool[] schools() {
        return GaugeSchool.values();
    }

    public @Nullable GaugeSchool school() {
        return Transplanting.of(job).school().orElse(null);
    }

    public @Nullable GaugeData before() {
        return Transplanting.of(job).readBefore().orElse(null);
    }

    private @Nullable GaugeData last() {
        return Transplanting.of(job).readLast().orElse(null);
    }

    public boolean readBackOwed() {
        return Transplanting.of(job).isReadBackOwed();
    }

    /** What the new cell would have in it: its believed capacity, no cycles, today. */
    public @Nullable GaugeData proposed() {
        GaugeData before = last();
        if (before == null) {
            return null;
        }
        BigDecimal capacity = Fitting.of(job).believedCapacityMah();
        String today = LocalDate.ofInstant(now, ZoneOffset.UTC).toString();
        return new GaugeData(capacity, capacity, BigDecimal.ZERO, before.serial(), before.manufactured(), today);
    }

    /** Field by field, what the proposal would change. */
    public List<GaugeData.Change> changes() {
        GaugeData before = last();
        GaugeData proposed = proposed();
        return before == null || proposed == null ? List.of() : before.changesTo(proposed);
    }

    public List<GaugeData.Change> rewritten() {
        return Transplanting.of(job).rewritten();
    }

    public List<String> ownersLines() {
        return Transplanting.of(job).ownersLines();
    }

    public @Nullable FirstCharge charge() {
        return Transplanting.of(job).firstCharge().orElse(null);
    }

    /** It is on and has got too warm. */
    public boolean tooWarm() {
        return charging()
                && Transplanting.of(job)
                        .firstCharge()
                        .flatMap(charge -> charge.hot(job.limits()))
                        .isPresent();
    }

    /** Why the last attempt does not count; null where there was none, or it is on. */
    public @Nullable String flaw() {
        return Transplanting.of(job)
                .firstCharge()
                .flatMap(charge -> charge.flawOnceOff(job.limits()))
                .orElse(null);
    }

    public FirstCharge.@Nullable Charger charger() {
        return Transplanting.of(job).charger().orElse(null);
    }

    public boolean charging() {
        return Transplanting.of(job).isCharging();
    }
}
