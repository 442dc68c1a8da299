package glowkettle.app.arrive;

import glowkettle.app.web.Attempt;
import glowkettle.app.web.StagePage;
import glowkettle.journal.JobFile;
import glowkettle.journal.Stage;
import java.time.Instant;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What was said at the counter, and what it makes Assess ask for. */
@Component
class ArrivePage implements StagePage {
    @Override
    public Stage stage() {
        return Stage.ARRIVE;
    }

    @Override
    public void fill(Model model, JobFile job, Attempt attempt, Instant now) {
        model.addAttribute("opened", job.opened());
        model.addAttribute("plan", job.plan().result());
    }
}
