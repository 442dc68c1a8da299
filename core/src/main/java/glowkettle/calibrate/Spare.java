package glowkettle.calibrate;

import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.time.Duration;

/** What is kept free behind a charge that somebody attends: some minutes, or a share of it where that is more. Source: handbook, Calibrate. */
public final class Spare {
    private Spare() {}

    /** Behind so long a charge, its soak included. */
    public static Duration behind(Duration attended, ShopLimits limits) {
        Duration least = Duration.ofSeconds(Math.round(limits.number(Limit.SPARE_MINUTES) * 60));
        Duration share =
                Duration.ofSeconds((long) Math.ceil(attended.toSeconds() * limits.number(Limit.SPARE_PERCENT) / 100));
        return least.compareTo(share) >= 0 ? least : share;
    }
}
