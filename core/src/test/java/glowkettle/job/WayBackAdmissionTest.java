package glowkettle.job;

import static glowkettle.job.Refusals.refused;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.open.Tray;
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
        for (String step : List.of("pack", "cable", "plug", "live-check", "cover")) {
            bench.write(new WayBackEntry.StepBack(step));
        }
        refused(bench, new WayBackEntry.StepBack("screws"), "Empty holes: S1, S2");
        bench.write(swapped);
        refused(bench, new WayBackEntry.StepBack("screws"), "S");
    }

    @Test
    void theWayBackStopsWhereThePackIsNoLongerSound() {
        Bench bench = new Bench().assessed().torn().measured().fitted();
        bench.write(new AssessEntry.Looked(LEAKS));

        refused(bench, new WayBackEntry.StepBack("pack"), "");
        refused(bench, new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S1", "S1"))), "");
    }
}
