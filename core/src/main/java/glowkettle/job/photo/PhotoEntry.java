package glowkettle.job.photo;

import glowkettle.finding.Says;
import glowkettle.job.Entry;
import org.jspecify.annotations.Nullable;

/** Photos of a job, taken at whichever stage and kept beside the journal. */
public sealed interface PhotoEntry extends Entry {
    /** A photo of the job, kept beside the journal. */
    record PhotoTaken(
            @Says(value = "Photo", longest = 40) String photo,
            @Says(value = "Step", longest = 60) @Nullable String step,

            @Says(value = "What it shows", longest = 200) @Nullable
            String caption)
            implements PhotoEntry {}

    /** A lead removed a photo, and said why. */
    record PhotoRemoved(
            @Says(value = "Photo", longest = 40) String photo,
            @Says(value = "Reason", longest = 300) String reason) implements PhotoEntry {}
}
