package glowkettle.app.assess;

import glowkettle.app.desk.RestOfTheLook;
import glowkettle.app.isolation.Containers;
import glowkettle.assess.GaugeReading;
import glowkettle.assess.HazardReadings;
import glowkettle.assess.HealthVerdict;
import glowkettle.finding.AppliedLimit;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.Assessing;
import glowkettle.job.assess.PackHealth;
import glowkettle.job.isolation.Isolating;
import glowkettle.job.open.Opening;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Assess as it is drawn: the reading asked for, those taken, health, and in an isolated job its sheet. */
public record AssessView(
        JobFile job,
        HealthPanel panel,
        Containers.@Nullable Proposal proposal,
        NextReading asking,
        AssessEntry.@Nullable ColdStep coldNext,
        boolean waitsForRunDown,
        @Nullable SeamFace seamFace,
        @Nullable BigDecimal airC) {
    static AssessView of(JobFile job, Instant now, Containers containers, ZoneId zone, @Nullable BigDecimal airC) {
        return new AssessView(
                job,
                HealthPanel.of(job, now, zone),
                Assessing.of(job).halted() || Assessing.of(job).wantsAContainer() ? containers.proposal(job) : null,
                NextReading.of(job),
                Assessing.of(job).coldRemovalNext().orElse(null),
                PackHealth.of(job).waitsForRunDown(),
                SeamFace.of(job.model()),
                airC);
    }

    /** What a hand may say in place of the figure that is asked for; null where it is measured. */
    public @Nullable QuickTap quick() {
        return QuickTap.of(job, asking, airC);
    }

    public @Nullable Boolean restProposed() {
        return RestProposed.of(job).atRest();
    }

    public @Nullable String restBecause() {
        return RestProposed.of(job).because();
    }

    /** What its health says to do, by which figure; null where nobody measured it, or no label was read. */
    public @Nullable String healthWords() {
        HealthVerdict verdict = panel.verdict().result();
        String holds = verdict.holds();
        return holds == null || !job.packKnown() ? null : verdict.word().words() + ": it holds " + holds;
    }

    /** An isolated pack lies in nothing: that comes before every reading. */
    public boolean wantsAContainer() {
        return Assessing.of(job).wantsAContainer();
    }

    public boolean owesAColdLook() {
        return Assessing.of(job).owesAColdLook();
    }

    public boolean severalCells() {
        return !job.packKnown() || job.model().pack().ratings().series().intValue() > 1;
    }

    public boolean isRound() {
        return job.model().pack().body().isRound();
    }

    public boolean hasTouchPanel() {
        return job.model().hasTouchPanel();
    }

    public AssessEntry.ColdStep[] coldSteps() {
        return AssessEntry.ColdStep.values();
    }

    public boolean runDownUndecided() {
        return Opening.of(job).runDownUndecided();
    }

    public AppliedLimit runDownTarget() {
        return job.limits().applied(Limit.RUN_DOWN_TARGET_PERCENT);
    }

    public HazardReadings.@Nullable Look look() {
        return latest(AssessEntry.Looked.class, AssessEntry.Looked::look);
    }

    public HazardReadings.@Nullable Warmth warmth() {
        return latest(AssessEntry.WarmthTaken.class, AssessEntry.WarmthTaken::warmth);
    }

    public HazardReadings.@Nullable Seam seam() {
        return latest(AssessEntry.SeamTaken.class, AssessEntry.SeamTaken::seam);
    }

    public HazardReadings.@Nullable Thickness thickness() {
        return latest(AssessEntry.ThicknessTaken.class, AssessEntry.ThicknessTaken::thickness);
    }

    public HazardReadings.@Nullable Voltage voltage() {
        return latest(AssessEntry.VoltageTaken.class, AssessEntry.VoltageTaken::voltage);
    }

    public @Nullable GaugeReading gauge() {
        return Assessing.of(job).gaugeReading(Moment.BEFORE).orElse(null);
    }

    public BigDecimal meterError() {
        return job.limits().of(Limit.METER_ERROR_MV);
    }

    public HazardReadings.VoltageSource[] voltageSources() {
        return HazardReadings.VoltageSource.values();
    }

    public HazardReadings.Wet[] wets() {
        return HazardReadings.Wet.values();
    }

    public List<TakenReading> kinds() {
        return TakenReading.all(job);
    }

    public List<String> lookFields() {
        return RestOfTheLook.QUESTIONS;
    }

    public boolean halted() {
        return Assessing.of(job).halted();
    }

    /** Where it stands under guard; null where it does not. */
    public Isolating.@Nullable Outdoors outdoors() {
        return Isolating.of(job).outdoors().orElse(null);
    }

    public Isolating.@Nullable Lying stored() {
        return Isolating.of(job).stored().orElse(null);
    }

    private <E extends AssessEntry, R> @Nullable R latest(Class<E> kind, Function<E, R> reading) {
        return job.state().latest(kind).map(reading).orElse(null);
    }
}
