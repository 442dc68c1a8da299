package glowkettle.app.demo;

import glowkettle.app.journal.JournalBook;
import glowkettle.app.security.Accounts;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.Role;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Fills an empty database with the ferry line's people and jobs. Only a demo has accounts with a known password. */
@Component
@Order(3)
@ConditionalOnProperty("glow-kettle.demo")
class DemoShop implements ApplicationRunner {
    private static final String PASSWORD = "quayside";

    private final Accounts accounts;
    private final JournalBook journal;
    private final DemoJobs jobs;
    private final ShopBook shop;

    DemoShop(Accounts accounts, JournalBook journal, DemoJobs jobs, ShopBook shop) {
        this.shop = shop;
        this.accounts = accounts;
        this.journal = journal;
        this.jobs = jobs;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!accounts.isEmpty()) {
            return;
        }
        if (journal.isEmpty()) {
            furnish();
            jobs.play();
        }
        // Accounts come last: a first start that was killed half-way is told by their absence.
        accounts.add("lead", "Lead of the equipment room", PASSWORD, Role.LEAD);
        accounts.add("technician", "Technician at the bench", PASSWORD, Role.TECHNICIAN);
        accounts.add("trainee", "Trainee", PASSWORD, Role.TRAINEE);
    }

    private void furnish() {
        Shop made = shop.shop();
        Map<LocalDate, List<OpeningHours.Span>> holidays = Map.of(
                LocalDate.of(2026, 12, 24),
                List.of(new OpeningHours.Span(LocalTime.of(7, 30), LocalTime.NOON)),
                LocalDate.of(2026, 12, 25),
                List.of(),
                LocalDate.of(2027, 1, 1),
                List.of());
        shop.change(new Shop(
                "Equipment room, north quay",
                made.emergencyNumber(),
                made.emergencyText(),
                made.currency(),
                made.hands(),
                made.chargers(),
                made.mats(),
                made.dryers(),
                made.airStations(),
                new OpeningHours(ZoneId.of("Europe/Lisbon"), made.hours().week(), holidays)));
        container("1", "Sand bucket 1, indoors", 100, 6, false);
        container("2", "Sand bucket 2, indoors", 100, 6, false);
        container("3", "Vented box, by the door", 80, 1, false);
        container("4", "Vented box, device size", 150, 1, false);
        container("5", "Outdoor bay", 300, 12, true);
        container("6", "Sand bucket 3, indoors", 100, 6, false);
        container("7", "Clay crock, device size", 150, 1, false);
        container("8", "Sand bucket 4, on the quay", 100, 6, true);
    }

    private void container(String id, String name, long capacityWh, int places, boolean outdoors) {
        shop.putContainer(id, name, BigDecimal.valueOf(capacityWh), places, outdoors);
    }
}
