package glowkettle.app.isolation;

import glowkettle.app.desk.Completion;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.isolation.IsolationEntry;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What stands outdoors is the whole device while the pack is in it. */
@Component
class OutdoorsCompletion implements Completion {
    @Override
    public Class<? extends Entry> completes() {
        return IsolationEntry.StoodOutdoors.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        typed.put("wholeDevice", new String[] {String.valueOf(!job.liftedOut())});
    }
}
