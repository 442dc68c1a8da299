package glowkettle.app.desk;

import glowkettle.app.binding.Attempt;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import java.time.Instant;
import org.springframework.ui.Model;

/**
 * The page of one stage: a pure function of the job, of what was asked or typed, and of the time, put into the model under
 * its template's names.
 */
public interface StagePage {
    Stage stage();

    void fill(Model model, JobFile job, Attempt attempt, Instant now);
}
