package glowkettle.app.calibrate;

import glowkettle.calibrate.Kept;
import glowkettle.calibrate.Progress;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A log of a soak cycle, and what went wrong. */
public record KeptQuestion(
        Progress log,
        @Says("Mishaps") Set<Kept.Mishap> mishaps,

        @Says("Charged during the run-down") @Within(min = "0", max = "100", unit = "%") @Nullable
        BigDecimal rechargePercent,

        @Says("It held more after that than when the run-down began") @Nullable
        Boolean rechargeEndedAboveStart,

        @Says("Longest break of the last charge") @Within(min = "0", max = "100000", unit = "min") @Nullable
        BigDecimal lastChargeBreakMinutes,

        @Says("Events nobody saw, whose time is a sum's") Set<Kept.Reckoned> reckoned) {
    Kept.Log asLog() {
        return new Kept.Log(
                log,
                mishaps,
                rechargePercent,
                Boolean.TRUE.equals(rechargeEndedAboveStart),
                lastChargeBreakMinutes,
                reckoned);
    }
}
