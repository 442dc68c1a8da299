package glowkettle.app.settings;

import glowkettle.finding.Says;
import glowkettle.job.Role;
import org.jspecify.annotations.Nullable;

/**
 * A person as typed.
 *
 * @param password asked for with a new account; left out, an old one stays
 */
public record PersonTyped(
        @Says(value = "Name to sign in with", longest = 40) String name,

        @Says(value = "Name as shown", longest = 80) String shownName,
        @Says("Role") Role role,

        @Says(value = "Password", longest = 72) @Nullable String password,

        @Says("Locked") @Nullable Boolean locked) {}
