package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.heat.Refit;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Freeing;
import glowkettle.job.free.Warming;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Heat with its clock, solvent with its lock, leads one at a time. */
@ExtendWith(RunningKettle.class)
class FreeWalkTest {
    private final Kettle kettle;

    FreeWalkTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    @AfterEach
    void backToTheMorning() {
        kettle.clock().set(Kettle.START);
    }

    private Played atTheTape() {
        return Played.at(kettle, "guillemot-6", "free-pack");
    }

    private void pass(Duration time) {
        kettle.clock().set(kettle.clock().instant().plus(time));
    }

    @Test
    void heatRunsWithItsClockOnEveryDeviceAndSurvivesAReload() {
        Played job = atTheTape();
        try (Technician technician = Technician.at(kettle, "technician");
                Technician other = Technician.at(kettle, "lead")) {
            technician.open(job.path("free")).headed("Heat it").send(" ").headed("Warming");
            // The strip has room for six; what calls without room stands in the whole list.
            other.open("/calls");
            assertThat(other.page()
                            .locator(".call-list li:has-text('Job " + job.number() + ": bond ready')")
                            .first())
                    .isVisible();
            pass(Duration.ofSeconds(100));
            technician.page().reload();
            assertThat(technician.page().locator("[data-elapsed]"))
                    .hasText(Pattern.compile("1:[4-5][0-9]|2:[0-2][0-9]"));
            pass(Duration.ofSeconds(140));
            technician.page().reload();
            technician.headed("Workable");
            technician.send(" ").headed("Wide plastic card").sees("until it has cooled again");
            technician.press("s").headed("Is it loose all round?");
        }
        Assertions.assertThat(Warming.of(job.file()).isHeating()).isFalse();
    }

    @Test
    void aReadingCorrectsTheCurveAndAHotCellTakesTheHeatAway() {
        Played job = atTheTape();
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("free")).headed("Heat it").send(" ").headed("Warming");
            pass(Duration.ofSeconds(90));
            technician.page().reload();
            technician.send("r");
            technician.page().locator("button:has-text('Keep the reading')").click();
            technician.sees("Corrected by readings");
            pass(Duration.ofSeconds(20));
            technician.page().locator("summary:has-text('A reading')").click();
            technician.type("temperatureC", "61");
            technician.page().locator("button:has-text('Keep the reading')").click();
            technician.tier("Evacuate").open(job.path("free"));
            assertThat(technician.page().locator("button:has-text('Heat off')")).isVisible();
        }
    }

    @Test
    void solventLocksHeatOnAnotherPersonsScreenUntilItIsDry() {
        Played job = Played.at(kettle, "guillemot-6", "free-pack");
        try (Technician technician = Technician.at(kettle, "technician");
                Technician other = Technician.at(kettle, "lead")) {
            other.open(job.path("free")).headed("Heat it");
            technician.open(job.path("free"));
            technician
                    .page()
                    .locator(".sheet-block summary:has-text('Solvent')")
                    .click();
            technician.type("surfaceC", "41");
            technician.page().locator("button:has-text('It is on')").click();
            technician.sees("too warm for solvent");
            technician.page().locator("[name='surfaceC']").fill("22");
            technician.page().locator("button:has-text('It is on')").click();
            technician.headed("Let the solvent work").sees("Ignition lock");
            // The other one's page follows by itself.
            other.headed("Let the solvent work").sees("Covered and wet").seesNot("Heat on");
            pass(Duration.ofMinutes(3));
            technician.page().reload();
            technician.headed("Wide plastic card").press("o");
            technician.sees("until it is dry");
        }
    }

    @Test
    void theNextLeadWaitsUntilBothEndsOfTheOneBeforeAreCovered() {
        Played job = Played.at(kettle, "avocet", "disconnect");
        job.write(new FreeEntry.SandReady());
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("free"))
                    .headed("Note colours and routing")
                    .letGo()
                    .send(" ")
                    .sees("Missing: Colour found");
            noteColours(technician);
            technician.headed("How do they come off?").send(" ").headed("black at B");
            technician.send(" ").headed("Cover both ends of black");
            assertThat(technician.page().locator("button:has-text('It is off')"))
                    .hasCount(0);
            technician.send(" ").headed("white at T");
        }
    }

    /** Nothing is proposed: what the drawing says is not what is there. */
    private static void noteColours(Technician technician) {
        technician
                .type("leads[0].colour", "black")
                .type("leads[1].colour", "white")
                .type("leads[2].colour", "red")
                .letGo()
                .send(" ");
    }

    @Test
    void aBrokenStripIsRecordedWithItsLengthAndOpensTheNextRung() {
        Played job = Played.at(kettle, "petrel-5", "free-pack");
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("free")).send(" ").headed("Draw it");
            technician.press("x").type("brokeAtMm", "31").press("Enter");
            technician.sees("2 broke after 31");
        }
        Assertions.assertThat(Freeing.of(job.file()).strips("free-pack")).hasSize(2);
    }

    @Test
    void whatAHeatingLeavesStandsInTheJournal() {
        Played job = Played.at(kettle, "guillemot-6", "free-pack");
        job.write(new FreeEntry.HeatStarted(
                        "free-pack",
                        new glowkettle.heat.Setting(
                                glowkettle.heat.Setting.Source.MAT,
                                new BigDecimal("55"),
                                glowkettle.heat.Setting.Face.BELOW,
                                null),
                        new BigDecimal("21"),
                        null))
                .write(new FreeEntry.HeatRead(
                        "free-pack", Refit.Spot.CELL, new BigDecimal("40"), new BigDecimal("41")));
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("journal")).sees("Heat on, under the pack").sees("the curve said 41");
        }
    }
}
