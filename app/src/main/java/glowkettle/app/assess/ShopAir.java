package glowkettle.app.assess;

import glowkettle.app.lists.ListWriter;
import glowkettle.app.shop.Shop;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.assess.AssessEntry;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneId;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The shop's own thermometer: what was read of it for one device today stands for the next. */
@Component
class ShopAir implements ListWriter {
    private final AirMapper rows;
    private final InstantSource clock;

    ShopAir(AirMapper rows, InstantSource clock) {
        this.rows = rows;
        this.clock = clock;
    }

    @Override
    public void write(JobFile job, OpeningHours hours) {
        newest(job)
                .ifPresentOrElse(
                        air -> rows.put(Shop.ID, job.number(), air.at(), air.airC()),
                        () -> rows.remove(Shop.ID, job.number()));
    }

    private record Air(Instant at, BigDecimal airC) {}

    private static Optional<Air> newest(JobFile job) {
        return job.state().counting().stream()
                .flatMap(recorded -> air(recorded).stream())
                .reduce((earlier, later) -> later);
    }

    private static Optional<Air> air(Recorded recorded) {
        @Nullable
        BigDecimal airC = switch (recorded.entry()) {
            case AssessEntry.WarmthTaken taken -> taken.warmth().ambientC();
            case AssessEntry.FeltByHand felt -> felt.ambientC();
            default -> null;
        };
        return Optional.ofNullable(airC).map(read -> new Air(recorded.at(), read));
    }

    /** As it was read last since the shop's day began; null where nobody has read it today. */
    @Nullable
    BigDecimal today(ZoneId zone) {
        Instant now = clock.instant();
        return rows.newest(
                Shop.ID, now.atZone(zone).toLocalDate().atStartOfDay(zone).toInstant(), now);
    }
}
