package glowkettle.app.walk;

import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningKettle.class)
class WalkTest {
    private final Kettle kettle;

    WalkTest(Kettle kettle) {
        this.kettle = kettle;
    }

    @Test
    void takesAScrewedInLaptopFromTheCounterToHandBackByKeyboardAlone() {
        kettle.clock().set(Kettle.START);
        try (Technician technician = Technician.at(kettle, "technician")) {
            takeIn(technician);
            assess(technician);
            open(technician);
            measureThePackInHand(technician);
            fit(technician);
            goBack(technician);
            prove(technician);
            calibrate(technician);
            handBack(technician);
        }
    }

    private static void takeIn(Technician technician) {
        technician
                .press("n")
                .at("/jobs/new")
                .tap("modelId", "gannet-14")
                .type("owner", "Purser, ferry Kittiwake")
                .tap("symptoms[]", "NO_CLICK")
                .tap("openedBefore", "NO")
                .letGo()
                .send(" ")
                .headed("Look at the pack");
    }

    private static void assess(Technician technician) {
        technician
                .send(" ")
                .headed("Gauge the seam first")
                .tap("seam.rocks", "false")
                .type("seam.seamMm[]", "0,15")
                .letGo()
                .send(" ")
                .headed("Take the surface temperature")
                .type("warmth.surfaceC", "22,4")
                .type("warmth.ambientC", "21.5")
                .tap("warmth.atRest", "true")
                .letGo()
                .send(" ")
                .headed("Read the gauge")
                .send("r")
                .letGo()
                .send(" ")
                .tier("Clear")
                .at("/jobs/[0-9]+/assess")
                .sees("it holds")
                .press(" ")
                .at("/jobs/[0-9]+/open");
    }

    private static void open(Technician technician) {
        technician.sendUntil(kicker -> !kicker.startsWith("Step ") && !kicker.startsWith("Before"));
    }

    private static void measureThePackInHand(Technician technician) {
        technician
                .headed("Measure the thickness")
                .type("thickness.middleThicknessMm", "5,86")
                .letGo()
                .send(" ")
                .tier("Clear")
                .at("/jobs/[0-9]+/fit");
    }

    private static void fit(Technician technician) {
        technician
                .type("label.nominalV", "11.55")
                .type("label.chargeV", "13,2")
                .type("label.capacityMah", "4330")
                .type("label.thicknessMm", "5.8")
                .type("label.widthMm", "92")
                .type("label.lengthMm", "268")
                .type("label.massG", "212")
                .tap("label.connectorMatches", "true")
                .letGo()
                .send(" ")
                .headed("fits")
                .sees("as it comes out of its box")
                .type("thickness.middleThicknessMm", "5.8")
                .type("voltage.restedCellV", "3,81")
                .letGo()
                .send(" ")
                .send(" ")
                .at("/jobs/[0-9]+/wayback");
    }

    private static void goBack(Technician technician) {
        technician.sendUntil(kicker -> !kicker.startsWith("Step back")).at("/jobs/[0-9]+/prove");
    }

    private static void prove(Technician technician) {
        technician.sendUntil(kicker -> !kicker.startsWith("Check ")).at("/jobs/[0-9]+/calibrate");
    }

    /** Charge and soak until closing, run down overnight, last charge in the morning. */
    private void calibrate(Technician technician) {
        technician.headed("plug in").send(" ");
        technician.lookAgainAt("2026-11-18T12:50:00Z").send(" ");
        technician
                .lookAgainAt("2026-11-18T17:45:00Z")
                .headed("unplug and start the run-down")
                .send(" ");
        technician
                .lookAgainAt("2026-11-19T07:35:00Z")
                .send(" ")
                .headed("plug in for the last charge")
                .send(" ");
        technician
                .lookAgainAt("2026-11-19T10:20:00Z")
                .headed("unplug")
                .send(" ")
                .at("/jobs/[0-9]+/handback");
    }

    private static void handBack(Technician technician) {
        technician
                .headed("Put the old pack into a container")
                .send(" ")
                .headed("Read the sheet, then sign")
                .sees("What you will notice, and need not fear")
                .send(" ")
                .headed("Signed");
    }
}
