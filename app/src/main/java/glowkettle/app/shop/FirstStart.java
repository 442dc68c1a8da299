package glowkettle.app.shop;

import glowkettle.app.limits.LimitsBook;
import java.math.BigDecimal;
import java.time.InstantSource;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Gives an empty database its shop, the first version of the limits and the containers every shop needs. */
@Component
@Order(1)
class FirstStart implements ApplicationRunner {
    private static final String OPENING = """
            {"week": {"MONDAY": [["07:30", "18:00"]], "TUESDAY": [["07:30", "18:00"]],
                      "WEDNESDAY": [["07:30", "18:00"]], "THURSDAY": [["07:30", "18:00"]],
                      "FRIDAY": [["07:30", "18:00"]], "SATURDAY": [["08:00", "12:00"]]},
             "exceptions": {"2026-12-24": [["07:30", "12:00"]], "2026-12-25": [], "2027-01-01": []}}
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
                        "Equipment room, north quay",
                        "Europe/Lisbon",
                        "112",
                        "Lithium-ion, toxic and explosive gas",
                        OPENING));
        if (made == 0) {
            return;
        }
        limits.seed(clock.instant());
        container("1", "Sand bucket 1, indoors", "100", 6);
        container("2", "Sand bucket 2, indoors", "100", 6);
        container("3", "Vented box, by the door", "80", 1);
        container("4", "Vented box, device size", "150", 1);
        container("5", "Outdoor bay", "300", 12);
        container("6", "Sand bucket 3, indoors", "100", 6);
        container("8", "Sand bucket 4, on the quay", "100", 6);
        container("7", "Clay crock, device size", "150", 1);
    }

    private void container(String id, String name, String capacityWh, int places) {
        rows.putContainer(Shop.ID, id, name, new BigDecimal(capacityWh), places);
    }
}
