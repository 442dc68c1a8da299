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
    /** Of stored text; what is made of it takes some ten times as much. */
    private static final long MOST_LETTERS = 12_000_000;

    private final JournalMapper rows;
    private final EntryJson json;
    private final Cache<Long, Journal> known = Caffeine.newBuilder()
            .maximumWeight(MOST_LETTERS)
            .weigher((Long job, Journal journal) -> (int) Math.min(Integer.MAX_VALUE, journal.letters() + 1))
            .build();

    Journals(JournalMapper rows, EntryJson json) {
        this.rows = rows;
        this.json = json;
    }

    /**
     * All entries of a job, and what they come to.
     *
     * @param letters how long they are as they are stored
     * @param reckoned the job as it was looked at last, with whatever sums were made of it
     */
    record Journal(List<Recorded> entries, long letters, JobState state, AtomicReference<@Nullable JobFile> reckoned) {
        static final Journal EMPTY = new Journal(List.of(), 0);

        Journal(List<Recorded> entries, long letters) {
            this(List.copyOf(entries), letters, JobState.fold(entries), new AtomicReference<>());
        }

        boolean isEmpty() {
            return entries.isEmpty();
        }

        long seq() {
            return isEmpty() ? 0 : entries.getLast().seq();
        }
    }

    Journal of(long job) {
        @Nullable Journal before = known.getIfPresent(job);
        Journal read = before == null ? Journal.EMPTY : before;
        List<JournalMapper.EntryRow> newer = rows.entries(Shop.ID, job, read.seq());
        if (newer.isEmpty()) {
            return read;
        }
        Journal longer = longer(read, newer);
        keep(job, longer);
        return longer;
    }

    Journal longer(Journal journal, JournalMapper.EntryRow row) {
        return longer(journal, List.of(row));
    }

    private Journal longer(Journal journal, List<JournalMapper.EntryRow> newer) {
        List<Recorded> entries = new ArrayList<>(journal.entries());
        newer.forEach(row -> entries.add(recorded(row)));
        long letters = newer.stream().mapToLong(row -> row.body().length()).sum();
        return new Journal(entries, journal.letters() + letters);
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
