package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.job.fit.Fitting;
import glowkettle.job.open.Opening;
import glowkettle.job.wayback.JobTray;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Fasteners by key, tap and drag; orders by hand; other things to reach. */
@ExtendWith(RunningKettle.class)
class TrayWalkTest {
    private final Kettle kettle;

    TrayWalkTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    private static Locator dot(Page page, String id) {
        return page.locator(".dot[data-fastener='" + id + "'][role='button']");
    }

    private static Locator lying(Page page, String id) {
        return page.locator("svg [data-tray-fastener='" + id + "']");
    }

    private static void drag(Page page, Locator from, Locator to) {
        BoundingBox start = from.boundingBox();
        BoundingBox end = to.boundingBox();
        page.mouse().move(start.x + start.width / 2, start.y + start.height / 2);
        page.mouse().down();
        page.mouse().move(end.x + end.width / 2, end.y + end.height / 2);
        page.mouse().up();
    }

    @Test
    void fastenersComeOutByTapByKeyAndByDragAndTheCountFollows() {
        Played job = Played.at(kettle, "fulmar-13", "case-screws");
        try (Technician technician = Technician.at(kettle, "technician", 1280, 1500, "light")) {
            Page page = technician.open(job.path("open")).page();
            dot(page, "C1").click();
            assertThat(page.locator(".job-head .counts")).containsText("1out");
            dot(page, "C2").focus();
            page.keyboard().press("Enter");
            assertThat(page.locator(".job-head .counts")).containsText("2out");
            drag(page, dot(page, "C3"), page.locator("[data-tray]"));
            assertThat(page.locator(".job-head .counts")).containsText("3out");
            page.locator("[data-tray-view='piles']").click();
            assertThat(page.locator(".piles")).containsText("3 ×");
            page.locator("[data-tray-view='cells']").click();
            assertThat(page.locator(".mat li.out")).hasCount(3);
            page.reload();
            assertThat(page.locator(".mat")).isVisible();
            technician.send(" ").sees("Open the clips");
        }
        Assertions.assertThat(JobTray.of(job.file()).tray().result().out()).isEqualTo(9);
    }

    @Test
    void onTheWayBackWhatIsHeldGoesIntoTheHoleThatIsTapped() {
        Played job = Played.goingBack(kettle, 4);
        try (Technician technician = Technician.at(kettle, "technician", 1280, 1500, "light")) {
            Page page = technician.open(job.path("wayback")).page();
            dot(page, "S4").click();
            assertThat(lying(page, "S4")).hasCount(0);
            drag(page, lying(page, "S5"), dot(page, "S5"));
            assertThat(lying(page, "S5")).hasCount(0);
            lying(page, "S1").click();
            dot(page, "S6").click();
            technician.sees("sits in the hole of S6");
        }
        Assertions.assertThat(JobTray.of(job.file()).placements()).hasSizeGreaterThanOrEqualTo(3);
    }

    @Test
    void anotherScrewThanExpectedIsToldWithItsRisk() {
        Played job = Played.at(kettle, "fulmar-13", "case-screws");
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = technician.open(job.path("open")).page();
            page.locator("summary:has-text('Another one sits here')").click();
            page.locator("#instead-fastener").selectOption("C5");
            technician
                    .type("drive", "cross 0")
                    .type("threadMm", "2")
                    .type("lengthMm", "9")
                    .type("head", "flat");
            page.locator("button:has-text('Keep what was found')").click();
            technician.sees("C5:").sees("PH0, M2 × 9 mm").sees("4 mm longer").sees("look what it reached");
            page.locator("summary:has-text('stripped or stuck')").click();
            technician.sees("A fresh bit");
        }
    }

    @Test
    void anOrderByHandIsToldWhatItBreaksAndWhatItCosts() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = technician.open(job.path("open")).page();
            page.locator("summary:has-text('Another order')").click();
            Locator first = page.locator(".by-hand li").first();
            first.locator("[data-move='1']").click();
            page.locator("button:has-text('What does it cost?')").click();
            technician.sees("It breaks").sees("cannot be done before");
            page.locator(".by-hand li").nth(1).locator("[data-move='-1']").click();
            page.locator(".by-hand li:has-text('memory card') [data-move='1']").click();
            page.locator("button:has-text('What does it cost?')").click();
            page.locator("button:has-text('Work in this order')").click();
            technician.sees("The order, laid down by hand");
        }
        Assertions.assertThat(Opening.of(job.file()).isByHand()).isTrue();
    }

    @Test
    void aDeviceIsOpenedForSomethingElseAndKeepsItsPack() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = technician.open(job.path("open")).page();
            page.locator("summary:has-text('something else')").click();
            page.locator("label:has-text('pack') input").first().uncheck();
            page.locator("label.tap:has-text('fan') input").check();
            page.locator("button:has-text('Plan for this')").click();
            technician.sees("Step 1 of 10");
        }
        Assertions.assertThat(Opening.of(job.file()).plan().result().order()).contains("disconnect", "fan-off");
        Assertions.assertThat(Fitting.of(job.file()).keepsPack()).isTrue();
    }

    @Test
    void aLabelThatDiffersFromTheOrderPausesTheJob() {
        Played job = Played.at(kettle, "fulmar-13", "pack-screws");
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = technician
                    .open(job.path("open"))
                    .sees("is it what was ordered?")
                    .page();
            page.locator("summary:has-text('It differs')").click();
            page.locator("button:has-text('Pause the job')").click();
            technician.sees("Missing: what differs").type("difference", "11.4 V instead of 7.7 V");
            page.locator("button:has-text('Pause the job')").click();
            technician
                    .headed("The label differs")
                    .sees("11.4 V instead")
                    .send(" ")
                    .headed("Loosen the five pack screws");
        }
    }
}
