package glowkettle.app.settings;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import glowkettle.app.shop.FirstDay;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

@ExtendWith(RunningKettle.class)
class FirstDayTest {
    private final Kettle kettle;
    private final Shop before;

    FirstDayTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
        before = kettle.bean(ShopBook.class).shop();
    }

    @BeforeEach
    void nothingIsBehind() {
        kettle.bean(JdbcTemplate.class).update("delete from first_day");
    }

    @AfterEach
    void everythingIsBehindAgain() {
        FirstDay day = kettle.bean(FirstDay.class);
        for (FirstDay.Step step : FirstDay.Step.values()) {
            day.pass(step, "lead");
        }
        day.putExamplesAway(false);
        kettle.bean(ShopBook.class).change(before);
    }

    @Test
    void anEmptyShopIsSetUpQuestionByQuestionAndLeftInBetween() {
        try (Technician lead = Technician.at(kettle, "lead")) {
            Page page = lead.page();
            lead.headed("The first day: set the shop up.").send(" ").at("/first-day");
            lead.type("name", "Breakwater workshop").press("Enter").sees("Whom do you call");
            assertThat(page.locator("[name='emergencyNumber']")).hasValue("");

            lead.open("/").headed("go on where you left it").send(" ");
            lead.type("emergencyNumber", "112").press("Enter").sees("When is somebody here");
            lead.type("MONDAY", "7-").press("Enter").sees("cannot be read");
            lead.type("MONDAY", "07:30-18:00").press("Enter").sees("What lies on the bench");
            lead.type("mats", "50").press("Enter").sees("Where does a pack go that swells");
            for (String said : new String[] {
                "That is all of them", "That is everybody", "Read; they hold here", "Keep them, marked as"
            }) {
                page.locator("main button:has-text('" + said + "')").click();
            }
            lead.sees("The first device can come");
        }
        Assertions.assertThat(kettle.bean(FirstDay.class).isOver()).isTrue();
        Assertions.assertThat(kettle.bean(ShopBook.class).shop().emergency().emergencyNumber())
                .isEqualTo("112");
    }

    /** A number that was only there from the start is nobody's answer. */
    @Test
    void noDeviceIsTakenInBeforeALeadSaidWhomToCall() {
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open("/jobs/new")
                    .tap("modelId", "gannet-14")
                    .type("owner", "Bridge, ferry Skua")
                    .tap("openedBefore", "NO")
                    .letGo()
                    .send(" ")
                    .sees("whom to call");
        }
        try (Technician lead = Technician.at(kettle, "lead")) {
            lead.open("/jobs/new").at("/first-day");
        }
    }

    @Test
    void examplesAreMarkedAndGoAwayWithOneTap() {
        try (Technician lead = Technician.at(kettle, "lead")) {
            lead.open("/library").sees("Gannet 14").sees("example");
            lead.page().locator("button:has-text('Put the examples away')").click();
            lead.seesNot("Gannet 14").sees("Families, for devices nobody has described");
            lead.page().locator("button:has-text('Show the examples again')").click();
            lead.sees("Gannet 14");
        }
    }
}
