package glowkettle.app.support;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;

/** Runs like any clock, from the moment it was last set to. */
public final class ShopClock implements InstantSource {
    private volatile Duration ahead;

    ShopClock(Instant start) {
        this.ahead = Duration.between(Instant.now(), start);
    }

    @Override
    public Instant instant() {
        return Instant.now().plus(ahead);
    }

    public void set(Instant now) {
        ahead = Duration.between(Instant.now(), now);
    }
}
