package glowkettle.app.wayback;

import glowkettle.app.desk.Completion;
import glowkettle.app.desk.Typed;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.wayback.WayBackEntry;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** A hole for which no fastener was chosen stays empty: it is no placement. */
@Component
class EmptyHolesCompletion implements Completion {
    @Override
    public Class<? extends Entry> completes() {
        return WayBackEntry.FastenersBack.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        List<String> empty = typed.keySet().stream()
                .filter(name -> name.endsWith("].fastener") && Typed.isBlank(typed.get(name)))
                .toList();
        empty.forEach(name -> {
            typed.remove(name);
            typed.remove(name.replace("].fastener", "].hole"));
        });
    }
}
