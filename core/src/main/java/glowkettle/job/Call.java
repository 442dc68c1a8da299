package glowkettle.job;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Something of a job that calls for hands, and since or from when: a call whose moment has not come yet is only told of. Every
 * moment comes from the journal, so that the same journal always calls the same. Source: handbook, What comes first.
 *
 * @param stays until it is acted on; one that only tells leaves by itself
 * @param danger what kind of danger it is; null where it is none
 */
public record Call(
        Instant at,
        Attention attention,
        String what,
        Stage stage,
        boolean stays,
        @Nullable Danger danger) {
    /** A call of another class. */
    public Call(Instant at, Attention attention, String what, Stage stage, boolean stays) {
        this(at, attention, what, stage, stays, null);
    }

    public static Call danger(Instant at, String what, Stage stage, Danger danger) {
        return new Call(at, Attention.DANGER, what, stage, true, danger);
    }
}
