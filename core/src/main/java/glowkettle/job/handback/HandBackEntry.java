package glowkettle.job.handback;

import glowkettle.finding.Says;
import glowkettle.finding.Worded;
import glowkettle.job.Entry;
import glowkettle.job.Role;
import org.jspecify.annotations.Nullable;

/** Who signs a job, and what is added later. */
public sealed interface HandBackEntry extends Entry {
    /**
     * The job is signed; a lead who takes on a failed check says to the owner what it means, and who signs alone, a second time,
     * says what was looked at again.
     */
    record SignedOff(
            @Says("Signature") Role as,

            @Says(value = "For the owner, of the check that failed", longest = 300) @Nullable
            String forTheOwner,

            @Says(value = "What was looked at again", longest = 300) @Nullable
            String lookedAtAgain)
            implements HandBackEntry {
        public SignedOff(Role as) {
            this(as, null, null);
        }
    }

    /** What becomes of an isolated device whose quote was declined, settled by a lead with its owner. */
    record Settled(
            @Says("What becomes of it") Settlement how,

            @Says(value = "What was agreed with the owner", longest = 300)
            String agreed)
            implements HandBackEntry {}

    /** By local rules; none of them hands it over as a device. Source: handbook, Hand back. */
    enum Settlement implements Worded {
        REMOVAL("The pack is taken out, and nothing else is done"),
        DISPOSAL("It is disposed of with its pack"),
        COLLECTION("It is collected by local rules");

        private final String words;

        Settlement(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** Written after the job was signed. */
    record Addendum(
            @Says(value = "Addendum", longest = 2000) String text) implements HandBackEntry {}
}
