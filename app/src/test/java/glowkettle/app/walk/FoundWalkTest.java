package glowkettle.app.walk;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.assertions.PlaywrightAssertions;
import glowkettle.app.journal.JobReader;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.assess.Tier;
import glowkettle.job.JobFile;
import glowkettle.job.wayback.JobTray;
import glowkettle.open.Tray;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A laptop nobody described and that shows nothing: read by hand, its screws put on the map by keys. */
@ExtendWith(RunningKettle.class)
class FoundWalkTest {
    private final Kettle kettle;

    FoundWalkTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    @Test
    void isClearByThreeTapsAndTenScrewsOfTwoKindsAreOnTheMapByKeys() {
        long number;
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open("/jobs/new");
            technician.page().locator("summary:has-text('Not in the library')").click();
            technician
                    .tap("modelId", "family-screwed-in")
                    .type("owner", "Chart table, ferry Skua")
                    .tap("openedBefore", "NO")
                    .letGo()
                    .send(" ")
                    .headed("Look at the pack")
                    .send(" ")
                    .headed("Take the surface temperature");
            number = Long.parseLong(technician.page().url().replaceAll(".*/jobs/([0-9]+).*", "$1"));
            if (technician.page().locator("main input[name='ambientC']:visible").count() > 0) {
                technician.type("ambientC", "21").letGo();
            }
            technician.send("h").headed("Gauge the seam").send("h").headed("Read the gauge");
            assertThat(file(number).tier().result().tier()).isEqualTo(Tier.CLEAR);

            technician
                    .open("/jobs/" + number + "/open")
                    .headed("Shut it down")
                    .send(" ")
                    .headed("Take out cards")
                    .send(" ")
                    .headed("Take out every screw of the cover")
                    .press("s");
            PlaywrightAssertions.assertThat(technician.page().locator("[data-chart]"))
                    .isFocused();
            for (String key : "7 9 1 3 8 2 l 4 6 5 5".split(" ")) {
                technician.page().keyboard().press(key);
            }
            technician.sees("10 on the map: 6 × PH00, long, black · 4 × PH00, short, black");
            technician
                    .send("Enter")
                    .headed("Loosen the screws on the map")
                    .send(" ")
                    .headed("Take out every screw of the cover");
        }
        Tray.State tray = JobTray.of(file(number)).tray().result();
        assertThat(tray.left()).isEqualTo(10);
        assertThat(tray.piles()).extracting(Tray.Pile::kind).containsExactly("PH00, long, black", "PH00, short, black");
    }

    private JobFile file(long number) {
        return kettle.bean(JobReader.class).file(number);
    }
}
