package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.journal.JobReader;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.calibrate.SoakCycle;
import glowkettle.job.wayback.JobTray;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Bad input costs nothing: the form comes back as it was sent, the fault beside its field, and nothing is stored. */
@ExtendWith(RunningKettle.class)
class WrongInputTest {
    private final Kettle kettle;

    WrongInputTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    private int entries(Played job) {
        return kettle.bean(JobReader.class).journal(job.number()).size();
    }

    private static void keeps(Technician technician, String name, String value) {
        assertThat(technician
                        .page()
                        .locator("main [name='" + name + "']")
                        .locator("visible=true")
                        .first())
                .hasValue(value);
    }

    @Test
    void arriveNamesEveryFaultAtOnceAndKeepsWhatWasTyped() {
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open("/jobs/new")
                    .type("owner", "Chart table, ferry Skua")
                    .type("runtimeHours", "two")
                    .type("shutDownPercent", "130")
                    .letGo()
                    .send(" ")
                    .sees("Nothing you typed is lost")
                    .sees("'two' is not a number; accepted is 0 to 200 h")
                    .sees("130 % is out of range; accepted is 0 to 100 %")
                    .sees("Opened before");
            keeps(technician, "owner", "Chart table, ferry Skua");
            keeps(technician, "runtimeHours", "two");
        }
    }

    @Test
    void arriveRefusesAPromiseThatHasPassedAndACodeThatNobodyKnows() {
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open("/jobs/new")
                    .type("modelCode", "ZZ-99")
                    .type("owner", "Bridge")
                    .tap("openedBefore", "NO");
            technician.page().locator("[name='promise']").fill("2026-11-17T12:00");
            technician.letGo().send(" ").sees("'ZZ-99'").sees("has passed");
            keeps(technician, "modelCode", "ZZ-99");
        }
    }

    @Test
    void assessQuotesTheValueAndTheAcceptedRange() {
        Played job = Played.lifted(kettle);
        int before = entries(job);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("assess"))
                    .type("thickness.middleThicknessMm", "5800")
                    .letGo()
                    .send(" ")
                    .sees("Nothing is stored, and nothing you typed is lost")
                    .sees("5800 mm is out of range; accepted is 0.3 to 100 mm");
            keeps(technician, "thickness.middleThicknessMm", "5800");
            technician.type("thickness.middleThicknessMm", "").letGo().send(" ").sees("Give the thickness");
        }
        Assertions.assertThat(entries(job)).isEqualTo(before);
    }

    @Test
    void fitRefusesAPackWhoseCellsTakeLessThanTheDeviceChargesTo() {
        Played job = Played.measured(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("fit"))
                    .type("label.nominalV", "11,1")
                    .type("label.chargeV", "12.6")
                    .type("label.capacityMah", "4400")
                    .letGo()
                    .send(" ")
                    .headed("refused")
                    .sees("overcharge, fire");
            assertThat(technician.page().locator("button:has-text('goes in')")).hasCount(0);
        }
    }

    @Test
    void fitSaysTheMostALyingLabelCouldHoldAndOffersEveryReadingOfASizeCode() {
        Played job = Played.measured(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("fit"))
                    .type("label.nominalV", "11.55")
                    .type("label.chargeV", "13.2")
                    .type("label.capacityMah", "9800")
                    .type("label.thicknessMm", "5.8")
                    .type("label.widthMm", "92")
                    .type("label.lengthMm", "268")
                    .letGo()
                    .send(" ")
                    .sees("Not credible: a body like this holds at most");
            technician.page().locator("summary:has-text('Another pack')").click();
            technician
                    .type("label.thicknessMm", "")
                    .type("label.widthMm", "")
                    .type("label.lengthMm", "")
                    .type("label.sizeCode", "5892268")
                    .letGo();
            technician.page().locator("button:has-text('Compare it')").click();
            technician.sees("The size code can be read as").sees("268");
        }
    }

    @Test
    void openNamesWhatAStepWaitsForAndAFastenerThatTheModelDoesNotHave() {
        Played job = Played.assessed(kettle);
        int before = entries(job);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("open"));
            technician
                    .page()
                    .locator("main form:has(button[data-key=space]) input[name=step]")
                    .evaluate("field => field.value = 'cover-off'");
            technician.send(" ").sees("waits for");
        }
        Assertions.assertThat(entries(job)).isEqualTo(before);
    }

    @Test
    void aLongScrewInAShortHoleAndALeftOverAreNamed() {
        Played job = Played.goingBack(kettle, 4);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("wayback")).headed("Start the ten cover screws");
            technician.page().locator("summary:has-text('Another fastener')").click();
            technician.page().locator("select[name='placements[0].fastener']").selectOption("S2");
            technician.page().locator("select[name='placements[1].fastener']").selectOption("S1");
            technician.page().locator("select[name='placements[2].fastener']").selectOption("");
            technician
                    .letGo()
                    .send(" ")
                    .sees("S1 (PH0, M2 ×")
                    .sees("sits in the hole of S2")
                    .sees("can go through the panel or the board");
        }
        Assertions.assertThat(JobTray.of(job.file()).tray().result().leftOver()).containsExactly("S3");
    }

    @Test
    void calibrateRefusesAnEventBeforeTheOneBeforeItAndInTheFuture() {
        Played job = Played.closedUp(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("calibrate"));
            technician.page().locator("summary:has-text('It happened earlier')").click();
            technician.page().locator("[name='happened']").fill("2026-11-18T23:00");
            technician.letGo().send(" ").sees("has not come yet");
            keeps(technician, "happened", "2026-11-18T23:00");
        }
        Assertions.assertThat(SoakCycle.of(job.file()).progress().chargeStarted())
                .isNull();
    }

    @Test
    void aSignatureWaitsForThePackInItsContainer() {
        Played job = Played.closedUp(kettle);
        int before = entries(job);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("handback"));
            technician
                    .page()
                    .locator("main form:has(button[name=container])")
                    .first()
                    .evaluate("form => {"
                            + " form.action = form.action.replace('pack-stored', 'signed-off');"
                            + " form.insertAdjacentHTML('beforeend', '<input name=\"as\" value=\"TECHNICIAN\">'); }");
            technician
                    .page()
                    .locator("button[name=container]")
                    .locator("visible=true")
                    .first()
                    .evaluate("button => button.form.submit()");
            technician.sees("Not ready to sign");
        }
        Assertions.assertThat(entries(job)).isEqualTo(before);
    }

    @Test
    void theLaterOfTwoPeopleIsShownWhatCameBetweenAndLosesNothing() {
        Played job = Played.lifted(kettle);
        try (Technician first = Technician.at(kettle, "technician");
                Technician second = Technician.at(kettle, "lead")) {
            first.open(job.path("assess")).type("thickness.middleThicknessMm", "6.25");
            second.open(job.path("assess"))
                    .type("thickness.middleThicknessMm", "6.2")
                    .letGo()
                    .send(" ");
            first.letGo().send(" ").sees("Somebody wrote in this job meanwhile").sees("middle 6.2 mm");
            keeps(first, "thickness.middleThicknessMm", "6.25");
        }
        Assertions.assertThat(job.file().state().all(AssessEntry.ThicknessTaken.class))
                .hasSize(1);
    }

    @Test
    void aHalfFilledFormIsThereAgainAfterTheBrowserWasClosed() {
        Played job = Played.measured(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("fit")).type("label.capacityMah", "4330").open("/");
            technician.open(job.path("fit"));
            keeps(technician, "label.capacityMah", "4330");
        }
    }

    @Test
    void aLostConnectionSaysSoAndSendsAgainByItselfWithoutDoubling() {
        Played job = Played.assessed(kettle);
        int before = entries(job);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("open")).headed("Shut it down");
            technician.page().route("**/step-done", route -> route.abort("connectionfailed"));
            technician.press(" ");
            assertThat(technician.page().locator("#offline")).isVisible();
            // What is shown ahead is not written yet.
            technician
                    .page()
                    .waitForResponse("**/step-done", () -> technician.page().unroute("**/step-done"));
            technician.headed("memory card");
            technician.complaints().clear();
        }
        Assertions.assertThat(entries(job)).isEqualTo(before + 1);
    }
}
