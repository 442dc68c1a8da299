package glowkettle.app.support;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import org.jspecify.annotations.Nullable;

/** Runs like any clock, from the moment it was last set to; or stands, where a test counts what happens within a span. */
public final class ShopClock implements InstantSource {
    private volatile Duration ahead;
    private volatile @Nullable Instant stopped;

    ShopClock(Instant start) {
        this.ahead = Duration.between(Instant.now(), start);
    }

    @Override
    public Instant instant() {
        Instant standing = stopped;
        return standing != null ? standing : Instant.now().plus(ahead);
    }

    public void set(Instant now) {
        stopped = null;
        ahead = Duration.between(Instant.now(), now);
    }

    public void pass(Duration span) {
        Instant standing = stopped;
        if (standing != null) {
            stopped = standing.plus(span);
        } else {
            ahead = ahead.plus(span);
        }
    }

    /** It stands until it is set, or let go. */
    public void stop() {
        stopped = instant();
    }

    public void go() {
        Instant standing = stopped;
        if (standing != null) {
            set(standing);
        }
    }
}
