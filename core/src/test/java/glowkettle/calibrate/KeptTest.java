package glowkettle.calibrate;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KeptTest {
    private static final Instant PLUGGED_IN = Instant.parse("2026-11-16T08:00:00Z");

    private static @Nullable Instant hoursIn(@Nullable Double hours) {
        return hours == null ? null : PLUGGED_IN.plusSeconds(Math.round(hours * 3600));
    }

    private static Result<SoakVerdict.Verdict> judge(
            @Nullable Double full,
            @Nullable Double unplugged,
            @Nullable Double off,
            @Nullable Double again,
            @Nullable Double done,
            SoakVerdict.Mishap... mishaps) {
        return SoakVerdict.judge(
                new SoakVerdict.Log(
                        new Progress(
                                PLUGGED_IN,
                                hoursIn(full),
                                hoursIn(unplugged),
                                hoursIn(off),
                                hoursIn(again),
                                hoursIn(done)),
                        Set.of(mishaps)),
                ShopLimits.defaults());
    }

    /** Full after 2 h, soak 2.5 h, off rest 6 h; 90 % of either is a remark, less is a repeat. */
    @ParameterizedTest
    @CsvSource({
        "2,4.5,10,16,18,VALID,",
        "2,4.3,10,16,18,VALID_WITH_REMARKS,",
        "2,3.5,10,16,18,REPEAT,CHARGE_AND_SOAK",
        "2,4.5,10,15.6,18,VALID_WITH_REMARKS,",
        "2,4.5,10,12,14,REPEAT,RUN_DOWN",
        "2,3.5,10,12,14,REPEAT,CHARGE_AND_SOAK",
        "2,4.24,10,16,18,REPEAT,CHARGE_AND_SOAK",
        "2,4.5,10,15.4,18,VALID_WITH_REMARKS,",
        ",4.5,10,16,18,REPEAT,CHARGE_AND_SOAK",
        "2,4.5,,16,18,REPEAT,RUN_DOWN",
        "2,4.5,10,16,,UNDER_WAY,",
        ",,,,18,REPEAT,CHARGE_AND_SOAK",
        "2,4.5,10,,18,REPEAT,RUN_DOWN",
        "2,,,,,UNDER_WAY,",
        "2,3.0,,,,REPEAT,CHARGE_AND_SOAK",
        "0.08,4.5,10,16,18,REPEAT,CHARGE_AND_SOAK",
        "2,4.5,4.55,16,18,REPEAT,RUN_DOWN",
        "2,4.5,10,16,16.01,REPEAT,RUN_DOWN",
        "0.0833334,4.5,10,16,18,VALID,"
    })
    void theLogIsHeldAgainstTheProtocol(
            Double full,
            Double unplugged,
            Double off,
            Double again,
            Double done,
            SoakVerdict.Standing standing,
            Phase from) {
        SoakVerdict.Verdict verdict = judge(full, unplugged, off, again, done).result();

        assertThat(verdict.standing()).isEqualTo(standing);
        assertThat(verdict.repeatFrom()).isEqualTo(from);
    }

    @Test
    void aMishapSpoilsACycleThatTheClockWouldPass() {
        for (SoakVerdict.Mishap mishap : SoakVerdict.Mishap.values()) {
            Result<SoakVerdict.Verdict> judged = judge(2.0, 4.5, 10.0, 16.0, 18.0, mishap);

            assertThat(judged.result().standing())
                    .isEqualTo(
                            mishap == SoakVerdict.Mishap.LAST_CHARGE_BREAK
                                    ? SoakVerdict.Standing.VALID_WITH_REMARKS
                                    : SoakVerdict.Standing.REPEAT);
            assertThat(judged.findings()).extracting(Finding::sentence).contains(mishap.sentence());
        }
        assertThat(judge(
                                2.0,
                                4.5,
                                10.0,
                                16.0,
                                18.0,
                                SoakVerdict.Mishap.LAST_CHARGE_INTERRUPTED,
                                SoakVerdict.Mishap.SLEPT)
                        .result()
                        .repeatFrom())
                .isEqualTo(Phase.CHARGE_AND_SOAK);
    }

    @ParameterizedTest
    @CsvSource({
        "2,false,,VALID",
        "2.1,false,,REPEAT",
        "1,true,,REPEAT",
        ",false,9.9,VALID_WITH_REMARKS",
        ",false,10,REPEAT",
        ",false,0,VALID"
    })
    void aRechargeAndABreakAreHeldAgainstTheirLimits(
            @Nullable BigDecimal recharge, boolean above, @Nullable BigDecimal pause, SoakVerdict.Standing standing) {
        Progress whole =
                new Progress(PLUGGED_IN, hoursIn(2.0), hoursIn(4.5), hoursIn(10.0), hoursIn(16.0), hoursIn(18.0));
        assertThat(SoakVerdict.judge(
                                new SoakVerdict.Log(whole, Set.of(), recharge, above, pause, Set.of()),
                                ShopLimits.defaults())
                        .result()
                        .standing())
                .isEqualTo(standing);
    }

    @Test
    void aTimeThatIsASumsLeavesARemark() {
        Progress whole =
                new Progress(PLUGGED_IN, hoursIn(2.0), hoursIn(4.5), hoursIn(10.0), hoursIn(16.0), hoursIn(18.0));
        for (SoakVerdict.Reckoned reckoned : SoakVerdict.Reckoned.values()) {
            assertThat(SoakVerdict.judge(
                                    new SoakVerdict.Log(whole, Set.of(), null, false, null, Set.of(reckoned)),
                                    ShopLimits.defaults())
                            .result()
                            .standing())
                    .isEqualTo(SoakVerdict.Standing.VALID_WITH_REMARKS);
        }
    }
}
