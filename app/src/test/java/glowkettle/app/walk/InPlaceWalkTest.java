package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.BoundingBox;
import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A tap changes what changes: the rest of the page stays as it lies under the hands. */
@ExtendWith(RunningKettle.class)
class InPlaceWalkTest {
    private final Kettle kettle;

    InPlaceWalkTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    @Test
    void whatIsOpenStaysOpenAndThePageDoesNotJump() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = technician.open(job.path("open")).page();
            page.evaluate("() => { document.body.dataset.same = 'page'; }");
            page.locator("summary:has-text('The steps in words')").click();
            technician.letGo();
            page.evaluate("() => window.scrollTo(0, 120)");
            List<String> asked = new ArrayList<>();
            page.onRequest(request -> {
                if (!request.headers().containsKey("drawn-ahead")) {
                    asked.add(request.method() + " " + request.url());
                }
            });

            technician.send(" ").headed("Take the memory card out");

            assertThat(page.locator("details:has(summary:has-text('The steps in words'))"))
                    .hasAttribute("open", "");
            // Where something above it grows, the browser keeps in place what is looked at.
            Assertions.assertThat(((Number) page.evaluate("() => window.scrollY")).intValue())
                    .isGreaterThan(100);
            assertThat(page.locator("body[data-same]")).hasCount(1);
            // The answer to what was written is the page it goes on to; nobody asks for it once more.
            Assertions.assertThat(asked)
                    .filteredOn(request -> request.contains(job.path("open")))
                    .hasSize(1);
            technician.at(job.path("open"));
        }
    }

    @Test
    void whatIsFoldedUpComesWhenItIsUnfoldedAndWhatIsOpenComesAlong() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = technician.open(job.path("open")).page();
            Locator steps = page.locator("details[data-fold='steps']");
            Locator table = page.locator("details[data-fold^='table-']").first();
            steps.locator("summary").first().click();

            technician.letGo().send(" ").headed("Take the memory card out");
            assertThat(steps.locator("td").first()).isVisible();
            assertThat(table.locator("> *")).hasCount(1);

            table.locator("summary").click();
            assertThat(table.locator("td").first()).isVisible();
            steps.locator("summary").first().click();
            technician.letGo().send(" ").headed("Lift the rear rubber foot, low and straight");
            assertThat(steps.locator("td")).hasCount(0);
            assertThat(table.locator("td").first()).isVisible();
            steps.locator("summary").first().click();
            assertThat(steps.locator("td").first()).isVisible();
        }
    }

    /** Drawn ahead of the tap, once it is on the page. */
    private static Page aheadOf(Technician technician, String address) {
        technician
                .page()
                .waitForResponse(
                        answer -> answer.request().headers().containsKey("drawn-ahead"),
                        () -> technician.open(address));
        technician.page().waitForFunction("() => document.querySelector('main[data-knows-next]') !== null");
        return technician.page();
    }

    private static boolean isWritten(Request request) {
        return request.method().equals("POST") && !request.headers().containsKey("drawn-ahead");
    }

    @Test
    void theNextStepStandsThereWhileTheLastIsBeingStoredAndTakesNoPressYet() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = aheadOf(technician, job.path("open"));
            List<Route> held = new ArrayList<>();
            page.route("**/step-done", route -> {
                if (isWritten(route.request())) {
                    held.add(route);
                } else {
                    route.resume();
                }
            });
            long seq = job.file().state().seq();

            technician.press(" ").headed("Take the memory card out");
            technician.press(" ").press(" ");
            assertThat(page.locator("main[data-waits]")).hasCount(1);
            Assertions.assertThat(held).hasSize(1);
            Assertions.assertThat(job.file().state().seq()).isEqualTo(seq);

            page.unroute("**/step-done");
            held.getFirst().resume();
            assertThat(page.locator("main[data-waits]")).hasCount(0);
            technician.headed("Take the memory card out");
            Assertions.assertThat(job.file().state().seq()).isEqualTo(seq + 1);
        }
    }

    @Test
    void whatCouldNotBeSentStandsThereAgainAndIsSentOnceMore() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = aheadOf(technician, job.path("open"));
            long seq = job.file().state().seq();
            page.route("**/step-done", route -> {
                if (isWritten(route.request())) {
                    route.abort();
                } else {
                    route.resume();
                }
            });
            technician.press(" ");
            assertThat(page.locator("#offline")).isVisible();
            technician.headed("Shut it down");
            Assertions.assertThat(job.file().state().seq()).isEqualTo(seq);

            page.unroute("**/step-done");
            technician.headed("Take the memory card out");
            assertThat(page.locator("#offline")).isHidden();
            // What is shown ahead stands there before it is written.
            Awaitility.await()
                    .atMost(Duration.ofMinutes(1))
                    .until(() -> job.file().state().seq() == seq + 1);
            technician.complaints().clear();
        }
    }

    @Test
    void aPedalHeldDownIsOnePress() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = technician.open(job.path("open")).page();
            page.keyboard().down(" ");
            technician.headed("Take the memory card out");
            page.keyboard().down(" ");
            page.keyboard().down(" ");
            page.keyboard().up(" ");
            assertThat(page.locator("main[data-waits]")).hasCount(0);
            technician.send("u").headed("Shut it down");
        }
    }

    @Test
    void whatWasTappedLastDoesNotTakeTheNextSpace() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("open")).send(" ").headed("Take the memory card out");
            technician.page().locator("[data-key='u']").focus();
            technician.page().locator("[data-key='u']").click();
            technician.headed("Shut it down");
            technician.send(" ").headed("Take the memory card out");
        }
    }

    @Test
    void theKeysOfThisPageAreShownAndNoOthers() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("open")).press("?");
            Locator keys = technician.page().locator("#page-keys");
            assertThat(keys).isVisible();
            assertThat(keys).containsText("Journal");
            assertThat(keys.locator("[data-here] dd").first()).not().isEmpty();
            assertThat(keys).not().containsText("pressure tester");
            technician.press("Escape");
            assertThat(keys).isHidden();
        }
    }

    @Test
    void aStrokeAlongAGroupTakesAllOfItOut() {
        Played job = Played.at(kettle, "gannet-14", "cover-screws");
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = technician.open(job.path("open")).page();
            Locator due = page.locator(".at-hand [data-fastener][role=button]");
            int count = due.count();
            Assertions.assertThat(count).isGreaterThan(1);
            page.mouse().move(middle(due.first()).x, middle(due.first()).y);
            page.mouse().down();
            for (Locator dot : due.all()) {
                page.mouse().move(middle(dot).x, middle(dot).y);
            }
            page.mouse().up();
            assertThat(page.locator(".job-head .counts b").first()).hasText(String.valueOf(count));
        }
    }

    private static BoundingBox middle(Locator dot) {
        BoundingBox box = dot.boundingBox();
        box.x += box.width / 2;
        box.y += box.height / 2;
        return box;
    }

    @Test
    void theFaceComesNearerByKeyAndStaysNearThroughTheNextTap() {
        Played job = Played.at(kettle, "gannet-14", "cover-screws");
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = technician.open(job.path("open")).page();
            Locator face = page.locator(".at-hand svg.face");
            String whole = face.getAttribute("viewBox");
            technician.press("+");
            assertThat(face).not().hasAttribute("viewBox", whole);
            String near = face.getAttribute("viewBox");
            page.locator(".at-hand [data-fastener][role=button]").first().click();
            assertThat(page.locator(".job-head .counts b").first()).hasText("1");
            assertThat(face).hasAttribute("viewBox", near);
            technician.press("-");
            assertThat(face).hasAttribute("viewBox", whole);
        }
    }
}
