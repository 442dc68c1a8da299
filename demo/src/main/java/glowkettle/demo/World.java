package glowkettle.demo;

import glowkettle.isolation.ContainerChoice;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;

/** Where jobs are played: the shop with its journals, or one that is in memory only. */
public interface World {
    /** The moment at which everything that was played has happened. */
    Instant now();

    OpeningHours hours();

    /** @return the new job's number */
    long open(Entry opening, Instant at, Person by);

    JobFile file(long job, Instant at);

    /**
     * @throws IllegalStateException where the job refuses the entry
     */
    void write(long job, Entry entry, Instant at, Person by);

    /**
     * Where the store would put the pack of a job.
     *
     * @throws IllegalStateException where it has no place
     */
    ContainerChoice.Container containerFor(JobFile job);

    /** The packs of these jobs leave the store together. */
    void handOver(List<Long> jobs, String collector, Person by);

    /** A job that pictures and tests ask for by its name. */
    void named(DemoJob name, long job);
}
