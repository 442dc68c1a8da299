package glowkettle.app.prove;

import glowkettle.app.arrive.HoldPanel;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.desk.StagePage;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.Stage;
import glowkettle.job.prove.ProveChapter;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** The next check large, the others in a list. */
@Component
class ProvePage implements StagePage<ProveView> {
    private final HoldPanel hold;

    ProvePage(HoldPanel hold) {
        this.hold = hold;
    }

    @Override
    public Stage stage() {
        return ProveChapter.STAGE;
    }

    @Override
    public ProveView view(JobFile job, FilledForm filled, Instant now) {
        return ProveView.of(job, hold.of(job, Moment.AFTER));
    }
}
