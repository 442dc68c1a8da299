package glowkettle.job.open;

import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.job.Entry;
import glowkettle.library.Fastener;
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
