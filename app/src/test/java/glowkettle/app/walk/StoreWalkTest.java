package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The isolation store as it is walked: a round with a telephone, and a hand-over by a lead. */
@ExtendWith(RunningKettle.class)
class StoreWalkTest {
    private final Kettle kettle;

    StoreWalkTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    @AfterEach
    void backToTheMorning() {
        kettle.clock().set(Kettle.START);
    }

    @Test
    void aRoundWithATelephoneAsksForOneNumberPerContainerUntilNoneIsDue() {
        Played.measured(kettle).storedIn("41", "Crock 41");
        kettle.clock().set(Kettle.START.plusSeconds(7 * 86_400 + 3600));
        try (Technician telephone = Technician.at(kettle, "technician", 390, 780, "light")) {
            telephone.open("/isolation");
            assertThat(telephone.page().locator(".shelf.due").first()).isVisible();
            telephone.open("/isolation/round");
            int looked = 0;
            while (telephone.page().url().contains("/isolation/round/") && isDue(telephone)) {
                telephone.type("surfaceC", "18").type("ambientC", "18").letGo().send(" ");
                looked++;
            }
            assertThat(looked).isPositive();
            telephone.open("/isolation");
            assertThat(telephone.page().locator(".shelf.due")).hasCount(0);
        }
    }

    private static boolean isDue(Technician telephone) {
        String kicker = telephone.kicker();
        return kicker.endsWith("ago") || kicker.contains(" 0 min");
    }

    @Test
    void aWarmPackRestartsItsWatchAndShowsItsTierOnThePageOfItsJob() {
        Played job = Played.measured(kettle).storedIn("42", "Crock 42");
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open("/isolation/round/42")
                    .type("surfaceC", "31")
                    .type("ambientC", "20")
                    .letGo()
                    .send(" ");
            technician.open(job.path("assess")).sees("The old pack lies in").tier("Clear");
            assertThat(technician.page().locator(".old-pack-away .tier")).containsText("Isolate");
            technician.open("/isolation/round/42").sees("Last look").sees("31 °C");
        }
    }

    @Test
    void aLeadReleasesAPackToACollectorAndTakesTheListAlong() throws IOException {
        Played job = Played.measured(kettle).storedIn("43", "Crock 43");
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open("/isolation/hand-overs");
            assertThat(technician.page().locator("main input[name=collector]")).hasCount(0);
        }
        try (Technician lead = Technician.at(kettle, "lead")) {
            lead.open("/isolation/hand-overs")
                    .tap("jobs[]", String.valueOf(job.number()))
                    .press("Enter");
            lead.sees("Missing: Who collects them");
            lead.type("collector", "Harbour recycling barge").press("Enter");
            lead.headed("Hand-over").sees("job " + job.number()).sees("Harbour recycling barge");
            Download csv = lead.page()
                    .waitForDownload(
                            () -> lead.page().locator("a:has-text('CSV')").click());
            assertThat(Files.readString(csv.path())).contains("job " + job.number(), "energy_wh");
            lead.open(job.path("journal")).sees("Harbour recycling barge");
        }
    }
}
