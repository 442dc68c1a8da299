package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.options.FilePayload;
import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.demo.DemoJob;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Four packs that can be had, and a shell that does not hold any more. */
@ExtendWith(RunningKettle.class)
class FitWalkTest {
    private final Kettle kettle;

    FitWalkTest(Kettle kettle) {
        this.kettle = kettle;
    }

    @Test
    void fourOffersStandSideBySideAndTheLyingOneIsReckonedWithWhatCanBeTrue() {
        Played job = Played.like(kettle, DemoJob.OFFERS);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("fit"))
                    .sees("Offers side by side")
                    .sees("Not credible")
                    .sees("cheapest");
            assertThat(technician.page().locator(".side-by-side thead th")).hasCount(5);
            technician.press("q").at(job.path("arrive"));
            assertThat(technician.page().locator("[name='request.offers[2].name']"))
                    .hasValue("Quayside stall, no name");
            technician.page().locator("button:has-text('Reckon the quote')").click();
            technician
                    .page()
                    .locator("tr:has-text('Tideline') button:has-text('Accepted')")
                    .click();
            assertThat(technician.page().locator("#quote .answer")).containsText("Tideline");
            technician.open(job.path("fit")).sees("taken by the owner");
            assertThat(technician.page().locator("[name='label.capacityMah']")).hasValue("4330");
        }
    }

    @Test
    void aSealThatLeaksAfterTheRefitIsSaidOnTheSheet() {
        Played job = Played.shut(kettle, "petrel-5");
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("handback")).sees("Splash protection not tested after the work");
            technician.open(job.path("arrive"));
            upload(technician, 300);
            technician.open(job.path("prove")).sees("It has set, and is tested, at");
            upload(technician, 4);
            technician.sees("It was sealed and is not any more");
            technician
                    .open(job.path("handback"))
                    .sees("Splash protection not restored: it held when it came, and does not now");
        }
    }

    /** Falls as a shell does that leaks: the smaller the seconds, the larger the hole. */
    private static void upload(Technician technician, double tauSeconds) {
        StringBuilder log = new StringBuilder("seconds,kpa\n");
        for (int i = 0; i <= 200; i++) {
            log.append(String.format(Locale.ROOT, "%.1f,%.4f%n", i / 10.0, 5 * Math.exp(-i / 10.0 / tauSeconds)));
        }
        technician
                .page()
                .locator("form[action$='/hold/csv'] input[type=file]")
                .setInputFiles(
                        new FilePayload("log.csv", "text/csv", log.toString().getBytes(StandardCharsets.UTF_8)));
        technician.page().evaluate("() => document.querySelector(\"form[action$='/hold/csv']\").requestSubmit()");
        technician.page().waitForSelector("#hold .hold-verdict");
    }
}
