package glowkettle.app.prove;

import glowkettle.app.arrive.HoldPanel;
import glowkettle.assess.GaugeReading;
import glowkettle.assess.Health;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.fit.Seal;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.assess.Assessing;
import glowkettle.job.prove.ProveEntry;
import glowkettle.job.prove.Proving;
import glowkettle.job.wayback.Sealing;
import glowkettle.prove.CheckList;
import glowkettle.prove.RunAfter;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Prove as it is drawn: the next check, the others, and what the gauge said before and after. */
public record ProveView(
        JobFile job,
        HoldPanel.Shown hold,
        List<CheckList.Check> checks,
        Map<String, ProveEntry.Checked> checked,
        CheckList.@Nullable Check current) {
    static ProveView of(JobFile job, HoldPanel.Shown hold) {
        List<CheckList.Check> checks = Proving.of(job).checks();
        Map<String, ProveEntry.Checked> checked = Proving.of(job).checked();
        CheckList.Check current = checks.stream()
                .filter(check -> !checked.containsKey(check.id()))
                .findFirst()
                .orElse(null);
        return new ProveView(job, hold, checks, checked, current);
    }

    public CheckList.Outcome[] outcomes() {
        return CheckList.Outcome.values();
    }

    public @Nullable GaugeReading gauge() {
        return Assessing.of(job).gaugeReading(Moment.AFTER).orElse(null);
    }

    public @Nullable Result<Health> healthBefore() {
        return Assessing.of(job).healthBefore().orElse(null);
    }

    public @Nullable Result<Health> healthAfter() {
        return Assessing.of(job).healthAfter().orElse(null);
    }

    /** What a run after the work says; null while nobody timed one. */
    public @Nullable Result<RunAfter> runAfter() {
        return Proving.of(job).runAfter().orElse(null);
    }

    /** Beside what it is held; null where nobody knows how long it ran before. */
    public @Nullable String runBefore() {
        return Proving.of(job).runBefore().map(span -> span.words("h")).orElse(null);
    }

    /** How the seal stands against when it came; null where there was none to open. */
    public @Nullable Result<Seal> seal() {
        return Sealing.of(job).seal().orElse(null);
    }

    public @Nullable Instant sealSetAt() {
        return Sealing.of(job).setAt().orElse(null);
    }

    public @Nullable Finding notFuller() {
        return Assessing.of(job).notFuller().orElse(null);
    }
}
