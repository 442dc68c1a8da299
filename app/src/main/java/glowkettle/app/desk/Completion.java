package glowkettle.app.desk;

import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import java.util.Map;

/** Puts into a form what the product knows and nobody should have to type, or be able to. */
public interface Completion {
    Class<? extends Entry> completes();

    void complete(JobFile job, Map<String, String[]> typed);
}
