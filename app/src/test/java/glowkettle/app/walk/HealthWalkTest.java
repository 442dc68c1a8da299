package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Health before, swelling over time, and bringing a pack down, on the page. */
@ExtendWith(RunningKettle.class)
class HealthWalkTest {
    private final Kettle kettle;

    HealthWalkTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    private static void open(Technician technician, String summary) {
        technician.page().locator("#health summary:has-text('" + summary + "')").click();
    }

    @Test
    void threeWaysToTheSameHealthNarrowItAndTheVerdictNamesWhatToMeasureNext() {
        Played job = Played.opened(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("assess"));
            assertThat(technician.page().locator("#health")).containsText("Measure more");
            assertThat(technician.page().locator("#health")).containsText("Next: ");
            open(technician, "Two rested voltages");
            technician
                    .type("window.fullerRestedCellV", "4,1")
                    .type("window.emptierRestedCellV", "3,6")
                    .type("window.chargeCountedAh", "1,9")
                    .type("window.restMinutes", "120")
                    .press("Enter");
            assertThat(technician.page().locator("#health .step-facts")).containsText("Holds, by");
            open(technician, "Timed run");
            technician
                    .type("run.lastSeenRunningHours", "2,8")
                    .type("run.foundOffHours", "2,7")
                    .tap("run.fromFull", "true")
                    .tap("run.slept", "false")
                    .press("Enter");
            technician.sees("Not taken");
            technician
                    .type("run.foundOffHours", "3")
                    .type("run.averageLoadW", "8")
                    .press("Enter");
            technician.seesNot("Not taken");
            open(technician, "Load step");
            technician
                    .type("step.restV", "11,4")
                    .type("step.loadAfter1sV", "10,9")
                    .type("step.loadAfter10sV", "10,7")
                    .type("step.loadA", "2")
                    .press("Enter");
            assertThat(technician.page().locator("#health .step-facts")).containsText("Goes dark at");
        }
    }

    @Test
    void theTrendOfAPackIsDrawnWithItsRangeAndTheDatesWhenTheLimitIsReached() {
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(Played.address(kettle, "/jobs/{WATCHED_SWELLING}/assess"))
                    .sees("Swelling over time")
                    .sees("mm a week")
                    .sees("is reached");
            assertThat(technician.page().locator(".trend .reading")).hasCount(4);
            assertThat(technician.page().locator(".trend .band")).hasCount(1);
        }
    }

    @Test
    void theCardForAnEmergencyIsThereWithoutAConnection() {
        try (Technician technician = Technician.withWorker(kettle, "technician")) {
            Page page = technician.page();
            page.waitForFunction("() => navigator.serviceWorker.controller !== null || navigator.serviceWorker.ready");
            page.reload();
            page.context().setOffline(true);
            page.navigate(kettle.address() + "/evacuate");
            assertThat(page.locator("body")).containsText("Everybody out");
            assertThat(page.locator("body")).containsText("112");
            page.context().setOffline(false);
            technician.complaints().clear();
        }
    }
}
