package glowkettle.app.demo;

import glowkettle.app.isolation.Containers;
import glowkettle.app.isolation.HandOvers;
import glowkettle.app.journal.Appended;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JobReader;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.shop.ShopBook;
import glowkettle.demo.DemoJob;
import glowkettle.demo.Person;
import glowkettle.demo.World;
import glowkettle.isolation.ContainerChoice;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The shop's own journals, as the place where jobs are played. */
@Component
@ConditionalOnProperty("glow-kettle.demo")
public class ShopWorld implements World {
    private final JobReader reader;
    private final JournalBook journal;
    private final Containers containers;
    private final HandOvers handOvers;
    private final ShopBook shop;
    private final InstantSource clock;
    private final Map<DemoJob, Long> named = new ConcurrentHashMap<>();

    ShopWorld(
            JobReader reader,
            JournalBook journal,
            Containers containers,
            HandOvers handOvers,
            ShopBook shop,
            InstantSource clock) {
        this.reader = reader;
        this.journal = journal;
        this.containers = containers;
        this.handOvers = handOvers;
        this.shop = shop;
        this.clock = clock;
    }

    @Override
    public Instant now() {
        return clock.instant();
    }

    @Override
    public OpeningHours hours() {
        return shop.hours();
    }

    @Override
    public long open(Entry opening, Instant at, Person by) {
        return journal.at(() -> at).open(opening, UUID.randomUUID(), by.account());
    }

    @Override
    public JobFile file(long job, Instant at) {
        return reader.at(() -> at).file(job);
    }

    @Override
    public void write(long job, Entry entry, Instant at, Person by) {
        Draft draft = new Draft(entry, UUID.randomUUID(), file(job, at).state().seq(), null, by.account(), by.role());
        Appended appended = journal.at(() -> at).append(job, draft);
        if (!(appended instanceof Appended.Written)) {
            throw new IllegalStateException("The demo wrote %s in job %s: %s".formatted(entry, job, appended));
        }
    }

    @Override
    public ContainerChoice.Container containerFor(JobFile job) {
        return containers
                .proposal(job)
                .proposed()
                .orElseThrow(() -> new IllegalStateException("The store has no place for job " + job.number()))
                .container();
    }

    @Override
    public void handOver(List<Long> jobs, String collector, Person by) {
        handOvers.release(jobs, collector, UUID.randomUUID(), by.account(), by.role());
    }

    @Override
    public void named(DemoJob name, long job) {
        named.put(name, job);
    }

    /** The number of a demo job that was played since the start. */
    public long number(DemoJob name) {
        return Optional.ofNullable(named.get(name))
                .orElseThrow(() -> new IllegalStateException("The demo has played no " + name));
    }
}
