package glowkettle.library;

import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.heat.Setting;
import glowkettle.heat.Stack;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What is glued: where, with what, and what heat goes through to reach it. */
public record Bond(
        @Says(value = "Operation that loosens it", longest = 40)
        String operation,

        @Says(value = "Where it is", longest = 120) String place,
        @Flat Layers layers,
        @Flat Area area,

        @Says("Stretch strips") @Within(min = "1", max = "20", whole = true) @Nullable
        BigDecimal strips,

        @Says(value = "Places to go in", longest = 120) List<String> slots,

        @Says(value = "What lies below the edge that solvent must not reach", longest = 120) @Nullable
        String delicate) {
    public Bond {
        slots = List.copyOf(slots);
    }

    /**
     * What heat goes through, and what its ends are to somebody who stands before it. No heat goes on a face of which nobody
     * knows what lies behind it.
     */
    public record Layers(
            @Says("What heat goes through, from below to above")
            Stack stack,

            @Says(value = "What the lowest layer is, as the bench sees it; empty where nobody knows", longest = 60)
            @Nullable
            String below,

            @Says(value = "What the uppermost layer is; empty where nobody knows", longest = 60) @Nullable
            String above) {
        /** The faces that heat may go on. */
        public Set<Setting.Face> faces() {
            return Arrays.stream(Setting.Face.values())
                    .filter(face -> of(face).isPresent())
                    .collect(Collectors.toUnmodifiableSet());
        }

        /** The face that heat goes on; empty where nobody knows what lies behind it. */
        public Optional<String> of(Setting.Face face) {
            return Optional.ofNullable(
                    switch (face) {
                        case BELOW -> below;
                        case ABOVE -> above;
                    });
        }
    }

    /** How much is glued, and how much of it dries. */
    public record Area(
            @Says("Area of the bond") @Within(min = "1", max = "100000", unit = "mm²")
            BigDecimal areaMm2,

            @Says("Wetted area open to the air once the part is off") @Within(min = "1", max = "200000", unit = "mm²")
            BigDecimal exposedMm2) {}

    public int stripCount() {
        return strips == null ? 0 : strips.intValue();
    }
}
