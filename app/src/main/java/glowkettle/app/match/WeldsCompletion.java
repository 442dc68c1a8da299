package glowkettle.app.match;

import glowkettle.app.desk.Completion;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.match.Building;
import glowkettle.job.match.MatchEntry;
import java.util.Map;
import org.springframework.stereotype.Component;

/** How many welds a step makes is known from the layout: nobody counts them. */
@Component
class WeldsCompletion implements Completion {
    @Override
    public Class<? extends Entry> completes() {
        return MatchEntry.BuildStepDone.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        typed.remove("welds");
        String[] joinedBy = typed.get("joinedBy");
        if (joinedBy == null || joinedBy.length == 0) {
            return;
        }
        boolean welded = joinedBy[0].equals(MatchEntry.JoinedBy.WELDS.name());
        Building.of(job)
                .next()
                .filter(step -> step.welds() > 0)
                .ifPresent(step -> typed.put("welds", new String[] {welded ? String.valueOf(step.welds()) : "0"}));
    }
}
