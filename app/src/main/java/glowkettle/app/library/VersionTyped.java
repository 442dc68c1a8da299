package glowkettle.app.library;

import glowkettle.finding.Says;

/**
 * A model as it was changed.
 *
 * @param body the model as JSON
 * @param seen the version it was changed from
 */
public record VersionTyped(
        @Says(value = "The model as JSON", longest = 1_000_000)
        String body,

        int seen,
        @Says(value = "Why", longest = 300) String why) {}
