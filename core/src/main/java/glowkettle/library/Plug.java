package glowkettle.library;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * A pack's plug, seen from its front with the wires below. Null is what nobody knows.
 *
 * @param wires from left to right
 */
public record Plug(
        @Says("Positions") @Within(min = "1", max = "40", whole = true) @Nullable
        BigDecimal positions,

        @Says("Pitch") @Within(min = "0.2", max = "10", unit = "mm") @Nullable
        BigDecimal pitchMm,

        @Says("Key") @Nullable Key key,

        @Says("Length of its leads") @Within(min = "0", max = "1000", unit = "mm") @Nullable
        BigDecimal leadLengthMm,

        @Says("Wires from left to right") @Nullable List<Wire> wires,

        @Says("Thermistor, by the meter") @Within(min = "0.1", max = "1000", unit = "kΩ") @Nullable
        BigDecimal thermistorKohm) {
    /** On which side the plug is keyed. */
    public enum Key implements Worded {
        LEFT,
        RIGHT,
        ABOVE,
        NONE;

        @Override
        public String words() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What a wire carries. */
    public enum Wire implements Worded {
        PLUS,
        MINUS,
        TAP,
        THERMISTOR,
        IDENTITY,
        DATA,
        CLOCK,
        EMPTY;

        @Override
        public String words() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public static final Plug UNKNOWN = new Plug(null, null, null, null, null, null);

    public Plug {
        wires = wires == null || wires.isEmpty() ? null : List.copyOf(wires);
    }
}
