package glowkettle.assess;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What cannot be true, alone or together, is asked for again by its value, and never makes a pack good. */
class ContradictionsTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static Result<TierVerdict> judged(Readings readings) {
        return HazardTier.judge(readings.take(), LIMITS);
    }

    /** A figure and its unit stay on one line. */
    private static String plain(String sentence) {
        return sentence.replaceAll("[\\u00a0\\u202f]", " ");
    }

    private static Optional<Finding> asking(Result<TierVerdict> judged, MissingReading reading, String words) {
        return judged.findings().stream()
                .filter(finding -> plain(finding.sentence()).startsWith(words))
                .filter(finding ->
                        MissingReading.of(finding).filter(one -> one == reading).isPresent())
                .findFirst();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            surfaceC=400                           | SURFACE        | Take the surface again: 400 °C
            cellC=400 minutesSinceCellRead=0       | CELL           | Take the cell's temperature again: 400 °C
            restedV=12.6                           | RESTED_VOLTAGE | Read the voltage again: 12.6 V per cell
            restedV=3.8 highestV=12.6              | RESTED_VOLTAGE | Read the voltage again: 12.6 V per cell
            restedV=3.8 highestV=3.7               | RESTED_VOLTAGE | Read the cells again: the highest, 3.7 V, lies under the lowest, 3.8 V
            atRest=true minutesSinceHeat=5         | REST           | At rest, and heated 5 min ago
            atRest=true minutesSinceCurrent=5      | REST           | At rest, and under current 5 min ago
            nominalMm=42 modelMm=4.2               | THICKNESS      | Look at the nominal thickness again: 42 mm typed, 4.2 mm
            nominalMm=0.42 modelMm=4.2             | THICKNESS      | Look at the nominal thickness again: 0.42 mm typed, 4.2 mm
            middleMm=0.42                          | THICKNESS      | Measure again: the pack, 0.42 mm, is far thinner than its nominal 4.2 mm
            limitV=5                               | CHARGE_LIMIT   | Read the charge limit again: no cell is charged to 5 V
            """)
    void isAskedForAgainByItsValue(String changes, MissingReading reading, String words) {
        Result<TierVerdict> judged = judged(Readings.good().withAll(changes));

        assertThat(asking(judged, reading, words)).as("%s", judged.findings()).isPresent();
        assertThat(judged.result().measureNext()).anyMatch(next -> plain(next).startsWith(words));
        assertThat(judged.result().tier().atLeast(Tier.GUARDED)).isTrue();
    }

    @Test
    void morePointsThanAPackHasAreAskedForAgain() {
        Readings readings = Readings.good();
        int most = LIMITS.of(Limit.THICKNESS_POINTS).intValue();
        readings.cornersMm = Collections.nCopies(most, new BigDecimal("4.2"));
        assertThat(asking(judged(readings), MissingReading.THICKNESS, "Measure the thickness again: " + (most + 1)))
                .isPresent();

        readings.cornersMm = Collections.nCopies(most - 1, new BigDecimal("4.2"));
        assertThat(judged(readings).findings()).isEmpty();
    }

    /** Each stands on its bound, and is believed there. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "restedV=3.8 highestV=3.8",
                "atRest=true minutesSinceHeat=REST_MINUTES",
                "atRest=true minutesSinceCurrent=REST_MINUTES",
                "surfaceC=TEMPERATURE_MOST_C",
                "restedV=CELL_MOST_V"
            })
    void isBelievedUpToItsBound(String changes) {
        String[] pair = changes.split("(?==[A-Z])=");
        String known = pair.length == 1
                ? changes
                : pair[0] + "=" + LIMITS.of(Limit.valueOf(pair[1])).toPlainString();

        assertThat(judged(Readings.good().withAll(known)).result().measureNext())
                .noneMatch(next -> next.contains("again"));
    }

    @ParameterizedTest
    @CsvSource({"surfaceC=400", "cellC=400 minutesSinceCellRead=0"})
    void whatIsOverItsBoundIsJudgedAsTheBound(String changes) {
        assertThat(judged(Readings.good().withAll(changes)).result().tier()).isEqualTo(Tier.EVACUATE);
    }

    /** Of two that contradict each other neither is the worse one by itself: the milder way stands, and one is asked for. */
    @Test
    void ofTwoThatContradictEachOtherTheMilderWayStands() {
        Readings readings = Readings.good().withAll("middleMm=4.62 nominalMm=42 modelMm=4.2");
        List<Finding> findings = judged(readings).findings();

        assertThat(asking(judged(readings), MissingReading.THICKNESS, "Look at the nominal thickness again"))
                .isPresent();
        assertThat(findings).noneMatch(finding -> finding.rule().contains("swell"));
    }
}
