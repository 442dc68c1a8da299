package glowkettle.library;

import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** One operation of a teardown. */
public record Operation(
        @Says(value = "Short id, used in \"after\"", longest = 40)
        String id,

        @Says("What is done") OperationKind kind,
        @Says(value = "The step in words", longest = 200) String label,

        @Says("Minutes of work") @Within(min = "0", max = "600", unit = "min")
        BigDecimal minutes,

        @Flat Handling handling,
        @Flat Order order,
        @Flat Care care,
        @Nullable Return back) {
    /** What the hands need for it. */
    public record Handling(
            @Says(value = "Bit or hand tool, or none", longest = 60) @Nullable
            String tool,

            @Says("Face that lies up, or any") @Nullable Side side,
            @Says("Works inside the device") @Nullable Boolean inside,
            @Says("Least skill") @Nullable Skill skill,
            @Nullable Grip grip) {}

    /**
     * Where it stands among the others.
     *
     * @param after ids of operations, or names of choices, that must be done before
     * @param choice name shared by operations of which one is done; null for an operation without alternatives
     */
    public record Order(
            @Says(value = "What must be done before", longest = 40)
            List<String> after,

            @Says(value = "Choice this is one way of", longest = 40) @Nullable
            String choice) {
        public Order {
            after = List.copyOf(after);
        }
    }

    /** What is said before it, and what stops working while it is undone. */
    public record Care(
            @Says(value = "Shown before the step", longest = 300)
            List<String> warnings,

            @Says(value = "Function that stops while this is open", longest = 60) @Nullable
            String function) {
        public Care {
            warnings = List.copyOf(warnings);
        }
    }

    /** How the way back differs from the way in; what is null mirrors the operation. */
    public record Return(
            @Says("Nothing to do on the way back") @Nullable Boolean nothing,

            @Says(value = "The step back in words", longest = 200) @Nullable
            String label,

            @Says("Minutes on the way back") @Within(min = "0", max = "600", unit = "min") @Nullable
            BigDecimal minutes,

            @Says(value = "Tool on the way back", longest = 60) @Nullable
            String tool,

            @Says(value = "Check that comes before this closes", longest = 200) @Nullable
            String checkBefore,

            @Says(value = "Check right after it", longest = 200) @Nullable
            String checkAfter,

            @Says(value = "What is easily forgotten here", longest = 300)
            List<String> reminders,

            @Says(value = "New adhesive, laid before the part that it holds", longest = 200) @Nullable
            String adhesive) {
        public Return {
            reminders = List.copyOf(reminders);
        }
    }

    /** The same operation with other words before it. */
    public Operation with(List<String> otherWarnings) {
        return new Operation(id, kind, label, minutes, handling, order, new Care(otherWarnings, care.function()), back);
    }

    /** The same operation, as long as it really takes. */
    public Operation taking(BigDecimal otherMinutes) {
        return new Operation(id, kind, label, otherMinutes, handling, order, care, back);
    }

    /** The same operation, done in another way. */
    public Operation as(OperationKind other) {
        return new Operation(id, other, label, minutes, handling, order, care, back);
    }

    /** The same operation, with one more that must be done before. */
    public Operation waitingFor(String before) {
        List<String> after =
                Stream.concat(order.after().stream(), Stream.of(before)).toList();
        return new Operation(id, kind, label, minutes, handling, new Order(after, order.choice()), care, back);
    }

    /** The other, or the choice that it is one way of, must be done before. */
    public boolean waitsFor(Operation other) {
        return order.after().contains(other.id())
                || other.order().choice() != null
                        && order.after().contains(other.order().choice());
    }

    public boolean isInside() {
        return Boolean.TRUE.equals(handling.inside());
    }

    public boolean goesBack() {
        return back == null || !Boolean.TRUE.equals(back.nothing());
    }
}
