package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.wayback.ClosingUp;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.open.Tray;
import glowkettle.open.WayBack;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Nothing is closed over an empty bay, an empty hole, or a pack that is no longer sound. */
class WayBackAdmissionTest {
    private static final Look LEAKS = new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE);

    @Test
    void nothingIsClosedOverAnEmptyBayOrAnEmptyHole() {
        Bench torn = new Bench().assessed().torn().measured();
        WayBackEntry.FastenersBack none = new WayBackEntry.FastenersBack(List.of());
        WayBackEntry.FastenersBack both =
                new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S1", "S1"), new Tray.Placement("S2", "S2")));
        WayBackEntry.FastenersBack swapped =
                new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S1", "S2"), new Tray.Placement("S2", "S1")));
        refused(torn, both, "nothing is closed over an empty bay");
        refused(torn, new WayBackEntry.StepBack("pack"), "nothing is closed over an empty bay");

        Bench bench = torn.fitted();
        refused(bench, none, "Name at least one fastener and its hole");
        refused(bench, new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S9", "S1"))), "S9");
        refused(bench, new WayBackEntry.StepBack("screws"), "The next step back is");
        for (String step :
                List.of("before-the-pack", "pack", "cable", "plug", "before-closing", "live-check", "cover")) {
            bench.write(new WayBackEntry.StepBack(step));
        }
        refused(bench, new WayBackEntry.StepBack("screws"), "Empty holes: S1, S2");
        bench.write(swapped);
        refused(bench, new WayBackEntry.StepBack("screws"), "S");
    }

    /** Screws and a plug alone: whether it lives may be looked at when it is closed. */
    @Test
    void theLiveCheckMayComeLastWhereNothingIsGlued() {
        Bench bench = new Bench().assessed().torn().measured().fitted();
        bench.write(new WayBackEntry.LiveCheckChosen(true));

        assertThat(ClosingUp.of(bench.file()).wayBack().result().steps())
                .last()
                .extracting(WayBack.Step::id)
                .isEqualTo("live-check");
    }

    private static Bench onStrips() {
        return new Bench(Glued.strips())
                .assessed()
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .write(new FreeEntry.SandReady())
                .in("plug")
                .write(new FreeEntry.StripDrawn("free", BigDecimal.ONE, true, null))
                .write(new FreeEntry.StripDrawn("free", BigDecimal.TWO, true, null))
                .in("free")
                .in("pack")
                .measured()
                .fitted();
    }

    @Test
    void aGluedPackIsTriedAtItsPlugAndPressedForItsTime() {
        Bench bench = onStrips();
        bench.write(new WayBackEntry.StepBack("before-the-pack"));
        bench.write(new WayBackEntry.StepBack("pack"));
        refused(bench, new WayBackEntry.PressBegun("plug-tried"), "Nothing is pressed");
        bench.write(new WayBackEntry.StepBack("plug-tried"));
        refused(bench, new WayBackEntry.StepBack("pack-pressed"), "Begin to press first");
        bench.write(new WayBackEntry.PressBegun("pack-pressed")).later(Duration.ofSeconds(20));
        refused(bench, new WayBackEntry.StepBack("pack-pressed"), "Keep pressing: 11 s more");
        bench.later(Duration.ofSeconds(10)).write(new WayBackEntry.StepBack("pack-pressed"));
        assertThat(ClosingUp.of(bench.file()).nextStepBack())
                .hasValueSatisfying(step -> assertThat(step.id()).isEqualTo("plug"));
    }

    /** A device that was closed before these looks were asked for is not opened again to look. */
    @Test
    void noLookIsAskedForOnceSomethingAfterItWasDone() {
        Bench bench = new Bench().assessed().torn().measured().fitted();
        bench.unasked(new WayBackEntry.StepBack("pack")).unasked(new WayBackEntry.StepBack("cable"));

        assertThat(ClosingUp.of(bench.file()).nextStepBack())
                .hasValueSatisfying(step -> assertThat(step.id()).isEqualTo("plug"));
    }

    @Test
    void theWayBackStopsWhereThePackIsNoLongerSound() {
        Bench bench = new Bench().assessed().torn().measured().fitted();
        bench.write(new AssessEntry.Looked(LEAKS));

        refused(bench, new WayBackEntry.StepBack("pack"), "");
        refused(bench, new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S1", "S1"))), "");
    }

    @Test
    void aLookIsTakenOnce() {
        Bench bench = new Bench().assessed().torn().measured().fitted();
        taken(bench, new WayBackEntry.LiveCheckChosen(true));
        for (String step : List.of("before-the-pack", "pack", "cable", "plug", "before-closing", "live-check")) {
            bench.write(new WayBackEntry.StepBack(step));
        }
        refused(bench, new WayBackEntry.LiveCheckChosen(true), "looked at already");
        refused(bench, new WayBackEntry.LiveCheckChosen(false), "looked at already");
    }

    @Test
    void aBackupCellIsSettledBeforeAnythingIsClosed() {
        Bench bench = new Bench(Glued.withCoinCell("cable"))
                .assessed()
                .torn()
                .measured()
                .fitted();
        refused(bench, new WayBackEntry.StepBack("before-the-pack"), "backup cell first");
    }

    @Test
    void nothingIsClosedOverAnIsolatedPack() {
        WayBackEntry.FastenersBack both =
                new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S1", "S1"), new Tray.Placement("S2", "S2")));
        Bench bench = new Bench().assessed().torn().measured().fitted();
        taken(bench, both);
        bench.write(new AssessEntry.Looked(LEAKS));
        refused(bench, both, "Isolate");
        refused(bench, new WayBackEntry.StepBack("before-the-pack"), "Isolate");
        refused(bench, new OpenEntry.StepDone("off"), "");
    }

    @Test
    void noStepOfTheWayInIsDoneOnceTheWayBackHasBegun() {
        Bench bench =
                new Bench().assessed().in("off").write(new OpenEntry.FastenersOut(List.of("S1", "S2"), List.of()));
        refused(bench, new OpenEntry.StepDone("off"), "is done already");
    }
}
