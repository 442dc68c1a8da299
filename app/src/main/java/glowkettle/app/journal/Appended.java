package glowkettle.app.journal;

import glowkettle.job.Admission;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import java.util.List;

/** How an attempt to write ended. */
public sealed interface Appended {
    /**
     * Written; the job as it is with it.
     *
     * @param isNew written now, and not before by the same form: only then is anything done outside the journal
     */
    record Written(JobFile job, boolean isNew) implements Appended {}

    /** Somebody else wrote meanwhile; nothing is stored. */
    record Conflict(List<Recorded> between) implements Appended {}

    /** Not allowed now; nothing is stored. */
    record Refused(Admission.Refusal refusal) implements Appended {}
}
