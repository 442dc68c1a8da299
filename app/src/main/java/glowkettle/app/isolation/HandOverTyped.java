package glowkettle.app.isolation;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.List;

/**
 * A hand-over as typed.
 *
 * @param jobs whose packs leave
 */
public record HandOverTyped(
        @Says(value = "Who collects them", longest = 120) String collector,

        @Says("Packs that leave") @Within(min = "1", max = "999999999999999", whole = true)
        List<BigDecimal> jobs) {}
