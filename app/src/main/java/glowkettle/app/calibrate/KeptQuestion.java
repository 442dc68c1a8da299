package glowkettle.app.calibrate;

import glowkettle.calibrate.Progress;
import glowkettle.calibrate.SoakVerdict;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A log of a soak cycle, and what went wrong. */
public record KeptQuestion(
        Progress log,
        @Says("Mishaps") Set<SoakVerdict.Mishap> mishaps,

        @Says("Charged during the run-down") @Within(min = "0", max = "100", unit = "%") @Nullable
        BigDecimal rechargePercent,

        @Says("It held more after that than when the run-down began") @Nullable
        Boolean rechargeEndedAboveStart,

        @Says("Longest break of the last charge") @Within(min = "0", max = "100000", unit = "min") @Nullable
        BigDecimal lastChargeBreakMinutes,

        @Says("Events nobody saw, whose time is a sum's") Set<SoakVerdict.Reckoned> reckoned) {
    SoakVerdict.Log asLog() {
        return new SoakVerdict.Log(
                log,
                mishaps,
                rechargePercent,
                Boolean.TRUE.equals(rechargeEndedAboveStart),
                lastChargeBreakMinutes,
                reckoned);
    }
}
