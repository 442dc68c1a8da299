package glowkettle.app.fit;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.desk.StagePage;
import glowkettle.app.isolation.Containers;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.fit.FitChapter;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** The label form, and the comparison it gave. */
@Component
class FitPage implements StagePage<FitView> {
    private final Containers containers;

    FitPage(Containers containers) {
        this.containers = containers;
    }

    @Override
    public Stage stage() {
        return FitChapter.STAGE;
    }

    @Override
    public FitView view(JobFile job, FilledForm filled, Instant now) {
        return FitView.of(job, containers);
    }

    @Override
    public boolean isPictured(FitView view) {
        return view.comparison() != null && view.bay() != null;
    }
}
