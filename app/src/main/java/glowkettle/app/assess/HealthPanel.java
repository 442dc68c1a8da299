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
        PackHealth.@Nullable Trend trend,
        @Nullable Plot chart,
        @Nullable BigDecimal socPercent,
        @Nullable Result<RunDown> runDown,
        AssessEntry.@Nullable RunDownChosen chosen,
        @Nullable RunDownProgress progress) {
    static HealthPanel of(JobFile job, Instant now, ZoneId zone) {
        PackHealth health = PackHealth.of(job);
        BigDecimal soc = health.socPercent();
        PackHealth.Trend trend = health.trend().orElse(null);
        AssessEntry.RunDownChosen chosen = health.runDownChosen().orElse(null);
        BigDecimal load = chosen != null && chosen.loadW() != null
                ? chosen.loadW()
                : job.model().pack().lightUseW();
        return new HealthPanel(
                health.verdict(),
                health.evidence(),
                health.resistance().orElse(null),
                SoakCycle.of(job).expectedHours(job.model().pack().capacityMah()),
                trend,
                trend == null
                        ? null
                        : TrendChart.of(
                                trend.of(),
                                trend.readings(),
                                trend.limitMm(),
                                "isolate",
                                trend.trend().result(),
                                new Words(zone, now)),
                soc,
                soc == null ? null : health.runDown(soc, load),
                chosen,
                health.progress(now).orElse(null));
    }

    public boolean measured() {
        return !evidence.isEmpty() || resistance != null;
    }
}
