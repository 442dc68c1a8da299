package glowkettle.app.journal;

import glowkettle.job.Entry;
import glowkettle.job.Role;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An entry somebody wants written.
 *
 * @param formId unique per form shown; sending it twice stores nothing twice
 * @param seen sequence number the writer had before their eyes
 */
public record Draft(
        Entry entry, UUID formId, long seen, @Nullable Long corrects, String by, Role role) {
    /** Seen by a writer to whom it makes no difference what others wrote meanwhile. */
    public static final long UNSEEN = -1;

    public Draft {
        if (by.isBlank()) {
            throw new IllegalArgumentException("An entry has somebody who wrote it; this one has '%s'".formatted(by));
        }
    }
}
