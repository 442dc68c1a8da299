package glowkettle.calibrate;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What of a soak cycle has happened; null is what has not. Nothing that has begun is ever moved. */
public record Progress(
        @Nullable Instant chargeStarted,
        @Nullable Instant fullSeen,
        @Nullable Instant runDownStarted,
        @Nullable Instant shutDownSeen,
        @Nullable Instant lastChargeStarted,
        @Nullable Instant lastChargeEnded) {
    public static final Progress NONE = new Progress(null, null, null, null, null, null);

    public static Progress startingAt(Instant chargeStart) {
        return new Progress(chargeStart, null, null, null, null, null);
    }
}
