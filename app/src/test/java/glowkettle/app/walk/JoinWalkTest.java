package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.shop.BenchInstruments;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.demo.DemoJob;
import glowkettle.demo.Onwards;
import glowkettle.free.LeadOrder;
import glowkettle.instruments.GaugeProgrammer;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.join.GaugeSchool;
import glowkettle.job.join.JoinEntry;
import glowkettle.job.join.Joining;
import glowkettle.job.join.TransplantStep;
import glowkettle.job.join.Transplanting;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Leads by the meter, one iron at a time, and a controller that moves with its figures. */
@ExtendWith(RunningKettle.class)
class JoinWalkTest {
    private final Kettle kettle;

    JoinWalkTest(Kettle kettle) {
        this.kettle = kettle;
    }

    @BeforeEach
    @AfterEach
    void inTheMorning() {
        kettle.clock().set(Kettle.START);
    }

    /** The third lead was yellow; of the new ones, one is white. */
    @Test
    void aHeadsetWithAWhiteLeadWhereYellowWasIsJoinedByTheMeter() {
        Played job = Played.like(kettle, DemoJob.TELLING_APART);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("join"))
                    .headed("Volts, red probe on A, black on B")
                    .sees("6 ways are left");
            technician.send("r").letGo().send(" ").headed("red probe on A, black on C");
            technician.type("reading.value", "-3.82").send("Enter").headed("red probe on B, black on C");
            technician.type("reading.value", "-3.82").send("Enter");
            technician.open(job.path("join")).headed("Solder black (C) to B+");
            Assertions.assertThat(Joining.of(job.file()).isFound()).isTrue();
            assertThat(technician.page().locator("main table").first()).containsText("yellow");
        }
    }

    @Test
    void readingsThatContradictEachOtherAreTakenAgain() {
        Played job = Played.like(kettle, DemoJob.TELLING_APART);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("join")).type("reading.value", "0.00").send("Enter");
            technician
                    .headed("red probe on A, black on C")
                    .type("reading.value", "0.01")
                    .send("Enter");
            technician.headed("Take this one again").sees("These cannot all be true");
            technician
                    .letGo()
                    .send("r")
                    .letGo()
                    .send(" ")
                    .headed("Take this one again: Volts, red probe on A, black on C");
            technician.letGo().send("r").letGo().send(" ").seesNot("These cannot all be true");
        }
    }

    @Test
    void oneLeadAtATimeIsSolderedAndPulledBeforeTheDeviceIsClosed() {
        Played job = Played.like(kettle, DemoJob.TELLING_APART);
        while (!Joining.of(job.file()).isFound()) {
            Onwards.of(job.file()).ifPresent(job::write);
        }
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("wayback")).sendUntil(kicker -> !kicker.startsWith("Step back"));
            technician
                    .open(job.path("join"))
                    .headed("to B+")
                    .send(" ")
                    .headed("Pull")
                    .sees("1.6 N");
            technician
                    .send("x")
                    .headed("to B+")
                    .send(" ")
                    .send(" ")
                    .headed("to T")
                    .send(" ")
                    .send(" ");
            technician.headed("to B−").send(" ").send(" ").at(job.path("wayback"));
        }
        Assertions.assertThat(Joining.of(job.file()).isJoined()).isTrue();
    }

    @Test
    void cutLeadsAreSplicedWhereNoTwoJointsLieSideBySide() {
        Played job = Played.at(kettle, "avocet", "disconnect");
        job.write(new FreeEntry.SandReady())
                .write(new FreeEntry.LeadsNoted(Stream.of("red", "white", "black")
                        .map(lead -> new FreeEntry.LeadNote(lead, lead, null))
                        .toList()))
                .write(new FreeEntry.LeadSchoolChosen(LeadOrder.School.CUT));
        job.outAndFitted();
        while (!Joining.of(job.file()).isFound()) {
            Onwards.of(job.file()).ifPresent(job::write);
        }
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("join"))
                    .headed("Where does each splice lie?")
                    .type("splices.deviceMm", "32")
                    .type("splices.packMm", "30")
                    .type("splices.pathMm", "40")
                    .letGo()
                    .send(" ")
                    .sees("What would do");
            technician.complaints().clear();
            technician.type("splices.packMm", "70").letGo().send(" ").open(job.path("join"));
            technician
                    .headed("Sleeve onto")
                    .send(" ")
                    .headed("Splice black (C)")
                    .send(" ")
                    .headed("Pull");
        }
    }

    private Played atTheGauge() {
        Played job = Played.like(kettle, DemoJob.MOVING_BOARD);
        for (TransplantStep step :
                new TransplantStep[] {TransplantStep.PLUS_TRIMMED, TransplantStep.BOARD_CUT, TransplantStep.BOARD_FREE
                }) {
            job.write(new JoinEntry.TransplantStepDone(step));
        }
        job.write(new JoinEntry.WelderSet(new BigDecimal("0.1"), BigDecimal.ONE, BigDecimal.TEN));
        return job;
    }

    @Test
    void aFrontPhoneGetsItsControllerOnANewCellAndItsOwnerIsTold() {
        Played job = atTheGauge();
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("join")).headed("Prove the weld");
            while (technician.page().locator("main h1").first().innerText().startsWith("Prove")) {
                technician.send(" ").letGo().send(" ");
            }
            technician
                    .headed("Weld minus")
                    .send(" ")
                    .headed("Weld plus, last")
                    .send(" ")
                    .send(" ");
            technician
                    .headed("Hold the folded pack")
                    .type("thicknessMm", "4.5")
                    .type("widthMm", "40")
                    .type("lengthMm", "92")
                    .send("Enter")
                    .sees("Too thick");
            technician.complaints().clear();
            technician.type("thicknessMm", "4.2").send("Enter").headed("Meter");
            technician
                    .type("cellV", "3.90")
                    .type("boardV", "-3.90")
                    .send("Enter")
                    .sees("the wrong way round");
            technician.complaints().clear();
            technician.type("boardV", "3.89").send("Enter").headed("Wake it").send(" ");
            technician.headed("old cell").page().locator("button[value=WRITE]").click();
            technician.headed("Settle the gauge").sees("612").send(" ");
            technician.headed("Charge it the first time").send(" ").headed("stay with it");
            for (String surfaceC : List.of("22.5", "22.2", "21.9")) {
                kettle.clock().pass(Duration.ofMinutes(5));
                technician
                        .type("warmth.surfaceC", surfaceC)
                        .send("Enter")
                        .sees("Felt last: " + surfaceC)
                        .letGo();
            }
            technician.send("c");
            technician
                    .open("/jobs/" + job.number() + "/handback")
                    .sees("re-used on a new cell")
                    .sees("cycle count, 612 before, 0 now");
        }
        Assertions.assertThat(Transplanting.of(job.file()).next()).isEmpty();
    }

    private Played toBeWritten() {
        Played job = atTheGauge();
        job.write(new JoinEntry.WeldTried(new glowkettle.join.WeldLadder.Trial(
                        BigDecimal.ONE, java.util.Collections.nCopies(5, new BigDecimal("20")), false)))
                .write(new JoinEntry.TransplantStepDone(TransplantStep.MINUS_WELDED))
                .write(new JoinEntry.TransplantStepDone(TransplantStep.PLUS_WELDED))
                .write(new JoinEntry.TransplantStepDone(TransplantStep.WRAPS_BACK))
                .write(new JoinEntry.FoldedMeasured(
                        new glowkettle.cell.Box(new BigDecimal("4.2"), new BigDecimal("40"), new BigDecimal("92"))))
                .write(new JoinEntry.BoardMetered(new BigDecimal("3.90"), new BigDecimal("3.89")))
                .write(new JoinEntry.TransplantStepDone(TransplantStep.WOKEN))
                .write(new JoinEntry.GaugeSchoolChosen(GaugeSchool.WRITE));
        return job;
    }

    /** Whichever way the link is lost, the gauge holds the old figures or the new ones, and the journal says which. */
    @Test
    void aLinkLostInTheMiddleOfAWriteLeavesNothingHalfWritten() {
        for (boolean obeyed : new boolean[] {false, true}) {
            Played job = toBeWritten();
            try (Technician technician = Technician.at(kettle, "technician")) {
                technician.open(job.path("join")).headed("Settle the gauge");
                kettle.bean(BenchInstruments.class).loseLinkOnce(GaugeProgrammer.COMMAND + " ", obeyed);
                technician.send(" ").sees("all or nothing");
                technician.complaints().clear();
                Assertions.assertThat(Transplanting.of(job.file()).isReadBackOwed())
                        .isTrue();
                technician
                        .open(job.path("join"))
                        .sees("It was written to and has not said what it took")
                        .send(" ");
                technician.headed(obeyed ? "Charge it the first time" : "Settle the gauge");
            }
            Assertions.assertThat(Transplanting.of(job.file()).rewritten().isEmpty())
                    .isEqualTo(!obeyed);
        }
    }

    @Test
    void aWarmPackIsJudgedAnewInTheMiddleOfTheWork() {
        Played job = Played.like(kettle, DemoJob.TELLING_APART);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("join"))
                    .page()
                    .locator("summary:has-text('The pack gets warm')")
                    .click();
            technician
                    .type("warmth.surfaceC", "47")
                    .type("warmth.ambientC", "21")
                    .tap("warmth.atRest", "true")
                    .send("Enter")
                    .tier("Isolate");
            technician.open(job.path("join")).headed("Hands off");
        }
    }
}
