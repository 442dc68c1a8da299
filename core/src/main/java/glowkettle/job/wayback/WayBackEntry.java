package glowkettle.job.wayback;

import glowkettle.finding.Says;
import glowkettle.job.Entry;
import glowkettle.open.Tray;
import java.util.List;

/** What is done to close the device again. */
public sealed interface WayBackEntry extends Entry {
    /** One step of the way back. */
    record StepBack(@Says(value = "Step", longest = 60) String step) implements WayBackEntry {}

    /** Fasteners from the tray into holes. */
    record FastenersBack(List<Tray.Placement> placements) implements WayBackEntry {
        public FastenersBack {
            placements = List.copyOf(placements);
        }
    }
}
