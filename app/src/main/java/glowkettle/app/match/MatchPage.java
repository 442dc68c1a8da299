package glowkettle.app.match;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.desk.StagePage;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.match.MatchAct;
import glowkettle.job.match.MatchChapter;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** A pack of cells, from the drawing of the old one to the first charge of the new one. */
@Component
class MatchPage implements StagePage<MatchView> {
    private final Searches searches;

    MatchPage(Searches searches) {
        this.searches = searches;
    }

    @Override
    public Stage stage() {
        return MatchChapter.STAGE;
    }

    @Override
    public MatchView view(JobFile job, FilledForm filled, Instant now) {
        return MatchView.of(
                job,
                filled,
                MatchAct.of(job) == MatchAct.SEARCH ? searches.reached(job).orElse(null) : null,
                now);
    }

    @Override
    public boolean isPictured(MatchView view) {
        return view.sketch() != null || view.cells().plot() != null || view.build() != null;
    }
}
