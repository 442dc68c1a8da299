package glowkettle.app.isolation;

import glowkettle.assess.HazardReadings;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * What is typed at a container. The temperature holds for every pack in it; what else was seen, for one of them.
 *
 * @param pack job of the pack that looks different; may be left out when there is only one
 */
public record LookTyped(
        @Says("Surface of the pack or its container") @Within(min = "-40", max = "1000", unit = "°C")
        BigDecimal surfaceC,

        @Says("Air around it") @Within(min = "-40", max = "60", unit = "°C")
        BigDecimal ambientC,

        HazardReadings.@Nullable Look look,
        @Says(value = "Which pack", longest = 15) @Nullable String pack) {}
