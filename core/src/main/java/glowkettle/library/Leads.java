package glowkettle.library;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The leads that hold a pack, on a drawing of the board's edge they go to. */
public record Leads(
        @Says(value = "Operation that frees them", longest = 40)
        String operation,

        @Says("Width of the drawing") @Within(min = "5", max = "500", unit = "mm")
        BigDecimal widthMm,

        @Says("Height of the drawing") @Within(min = "5", max = "500", unit = "mm")
        BigDecimal heightMm,

        @Says("Leads") List<Lead> leads,

        @Says("The pack has taps and a controller") @Nullable
        Boolean controller,

        @Says(value = "Order off, where this model has its own", longest = 40)
        List<String> ownOrder) {
    public Leads {
        leads = List.copyOf(leads);
        ownOrder = List.copyOf(ownOrder);
    }

    public boolean hasController() {
        return Boolean.TRUE.equals(controller);
    }
}
