package glowkettle.app.journal;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import glowkettle.app.shop.Shop;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Journals as they were read last. What was written once never changes, so only what came since is asked for. */
@Component
class Journals {
    private static final long MOST_ENTRIES = 60_000;

    private final JournalMapper rows;
    private final EntryJson json;
    private final Cache<Long, Journal> known = Caffeine.newBuilder()
            .maximumWeight(MOST_ENTRIES)
            .weigher((Long job, Journal journal) -> journal.entries().size() + 1)
            .build();

    Journals(JournalMapper rows, EntryJson json) {
        this.rows = rows;
        this.json = json;
    }

    /**
     * All entries of a job, and what they come to.
     *
     * @param reckoned the job as it was looked at last, with whatever sums were made of it
     */
    record Journal(List<Recorded> entries, JobState state, AtomicReference<@Nullable JobFile> reckoned) {
        static final Journal EMPTY = new Journal(List.of());

        Journal(List<Recorded> entries) {
            this(List.copyOf(entries), JobState.fold(entries), new AtomicReference<>());
        }

        boolean isEmpty() {
            return entries.isEmpty();
        }

        long seq() {
            return isEmpty() ? 0 : entries.getLast().seq();
        }

        Journal and(List<Recorded> newer) {
            List<Recorded> longer = new ArrayList<>(entries);
            longer.addAll(newer);
            return new Journal(longer);
        }
    }

    Journal of(long job) {
        @Nullable Journal before = known.getIfPresent(job);
        Journal read = before == null ? Journal.EMPTY : before;
        List<Recorded> newer = rows.entries(Shop.ID, job, read.seq()).stream()
                .map(this::recorded)
                .toList();
        if (newer.isEmpty()) {
            return read;
        }
        Journal longer = read.and(newer);
        keep(job, longer);
        return longer;
    }

    Recorded recorded(JournalMapper.EntryRow row) {
        return new Recorded(row.seq(), row.at(), row.by(), json.read(row.kind(), row.body()), row.corrects());
    }

    /** What a transaction reads may be its own, and never come to be. */
    void keep(long job, Journal journal) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            known.put(job, journal);
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                known.put(job, journal);
            }
        });
    }
}
