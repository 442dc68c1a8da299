package glowkettle.free;

import glowkettle.limits.ShopLimits;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Until what was wetted is dry: no iron, hot air, mat, welder, charger, load or pack connection. The clock stands still
 * while a part covers the wetted place. Source: handbook, Free the pack.
 *
 * @param dryAt null while a part still covers what is wet
 */
public record IgnitionLock(Instant wetSince, @Nullable Instant dryAt, Instant dwellUntil) {
    /** Solvent put on a bond; from when it lay open, or null while it is covered. */
    public record Wetting(
            Solvent.Use use, Instant at, @Nullable Instant openSince) {}

    /** The lock that holds longest; a covered one holds longest of all. */
    public static Optional<IgnitionLock> of(List<Wetting> wettings, ShopLimits limits) {
        return wettings.stream()
                .map(wetting -> of(wetting, limits))
                .max(Comparator.comparing(lock -> lock.dryAt() == null ? Instant.MAX : lock.dryAt()));
    }

    private static IgnitionLock of(Wetting wetting, ShopLimits limits) {
        Solvent solvent = Solvent.of(wetting.use(), limits).result();
        Duration dry = solvent.dry();
        Instant open = wetting.openSince();
        return new IgnitionLock(
                wetting.at(), open == null ? null : open.plus(dry), wetting.at().plus(solvent.dwell()));
    }

    public boolean holds(Instant now) {
        return dryAt == null || now.isBefore(dryAt);
    }

    public boolean dwells(Instant now) {
        return now.isBefore(dwellUntil);
    }
}
