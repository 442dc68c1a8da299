package glowkettle.app.open;

import glowkettle.app.desk.Completion;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.open.OpenEntry;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** A fastener that was not there did not come out. */
@Component
class MissingFastenersCompletion implements Completion {
    @Override
    public Class<? extends Entry> completes() {
        return OpenEntry.FastenersOut.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        List<String> missing = List.of(typed.getOrDefault("missing[]", new String[0]));
        typed.computeIfPresent(
                "out[]",
                (name, out) ->
                        Arrays.stream(out).filter(id -> !missing.contains(id)).toArray(String[]::new));
    }
}
