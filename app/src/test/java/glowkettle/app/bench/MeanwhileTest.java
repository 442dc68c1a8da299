package glowkettle.app.bench;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import glowkettle.app.demo.Played;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.security.Accounts;
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
    private static final String PASSWORD = "gone for the weekend";
    private static final Instant MORNING = Kettle.START.plus(Duration.ofHours(15));

    private final Kettle kettle;

    MeanwhileTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    @AfterEach
    void back() {
        kettle.clock().set(Kettle.START);
    }

    /** Somebody of this test alone, who looked at a device just now. */
    private void looks(String name, Played job) {
        kettle.bean(Accounts.class).add(name, name, PASSWORD, Role.TECHNICIAN);
        kettle.bean(JournalBook.class)
                .append(
                        job.number(),
                        new Draft(
                                new AssessEntry.Looked(Look.GOOD),
                                UUID.randomUUID(),
                                Draft.UNSEEN,
                                null,
                                name,
                                Role.TECHNICIAN));
    }

    @Test
    void whatIsReadyIsNamedToWhoeverWasAwayAndToNobodyElse() {
        Played ready = Played.readyToSign(kettle);
        looks("early", Played.assessed(kettle));
        Meanwhile meanwhile = kettle.bean(Meanwhile.class);
        var hours = kettle.bean(ShopBook.class).shop().hours();

        Assertions.assertThat(meanwhile.told("early", hours, Kettle.START.plus(Duration.ofMinutes(44))))
                .isNull();
        Assertions.assertThat(meanwhile.told("nobody", hours, MORNING)).isNull();
        Meanwhile.Told told = meanwhile.told("early", hours, MORNING);
        Assertions.assertThat(told).isNotNull();
        Assertions.assertThat(told.parts())
                .filteredOn(part -> part.words().equals("ready to hand back"))
                .flatExtracting(Meanwhile.Part::places)
                .extracting(Meanwhile.Place::words)
                .contains(String.valueOf(ready.number()));
    }

    @Test
    void itIsToldUntilTheyWriteSomethingThemselves() {
        Played.readyToSign(kettle);
        Played waiting = Played.assessed(kettle);
        looks("late", waiting);
        try (Technician technician = Technician.at(kettle, "late", PASSWORD)) {
            Locator meanwhile = technician.open("/").page().locator(".meanwhile");
            assertThat(meanwhile).hasCount(0);

            kettle.clock().set(MORNING);
            technician.open("/");
            assertThat(meanwhile).containsText("ready to hand back");

            looks("late", waiting);
            technician.open("/");
            assertThat(meanwhile).hasCount(0);
        }
    }
}
