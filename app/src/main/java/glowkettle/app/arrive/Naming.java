package glowkettle.app.arrive;

import glowkettle.job.JobFile;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.open.Opening;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a model would keep of a device nobody described.
 *
 * @param typed what it was called at the counter; null where nobody typed anything
 */
public record Naming(List<Opening.Note> learnt, @Nullable String typed) {
    public Naming {
        learnt = List.copyOf(learnt);
    }

    /** Null where the library has the model, or its pack is not known yet. */
    public static @Nullable Naming of(JobFile job) {
        return ModelNaming.isNameable(job) && !job.closed()
                ? new Naming(ModelNaming.learnt(job), Arriving.of(job).modelCode())
                : null;
    }
}
