package glowkettle.app.shop;

import glowkettle.app.limits.LimitsBook;
import java.time.InstantSource;
import java.time.ZoneId;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Gives an empty database a shop to begin with and the first version of the limits. It has no container: what stands in a
 * room is set up by those who see it.
 */
@Component
@Order(1)
class FirstStart implements ApplicationRunner {
    private static final String OPENING = """
            {"week": {"MONDAY": [["07:30", "18:00"]], "TUESDAY": [["07:30", "18:00"]],
                      "WEDNESDAY": [["07:30", "18:00"]], "THURSDAY": [["07:30", "18:00"]],
                      "FRIDAY": [["07:30", "18:00"]], "SATURDAY": [["08:00", "12:00"]]},
             "exceptions": {}}
            """;

    private final ShopMapper rows;
    private final LimitsBook limits;
    private final InstantSource clock;

    FirstStart(ShopMapper rows, LimitsBook limits, InstantSource clock) {
        this.rows = rows;
        this.limits = limits;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        int made = rows.seed(
                Shop.ID,
                new ShopMapper.ShopRow(
                        "Our shop",
                        ZoneId.systemDefault().getId(),
                        "112",
                        "Lithium-ion, toxic and explosive gas",
                        "EUR",
                        1,
                        2,
                        1,
                        1,
                        1,
                        OPENING));
        if (made == 0) {
            return;
        }
        limits.seed(clock.instant());
    }
}
