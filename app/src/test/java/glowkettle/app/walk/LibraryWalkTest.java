package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import glowkettle.app.demo.Played;
import glowkettle.app.library.ModelLibrary;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.job.open.OpenEntry;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A lead changes a model on its drawing, and takes it out and in as a file. */
@ExtendWith(RunningKettle.class)
class LibraryWalkTest {
    private final Kettle kettle;
    private final ModelLibrary library;

    LibraryWalkTest(Kettle kettle) {
        this.kettle = kettle;
        this.library = kettle.bean(ModelLibrary.class);
        kettle.clock().set(Kettle.START);
    }

    private static void draw(Page page, String from, String to) {
        BoundingBox start = page.locator("[data-pull='" + from + "']").boundingBox();
        BoundingBox end = page.locator("[data-operation='" + to + "'] rect").boundingBox();
        page.mouse().move(start.x + start.width / 2, start.y + start.height / 2);
        page.mouse().down();
        page.mouse().move(end.x + 20, end.y + 10);
        page.mouse().up();
    }

    @Test
    void aPrerequisiteThatClosesACircleIsToldAtOnceAndASoundOneBecomesAVersion() {
        Played before = Played.at(kettle, "curlew", "shell-screws");
        int version = library.newestVersion("curlew");
        try (Technician lead = Technician.at(kettle, "lead", 1280, 1400, "light")) {
            Page page = lead.open("/library/curlew").page();
            draw(page, "shell", "shell-screws");
            lead.sees("wait for each other in a circle");
            page.locator(".edge[data-before='shell'][data-after='shell-screws'] .reach")
                    .click(new Locator.ClickOptions().setForce(true));
            lead.seesNot("in a circle");
            draw(page, "shell-screws", "sense-plug");
            assertThat(page.locator(".edge[data-before='shell-screws'][data-after='sense-plug']"))
                    .hasCount(1);
            page.locator("[data-operation='shell'] rect").click();
            Locator warnings = page.locator("[data-at$='.warnings']");
            warnings.fill("Its seal sticks: lift at the handle.");
            warnings.blur();
            assertThat(warnings).hasValue("Its seal sticks: lift at the handle.");
            lead.type("why", "The seal of the new series sticks");
            page.locator("button:has-text('Keep version')").click();
            page.locator("summary:has-text('Versions')").click();
            lead.sees("The seal of the new series sticks");
        }
        Assertions.assertThat(library.newestVersion("curlew")).isEqualTo(version + 1);
        Assertions.assertThat(library.model("curlew")
                        .anatomy()
                        .operation("shell")
                        .orElseThrow()
                        .care()
                        .warnings())
                .containsExactly("Its seal sticks: lift at the handle.");
        // A job that is open goes on by the version it was opened with.
        Assertions.assertThat(
                        before.file().operation("shell").orElseThrow().care().warnings())
                .doesNotContain("Its seal sticks: lift at the handle.");
    }

    @Test
    void aStepThatIsDroppedOnAnotherIsListedBeforeIt() {
        try (Technician lead = Technician.at(kettle, "lead", 1280, 1400, "light")) {
            Page page = lead.open("/library/petrel-5").page();
            Locator count = page.locator("[data-operation='sensor-plug'] .count");
            assertThat(count).hasText("10");
            BoundingBox from =
                    page.locator("[data-operation='sensor-plug'] rect").boundingBox();
            BoundingBox onto =
                    page.locator("[data-operation='screen-plug'] rect").boundingBox();
            page.mouse().move(from.x + 20, from.y + 10);
            page.mouse().down();
            page.mouse().move(onto.x + 20, onto.y + 10);
            page.mouse().up();
            assertThat(count).hasText("9");
            lead.seesNot("Not sound yet");
        }
    }

    @Test
    void aThickerLayerChangesItsWindowAtOnceAndAVariantHasAPackOfItsOwn() {
        try (Technician lead = Technician.at(kettle, "lead", 1280, 1400, "light")) {
            Page page = lead.open("/library/petrel-5").page();
            Locator window = page.locator(".bond > p").first();
            String before = window.innerText();
            page.locator(".bond").first().locator(".layer").last().click();
            Locator thickness = page.locator("[data-at$='.thicknessMm']");
            thickness.fill("2.5");
            thickness.blur();
            assertThat(page.locator(".bond").first().locator(".layer").last()).containsText("2.5 mm");
            assertThat(window).not().hasText(before);

            page.locator("[data-add='variants']").click();
            lead.sees("has no code");
            answer(page, "variants[0].codes", "PE-5L");
            answer(page, "variants[0].name", "long pack");
            page.locator(".model-part summary:has-text('Pack')").click();
            answer(page, "variants[0].pack.capacityMah", "4321");
            assertThat(page.locator("tr:has-text('long pack')")).containsText(Pattern.compile("4.321"));
            lead.seesNot("Not sound yet");
        }
    }

