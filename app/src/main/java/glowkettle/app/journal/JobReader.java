package glowkettle.app.journal;

import glowkettle.app.journal.Journals.Journal;
import glowkettle.app.library.ModelLibrary;
import glowkettle.app.limits.LimitsBook;
import glowkettle.app.shop.Shop;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.assess.Assessing;
import glowkettle.job.order.OrderOfWork;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Every job of the shop as its journal tells it. */
@Service
public class JobReader {
    private final JournalMapper entries;
    private final Journals journals;
    private final ModelLibrary models;
    private final LimitsBook limits;
    private final InstantSource clock;

    JobReader(JournalMapper entries, Journals journals, ModelLibrary models, LimitsBook limits, InstantSource clock) {
        this.entries = entries;
        this.journals = journals;
        this.models = models;
        this.limits = limits;
        this.clock = clock;
    }

    public JobFile file(long job) {
        return find(job).orElseThrow(() -> new UnknownJob(job));
    }

    /** @return empty where no such job was ever taken in */
    public Optional<JobFile> find(long job) {
        Journal journal = journals.of(job);
        return journal.isEmpty() ? Optional.empty() : Optional.of(file(job, journal));
    }

    /** Several jobs by their numbers, read at once. */
    @Transactional(readOnly = true)
    public Map<Long, JobFile> files(Collection<Long> jobs) {
        return jobs.isEmpty()
                ? Map.of()
                : entries.entriesOf(Shop.ID, jobs).stream()
                        .collect(Collectors.groupingBy(
                                JournalMapper.EntryRow::job,
                                Collectors.mapping(journals::recorded, Collectors.toList())))
                        .entrySet()
                        .stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey,
                                job -> file(job.getKey(), JobState.fold(job.getValue()), clock.instant())));
    }

    public List<Recorded> journal(long job) {
        return journals.of(job).entries();
    }

    public boolean isEmpty() {
        return entries.jobs(Shop.ID).isEmpty();
    }

    /** As it stands now; what the last look at it reckoned is not reckoned again. */
    JobFile file(long job, Journal journal) {
        DeviceModel model = model(journal.state());
        ShopLimits version = limits.version(Assessing.limitsVersion(journal.state()));
        @Nullable JobFile known = journal.reckoned().get();
        JobFile file = known != null && known.isBy(model, version)
                ? known.later(clock.instant())
                : new JobFile(job, OrderOfWork.CHAPTERS, journal.state(), model, version, clock.instant());
        journal.reckoned().set(file);
        return file;
    }

    JobFile file(long job, JobState state, Instant now) {
        return new JobFile(
                job, OrderOfWork.CHAPTERS, state, model(state), limits.version(Assessing.limitsVersion(state)), now);
    }

    private DeviceModel model(JobState state) {
        Arriving arriving = Arriving.of(state);
        return models.model(arriving.modelId(), arriving.modelSince(), arriving.modelCode());
    }

    /** As it stood when its newest entry was made: what lists show never depends on when they are written. */
    JobFile asWritten(long job, Journal journal) {
        JobFile written = file(job, journal.state(), journal.entries().getLast().at());
        journal.reckoned().set(written);
        return written;
    }

    /** The same jobs, looked at at another time. */
    public JobReader at(InstantSource other) {
        return new JobReader(entries, journals, models, limits, other);
    }
}
