package glowkettle.app.lists;

import glowkettle.job.JobFile;
import glowkettle.shop.OpeningHours;
import java.util.List;

/**
 * Keeps what one list of the shop shows of a job. What it writes comes from the journal and its times, never from the
 * wall clock, so that a rebuild gives the same rows.
 */
public interface ListWriter {
    /**
     * Puts what the list shows of a job in place of whatever it showed before, in the transaction of the newest entry.
     *
     * @param job as it stood when its newest entry was made
     */
    void write(JobFile job, OpeningHours hours);

    /** Jobs of whom it shows times that follow the opening hours. */
    default List<Long> byTheClock() {
        return List.of();
    }

    /** Away with what it shows of jobs that have no journal. */
    default void forgetStrays() {}
}
