package glowkettle.app.bench;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import glowkettle.app.demo.Played;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.job.Role;
import glowkettle.job.assess.AssessEntry;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningKettle.class)
class MeanwhileTest {
    private final Kettle kettle;

    MeanwhileTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    @AfterEach
    void back() {
        kettle.clock().set(Kettle.START);
    }

    @Test
    void whatIsReadyAndWhatIsPromisedTodayIsNamed() {
        Played ready = Played.readyToSign(kettle);
        Meanwhile.Told told = kettle.bean(Meanwhile.class)
                .told("technician", kettle.bean(ShopBook.class).shop().hours(), Kettle.START.plus(Duration.ofDays(5)));

        Assertions.assertThat(told).isNotNull();
        Assertions.assertThat(told.parts())
                .filteredOn(part -> part.words().equals("ready to hand back"))
                .flatExtracting(Meanwhile.Part::places)
                .extracting(Meanwhile.Place::words)
                .contains(String.valueOf(ready.number()));
    }

    /** Told until they write something themselves; whoever never was away is told nothing. */
    @Test
    void whoeverComesBackIsToldOnceWhatBecameOfTheJobs() {
        Played.readyToSign(kettle);
        Played waiting = Played.assessed(kettle);
        Instant morning = Kettle.START.plus(Duration.ofHours(15));
        try (Technician technician = Technician.at(kettle, "technician")) {
            Locator meanwhile = technician.open("/").page().locator(".meanwhile");
            assertThat(meanwhile).hasCount(0);

            kettle.clock().set(morning);
            technician.open("/");
            assertThat(meanwhile).containsText("ready to hand back");

            kettle.bean(JournalBook.class)
                    .append(
                            waiting.number(),
                            new Draft(
                                    new AssessEntry.Looked(Look.GOOD),
                                    UUID.randomUUID(),
                                    Draft.UNSEEN,
                                    null,
                                    "technician",
                                    Role.TECHNICIAN));
            technician.open("/");
            assertThat(meanwhile).hasCount(0);
        }
    }
}
