package glowkettle.app.assess;

import glowkettle.app.shop.Shop;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The shop's own thermometer: what was read of it for one device today stands for the next. */
@Component
class ShopAir {
    private final AirMapper rows;
    private final InstantSource clock;

    ShopAir(AirMapper rows, InstantSource clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** As it was read last since the shop's day began; null where nobody has read it today. */
    @Nullable
    BigDecimal today(ZoneId zone) {
        Instant now = clock.instant();
        return rows.newest(
                Shop.ID, now.atZone(zone).toLocalDate().atStartOfDay(zone).toInstant(), now);
    }
}
