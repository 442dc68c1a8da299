package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.job.photo.JobPhotos;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What the counter does beside taking a device in. */
@ExtendWith(RunningKettle.class)
class ArriveWalkTest {
    private final Kettle kettle;

    ArriveWalkTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    @Test
    void runsTheTesterLiveAndKeepsItsVerdictAsTheBaselineOfTheRefit() {
        Played job = Played.goingBack(kettle, 0);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("arrive"));
            test(technician);
            assertThat(technician.page().locator("#hold .hold-verdict"))
                    .containsText(java.util.regex.Pattern.compile("intact|doubtful|open"));
            technician.open(job.path("prove"));
            assertThat(technician.page().locator("#hold .hold-verdict")).containsText("before it was opened");
            test(technician);
            assertThat(technician.page().locator("#hold .hold-verdict")).hasCount(2);
            assertThat(technician.page().locator("#hold [data-pen]")).hasCount(2);
        }
    }

    private static void test(Technician technician) {
        technician.page().waitForResponse(answer -> answer.url().endsWith("/hold"), () -> technician.press("h"));
        technician.page().waitForSelector("#hold .hold-verdict:has-text('now')");
    }

    @Test
    void readsTheLogOfAnotherTesterAndSaysWhichLineItCannotRead() {
        Played job = Played.opened(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("arrive"));
            uploadLog(technician, "seconds,kpa\n0,5\n10,three\n");
            technician.sees("Line 3, column kpa: 'three' is not a number");
            StringBuilder log = new StringBuilder("seconds;kpa\n");
            for (int i = 0; i <= 200; i++) {
                log.append("%.1f;%.4f%n"
                        .formatted(i / 10.0, 5 * Math.pow(0.5, i / 200.0))
                        .replace('.', ','));
            }
            uploadLog(technician, log.toString());
            assertThat(technician.page().locator("#hold .hold-verdict")).containsText("0.82 mL/min");
            assertThat(technician.page().locator("#hold .hold-verdict")).containsText("doubtful");
        }
    }

    private static void uploadLog(Technician technician, String log) {
        Locator form = technician.page().locator("form[action$='/hold/csv']");
        form.locator("input[type=file]")
                .setInputFiles(new FilePayload("log.csv", "text/csv", log.getBytes(StandardCharsets.UTF_8)));
        technician.page().evaluate("() => document.querySelector(\"form[action$='/hold/csv']\").requestSubmit()");
        technician.page().waitForLoadState();
    }

    @Test
    void quotesDeclinesAndQuotesAgain() {
        Played job = Played.opened(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("arrive"))
                    .type("request.offers[0].name", "Pack as fitted")
                    .type("request.offers[0].price", "forty");
            reckon(technician);
            technician.sees("'forty' is not a number").type("request.offers[0].price", "40,50");
            reckon(technician);
            technician.sees("Total").seesNot("Not taken");
            click(technician, "Declined");
            technician.sees("Quote again below");
            technician.page().locator("#quote summary:has-text('Quote again')").click();
            reckon(technician);
            click(technician, "Accepted");
            assertThat(technician.page().locator(".quoted .taken")).containsText("Pack as fitted");
            technician.open(job.path("arrive/quote")).sees("Accepted: Pack as fitted");
        }
    }

    private static void reckon(Technician technician) {
        click(technician, "Reckon the quote");
    }

    private static void click(Technician technician, String button) {
        Page page = technician.page();
        page.waitForResponse(
                answer -> answer.status() != 302 && answer.url().contains("/arrive"),
                () -> page.getByRole(
                                com.microsoft.playwright.options.AriaRole.BUTTON,
                                new Page.GetByRoleOptions().setName(button).setExact(true))
                        .first()
                        .click());
        page.waitForFunction("() => !document.querySelector('.htmx-request, .htmx-swapping, .htmx-settling')");
    }

    @Test
    void takesPhotosFromATelephoneAndLetsALeadRemoveOneWithAReason() throws IOException {
        Played job = Played.opened(kettle);
        String phonePage;
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("arrive"));
            technician.page().locator("#photos summary").first().click();
            technician.page().locator("button:has-text('Show the code')").click();
            technician.headed("Photos for job " + job.number());
            phonePage = technician.page().locator(".address").innerText().replaceAll("^https?://[^/]+", "");
        }
        try (Technician telephone = Technician.strangerAt(kettle, 390, 780)) {
            telephone.open(phonePage);
            send(telephone, "not a picture".getBytes(StandardCharsets.UTF_8));
            telephone.sees("JPEG and PNG are taken");
            send(telephone, png());
            telephone.sees("Kept.").sees("This job has 1 photo now");
        }
        try (Technician lead = Technician.at(kettle, "lead")) {
            lead.open(job.path("arrive"));
            assertThat(lead.page().locator("#photos img")).hasJSProperty("naturalWidth", 1600);
            lead.page().locator("summary:has-text('Remove it')").click();
            lead.type("reason", "shows the owner's desk").press("Enter");
            assertThat(lead.page().locator("#photos img")).hasCount(0);
        }
        assertThat(JobPhotos.of(job.file()).photos()).isEmpty();
    }

    private static void send(Technician telephone, byte[] picture) {
        telephone.page().locator("input[type=file]").setInputFiles(new FilePayload("seam.png", "image/png", picture));
        telephone.page().locator("button:has-text('Send it')").click();
        telephone.page().waitForLoadState();
    }

    private static byte[] png() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(3200, 1800, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    @Test
    void takesInADeviceNobodyKnowsAndKeepsItAsAModel() {
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open("/jobs/new");
            technician.page().locator("summary:has-text('how does it open')").click();
            technician
                    .tap("modelId", "family-screwed-in")
                    .type("owner", "Lamp room, breakwater")
                    .tap("openedBefore", "NO")
                    .letGo()
                    .send(" ");
            String job = technician.page().url().replaceAll("^.*/jobs/(\\d+)/.*$", "$1");
            assess(technician);
            technician.sendUntil(kicker -> !kicker.startsWith("Step ") && !kicker.startsWith("Before"));
            technician
                    .tap("voltage.voltageSource", "PLUG")
                    .type("voltage.restedCellV", "3,8")
                    .type("voltage.chargeLimitV", "4,2")
                    .letGo()
                    .send(" ")
                    .type("thickness.middleThicknessMm", "5,9")
                    .type("thickness.nominalThicknessMm", "5,8")
                    .letGo()
                    .send(" ")
                    .headed("Read the old pack's label");
            readOldPack(technician);
            technician.headed("Read the new pack's label");
            technician
                    .open("/jobs/" + job + "/arrive")
                    .type("name", "Breakwater lamp " + job)
                    .type("codes", "BWL-" + job)
                    .press("Enter");
            assertThat(technician.page().locator(".job-head")).containsText("Breakwater lamp " + job);
            technician
                    .open("/jobs/new")
                    .type("modelCode", "bwl-" + job)
                    .sees("Breakwater lamp " + job)
                    .type("owner", "Lamp room, breakwater")
                    .tap("openedBefore", "NO")
                    .letGo()
                    .send(" ");
            assertThat(technician.page().locator(".job-head")).containsText("Breakwater lamp " + job);
        }
    }

    private static void assess(Technician technician) {
        technician
                .send(" ")
                .type("warmth.surfaceC", "21")
                .type("warmth.ambientC", "21")
                .tap("warmth.atRest", "true")
                .letGo()
                .send(" ")
                .tap("seam.rocks", "false")
                .letGo()
                .send(" ");
        technician.page().keyboard().press("Shift+Digit3");
        technician.page().waitForURL("**/open");
    }

    private static void readOldPack(Technician technician) {
        technician
                .type("pack.nominalV", "11,1")
                .type("pack.chargeLimitV", "4,2")
                .type("pack.series", "3")
                .type("pack.capacityMah", "4400")
                .type("pack.thicknessMm", "5,8")
                .type("pack.widthMm", "80")
                .type("pack.lengthMm", "200")
                .type("pack.bayThicknessMm", "6,5")
                .type("pack.bayWidthMm", "82")
                .type("pack.bayLengthMm", "202")
                .type("pack.connector", "5 pins, 1.2 mm, lug left")
                .letGo()
                .send(" ");
    }

    /** One device is one open job, however often its label is scanned. */
    @Test
    void aDeviceThatIsInTheHouseIsNotTakenInTwice() {
        try (Technician technician = Technician.at(kettle, "technician")) {
            for (String serial : List.of("KT_90%17", "kt_90%17")) {
                technician
                        .open("/jobs/new")
                        .tap("modelId", "dunlin")
                        .type("owner", "Deck crew, ferry Skua")
                        .type("serial", serial)
                        .tap("openedBefore", "NO")
                        .letGo()
                        .send(" ");
            }
            technician.sees("is in the house already");
        }
    }
}
