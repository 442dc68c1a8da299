package glowkettle.app.journal;

import glowkettle.job.Admission;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import java.util.List;

/** How an attempt to write ended. */
public sealed interface Appended {
    /** Written now, or already with the same form; the job as it is with it. */
    record Written(JobFile job) implements Appended {}

    /** Somebody else wrote meanwhile; nothing is stored. */
    record Conflict(List<Recorded> between) implements Appended {}

    /** Not allowed now; nothing is stored. */
    record Refused(Admission.Refusal refusal) implements Appended {}
}
