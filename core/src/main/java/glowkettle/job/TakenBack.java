package glowkettle.job;

import glowkettle.finding.Says;
import org.jspecify.annotations.Nullable;

/** The entry it corrects does not count; a lead says why, where that lowers a tier from Isolate or worse. */
public record TakenBack(
        @Says(value = "Reason", longest = 500) @Nullable String reason) implements JournalEntry {
    public TakenBack() {
        this(null);
    }
}
