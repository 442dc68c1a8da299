package glowkettle.library;

import glowkettle.cell.Body;
import glowkettle.cell.Box;
import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** The pack a model takes: its label, its body, its bay, and what the calibration sums need. */
public record PackData(
        @Flat Ratings ratings,
        @Flat(words = "Nominal") Box size,
        @Flat(prefix = "bay", words = "Bay") Box bay,
        @Says(value = "Connector", longest = 80) String connector,
        @Flat InDevice inDevice,
        @Says("Body") Body body,

        @Says("Cells") @Within(min = "1", max = "3000", whole = true)
        BigDecimal cells,

        @Says("Mass") @Within(min = "0.1", max = "100000", unit = "g") @Nullable
        BigDecimal massG) {}
