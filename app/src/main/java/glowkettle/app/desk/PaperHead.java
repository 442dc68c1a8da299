package glowkettle.app.desk;

import glowkettle.job.JobFile;
import glowkettle.job.arrive.Arriving;

/** What stands above everything printed of a job, and the limits that it was made with. */
public record PaperHead(long number, String owner, String device, int limitsVersion) {
    public static PaperHead of(JobFile job) {
        return new PaperHead(
                job.number(),
                Arriving.of(job).owner(),
                job.model().identity().name(),
                job.limits().version());
    }
}
