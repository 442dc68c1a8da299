package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.assess.HazardReadings;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.Assessing;
import glowkettle.job.isolation.Isolating;
import java.math.BigDecimal;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningKettle.class)
class TierWalkTest {
    private final Kettle kettle;

    TierWalkTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    private void thickness(Technician technician, Played job, String middleMm) {
        technician
                .open(job.path("assess"))
                .headed("Measure the thickness")
                .type("thickness.middleThicknessMm", middleMm)
                .letGo()
                .send(" ");
    }

    @Test
    void swellingOfOnePercentIsClear() {
        Played job = Played.lifted(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            thickness(technician, job, "5.858");
            technician.open(job.path("fit")).tier("Clear");
        }
    }

    @Test
    void swellingOfSixPercentIsGuardedAndItsConditionsStandOnEveryLaterPage() {
        Played job = Played.lifted(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            thickness(technician, job, "6,15");
            for (String stage : List.of("assess", "fit", "wayback", "calibrate")) {
                technician.open(job.path(stage)).tier("Guarded").sees("No heat on this pack");
            }
        }
    }

    @Test
    void conditionsOfAGuardedPackAreConfirmedBeforeTheFirstWorkInside() {
        Played job = Played.opened(kettle);
        job.write(new AssessEntry.Looked(HazardReadings.Look.GOOD))
                .write(new AssessEntry.SeamTaken(new HazardReadings.Seam(List.of(new BigDecimal("0.5")), null, false)))
                .write(new AssessEntry.WarmthTaken(HazardReadings.Warmth.atRest("22", "21")));
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("open"))
                    .tier("Guarded")
                    .sendUntil(kicker -> kicker.startsWith("Before"))
                    .headed("Mat or wrist strap on")
                    .sees("Do not prise with force");
        }
    }

    @Test
    void swellingOfTwelvePercentGivesWayToTheIsolationSheetAndAContainer() {
        Played job = Played.lifted(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            thickness(technician, job, "6.5");
            technician
                    .at("/jobs/[0-9]+/assess")
                    .tier("Isolate")
                    .headed("No power, no charge, no heat")
                    .open(job.path("open"))
                    .headed("The plan waits")
                    .open(job.path("assess"))
                    .sees("Only a lead may go on")
                    .send(" ")
                    .at("/jobs/[0-9]+/fit")
                    .sees("The old pack lies in")
                    .open("/isolation/round/"
                            + Isolating.of(job.file()).stored().orElseThrow().container())
                    .sees("job " + job.number() + ", Gannet 14 laptop");
        }
        Assertions.assertThat(Isolating.of(job.file()).stored()).isPresent();
    }

    @Test
    void aLeadGoesOnWithAReasonOnlyAndTheRemovalIsStepByStep() {
        Played job = Played.assessed(kettle);
        job.write(new AssessEntry.SeamTaken(new HazardReadings.Seam(List.of(new BigDecimal("1.4")), null, null)));
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("assess")).headed("No power, no charge").send(" ");
            technician.headed("A lead decides how it goes on");
        }
        try (Technician lead = Technician.at(kettle, "lead")) {
            lead.open(job.path("assess"));
            lead.page().locator("button.grave").click();
            lead.sees("Missing: Reason");
            lead.page().locator("textarea[name='reason']").fill("Cold removal outdoors with a second person.");
            lead.page().locator("button.grave").click();
            for (AssessEntry.ColdStep step : AssessEntry.ColdStep.values()) {
                lead.headed(step.words());
                if (step.named()) {
                    lead.type("name", step == AssessEntry.ColdStep.REMOVER ? "B. Ropewalk" : "A. Quayside")
                            .letGo();
                }
                lead.send(" ");
            }
            lead.at("/jobs/[0-9]+/open");
        }
        Assertions.assertThat(Assessing.of(job.file()).halted()).isFalse();
        Assertions.assertThat(Assessing.of(job.file()).coldRemovalNext()).isEmpty();
    }

    @Test
    void smokeShowsTheEvacuationCardFromEveryPageWithOneKey() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            for (String path : List.of(
                    "/", "/jobs/new", job.path("assess"), job.path("open"), job.path("journal"), "/limits", "/keys")) {
                technician.open(path).press("e");
                assertThat(technician.page().locator("#evacuate-card")).isVisible();
                assertThat(technician.page().locator("#evacuate-card .call")).containsText("112");
            }
            technician.open("/jobs/new").type("owner", "Bridge").press("F8");
            assertThat(technician.page().locator("#evacuate-card")).isVisible();
        }
    }

    @Test
    void smokeSeenAndWrittenStopsTheJobForEverybody() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("assess"));
            technician.page().locator("summary:has-text('Look and smell')").click();
            technician
                    .tap("look.flameSmokeHissJet", "true")
                    .press("Enter")
                    .tier("Evacuate")
                    .open(job.path("open"))
                    .headed("The plan waits");
        }
    }

    @Test
    void aReadingIsCorrectedFromTheJournalByTypingItAnew() {
        Played job = Played.lifted(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            thickness(technician, job, "6.2");
            technician.tier("Guarded").open(job.path("journal"));
            technician.page().locator("a:has-text('Correct')").first().click();
            technician
                    .sees("Correcting: Thickness: middle 6.2 mm")
                    .type("thickness.middleThicknessMm", "5.85")
                    .press("Enter")
                    .tier("Clear");
        }
        Assertions.assertThat(job.file().state().all(AssessEntry.ThicknessTaken.class))
                .hasSize(1);
    }

    @Test
    void takesBackStepByStepWithOneKeyAndKeepsWhatWasTakenBackReadable() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("open")).headed("Shut it down").send(" ").headed("memory card");
            technician.send("u").headed("Shut it down").send("u").send("u");
            technician.at("/jobs/[0-9]+/assess").headed("Gauge the seam");
            technician.open(job.path("journal")).sees("Taken back");
            assertThat(technician.page().locator(".timeline .gone")).hasCount(3);
        }
    }
}
