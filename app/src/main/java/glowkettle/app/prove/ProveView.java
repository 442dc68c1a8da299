package glowkettle.app.prove;

import glowkettle.app.arrive.HoldPanel;
import glowkettle.assess.GaugeReading;
import glowkettle.assess.Health;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.assess.Assessing;
import glowkettle.job.prove.ProveEntry;
import glowkettle.job.prove.Proving;
import glowkettle.prove.CheckList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Prove as it is drawn: the next check, the others, and what the gauge said before and after. */
public record ProveView(JobFile job, HoldPanel.Shown hold) {
    public List<CheckList.Check> checks() {
        return Proving.of(job).checks();
    }

    public Map<String, ProveEntry.Checked> checked() {
        return Proving.of(job).checked();
    }

    public CheckList.@Nullable Check current() {
        return Proving.of(job).checks().stream()
                .filter(check -> !Proving.of(job).checked().containsKey(check.id()))
                .findFirst()
                .orElse(null);
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

    public @Nullable Finding notFuller() {
        return Assessing.of(job).notFuller().orElse(null);
    }
}
