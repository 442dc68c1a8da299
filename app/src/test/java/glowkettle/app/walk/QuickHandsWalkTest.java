package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Two customers in a row, and keys that are faster than the pages they are meant for. */
@ExtendWith(RunningKettle.class)
class QuickHandsWalkTest {
    private final Kettle kettle;

    QuickHandsWalkTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    private static Locator field(Technician technician, String name) {
        return technician
                .page()
                .locator("main [name='" + name + "']")
                .locator("visible=true")
                .first();
    }

    @Test
    void theNextCustomerInheritsNothing() {
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open("/jobs/new")
                    .tap("modelId", "gannet-14")
                    .type("owner", "Galley, ferry Skua")
                    .type("contact", "extension 41")
                    .tap("symptoms[]", "NO_CLICK")
                    .type("runtimeHours", "3.5")
                    .type("shutDownPercent", "18")
                    .tap("openedBefore", "NO")
                    .letGo()
                    .send(" ")
                    .headed("Look at the pack");
            technician.open("/jobs/new");
            for (String name : new String[] {"owner", "contact", "runtimeHours", "shutDownPercent"}) {
                assertThat(field(technician, name)).hasValue("");
            }
            assertThat(technician.page().locator("main input:checked")).hasCount(0);
        }
    }

    @Test
    void aReadingThatWasStoredIsNotThereAsTheNextOne() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("open")).press("m");
            technician.page().waitForURL("**/assess*");
            read(technician);
            technician.open(job.path("open")).press("m");
            technician.page().waitForURL("**/assess*");
            assertThat(field(technician, "warmth.surfaceC")).hasValue("");
            assertThat(technician.page().locator("input[name='warmth.atRest']:checked"))
                    .hasCount(0);
        }
    }

    private static void read(Technician technician) {
        technician
                .type("warmth.surfaceC", "22")
                .type("warmth.ambientC", "21")
                .tap("warmth.atRest", "true")
                .send("Enter");
    }

    @Test
    void figuresTypedAtOnceAfterTheKeyForAReadingReachItsField() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("open"));
            technician.page().keyboard().type("m215");
            assertThat(technician.page().locator("input:focus")).hasValue("215");
            technician.at("/jobs/" + job.number() + "/assess");
        }
    }

    @Test
    void twoSignsAndOneTapForTheRestIsAWholeLook() {
        Played job = Played.opened(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("assess")).headed("Look at the pack");
            technician
                    .tap("look.dentedBentDropped", "true")
                    .tap("look.visiblePillow", "true")
                    .letGo();
            technician
                    .page()
                    .waitForResponse(
                            answer -> answer.url().contains("/assess"),
                            () -> technician
                                    .page()
                                    .locator("button[name='rest']")
                                    .click());
            assertThat(technician.page().locator("main h1").first()).not().containsText("Look at the pack");
        }
    }
}
