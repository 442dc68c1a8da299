package glowkettle.job.wayback;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.job.Entry;
import glowkettle.open.Tray;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is done to close the device again. */
public sealed interface WayBackEntry extends Entry {
    /** One step of the way back; where a pack is glued, with what. */
    record StepBack(
            @Says(value = "Step", longest = 60) String step,

            @Says("Glued with") @Nullable Bonding bonding) implements WayBackEntry {
        public StepBack(String step) {
            this(step, null);
        }
    }

    /** What holds a glued pack, the better one first. Source: handbook, Fit. */
    enum Bonding implements Worded {
        STRETCH_STRIPS("stretch strips", "Easier next time: leave their tabs where a hand reaches them."),
        TAPE("double-sided tape", "Holds as well; the next one out takes heat or solvent."),
        ITS_OWN("what came on the pack", "Nothing is laid under it.");

        private final String words;
        private final String reason;

        Bonding(String words, String reason) {
            this.words = words;
            this.reason = reason;
        }

        @Override
        public String words() {
            return words;
        }

        public String reason() {
            return reason;
        }
    }

    /** Hands or clamps press from now on. */
    record PressBegun(@Says(value = "Step", longest = 60) String step) implements WayBackEntry {}

    /** When the live check is made. */
    record LiveCheckChosen(@Says("After closing") Boolean last) implements WayBackEntry {}

    /** A pack that went in asleep, after it was watched on the charger. */
    record PackWoken(
            @Says("Per cell, at its plug") @Within(min = "0", max = "5", unit = "V")
            BigDecimal cellV,

            @Says("Current into it") @Within(min = "0", max = "50", unit = "A")
            BigDecimal chargeA)
            implements WayBackEntry {}

    /** Fasteners from the tray into holes. */
    record FastenersBack(List<Tray.Placement> placements) implements WayBackEntry {
        public FastenersBack {
            placements = List.copyOf(placements);
        }
    }
}
