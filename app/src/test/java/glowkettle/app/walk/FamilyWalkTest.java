package glowkettle.app.walk;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import glowkettle.app.journal.JobReader;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.finding.Figures;
import glowkettle.job.JobFile;
import glowkettle.job.free.Dissolving;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Warming;
import glowkettle.job.open.Opening;
import glowkettle.job.wayback.JobTray;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** One device of each family, from the counter until its pack lies on the bench, by keys. */
@ExtendWith(RunningKettle.class)
class FamilyWalkTest {
    private static final int MOST_STEPS = 90;
    private static final int MOST_READINGS = 4;
    private static final Duration UNTIL_WORKABLE = Duration.ofSeconds(25);

    private final Kettle kettle;

    FamilyWalkTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    @AfterEach
    void backToTheMorning() {
        kettle.clock().set(Kettle.START);
    }

    @ParameterizedTest
    @ValueSource(strings = {"dunlin", "petrel-5", "guillemot-6", "avocet"})
    void goesFromTheCounterToAPackOnTheBench(String model) {
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open("/jobs/new").type("modelCode", model);
            PlaywrightAssertions.assertThat(
                            technician.page().locator("#models-found input[value='%s']".formatted(model)))
                    .isVisible();
            technician
                    .tap("modelId", model)
                    .type("owner", "Deck crew, ferry Skua")
                    .tap("openedBefore", "NO")
                    .send(" ")
                    .headed("Look at the pack");
            assess(technician);
            long number = Long.parseLong(technician.page().url().replaceAll(".*/jobs/([0-9]+).*", "$1"));
            for (int step = 0; step < MOST_STEPS && !isOut(number); step++) {
                onwards(technician, number);
            }
            JobFile job = kettle.bean(JobReader.class).file(number);
            assertThat(job.liftedOut())
                    .as(technician.page().locator("main").innerText())
                    .isTrue();
            assertThat(JobTray.of(job).tray().result().left()).isEqualTo((int)
                    job.model().anatomy().fasteners().stream()
                            .filter(fastener -> !fastener.isCaptive())
                            .filter(fastener -> Opening.of(job).stepsIn().contains(fastener.operation()))
                            .count());
        }
    }

    /** A device nobody described: what holds it is asked for where hands stand, and nothing of its family is a figure of it. */
    @ParameterizedTest
    @ValueSource(strings = {"family-soldered", "family-glued-back"})
    void aDeviceNobodyDescribedIsAskedForWhatHoldsIt(String family) {
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open("/jobs/new");
            technician.page().locator("summary:has-text('Not in the library')").click();
            technician
                    .tap("modelId", family)
                    .type("owner", "Deck crew, ferry Skua")
                    .tap("openedBefore", "NO")
                    .letGo()
                    .send(" ")
                    .headed("Look at the pack");
            assess(technician);
            long number = Long.parseLong(technician.page().url().replaceAll(".*/jobs/([0-9]+).*", "$1"));
            for (int step = 0; step < MOST_STEPS && !isOut(number); step++) {
                String text = technician.page().locator("main").innerText().replace('\u00a0', ' ');
                assertThat(text).doesNotContain("5405", "5 405", "5.405", "20 Wh");
                onwards(technician, number);
            }
            JobFile job = kettle.bean(JobReader.class).file(number);
            assertThat(job.liftedOut())
                    .as(technician.page().locator("main").innerText())
                    .isTrue();
            saysNothingOfItsFamily(technician, job);
            assertThat(job.state().all(FreeEntry.BedFound.class)).hasSize(1);
            assertThat(job.model().housing().leads() != null).isEqualTo(family.equals("family-soldered"));
        }
    }

    /** What stands in a family's file is a place for figures, and none of this device. */
    private static void saysNothingOfItsFamily(Technician technician, JobFile job) {
        BigDecimal placeholderMah = job.asDescribed().pack().ratings().capacityMah();
        BigDecimal placeholderWh = job.asDescribed().pack().ratings().energyWh();
        List<String> figures = List.of(
                placeholderMah.toPlainString(),
                Figures.withUnit(placeholderMah, "mAh"),
                Figures.energy(placeholderWh),
                Figures.withUnit(placeholderWh, "Wh"));
        for (String page : List.of("arrive", "assess", "fit", "labels", "journal", "handback", "handback/sheet")) {
            technician.open("/jobs/%s/%s".formatted(job.number(), page));
            String text = technician.page().locator("main").innerText();
            assertThat(figures).as(page).allSatisfy(figure -> assertThat(text).doesNotContain(figure));
        }
    }

    /** What the page asks of a device nobody described. */
    private static void found(Technician technician, String asked) {
        if (asked.startsWith("What is the lid")) {
            technician
                    .tap("lid", "GLASS")
                    .tap("adhesive", "SEAM_FOAM")
                    .type("lidMm", "0,8")
                    .type("gapMm", "0,5")
                    .type("lengthMm", "150")
                    .type("widthMm", "70")
                    .type("rimMm", "2")
                    .letGo();
        } else if (asked.startsWith("What holds the pack")) {
            technician
                    .tap("adhesive", "STRETCH_STRIPS")
                    .type("strips", "2")
                    .type("packMm", "4,4")
                    .type("lengthMm", "90")
                    .type("widthMm", "40")
                    .letGo();
        } else if (asked.startsWith("Which leads")) {
            technician.tap("thermistor", "true").type("shortestMm", "35").letGo();
        }
    }

    /** Whatever reading is asked for next, until none is. */
    private static void assess(Technician technician) {
        technician.send(" ");
        for (int i = 0; i < MOST_READINGS && technician.page().url().contains("/assess"); i++) {
            String asked = technician.page().locator("main h1").first().innerText();
            if (asked.startsWith("Gauge the seam")) {
                technician
                        .tap("seam.rocks", "false")
                        .type("seam.seamMm[]", "0,1")
                        .letGo()
                        .send(" ");
            } else if (asked.startsWith("Take the surface")) {
                technician
                        .type("warmth.surfaceC", "21,6")
                        .type("warmth.ambientC", "21")
                        .tap("warmth.atRest", "true")
                        .letGo()
                        .send(" ");
            } else if (technician.page().locator("[data-key='g']").count() > 0) {
                technician.send("g");
            } else {
                return;
            }
        }
    }

    private boolean isOut(long number) {
        return kettle.bean(JobReader.class).file(number).liftedOut();
    }

    /** The one next thing; on the page of a bond the figures it asks for, and the time it takes. */
    private void onwards(Technician technician, long number) {
        Page page = technician.page();
        if (page.url().endsWith("/assess")) {
            if (page.locator(".next-thing input[name='socPercent']").count() > 0) {
                technician.type("socPercent", "22").letGo().send(" ");
            } else {
                technician.open("/jobs/" + number + "/open");
            }
            return;
        }
        found(technician, page.locator("main h1").first().innerText());
        int colours = page.locator(".next-thing input[name$='.colour']").count();
        for (int i = 0; i < colours; i++) {
            technician.type("leads[" + i + "].colour", "colour " + i);
        }
        if (colours > 0) {
            technician.letGo();
        }
        JobFile job = kettle.bean(JobReader.class).file(number);
        boolean dwells = Dissolving.of(job)
                .ignition()
                .filter(lock -> lock.dwells(kettle.clock().instant()))
                .isPresent();
        if (dwells) {
            kettle.clock().set(kettle.clock().instant().plus(Duration.ofMinutes(3)));
            page.reload();
            return;
        }
        if (page.locator("main h1:has-text('Let the pack cool')").count() > 0) {
            kettle.clock()
                    .set(Warming.of(job)
                            .cooledAt()
                            .orElse(kettle.clock().instant())
                            .plusSeconds(1));
            page.reload();
            return;
        }
        boolean asksForSurface =
                page.locator(".next-thing input[name='surfaceC']").count() > 0;
        if (asksForSurface) {
            technician.type("surfaceC", "21.5").letGo();
        }
        if (Warming.of(job).isHeating()) {
            kettle.clock().set(kettle.clock().instant().plus(UNTIL_WORKABLE));
        }
        technician.send(" ");
    }
}
