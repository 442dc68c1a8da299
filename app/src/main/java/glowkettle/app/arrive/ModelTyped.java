package glowkettle.app.arrive;

import glowkettle.finding.Says;
import org.jspecify.annotations.Nullable;

/** What a new model is called. */
public record ModelTyped(
        @Says(value = "Name", longest = 80) String name,

        @Says(value = "Codes on its underside, set apart by commas", longest = 200) @Nullable
        String codes) {}
