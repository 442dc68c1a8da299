package glowkettle.job;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** An entry as it stands in the journal. */
public record Recorded(
        long seq,
        Instant at,
        String by,
        Entry entry,
        @Nullable Long corrects) {
    Recorded with(Entry replacement) {
        return new Recorded(seq, at, by, replacement, corrects);
    }
}
