package glowkettle.app.live;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.journal.Entry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(RunningKettle.class)
class LiveTest {
    private final Kettle kettle;

    LiveTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    private static void soon(Locator card) {
        assertThat(card).isVisible();
    }

    @ParameterizedTest
    @ValueSource(strings = {"assess", "open", "journal", "handback"})
    void aChangeOfTierInterruptsEveryOpenPageOfTheJobOnOtherDevicesToo(String page) {
        Played job = Played.assessed(kettle);
        try (Technician other = Technician.at(kettle, "lead")) {
            other.open(job.path(page));
            job.write(new Entry.Looked(new Look(false, false, false, false, false, true, Wet.NO, null, null)));

            soon(other.page().locator("dialog[data-tier-card='ISOLATE']"));
            other.page().locator("[data-look-again]:visible").click();
            other.tier("Isolate");
        }
    }

    @Test
    void smokeSeenByOnePersonShowsTheCardToAllOthers() {
        Played job = Played.assessed(kettle);
        try (Technician other = Technician.at(kettle, "trainee")) {
            other.open(job.path("open"));
            job.write(new Entry.Looked(new Look(true, false, false, false, false, false, Wet.NO, null, null)));

            soon(other.page().locator("#evacuate-card"));
        }
    }

    @Test
    void twoPeopleAtOneJobSeeEachOthersSteps() {
        Played job = Played.assessed(kettle);
        try (Technician other = Technician.at(kettle, "lead")) {
            other.open(job.path("open")).headed("Shut it down");
            job.write(new Entry.StepDone(Entry.Way.IN, "power-off"));
            other.headed("Take the memory card out");
            job.write(new Entry.StepDone(Entry.Way.IN, "card"));
            other.headed("Lift the rear rubber foot");
        }
    }

    @Test
    void anythingElseIsSaidWithoutTakingTheHandsOffTheWork() {
        Played job = Played.assessed(kettle);
        try (Technician other = Technician.at(kettle, "lead")) {
            other.open(job.path("open"));
            other.page().locator("summary:has-text('Note something')").click();
            other.type("note", "half a sentence");
            job.write(new Entry.StepDone(Entry.Way.IN, "power-off"));

            soon(other.page().locator("#changed"));
            assertThat(other.page().locator("dialog[open]")).hasCount(0);
        }
    }

    @Test
    void whoWritesIsNotInterruptedByTheirOwnReading() {
        Played job = Played.lifted(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("assess"))
                    .type("thickness.middleThicknessMm", "6.5")
                    .press("Enter");

            technician.tier("Isolate");
            assertThat(technician.page().locator("dialog[open]")).hasCount(0);
        }
    }
}
