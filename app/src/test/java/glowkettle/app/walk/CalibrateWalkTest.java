package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.calibrate.SoakCycle;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The soak cycle by the clock: started, late, missed and begun again. */
@ExtendWith(RunningKettle.class)
class CalibrateWalkTest {
    private final Kettle kettle;

    CalibrateWalkTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    @Test
    void aStartedCycleHasItsClockOnTheStripOfEveryPage() {
        Played job = Played.closedUp(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("calibrate")).headed("plug in").send(" ").open("/limits");
            assertThat(technician.page().locator("#tickets")).containsText("Job ");
            technician.open("/").sees("By themselves, until their clock");
            assertThat(technician.page().locator(".job-card[href='/jobs/" + job.number() + "']"))
                    .containsText("hands");
        }
    }

    @Test
    void aClockThatRanOutStaysUntilItsStepIsDone() {
        Played job = Played.closedUp(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("calibrate")).send(" ");
            technician.lookAgainAt("2026-11-19T09:00:00Z");
            assertThat(technician.page().locator(".ticket.over").first()).containsText("over");
        }
    }

    @Test
    void aLateHandMovesTheRestAndNothingThatHasBegun() {
        Played job = Played.closedUp(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("calibrate")).send(" ");
            technician
                    .lookAgainAt("2026-11-18T17:52:00Z")
                    .send(" ")
                    .sees("What happened")
                    .sees("10:40");
        }
        Assertions.assertThat(SoakCycle.of(job.file()).progress().chargeStarted())
                .isBetween(Kettle.START.minusSeconds(60), Kettle.START.plusSeconds(60));
    }

    @Test
    void aShortSoakIsNamedAndTheCycleIsBegunAgain() {
        Played job = Played.closedUp(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("calibrate")).send(" ");
            technician.lookAgainAt("2026-11-18T12:50:00Z").send(" ");
            technician
                    .lookAgainAt("2026-11-18T13:20:00Z")
                    .send(" ")
                    .headed("Not kept")
                    .sees("The soak lasted 0.5")
                    .send(" ")
                    .headed("plug in");
        }
        Assertions.assertThat(SoakCycle.of(job.file()).progress().chargeStarted())
                .isNull();
    }

    @Test
    void leavingItOutNeedsAReason() {
        Played job = Played.closedUp(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("calibrate"));
            technician
                    .page()
                    .locator("summary:has-text('Leave the calibration out')")
                    .click();
            technician.page().locator("button:has-text('Leave it out')").click();
            technician.sees("Missing: Reason");
            technician.page().locator("textarea[name='reason']").fill("The gauge comes calibrated.");
            technician.page().locator("button:has-text('Leave it out')").click();
            technician.at("/jobs/[0-9]+/handback");
        }
        Assertions.assertThat(job.file().state().latest(CalibrateEntry.CycleLeftOut.class))
                .isPresent();
    }
}
