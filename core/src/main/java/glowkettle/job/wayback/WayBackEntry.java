package glowkettle.job.wayback;

import glowkettle.job.Entry;
import glowkettle.open.Tray;
import java.util.List;

/** What is done to close the device again. */
public sealed interface WayBackEntry extends Entry {
    /** Fasteners from the tray into holes. */
    record FastenersBack(List<Tray.Placement> placements) implements WayBackEntry {
        public FastenersBack {
            placements = List.copyOf(placements);
        }
    }
}
