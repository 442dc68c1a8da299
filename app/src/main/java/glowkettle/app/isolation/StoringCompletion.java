package glowkettle.app.isolation;

import glowkettle.app.desk.Completion;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.isolation.IsolationEntry;
import java.util.Map;
import org.springframework.stereotype.Component;

/** A pack is stored with the tier it has and the energy it holds when full. */
@Component
class StoringCompletion implements Completion {
    private final Containers containers;

    StoringCompletion(Containers containers) {
        this.containers = containers;
    }

    @Override
    public Class<? extends Entry> completes() {
        return IsolationEntry.PackStored.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        String chosen = typed.getOrDefault("container", new String[] {""})[0];
        typed.put("containerName", new String[] {containers.name(chosen).orElse("unknown")});
        typed.put("tier", new String[] {job.oldPackTier().result().tier().name()});
        if (job.liftedOut()) {
            typed.put("wholeDevice", new String[] {"false"});
        }
        typed.put("energyWh", new String[] {Containers.energyWh(job).toPlainString()});
    }
}
