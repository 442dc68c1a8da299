package glowkettle.assess;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.finding.Result;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which rows of the table fire, each of them: a verdict that is right for the wrong reason sends a hand to the wrong place. */
class HazardRowsTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();
    private static final BigDecimal FOUR = new BigDecimal("4");

    private static Result<TierVerdict> judge(String changes) {
        return HazardTier.judge(Readings.good().withAll(changes).take(), LIMITS);
    }

    private static String rows(String changes) {
        Result<TierVerdict> verdict = judge(changes);
        return verdict.result().tier() + ":"
                + verdict.findings().stream()
                        .map(finding -> " " + finding.rule())
                        .collect(Collectors.joining());
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            pierced=true atRest=false predictedC=40 surfaceC=41 minutesSinceHeat=0 minutesSinceCurrent=100 | ISOLATE: pierced
            pierced=true atRest=false surfaceC=25 minutesSinceHeat=0 minutesSinceCurrent=100 | ISOLATE: pierced retake-above-ambient
            pierced=true atRest=false surfaceC=25 minutesSinceHeat=100 minutesSinceCurrent=0 | EVACUATE: pierced retake-above-ambient missing-voltage-drop
            pierced=true atRest=false predictedC=40 surfaceC=44 ambientC=43 minutesSinceHeat=0 minutesSinceCurrent=100 | EVACUATE: pierced missing-voltage-drop
            pierced=true surfaceC=23.9 | ISOLATE: pierced
            atRest=false predictedC=62 surfaceC=61 minutesSinceHeat=100 minutesSinceCurrent=100 | EVACUATE: surface-unexplained retake-surface retake-above-ambient missing-voltage-drop
            atRest=false predictedC=62 surfaceC=61 minutesSinceHeat=100 minutesSinceCurrent= | EVACUATE: surface-unexplained hot-under-way retake-surface retake-above-ambient missing-voltage-drop
            atRest=false predictedC=62 surfaceC=61 minutesSinceHeat= minutesSinceCurrent=100 | ISOLATE: hot-under-way
            atRest=false predictedC=62 surfaceC=61 minutesSinceHeat=100 minutesSinceCurrent=10 | ISOLATE: hot-under-way
            atRest=false predictedC=62 surfaceC=61 minutesSinceHeat=100 minutesSinceCurrent=30 | EVACUATE: surface-unexplained retake-surface retake-above-ambient missing-voltage-drop
            atRest=false predictedC=28 surfaceC=30.9 minutesSinceHeat= minutesSinceCurrent=0 | CLEAR:
            atRest=false predictedC=26 surfaceC=31 minutesSinceHeat= minutesSinceCurrent=0 | GUARDED: over-predicted missing-voltage-drop
            atRest=false predictedC=26 surfaceC=36 minutesSinceHeat=200 minutesSinceCurrent=29 | ISOLATE: over-predicted over-predicted missing-voltage-drop
            atRest=false cellC=64 surfaceC=30 minutesSinceHeat=100 minutesSinceCurrent=100 | EVACUATE: surface-unexplained retake-surface retake-above-ambient missing-voltage-drop
            atRest=false predictedC=44 surfaceC=44 cellC=59.9 curveCellC=45 minutesSinceHeat=0 minutesSinceCurrent=100 | ISOLATE: over-predicted over-predicted missing-voltage-drop
            atRest=false predictedC=44 surfaceC=44 cellC=47.9 curveCellC=45 minutesSinceHeat=0 minutesSinceCurrent=100 | CLEAR:
            atRest=false predictedC=44 surfaceC=44 cellC=59.9 minutesSinceHeat=0 minutesSinceCurrent=100 | CLEAR:
            cellC=60 surfaceC=21 | EVACUATE: surface-at-rest surface-at-rest above-ambient above-ambient missing-voltage-drop
            atRest=false predictedC=40 surfaceC=50 excessRiseK=5 minutesSinceHeat=0 minutesSinceCurrent=100 | EVACUATE: excess-growing over-predicted over-predicted missing-voltage-drop
            atRest=false riseK=5 surfaceC=60 minutesSinceHeat=100 minutesSinceCurrent=100 | EVACUATE: growing-unheated surface-unexplained growing-unheated retake-surface retake-above-ambient retake-growing missing-voltage-drop
            atRest=false surfaceC=45 minutesSinceHeat=0 minutesSinceCurrent=100 | GUARDED: retake-surface retake-above-ambient
            surfaceC=60 riseK=5 | EVACUATE: surface-at-rest growing-at-rest surface-at-rest growing-at-rest above-ambient above-ambient missing-voltage-drop
            pillow=true middleMm= seamMm=1.1 pushedOut=true | ISOLATE: pillow bulge bulge pushed-out missing-voltage-drop missing-thickness
            middleMm=4.62 seamMm=0.4 pushedOut=true | ISOLATE: swelling swelling bulge pushed-out missing-voltage-drop
            middleMm=4.41 | GUARDED: swelling missing-voltage-drop
            middleMm= cornerMm=4.41 | GUARDED: swelling missing-voltage-drop
            middleMm= cornerMm=4.41 nominalMm= | GUARDED: missing-thickness
            dented=true faceStrainPercent=1 | GUARDED: bent missing-voltage-drop
            dented=true surfaceC=24 ambientC=21 | ISOLATE: dented above-ambient missing-voltage-drop
            faceStrainPercent=1 rocks=true | ISOLATE: bent missing-voltage-drop
            leak=true wet=PACK | ISOLATE: leak wet-pack missing-voltage-drop
            wet=DEVICE | GUARDED: wet-device missing-voltage-drop
            source=PLUG restedV=1.4 | GUARDED: missing-rested-voltage
            source=PLUG restedV=2 | GUARDED: cell-low missing-voltage-drop
            source=PLUG restedV=2.5 | GUARDED: cell-low missing-voltage-drop
            source=PLUG restedV=1.4 highestV=3.8 | GUARDED: missing-rested-voltage
            restedV= highestV=1.4 | ISOLATE: cell-low cell-low missing-rested-voltage
            restedV= point=LIFTED_OUT | GUARDED: missing-rested-voltage
            restedV=2.5 | GUARDED: cell-low missing-voltage-drop
            restedV=2.51 | GUARDED: missing-voltage-drop
            restedV=3.7 highestV=4.3 spreadMv=30 | ISOLATE: cell-over cells-apart cells-apart
            dropMv=40 dropOverHours=24 hoursSinceCurrent=60 temperatureMoveK=1 | GUARDED: voltage-drop
            dropMv=40 dropOverHours=1 hoursSinceCurrent=60 temperatureMoveK=1 wet=DEVICE | GUARDED: wet-device voltage-drop
            dropMv=40 dropOverHours=24 hoursSinceCurrent=1 temperatureMoveK=1 wet=DEVICE | GUARDED: wet-device missing-voltage-drop
            dropMv=1 dropOverHours=24 hoursSinceCurrent=60 temperatureMoveK=9 wet=DEVICE | GUARDED: wet-device missing-voltage-drop
            secondDropMv=30 wet=DEVICE | ISOLATE: voltage-drop wet-device
            secondDropMv=1 dropMv=1 wet=DEVICE | GUARDED: wet-device
            point=LIFTED_OUT middleMm= limitV= | GUARDED: missing-charge-limit missing-thickness
            nominalMm=4.2 modelMm=5.25 middleMm=4.2 | CLEAR:
            nominalMm=4.19 modelMm=5.25 middleMm=4.2 | GUARDED: missing-thickness
            nominalMm=4.4 modelMm=4 middleMm=4.4 | CLEAR:
            nominalMm=4.41 modelMm=4 middleMm=4.4 | GUARDED: missing-thickness
            highestV=1.2 restedV=3.7 flame=true | EVACUATE: flame-smoke cell-low missing-rested-voltage cell-low
            restedV=5.1 highestV=5.2 | ISOLATE: cell-over missing-rested-voltage
            highestV=1.3 restedV=1.4 | ISOLATE: cell-low missing-rested-voltage cell-low
            highestV=3.9 restedV=4 | GUARDED: missing-rested-voltage
            """)
    void everyRowThatFiresIsTold(String changes, String rules) {
        assertThat(rows(changes)).isEqualTo(rules);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            pierced=true surfaceC=25                    | Pierced, torn or creased, warm, and the damage is fresh
            pierced=true                                | Pierced, torn, or creased with layers showing.
            dented=true rocks=true                      | Dented, bent, dropped or crushed, and swollen or warm.
            dented=true                                 | Dented, bent, dropped or crushed.
            pushedOut=true                              | The pack has pushed something out of place.
            pushedOut=true middleMm= seamMm= rocks=     | The pack has pushed something out of place: stop and measure.
            middleMm=4.62                               | The pack is swollen.
            middleMm= cornerMm=4.62                     | The pack is at least this swollen.
            source=PLUG restedV=1.4                     | So low a reading at the plug says nothing
            restedV=                                    | Read the rested voltage at the cells
            """)
    void aRowSaysWhatItIsAbout(String changes, String sentence) {
        assertThat(judge(changes).findings())
                .extracting(finding -> finding.sentence())
                .anySatisfy(told -> assertThat(told).startsWith(sentence));
    }

    @Test
    void onlyWhatIsMissingIsMeasuredNext() {
        Result<TierVerdict> verdict = judge("leak=true wet=DEVICE");

        assertThat(verdict.result().measureNext())
                .hasSize(1)
                .allSatisfy(next -> assertThat(next).contains("voltage"));
        assertThat(verdict.findings())
                .filteredOn(HazardTier::waitsForMeasurement)
                .extracting(finding -> finding.rule())
                .containsExactly("missing-voltage-drop");
    }

    /** 4.3 mm on 4.2 mm is what calipers of a tenth say of a sound pack; one digit more is swelling, and so is 5 % of a thin one. */
    @ParameterizedTest
    @CsvSource({
        "4.3,4.2,0.1,CLEAR",
        "4.4,4.2,0.1,GUARDED",
        "4.3,4.2,0.05,GUARDED",
        "4.3,4.2,,GUARDED",
        "2.1,2,0.1,GUARDED"
    })
    void growthOfOneDigitOfTheCalipersIsNoSwelling(
            BigDecimal middleMm, BigDecimal nominalMm, @Nullable BigDecimal digitMm, Tier tier) {
        HazardReadings lifted = Readings.good().take();
        Thickness taken = new Thickness(middleMm, List.of(), nominalMm, null, digitMm);

        assertThat(HazardTier.judge(lifted.with(taken), LIMITS).result().tier()).isEqualTo(tier);
    }

    @Test
    void theSumStandsBesideTheVerdict() {
        assertThat(judge("middleMm=4.41 surfaceC=24.5 ambientC=21 seamMm=0.4")
                        .working()
                        .lines())
                .extracting(line -> line.replace("\u00a0", " "))
                .containsExactly(
                        "swell = (4.41 mm − 4.2 mm) / 4.2 mm = 5.00 %",
                        "bulge = widest seam − seam of a sound device = 0.30 mm", "above ambient = 24.5 − 21 = 3.5 K");
    }

    @Test
    void morePointsThanThereAreAreAskedForAgain() {
        HazardReadings good = Readings.good().take();
        List<BigDecimal> nine = Collections.nCopies(9, new BigDecimal("0.1"));

        assertThat(HazardTier.judge(good.with(new Thickness(null, Collections.nCopies(6, FOUR), FOUR)), LIMITS)
                        .findings())
                .extracting(finding -> finding.sentence())
                .containsExactly("Measure the thickness again: 6 points were given, at most 5 are.");
        HazardReadings gauged = new HazardReadings(
                good.point(),
                good.look(),
                good.hand(),
                good.warmth(),
                good.cell(),
                new HazardReadings.Shape(good.thickness(), new Seam(nine, null, false)),
                good.voltage(),
                good.drops());
        assertThat(HazardTier.judge(gauged, LIMITS).findings())
                .extracting(finding -> finding.sentence())
                .containsExactly("Gauge the seam again: 9 points were given, at most 8 are.");
    }

    @Test
    void tiersAreOrderedFromTheMildest() {
        assertThat(Tier.GUARDED.atLeast(Tier.ISOLATE)).isFalse();
        assertThat(Tier.ISOLATE.atLeast(Tier.ISOLATE)).isTrue();
        assertThat(Tier.values()).extracting(Tier::word).containsExactly("Clear", "Guarded", "Isolate", "Evacuate");
        assertThat(Tier.EVACUATE.meaning()).startsWith("hands off, people out");
    }
}
