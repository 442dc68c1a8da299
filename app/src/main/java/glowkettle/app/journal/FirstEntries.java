package glowkettle.app.journal;

import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import java.util.List;

/** What the shop writes by itself into the journal of a job that has just been opened. */
public interface FirstEntries {
    List<Entry> of(JobFile opened);
}
