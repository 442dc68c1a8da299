package glowkettle.prove;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** One line of a log. */
public record LogSample(
        @Says("Since the log began") @Within(min = "0", max = "100000000", unit = "s")
        BigDecimal tS,

        @Says("Voltage") @Within(min = "-200", max = "200", unit = "V")
        BigDecimal voltageV,

        @Says("Current, positive while the pack gives") @Within(min = "-1000", max = "1000", unit = "A")
        BigDecimal currentA,

        @Says("Temperature") @Within(min = "-40", max = "200", unit = "°C") @Nullable
        BigDecimal temperatureC,

        @Says(value = "Step of the programme", longest = 60) @Nullable
        String step) {}
