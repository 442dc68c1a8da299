package glowkettle.job.open;

import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.job.Entry;
import glowkettle.library.FaceMap;
import glowkettle.library.Fastener;
import glowkettle.library.Grip;
import glowkettle.library.Side;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is decided about the plan, done to open the device, and found on the way. */
public sealed interface OpenEntry extends Entry {
    /** Mat or strap on, and the conditions of the tier read and kept. */
    record ConditionsConfirmed() implements OpenEntry {}

    /** One operation of the teardown. */
    record StepDone(@Says(value = "Step", longest = 60) String step) implements OpenEntry {}

    /** Fasteners out of the device and in the tray; missing ones were not there. */
    record FastenersOut(
            @Says(value = "Fasteners out", longest = 20) List<String> out,

            @Says(value = "Fasteners that were missing", longest = 20)
            List<String> missing)
            implements OpenEntry {
        public FastenersOut {
            out = List.copyOf(out);
            missing = List.copyOf(missing);
        }
    }

    /** The screws of a step that no map shows: how many came out, how many holes were empty, how many heads were worn. */
    record ScrewsCounted(
            @Says(value = "Step", longest = 60) String step,

            @Says("Came out") @Within(min = "0", max = "200", whole = true)
            BigDecimal out,

            @Says("Were missing") @Within(min = "0", max = "200", whole = true) @Nullable
            BigDecimal missing,

            @Says("Stripped or worn") @Within(min = "0", max = "200", whole = true) @Nullable
            BigDecimal stripped)
            implements OpenEntry {}

    /** Something found at a step that the model does not show. */
    record Noted(
            @Says(value = "Step", longest = 60) @Nullable String step,
            @Says(value = "What was found", longest = 1000) String note)
            implements OpenEntry {}

    /** What the device is opened for, instead of what its model is opened for. */
    record TargetsChosen(
            @Says(value = "What to reach", longest = 40) List<String> targets) implements OpenEntry {
        public TargetsChosen {
            targets = List.copyOf(targets);
        }
    }

    /** An order laid down by hand. */
    record Reordered(
            @Says(value = "Steps in their order", longest = 40)
            List<String> order) implements OpenEntry {
        public Reordered {
            order = List.copyOf(order);
        }
    }

    /** The plan's own order again. */
    record OrderDropped() implements OpenEntry {}

    /** Somebody was here before: another fastener sits where the model shows one. */
    record FoundInstead(
            @Says(value = "Where", longest = 20) String fastener,
            @Flat(words = "Found") Fastener.Make found) implements OpenEntry {
        /** The fastener of the model as it was found. */
        public Fastener in(Fastener expected) {
            return new Fastener(
                    expected.id(),
                    expected.spot(),
                    found,
                    expected.seat(),
                    expected.captive(),
                    expected.hiddenUnder(),
                    expected.operation(),
                    expected.number());
        }
    }

    /** The screws of a step of a device nobody described, where they sit on the face that lies up. */
    record ScrewsFound(
            @Says(value = "Step", longest = 60) String step,
            FoundFace face,
            @Says("Screws") List<FoundScrew> screws) implements OpenEntry {
        public ScrewsFound {
            screws = List.copyOf(screws);
        }
    }

    /** The outline that they are drawn on. */
    record FoundFace(
            @Says("Face that lies up") Side side,

            @Says("Width of the face") @Within(min = "10", max = "1000", unit = "mm")
            BigDecimal widthMm,

            @Says("Height of the face") @Within(min = "10", max = "1000", unit = "mm")
            BigDecimal heightMm) {
        FaceMap drawn() {
            return new FaceMap(side, widthMm, heightMm, List.of(), List.of());
        }
    }

    /** One screw where it sits. */
    record FoundScrew(
            @Says("From the left edge") @Within(min = "0", max = "1000", unit = "mm")
            BigDecimal xMm,

            @Says("From the top edge") @Within(min = "0", max = "1000", unit = "mm")
            BigDecimal yMm,

            @Flat Fastener.Make make,
            @Says("Stays in its part when loose") @Nullable Boolean captive) {}

    /** Something that a device nobody described has in front of a step: a step of its own from now on. */
    record StepFound(
            @Says(value = "In front of", longest = 60) String before,
            @Says("What is there") FoundThing thing,

            @Says(value = "What it is, or goes to", longest = 60)
            String name,

            @Says("How the plug lets go") Grip.@Nullable Release release)
            implements OpenEntry {}

    /** What the steps of this model really took, as the median of earlier jobs; the plan of this job counts with it. */
    record MinutesLearnt(List<LearntStep> steps) implements OpenEntry {
        public MinutesLearnt {
            steps = List.copyOf(steps);
        }
    }

    /** The median of a step, and of how many jobs. */
    record LearntStep(
            @Says(value = "Step", longest = 40) String operation,

            @Says("Minutes") @Within(min = "0", max = "600", unit = "min")
            BigDecimal minutes,

            @Says("Jobs") @Within(min = "1", max = "1000000", whole = true)
            BigDecimal jobs) {}

    /** The old pack's label, as soon as it can be seen, against the pack that was ordered. */
    record LabelSeen(
            @Says("It is as the ordered one says") Boolean asOrdered,

            @Says(value = "What differs", longest = 200) @Nullable
            String difference)
            implements OpenEntry {}
}
