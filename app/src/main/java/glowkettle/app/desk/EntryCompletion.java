package glowkettle.app.desk;

import glowkettle.app.journal.JobReader;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Puts in what the product knows and nobody should have to type, or be able to. */
@Component
class EntryCompletion {
    /** Sent by the tap that says no to everything that was not answered. */
    private static final String REST = "rest";

    private final JobReader jobs;
    private final List<Completion> completions;

    EntryCompletion(JobReader jobs, List<Completion> completions) {
        this.jobs = jobs;
        this.completions = completions;
    }

    void before(Class<?> type, Map<String, String[]> typed, long number) {
        if (typed.remove(REST) != null) {
            RestOfTheLook.isGood(typed);
        }
        completions.stream()
                .filter(completion -> completion.completes() == type)
                .forEach(completion -> completion.complete(jobs.file(number), typed));
    }
}