    private static void answer(Page page, String path, String text) {
        Locator field = page.locator("[data-at='" + path + "']");
        field.fill(text);
        page.waitForResponse("**/drawing", field::blur);
        assertThat(field).hasValue(text);
    }

    @Test
    void aMarkIsDraggedToWhereItBelongsAndASeamPointIsTappedIn() {
        try (Technician lead = Technician.at(kettle, "lead", 1280, 1400, "light")) {
            Page page = lead.open("/library/dunlin").page();
            Locator mark = page.locator("[data-placed='D1']");
            double before = Double.parseDouble(mark.getAttribute("data-x"));
            mark.scrollIntoViewIfNeeded();
            BoundingBox at = mark.boundingBox();
            page.mouse().move(at.x + at.width / 2, at.y + at.height / 2);
            page.mouse().down();
            page.mouse().move(at.x + at.width / 2 + 30, at.y + at.height / 2);
            page.mouse().up();
            page.waitForFunction(
                    "before => Number(document.querySelector(\"[data-placed='D1']\").dataset.x) > before", before);

            int points = page.locator(".seam-mark").count();
            page.locator("label:has-text('a seam point')").first().click();
            tapLowOnTheBack(page);
            assertThat(page.locator(".seam-mark")).hasCount(points + 1);
            assertThat(page.locator(".model-part h2")).containsText("a new point");
        }
    }

    /** Above the sheet of what is open. */
    private static void tapLowOnTheBack(Page page) {
        Locator back = page.locator("[data-face='BACK']");
        back.evaluate("face => face.scrollIntoView({block: 'start'})");
        BoundingBox face = back.boundingBox();
        page.mouse().click(face.x + face.width / 2 + 70, face.y + face.height * 0.86);
    }

    @Test
    void fastenersAreCopiedAlongALine() {
        try (Technician lead = Technician.at(kettle, "lead", 1280, 1400, "light")) {
            Page page = lead.open("/library/dunlin").page();
            page.locator("[data-placed='D1']").click();
            assertThat(page.locator(".model-part h2")).containsText("D1");
            page.locator("label:has-text('copy along a line')").click();
            page.locator("[data-how-many]").fill("4");
            tapLowOnTheBack(page);
            assertThat(page.locator("[data-placed]")).hasCount(8);
        }
    }

    @Test
    void aBadFileIsRefusedWithItsLineAndAGoodOneBecomesTheNextVersion() throws Exception {
        int version = library.newestVersion("avocet");
        try (Technician lead = Technician.at(kettle, "lead")) {
            Page page = lead.open("/library/avocet").page();
            var download = page.waitForDownload(
                    () -> page.locator("a:has-text('Take it as a file')").click());
            String json = Files.readString(download.path());
            lead.open("/library");
            send(page, json.replaceFirst("\"minutes\" : 0.3", "\"minutes\" : 6000"));
            lead.sees("Line ").sees("operations[0].minutes").sees("out of range");
            send(page, json);
            lead.at("/library/avocet");
        }
        Assertions.assertThat(library.newestVersion("avocet")).isEqualTo(version + 1);
    }

    private static void send(Page page, String json) {
        page.locator("#model-file")
                .setInputFiles(
                        new FilePayload("model.json", "application/json", json.getBytes(StandardCharsets.UTF_8)));
        page.locator("button:has-text('Read it')").click();
        page.waitForLoadState();
    }

    @Test
    void aNoteOfTheBenchBecomesAWarningOnceALeadSaysYes() {
        Played job = Played.at(kettle, "plover-4", "back-screws");
        job.write(new OpenEntry.Noted("back-screws", "One screw is glued in with red lacquer."));
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open("/library/plover-4").sees("red lacquer").seesNot("Warn the next person");
        }
        try (Technician lead = Technician.at(kettle, "lead")) {
            lead.open("/library").sees("note waits").open("/library/plover-4");
            lead.page()
                    .locator("button:has-text('Warn the next person')")
                    .first()
                    .click();
            lead.seesNot("Noted at the bench");
        }
        Assertions.assertThat(library.model("plover-4")
                        .anatomy()
                        .operation("back-screws")
                        .orElseThrow()
                        .care()
                        .warnings())
                .contains("One screw is glued in with red lacquer.");
    }
}
