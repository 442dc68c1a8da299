package glowkettle.heat;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** One layer of a stack; stacks are listed from the face below to the face above. */
public record Layer(
        @Says("Material") Material material,

        @Says("Thickness") @Within(min = "0.01", max = "50", unit = "mm")
        BigDecimal thicknessMm,

        @Says("What it is to the work: the bond to be softened, or a part with a limit of its own") @Nullable
        Part part) {
    /** Layers that the window is reckoned for. */
    public enum Part {
        BOND,
        CELL,
        DISPLAY,
        TOUCH_PANEL,
        CAMERA
    }

    /** The warmest it may get, or null for a layer that bears whatever its neighbours bear. */
    static @Nullable Limit mostOf(Part part) {
        return switch (part) {
            case BOND -> null;
            case CELL -> Limit.CELL_HEATING_C;
            case DISPLAY -> Limit.DISPLAY_HEATING_C;
            case TOUCH_PANEL -> Limit.TOUCH_HEATING_C;
            case CAMERA -> Limit.CAMERA_HEATING_C;
        };
    }
}
