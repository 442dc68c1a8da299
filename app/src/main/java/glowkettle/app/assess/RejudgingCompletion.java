package glowkettle.app.assess;

import glowkettle.app.desk.Completion;
import glowkettle.app.limits.LimitsBook;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.assess.AssessEntry;
import java.util.Map;
import org.springframework.stereotype.Component;

/** A job is judged anew by the newest version, whatever the page said. */
@Component
class RejudgingCompletion implements Completion {
    private final LimitsBook limits;

    RejudgingCompletion(LimitsBook limits) {
        this.limits = limits;
    }

    @Override
    public Class<? extends Entry> completes() {
        return AssessEntry.Rejudged.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        typed.put("limitsVersion", new String[] {String.valueOf(limits.newestVersion())});
    }
}
