package glowkettle.app.settings;

import glowkettle.finding.Says;
import org.jspecify.annotations.Nullable;

/**
 * A token as asked for.
 *
 * @param stage whose sums it is good for; null for all
 */
public record TokenTyped(
        @Says(value = "What uses it", longest = 60) String name,

        @Says(value = "Good for", longest = 20) @Nullable String stage) {}
