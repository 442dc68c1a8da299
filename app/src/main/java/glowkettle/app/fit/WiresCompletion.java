package glowkettle.app.fit;

import glowkettle.app.desk.Completion;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.fit.FitEntry;
import java.util.Arrays;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Wires that nobody chose are not known; they are no wires that carry nothing. */
@Component
class WiresCompletion implements Completion {
    private static final String WIRES = "label.plugWires[]";

    @Override
    public Class<? extends Entry> completes() {
        return FitEntry.PackOffered.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        if (Arrays.stream(typed.getOrDefault(WIRES, new String[0])).allMatch(String::isBlank)) {
            typed.remove(WIRES);
        }
    }
}
