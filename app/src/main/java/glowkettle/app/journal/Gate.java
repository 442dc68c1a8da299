package glowkettle.app.journal;

import glowkettle.job.Admission;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import java.util.Optional;

/** What must hold beyond a job's own journal before an entry is taken. It is asked inside the entry's transaction. */
public interface Gate {
    /** Takes what two jobs could want at the same moment, before the journal is taken; asked only where it is written. */
    default void hold(Entry entry) {}

    Optional<Admission.Refusal> refuse(JobFile job, Entry entry);
}
