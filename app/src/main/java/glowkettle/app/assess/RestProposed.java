package glowkettle.app.assess;

import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import org.jspecify.annotations.Nullable;

/** Whether the pack is at rest, as far as the product knows by itself. Nobody is asked for what it did. */
record RestProposed(@Nullable Boolean atRest, @Nullable String because) {
    static RestProposed of(JobFile job) {
        return Assessing.of(job)
                .disturbedBy()
                .map(by -> new RestProposed(false, "Not at rest: " + by + "."))
                .orElse(new RestProposed(null, null));
    }
}
