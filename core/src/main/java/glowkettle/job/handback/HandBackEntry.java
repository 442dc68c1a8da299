package glowkettle.job.handback;

import glowkettle.finding.Says;
import glowkettle.job.Entry;
import glowkettle.job.Role;
import org.jspecify.annotations.Nullable;

/** Who signs a job, and what is added later. */
public sealed interface HandBackEntry extends Entry {
    /** The job is signed; a lead who takes on a failed check says to the owner what it means. */
    record SignedOff(
            Role as,

            @Says(value = "For the owner, of the check that failed", longest = 300) @Nullable
            String forTheOwner)
            implements HandBackEntry {
        public SignedOff(Role as) {
            this(as, null);
        }
    }

    /** Written after the job was signed. */
    record Addendum(
            @Says(value = "Addendum", longest = 2000) String text) implements HandBackEntry {}
}
