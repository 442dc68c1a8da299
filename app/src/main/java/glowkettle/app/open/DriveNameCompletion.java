package glowkettle.app.open;

import glowkettle.app.desk.Completion;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.open.OpenEntry;
import glowkettle.library.Drive;
import java.util.Map;
import org.springframework.stereotype.Component;

/** A drive by whatever people call it gets the name on its bit; what is no bit stays as it was typed. */
@Component
class DriveNameCompletion implements Completion {
    @Override
    public Class<? extends Entry> completes() {
        return OpenEntry.FoundInstead.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        typed.computeIfPresent(
                "drive",
                (name, called) -> called.length == 1
                        ? new String[] {Drive.named(called[0]).orElse(called[0])}
                        : called);
    }
}
