package glowkettle.app.handback;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.desk.StagePage;
import glowkettle.app.isolation.Containers;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.handback.HandBackChapter;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** Where the old pack goes, the owner's sheet, and who signs. */
@Component
class HandBackPage implements StagePage<HandBackView> {
    private final Containers containers;

    HandBackPage(Containers containers) {
        this.containers = containers;
    }

    @Override
    public Stage stage() {
        return HandBackChapter.STAGE;
    }

    @Override
    public HandBackView view(JobFile job, FilledForm filled, Instant now) {
        return HandBackView.of(job, containers);
    }
}
