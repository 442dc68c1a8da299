package glowkettle.app.open;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.desk.StagePage;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.open.OpenChapter;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** One big current step; the ribbon over it, the face map beside it. */
@Component
class OpenPage implements StagePage<OpenView> {
    @Override
    public Stage stage() {
        return OpenChapter.STAGE;
    }

    @Override
    public OpenView view(JobFile job, FilledForm filled, Instant now) {
        return OpenView.of(job, filled, now);
    }

    @Override
    public boolean isPictured(OpenView view) {
        return view.atHand() != null;
    }
}
