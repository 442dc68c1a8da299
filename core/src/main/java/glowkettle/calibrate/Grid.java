package glowkettle.calibrate;

import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.time.Duration;
import java.time.Instant;

/** The grid of the plan: everything on it is rounded up. Zones differ by whole quarters, so one grid serves all. */
public record Grid(long seconds) {
    public static Grid of(ShopLimits limits) {
        return new Grid(Math.round(limits.number(Limit.GRID_MINUTES) * 60));
    }

    Duration up(double hours) {
        // A hair below a grid line is rounding noise of the sum, not another five minutes.
        return up(Duration.ofSeconds((long) Math.ceil(hours * 3600 - 1e-6)));
    }

    public Duration up(Duration duration) {
        return Duration.ofSeconds(Math.ceilDiv(duration.toSeconds(), seconds) * seconds);
    }

    public Instant up(Instant instant) {
        long whole = instant.getEpochSecond() + (instant.getNano() > 0 ? 1 : 0);
        return Instant.ofEpochSecond(Math.ceilDiv(whole, seconds) * seconds);
    }

    Instant next(Instant instant) {
        return instant.plusSeconds(seconds);
    }
}
