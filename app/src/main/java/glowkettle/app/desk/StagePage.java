package glowkettle.app.desk;

import glowkettle.app.binding.FilledForm;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import java.time.Instant;

/**
 * The page of one stage, drawn by {@code <stage>/page} from one view.
 *
 * @param <V> the view
 */
public interface StagePage<V extends Record> {
    Stage stage();

    /**
     * What its template draws, as {@code view}: a pure function of the job, of what was asked or typed, and of the time. The
     * template asks it by its methods, and decides nothing. It is public like everything else that a template asks: only such
     * expressions are compiled.
     */
    V view(JobFile job, FilledForm filled, Instant now);

    /** Its picture is the biggest thing on it: the reasons give way to it, folded to a line. */
    default boolean isPictured(V view) {
        return false;
    }

    /** What stands in the forms, where the page knows better than what was sent. */
    default FilledForm filled(V view, FilledForm sent) {
        return sent;
    }
}
