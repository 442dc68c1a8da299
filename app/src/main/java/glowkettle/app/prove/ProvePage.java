package glowkettle.app.prove;

import glowkettle.app.arrive.HoldPanel;
import glowkettle.app.binding.Attempt;
import glowkettle.app.desk.StagePage;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.Stage;
import glowkettle.job.assess.Assessing;
import glowkettle.job.prove.ProveChapter;
import glowkettle.job.prove.ProveEntry;
import glowkettle.job.prove.Proving;
import glowkettle.prove.CheckList;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The next check large, the others in a list. */
@Component
class ProvePage implements StagePage {
    private final HoldPanel hold;

    ProvePage(HoldPanel hold) {
        this.hold = hold;
    }

    @Override
    public Stage stage() {
        return ProveChapter.STAGE;
    }

    @Override
    public void fill(Model model, JobFile job, Attempt attempt, Instant now) {
        List<CheckList.Check> checks = Proving.of(job).checks();
        Map<String, ProveEntry.Checked> checked = Proving.of(job).checked();
        model.addAttribute("checks", checks);
        model.addAttribute("checked", checked);
        model.addAttribute(
                "current",
                checks.stream()
                        .filter(check -> !checked.containsKey(check.id()))
                        .findFirst()
                        .orElse(null));
        model.addAttribute("hold", hold.of(job, Moment.AFTER));
        model.addAttribute("outcomes", CheckList.Outcome.values());
        model.addAttribute("gauge", Assessing.of(job).gaugeReading(Moment.AFTER).orElse(null));
        model.addAttribute("healthBefore", Assessing.of(job).healthBefore().orElse(null));
        model.addAttribute("healthAfter", Assessing.of(job).healthAfter().orElse(null));
        model.addAttribute("notFuller", Assessing.of(job).notFuller().orElse(null));
    }
}
