package glowkettle.app.assess;

import glowkettle.app.drawing.Plot;
import glowkettle.app.format.Words;
import glowkettle.assess.Evidence;
import glowkettle.assess.HealthVerdict;
import glowkettle.assess.Resistance;
import glowkettle.assess.RunDown;
import glowkettle.assess.RunDownProgress;
import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.PackHealth;
import glowkettle.job.calibrate.SoakCycle;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What Assess shows of the pack's health, of its swelling over time, and of how it is brought down. */
public record HealthPanel(
        Result<HealthVerdict> verdict,
        List<Result<Evidence>> evidence,
        @Nullable Result<Resistance> resistance,
        BigDecimal newPackHours,
        @Nullable Swelling swelling,
        BroughtDown down) {
    /** Its thickness over the weeks, drawn. */
    public record Swelling(PackHealth.Trend trend, Plot chart) {}

    /** The way down that was chosen, or those that there are from this charge. */
    public record BroughtDown(
            @Nullable BigDecimal socPercent,
            @Nullable Result<RunDown> runDown,
            AssessEntry.@Nullable RunDownChosen chosen,
            @Nullable RunDownProgress progress) {}

    static HealthPanel of(JobFile job, Instant now, ZoneId zone) {
        PackHealth health = PackHealth.of(job);
        return new HealthPanel(
                health.verdict(),
                health.evidence(),
                health.resistance().orElse(null),
                SoakCycle.of(job).expectedHours(job.model().pack().ratings().capacityMah()),
                health.trend()
                        .map(trend -> new Swelling(trend, chart(trend, now, zone)))
                        .orElse(null),
                down(job, health, now));
    }

    private static Plot chart(PackHealth.Trend trend, Instant now, ZoneId zone) {
        return TrendChart.of(
                trend.of(),
                trend.readings(),
                trend.limitMm(),
                "isolate",
                trend.trend().result(),
                new Words(zone, now));
    }

    private static BroughtDown down(JobFile job, PackHealth health, Instant now) {
        BigDecimal soc = health.socPercent();
        AssessEntry.RunDownChosen chosen = health.runDownChosen().orElse(null);
        BigDecimal load = chosen != null && chosen.loadW() != null
                ? chosen.loadW()
                : job.model().pack().inDevice().lightUseW();
        return new BroughtDown(
                soc,
                soc == null ? null : health.runDown(soc, load),
                chosen,
                health.progress(now).orElse(null));
    }

    public boolean measured() {
        return !evidence.isEmpty() || resistance != null;
    }
}
