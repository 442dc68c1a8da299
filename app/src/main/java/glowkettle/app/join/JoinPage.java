package glowkettle.app.join;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.desk.StagePage;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.join.JoinChapter;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** The one joint at hand: leads under the meter, splices, a board that moves; welds and irons beside them. */
@Component
class JoinPage implements StagePage<JoinView> {
    @Override
    public Stage stage() {
        return JoinChapter.STAGE;
    }

    @Override
    public JoinView view(JobFile job, FilledForm filled, Instant now) {
        return JoinView.of(job, now);
    }

    @Override
    public boolean isPictured(JoinView view) {
        return view.leads() != null && view.leads().drawing() != null || view.moving() != null;
    }
}
