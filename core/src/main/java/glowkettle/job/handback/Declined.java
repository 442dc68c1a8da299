package glowkettle.job.handback;

import glowkettle.assess.Tier;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.handback.HandBackEntry.Settled;
import glowkettle.job.open.Opening;
import java.util.Optional;

/** A device that nobody opened, since its quote was declined: how it leaves the shop, by its tier. Source: handbook, Hand back. */
public enum Declined {
    /** Clear: as it came. */
    AS_IT_CAME("The quote was declined: hand it back as it came, and sign"),
    /** Guarded: closed, and warned of. */
    WARNED_OF("The quote was declined: closed, and its owner is warned of the pack; a lead signs, too"),
    /** Isolate or worse: not as a device. */
    SETTLED("The quote was declined: it is not handed over as a device; a lead settles it with the owner");

    private final String words;

    Declined(String words) {
        this.words = words;
    }

    /** What is to be done. */
    public String words() {
        return words;
    }

    /** Empty where the quote stands, or where it was opened. */
    public static Optional<Declined> of(JobFile job) {
        return Opening.of(job).goesBackAsItCame() ? Optional.of(of(worst(job))) : Optional.empty();
    }

    private static Declined of(Tier tier) {
        return switch (tier) {
            case CLEAR -> AS_IT_CAME;
            case GUARDED -> WARNED_OF;
            case ISOLATE, EVACUATE -> SETTLED;
        };
    }

    private static Tier worst(JobFile job) {
        Tier now = job.tier().result().tier();
        Tier old = job.oldPackTier().result().tier();
        return old.atLeast(now) ? old : now;
    }

    /** What a lead settled with the owner, the newest. */
    public static Optional<Settled> settlement(JobFile job) {
        return job.state().latest(Settled.class);
    }

    /** The owner's no is taken, or the pack alone is to come out: the counter says that anew. */
    static boolean isAgreed(JobFile job) {
        return settlement(job).isPresent() && Arriving.of(job).isDeclined();
    }
}
