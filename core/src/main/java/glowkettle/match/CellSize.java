package glowkettle.match;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;

/** A round cell. */
public record CellSize(
        @Says("Diameter of a cell") @Within(min = "5", max = "60", unit = "mm")
        BigDecimal diameterMm,

        @Says("Length of a cell") @Within(min = "10", max = "200", unit = "mm")
        BigDecimal cellLengthMm) {}
