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
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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

    /** A run after the work: its figures, each under its word, and what is to be said of them. */
    public record RunShown(List<Said> figures, List<Finding> findings) {}

    /** A figure under its word. */
    public record Said(String word, String figure) {}

    /** The run before and the one after, as far as anybody timed them. */
    public RunShown run() {
        Proving proving = Proving.of(job);
        List<Said> figures = new ArrayList<>();
        proving.runBefore().ifPresent(hours -> figures.add(new Said("before", hours.words("h"))));
        Optional<Result<RunAfter>> after = proving.runAfter();
        after.map(Result::result).ifPresent(run -> {
            figures.add(new Said("after", run.hours().words("h")));
            if (run.timesAsLong() != null) {
                figures.add(new Said("that is", run.timesAsLong().words("×")));
            }
            if (run.ofLabelPercent() != null) {
                figures.add(new Said("of its label", run.ofLabelPercent().words("%")));
            }
        });
        return new RunShown(figures, after.map(Result::findings).orElse(List.of()));
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
