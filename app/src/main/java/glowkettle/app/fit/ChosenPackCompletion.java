package glowkettle.app.fit;

import glowkettle.app.desk.Completion;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.fit.FitEntry;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Who chooses a pack chooses the one whose label was read last: the choice names it. */
@Component
class ChosenPackCompletion implements Completion {
    @Override
    public Class<? extends Entry> completes() {
        return FitEntry.PackChosen.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        typed.remove("offer");
        job.state()
                .latestRecorded(FitEntry.PackOffered.class)
                .ifPresent(offered -> typed.put("offer", new String[] {String.valueOf(offered.seq())}));
    }
}
