package glowkettle.job.calibrate;

import glowkettle.calibrate.School;
import glowkettle.calibrate.SoakVerdict;
import glowkettle.finding.Says;
import glowkettle.finding.Worded;
import glowkettle.job.Entry;
import glowkettle.job.Spark;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What happens while the new gauge learns. */
public sealed interface CalibrateEntry extends Entry {
    /** An event of the soak cycle, with the time it happened. */
    record CycleEvent(
            @Says("What happened") CycleStep step,
            @Says("When") Instant happened,

            @Says("Nobody saw it; the time is reckoned from the run-down's length") @Nullable
            Boolean reckoned)
            implements CalibrateEntry {}

    /** Something that can spoil the soak cycle. */
    record CycleMishap(@Says("What went wrong") SoakVerdict.Mishap mishap) implements CalibrateEntry {}

    /** Another school than the model proposes, or that one again. */
    record SchoolChosen(@Says("How its gauge learns") School school) implements CalibrateEntry {}

    /** The soak cycle begins again from its first charge. */
    record CycleRepeated() implements CalibrateEntry {}

    /** No calibration, and why. */
    record CycleLeftOut(
            @Says(value = "Reason", longest = 300) String reason) implements CalibrateEntry {}

    /** The hand actions and sightings of a soak cycle, in order. */
    enum CycleStep implements Worded {
        CHARGE_STARTED("plugged in"),
        FULL_SEEN("seen full"),
        RUN_DOWN_STARTED("unplugged, running down"),
        SHUT_DOWN_SEEN("found shut down"),
        LAST_CHARGE_STARTED("plugged in for the last charge"),
        LAST_CHARGE_ENDED("full again, unplugged");

        private final String words;

        CycleStep(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }

        /** In the words of a school: what is used is not shut down. */
        public String words(School school) {
            return school == School.LIGHT
                    ? switch (this) {
                        case RUN_DOWN_STARTED -> "unplugged, in use";
                        case SHUT_DOWN_SEEN -> "down to 10 %";
                        case CHARGE_STARTED, FULL_SEEN, LAST_CHARGE_STARTED, LAST_CHARGE_ENDED -> words;
                    }
                    : words;
        }

        /** Plugging in, and drawing current, sparks; what is only seen, or ends it, does not. */
        Spark spark() {
            return switch (this) {
                case CHARGE_STARTED, RUN_DOWN_STARTED, LAST_CHARGE_STARTED -> Spark.KINDLES;
                case FULL_SEEN, SHUT_DOWN_SEEN, LAST_CHARGE_ENDED -> Spark.HARMLESS;
            };
        }
    }
}
