package glowkettle.assess;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HazardTierTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static Result<TierVerdict> judge(String changes) {
        return HazardTier.judge(Readings.good().withAll(changes).take(), LIMITS);
    }

    private static Tier tier(String changes) {
        return judge(changes).result().tier();
    }

    @Test
    void goodReadingsAreClearWithoutAFinding() {
        Result<TierVerdict> verdict = HazardTier.judge(Readings.good().take(), LIMITS);

        assertThat(verdict.result().tier()).isEqualTo(Tier.CLEAR);
        assertThat(verdict.findings()).isEmpty();
        assertThat(verdict.result().conditions()).isEmpty();
    }

    /** Every row of the table, just short of its limit and at it: boundaries belong to the worse side. */
    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(delimiter = '|', textBlock = """
            flame=true                                              | EVACUATE
            surfaceC=44.9 ambientC=44                               | CLEAR
            surfaceC=45 ambientC=44                                 | ISOLATE
            surfaceC=59.9 ambientC=59                               | ISOLATE
            surfaceC=60 ambientC=60                                 | EVACUATE
            surfaceC=23.9 ambientC=21                               | CLEAR
            surfaceC=24 ambientC=21                                 | GUARDED
            surfaceC=28.9 ambientC=21                               | GUARDED
            surfaceC=29 ambientC=21                                 | ISOLATE
            riseK=1.9                                               | CLEAR
            riseK=2                                                 | ISOLATE
            riseK=5                                                 | EVACUATE
            atRest=false predictedC=40 surfaceC=42.9 minutesSinceHeat=0 minutesSinceCurrent=100 | CLEAR
            atRest=false predictedC=40 surfaceC=45 minutesSinceHeat=0 minutesSinceCurrent=100 | GUARDED
            atRest=false predictedC=40 surfaceC=50 minutesSinceHeat=0 minutesSinceCurrent=100 | ISOLATE
            atRest=false predictedC=40 surfaceC=41 excessRiseK=5 minutesSinceHeat=0 minutesSinceCurrent=100 | EVACUATE
            atRest=false predictedC=60 surfaceC=60 minutesSinceHeat=0 minutesSinceCurrent=100 | ISOLATE
            atRest=false predictedC=60 surfaceC=60 minutesSinceHeat=29.9 minutesSinceCurrent=30 | ISOLATE
            atRest=false predictedC=60 surfaceC=60 minutesSinceHeat=30 minutesSinceCurrent=30 | EVACUATE
            atRest=false predictedC=40 surfaceC=42.9 minutesSinceHeat=29.9 minutesSinceCurrent=100 | CLEAR
            atRest=false predictedC=40 surfaceC=42.9 minutesSinceHeat=30 minutesSinceCurrent=100 | GUARDED
            atRest=false surfaceC=40 ambientC=39 cellC=60 minutesSinceHeat=0 minutesSinceCurrent=100 | ISOLATE
            atRest=false surfaceC=40 ambientC=39 predictedC=40 minutesSinceHeat=0 minutesSinceCurrent=100 overrun=true curveCellC=49.9 | CLEAR
            atRest=false surfaceC=40 ambientC=39 predictedC=40 minutesSinceHeat=0 minutesSinceCurrent=100 overrun=true curveCellC=50 | GUARDED
            atRest=false surfaceC=40 ambientC=39 predictedC=40 minutesSinceHeat=0 minutesSinceCurrent=100 overrun=true curveCellC=60 | ISOLATE
            atRest=false surfaceC=40 ambientC=39 predictedC=40 minutesSinceHeat=29.9 minutesSinceCurrent=100 overrun=true curveCellC=60 | ISOLATE
            atRest=false surfaceC=40 ambientC=39 minutesSinceHeat=30 minutesSinceCurrent=100 overrun=true curveCellC=60 | CLEAR
            atRest=false surfaceC=40 ambientC=39 predictedC=40 minutesSinceHeat=0 minutesSinceCurrent=100 overrun=true curveCellC=60 cellC=49 minutesSinceCellRead=1.9 | CLEAR
            atRest=false surfaceC=40 ambientC=39 predictedC=40 minutesSinceHeat=0 minutesSinceCurrent=100 overrun=true curveCellC=60 cellC=49 minutesSinceCellRead=2 | ISOLATE
            atRest=false surfaceC=40 ambientC=39 predictedC=40 minutesSinceHeat=0 minutesSinceCurrent=100 overrun=true curveCellC=60 cellC=49 | ISOLATE
            atRest=false surfaceC=40 ambientC=39 predictedC=40 minutesSinceHeat=0 minutesSinceCurrent=100 overrun=true | GUARDED
            atRest=false surfaceC=90.1 ambientC=89 minutesSinceHeat=0 minutesSinceCurrent=100 | ISOLATE
            atRest=true minutesSinceHeat=10                         | GUARDED
            atRest=true minutesSinceHeat=30                         | CLEAR
            atRest=true surfaceC=60 minutesSinceHeat=10 minutesSinceCurrent=100 | ISOLATE
            atRest=true surfaceC=60 minutesSinceCurrent=10          | EVACUATE
            highestV=1.2 restedV=3.7                                | GUARDED
            highestV=3.9 restedV=5.1                                | GUARDED
            restedV=5.1                                             | ISOLATE
            nominalMm=42                                            | GUARDED
            nominalMm=42 modelMm=4.2                                | GUARDED
            nominalMm=42 modelMm=4.2 middleMm=4.7                   | GUARDED
            middleMm=3.35                                           | GUARDED
            middleMm=3.36                                           | CLEAR
            limitV=3.9                                              | GUARDED
            limitV=4.48                                             | CLEAR
            limitV=4.52                                             | CLEAR
            limitV=4.53                                             | GUARDED
            dropMv=1 dropOverHours=48 hoursSinceCurrent=60 temperatureMoveK=1 secondDropMv=30 | ISOLATE
            secondDropMv=29.9                                       | CLEAR
            atRest=false surfaceC=45 minutesSinceHeat=0 minutesSinceCurrent=100 | GUARDED
            atRest=false surfaceC=60 minutesSinceHeat=100 minutesSinceCurrent=100 | EVACUATE
            atRest=false surfaceC=60 minutesSinceHeat=100 minutesSinceCurrent=0 | ISOLATE
            atRest=false riseK=2 minutesSinceHeat=100 minutesSinceCurrent=0 | ISOLATE
            atRest=false riseK=2 minutesSinceHeat=0 minutesSinceCurrent=0 | GUARDED
            atRest=false riseK=5 minutesSinceHeat=100 minutesSinceCurrent=0 | EVACUATE
            atRest=false surfaceC=24 ambientC=21 minutesSinceHeat=0 minutesSinceCurrent=100 | GUARDED
            middleMm=4.40                                           | GUARDED
            middleMm=4.41                                           | GUARDED
            middleMm=4.61                                           | GUARDED
            middleMm=4.62                                           | ISOLATE
            pillow=true                                             | CLEAR
            pillow=true middleMm=                                   | ISOLATE
            seamMm=0.39                                             | GUARDED
            seamMm=0.40                                             | GUARDED
            seamMm=1.09                                             | GUARDED
            seamMm=1.10                                             | ISOLATE
            pushedOut=true                                          | GUARDED
            pushedOut=true middleMm= seamMm= rocks=false            | ISOLATE
            pierced=true                                            | ISOLATE
            pierced=true surfaceC=25 ambientC=21                    | EVACUATE
            pierced=true surfaceC=25 ambientC=21 damageAgeHours=24  | EVACUATE
            pierced=true surfaceC=25 ambientC=21 damageAgeHours=24.1 | ISOLATE
            dented=true dropMv=1 dropOverHours=48 hoursSinceCurrent=60 temperatureMoveK=1 | GUARDED
            dented=true rocks=true                                  | ISOLATE
            dented=true surfaceC=24 ambientC=21                     | ISOLATE
            faceStrainPercent=0.9                                   | CLEAR
            faceStrainPercent=1 dropMv=1 dropOverHours=48 hoursSinceCurrent=60 temperatureMoveK=1 | GUARDED
            leak=true                                               | ISOLATE
            wet=DEVICE dropMv=1 dropOverHours=48 hoursSinceCurrent=60 temperatureMoveK=1 | GUARDED
            wet=PACK                                                | ISOLATE
            restedV=2.51 dropMv=1 dropOverHours=48 hoursSinceCurrent=60 temperatureMoveK=1 | CLEAR
            restedV=2.5 dropMv=1 dropOverHours=48 hoursSinceCurrent=60 temperatureMoveK=1 | GUARDED
            restedV=1.5                                             | ISOLATE
            restedV=4.24                                            | CLEAR
            restedV=4.25                                            | ISOLATE
            restedV=4.44 limitV=4.4                                 | CLEAR
            restedV=4.45 limitV=4.4                                 | ISOLATE
            restedV=1.4 source=PLUG                                 | GUARDED
            restedV=2.0 source=PLUG                                 | GUARDED
            dropMv=9.9 dropOverHours=48 hoursSinceCurrent=48 temperatureMoveK=3 | CLEAR
            dropMv=10 dropOverHours=48 hoursSinceCurrent=48 temperatureMoveK=3 | GUARDED
            dropMv=20 dropOverHours=2 hoursSinceCurrent=4 temperatureMoveK=3 | ISOLATE
            dropMv=19.9 dropOverHours=2 hoursSinceCurrent=4 temperatureMoveK=3 | CLEAR
            dropMv=20 dropOverHours=2 hoursSinceCurrent=3.9 temperatureMoveK=3 | CLEAR
            spreadMv=49                                             | CLEAR
            spreadMv=50                                             | GUARDED
            spreadMv=300                                            | ISOLATE
            highestV=3.85                                           | GUARDED
            highestV=4.10                                           | ISOLATE
            """)
    void everyRowOfTheTable(String changes, Tier expected) {
        assertThat(tier(changes)).as(changes).isEqualTo(expected);
    }

    /** What is not there is never good. */
    @ParameterizedTest
    @CsvSource({
        "flame,LIFTED_OUT",
        "wet,INTAKE",
        "surfaceC,INTAKE",
        "ambientC,INTAKE",
        "atRest,INTAKE",
        "middleMm,LIFTED_OUT",
        "restedV,LIFTED_OUT",
        "limitV,LIFTED_OUT",
        "leak,INTAKE"
    })
    void aMissingReadingIsGuardedAndNamedAsTheNextToTake(String column, String point) {
        Result<TierVerdict> verdict = HazardTier.judge(
                Readings.good().with(column, null).with("point", point).take(), LIMITS);

        assertThat(verdict.result().tier()).isEqualTo(Tier.GUARDED);
        assertThat(verdict.result().measureNext()).isNotEmpty();
    }

    @Test
    void thicknessAndVoltageAreNotAskedForBeforeThePackIsOut() {
        assertThat(tier("point=INTAKE middleMm= nominalMm= restedV= limitV=")).isEqualTo(Tier.CLEAR);
    }

    @Test
    void seamOrRockTestIsEnough() {
        assertThat(tier("rocks=")).isEqualTo(Tier.CLEAR);
        assertThat(tier("seamMm=")).isEqualTo(Tier.CLEAR);
        assertThat(tier("seamMm= rocks=")).isEqualTo(Tier.GUARDED);
    }

    /** 4.2 → 4.41 mm is 5 %, compared as typed: no binary fraction decides a boundary. */
    @Test
    void comparesDecimalsAsTyped() {
        Finding finding = judge("middleMm=4.41").findings().getFirst();

        assertThat(finding.rule()).isEqualTo("swelling");
        assertThat(finding.measured()).hasToString("5.00\u00a0%");
        assertThat(finding.limit().id()).isEqualTo("swell-guarded-percent");
    }

    /** Against the flattest corner the swelling is at least so much: it may raise the tier, and else counts as missing. */
    @Test
    void theFlattestCornerGivesALowerBound() {
        assertThat(tier("nominalMm= middleMm=4.62 cornerMm=4.2")).isEqualTo(Tier.ISOLATE);
        assertThat(tier("nominalMm= middleMm=4.25 cornerMm=4.2")).isEqualTo(Tier.GUARDED);
        assertThat(judge("nominalMm= middleMm=4.25 cornerMm=4.2").result().measureNext())
                .anyMatch(sentence -> sentence.contains("thickness"));
    }

    @Test
    void everyRowThatFiredIsListedStrongestFirst() {
        Result<TierVerdict> verdict = judge("leak=true middleMm=4.62 surfaceC=24 ambientC=21 flame=true");

        assertThat(verdict.findings().getFirst().rule()).isEqualTo("flame-smoke");
        assertThat(verdict.findings()).extracting(Finding::rule).contains("leak", "swelling", "above-ambient");
        assertThat(verdict.findings()).isSortedAccordingTo((a, b) -> b.weight().compareTo(a.weight()));
    }

    @Test
    void aStricterShopLimitDecidesAndSaysSo() {
        ShopLimits stricter = LIMITS.with(Limit.SWELL_GUARDED_PERCENT, new BigDecimal("3"));

        Result<TierVerdict> verdict =
                HazardTier.judge(Readings.good().with("middleMm", "4.33").take(), stricter);

        assertThat(verdict.result().tier()).isEqualTo(Tier.GUARDED);
        assertThat(verdict.findings().getFirst().limit()).hasToString("3\u00a0% (shop limit)");
    }
}
