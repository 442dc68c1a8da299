package glowkettle.app.match;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import glowkettle.app.background.LongWork;
import glowkettle.app.journal.Appended;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JobReader;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.match.SearchMapper.SearchRow;
import glowkettle.app.shop.Shop;
import glowkettle.job.JobFile;
import glowkettle.job.Role;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import glowkettle.match.Grouping;
import glowkettle.match.Layout;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Cells matched in the background: one node searches, another takes over when it is gone, and since the same cells give the same
 * answer, it begins anew. The answer is written in the journal like anybody's entry, in the name of who asked.
 */
@Component
public class Searches implements LongWork {
    private static final Logger LOG = LoggerFactory.getLogger(Searches.class);
    private static final Duration LOOKED = Duration.ofMillis(400);
    private static final Duration RETRIED = Duration.ofSeconds(2);
    private static final int MOST_RETRIES = 5;
    private static final String FAILED = "The search failed. Begin it anew.";

    private final SearchMapper searches;
    private final JobReader jobs;
    private final JournalBook journal;
    private final SchedulerClient client;
    private final InstantSource clock;
    private final OneTimeTask<Void> task;

    Searches(SearchMapper searches, JobReader jobs, JournalBook journal, SchedulerClient client, InstantSource clock) {
        this.searches = searches;
        this.jobs = jobs;
        this.journal = journal;
        this.client = client;
        this.clock = clock;
        this.task = Tasks.oneTime("match", Void.class)
                .onFailure(new FailureHandler.MaxRetriesFailureHandler<>(
                        MOST_RETRIES,
                        new FailureHandler.OnFailureRetryLater<>(RETRIED),
                        (complete, operations) ->
                                refuse(complete.getExecution().taskInstance.getId())))
                .execute((instance, context) -> search(instance));
    }

    @Override
    public Task<?> task() {
        return task;
    }

    /**
     * How far a search is.
     *
     * @param percent of the moves it may take
     */
    public record Reached(int percent, Optional<Long> smallestMah, Optional<String> refused) {}

    /** Of a search whose answer nobody has yet. */
    Optional<Reached> reached(JobFile job) {
        return searches.search(Shop.ID, job.number())
                .filter(row -> row.changedAt() == Matching.of(job).changedAt())
                .map(row -> new Reached(
                        row.budget() == 0 ? 0 : (int) (100 * row.moves() / row.budget()),
                        Optional.ofNullable(row.smallestMah()),
                        Optional.ofNullable(row.refused())));
    }

    /** The row and its task, both or neither; one that was begun before gives way. */
    @Transactional
    public void begin(JobFile job, UUID form, String by, Role role) {
        searches.begin(
                Shop.ID,
                job.number(),
                form.toString(),
                by,
                role.name(),
                Matching.of(job).changedAt());
        client.scheduleIfNotExists(task.instance(job.number() + "/" + form), Instant.EPOCH);
    }

    /** What failed for good is said where it was begun. */
    private void refuse(String instance) {
        String[] name = instance.split("/", 2);
        searches.refuse(Shop.ID, Long.parseLong(name[0]), name[1], FAILED);
    }

    void enough(long job) {
        searches.stop(Shop.ID, job);
    }

    private void search(TaskInstance<Void> instance) {
        String[] name = instance.getId().split("/", 2);
        long number = Long.parseLong(name[0]);
        searches.search(Shop.ID, number)
                .filter(row -> row.formId().equals(name[1]))
                .ifPresent(row -> search(number, row));
    }

    private void search(long number, SearchRow row) {
        JobFile job = jobs.file(number);
        Matching matching = Matching.of(job);
        if (matching.changedAt() < row.changedAt()) {
            throw new IllegalStateException(
                    "Job %s was read as it was before its search began; it is read again".formatted(number));
        }
        Optional<Grouping.Request> asked =
                matching.changedAt() == row.changedAt() ? matching.asked() : Optional.empty();
        if (asked.isEmpty()) {
            searches.end(Shop.ID, number, row.formId());
            return;
        }
        try {
            answered(number, row, Grouping.search(asked.get(), new Watch(number, row, asked.get())));
        } catch (CancellationException goneDown) {
            throw goneDown;
        } catch (RuntimeException failed) {
            LOG.error("Matching the cells of job {} failed", number, failed);
            searches.refuse(Shop.ID, number, row.formId(), FAILED);
        }
    }

    private void answered(long number, SearchRow row, Grouping.Sought sought) {
        MatchEntry.Matched found = new MatchEntry.Matched(
                sought.groups().stream().map(Layout.Named::new).toList(), sought.proven(), sought.stopped());
        Draft draft =
                new Draft(found, UUID.fromString(row.formId()), Draft.UNSEEN, null, row.by(), Role.valueOf(row.role()));
        switch (journal.append(number, draft)) {
            case Appended.Written ignored -> searches.end(Shop.ID, number, row.formId());
            case Appended.Refused refused ->
                searches.refuse(Shop.ID, number, row.formId(), refused.refusal().reason());
            case Appended.Conflict ignored -> searches.refuse(Shop.ID, number, row.formId(), FAILED);
        }
    }

    /** Writes how far it is, and asks whether somebody is content; what it finds does not depend on when that is. */
    private final class Watch implements Grouping.Progress {
        private final long number;
        private final SearchRow row;
        private final Map<String, BigDecimal> capacities;
        private Instant next = Instant.MIN;

        Watch(long number, SearchRow row, Grouping.Request asked) {
            this.number = number;
            this.row = row;
            this.capacities =
                    asked.cells().stream().collect(Collectors.toMap(Grouping.Cell::id, Grouping.Cell::capacityMah));
        }

        @Override
        public boolean goesOn(long moves, long budget, List<List<String>> best) {
            if (clock.instant().isBefore(next)) {
                return true;
            }
            next = clock.instant().plus(LOOKED);
            long smallest = best.stream()
                    .mapToLong(group -> group.stream()
                            .mapToLong(id ->
                                    capacities.getOrDefault(id, BigDecimal.ZERO).longValue())
                            .sum())
                    .min()
                    .orElse(0);
            if (Thread.currentThread().isInterrupted()) {
                throw new CancellationException("This node goes down: another begins anew");
            }
            return !searches.reached(Shop.ID, number, row.formId(), moves, budget, smallest)
                    .orElseThrow(() -> new CancellationException("Another search took its place"));
        }
    }
}
