package glowkettle.app.wayback;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.desk.StagePage;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.wayback.WayBackChapter;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** The next step back, the tray that empties onto the map, and what is left over or empty. */
@Component
class WayBackPage implements StagePage<WayBackView> {
    @Override
    public Stage stage() {
        return WayBackChapter.STAGE;
    }

    @Override
    public WayBackView view(JobFile job, FilledForm filled, Instant now) {
        return WayBackView.of(job, now);
    }

    @Override
    public boolean isPictured(WayBackView view) {
        return view.atHand() != null;
    }
}
