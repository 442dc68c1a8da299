package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a lead sets: limits, shop, people. */
@ExtendWith(RunningKettle.class)
class SettingsWalkTest {
    private final Kettle kettle;

    SettingsWalkTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    @Test
    void aLimitGetsLooserWithAReasonOnlyAndTheOldVersionIsBroughtBack() {
        try (Technician lead = Technician.at(kettle, "lead")) {
            lead.open("/limits").type("swell-guarded-percent", "9").press("Enter");
            lead.sees("is out of range");
            lead.open("/limits").type("swell-guarded-percent", "6").press("Enter");
            lead.sees("gets looser, which needs a reason");
            lead.type("why", "two makers allow it").press("Enter");
            lead.headed("Version").sees("two makers allow it").sees("looser");
            lead.type("why", "taken back").press("Enter");
            lead.headed("Version").sees("taken back").sees("stricter");
        }
    }

    @Test
    void theBarSaysHowManyAreChangedAndWhichWay() {
        try (Technician lead = Technician.at(kettle, "lead")) {
            lead.open("/limits");
            Locator said = lead.page().locator("[data-limit-said]");
            lead.type("swell-guarded-percent", "6");
            assertThat(said).hasText("1 changed, 1 looser: why?");
            lead.type("swell-guarded-percent", "4");
            assertThat(said).hasText("1 changed.");
            lead.page().locator("[data-limit-find]").fill("swelling");
            lead.page().locator("[data-limit-only='protects']").check();
            assertThat(lead.page().locator("[data-limit]:visible").first()).containsText("welling");
            assertThat(lead.page().locator("[data-limit]:visible:has-text('protects nobody')"))
                    .hasCount(0);
            lead.page().locator("[data-limit-find]").fill("no such limit");
            assertThat(lead.page().locator("[data-limit-none]")).isVisible();
        }
    }

    @Test
    void nobodyButALeadFindsAnythingToChange() {
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open("/limits");
            assertThat(technician.page().locator("main input[name]:not([type=hidden])"))
                    .hasCount(0);
            technician.open("/shop");
            assertThat(technician.page().locator("main button:visible")).hasCount(0);
            technician.open(Played.opened(kettle).path("assess"));
            assertThat(technician.page().locator("a[href='/people']")).hasCount(0);
        }
    }

    @Test
    void aMistypedOpeningTimeComesBackAsItWasTyped() {
        try (Technician lead = Technician.at(kettle, "lead")) {
            lead.open("/shop").type("FRIDAY", "7.30 to 12").press("Enter");
            assertThat(lead.page().locator("#FRIDAY")).hasValue("7.30 to 12");
            lead.sees("07:30");
        }
    }

    @Test
    void aNewHandSignsInAndIsLockedOutAgain() {
        try (Technician lead = Technician.at(kettle, "lead")) {
            lead.open("/people")
                    .type("name", "winch")
                    .type("shownName", "Winch hand")
                    .type("password", "short")
                    .press("Enter");
            lead.sees("A password has");
            assertThat(lead.page().locator("#person-new-name")).hasValue("winch");
            lead.type("password", "brass-lantern").press("Enter");
            lead.sees("Winch hand");
            try (Technician winch = Technician.at(kettle, "winch", "brass-lantern")) {
                winch.open(Played.address(kettle, "/jobs/{EVACUATED}/assess")).sees("Why it stands here");
                lead.page().locator(".people li:has-text('winch') summary").click();
                lead.page()
                        .locator(".people li:has-text('winch') input[name=locked][value=true]")
                        .check(new com.microsoft.playwright.Locator.CheckOptions().setForce(true));
                lead.page().locator(".people li:has-text('winch') button").click();
                lead.sees("locked");
                winch.open(Played.address(kettle, "/jobs/{EVACUATED}/assess"));
                assertThat(winch.page().locator("#password")).isVisible();
            }
        }
    }
}
