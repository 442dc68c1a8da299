package glowkettle.job;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.GaugeReading;
import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HealthVerdict.Word;
import glowkettle.assess.RunDown;
import glowkettle.assess.Tier;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.PackHealth;
import glowkettle.job.isolation.IsolationEntry;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;

class PackHealthTest {
    private static Entry gauge(String fullMah, String cellV) {
        return new AssessEntry.GaugeRead(
                Moment.BEFORE,
                new GaugeReading(
                        new BigDecimal(fullMah),
                        new BigDecimal("5000"),
                        null,
                        null,
                        null,
                        List.of(new BigDecimal(cellV), new BigDecimal(cellV))));
    }

    private static Entry seam(String widestMm) {
        return new AssessEntry.SeamTaken(new Seam(List.of(new BigDecimal(widestMm)), null, false));
    }

    @Test
    void theVerdictFollowsTheJournal() {
        Bench bench = new Bench();
        assertThat(PackHealth.of(bench.file()).verdict().result().word()).isEqualTo(Word.MEASURE_MORE);

        bench.write(gauge("3000", "3.82"));
        assertThat(PackHealth.of(bench.file()).verdict().result().word()).isEqualTo(Word.REPLACE);
        bench.correct(bench.last(), gauge("4500", "3.82"));
        assertThat(PackHealth.of(bench.file()).verdict().result().word()).isEqualTo(Word.KEEP);
    }

    @Test
    void theChargeComesFromWhatWasSeenLast() {
        Bench bench = new Bench();
        assertThat(PackHealth.of(bench.file()).socPercent()).isNull();

        bench.write(gauge("3000", "3.82"));
        assertThat(PackHealth.of(bench.file()).socPercent()).isEqualByComparingTo("50");
        bench.write(new AssessEntry.ChargeSeen(new BigDecimal("44")));
        assertThat(PackHealth.of(bench.file()).socPercent()).isEqualByComparingTo("44");
    }

    /** 60 % of 5 Ah at 7.4 V is 22.2 Wh when full; a pack of unknown wear counts as new. */
    @Test
    void aWornPackHoldsLessToRunDownAndAnUnknownOneCountsAsNew() {
        Bench bench = new Bench();
        BigDecimal half = new BigDecimal("50");
        assertThat(PackHealth.of(bench.file())
                        .runDown(half, BigDecimal.TEN)
                        .result()
                        .energyWh())
                .isEqualByComparingTo("18.5");

        bench.write(gauge("3000", "3.82"));
        assertThat(PackHealth.of(bench.file())
                        .runDown(half, BigDecimal.TEN)
                        .result()
                        .energyWh())
                .isEqualByComparingTo("11.1");
    }

    @Test
    void aTrendNeedsTwoMomentsAndTakesTheWidestSeam() {
        Bench bench = new Bench().write(seam("0.2")).write(seam("0.3"));
        assertThat(PackHealth.of(bench.file()).trend()).isEmpty();

        bench.later(Duration.ofDays(14)).write(seam("0.4"));
        assertThat(PackHealth.of(bench.file()).trend()).hasValueSatisfying(trend -> {
            assertThat(trend.of()).isEqualTo("Widest seam");
            assertThat(trend.limitMm()).isEqualByComparingTo("1.1");
            assertThat(trend.trend().result().rateMmPerWeek()).isEqualByComparingTo("0.075");
        });
    }

    @Test
    void aRunDownIsFollowedFromItsChoice() {
        Bench bench = new Bench()
                .write(new AssessEntry.RunDownChosen(
                        RunDown.School.RUN_DOWN_FIRST, new BigDecimal("6"), new BigDecimal("65")));

        assertThat(PackHealth.of(bench.file()).progress(Bench.NOON.plus(Duration.ofHours(1))))
                .hasValueSatisfying(
                        progress -> assertThat(progress.plannedPercent()).isEqualByComparingTo("49"));
    }

    /** A pack found warm in its container is judged as it lies there, at rest. */
    @Test
    void aLookOfTheWatchIsAReadingLikeAnyOther() {
        Bench bench = new Bench()
                .assessed()
                .torn()
                .measured()
                .write(new IsolationEntry.PackStored("1", "Bucket", Tier.CLEAR, BigDecimal.TEN, null));
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.CLEAR);

        bench.later(Duration.ofHours(2))
                .write(new IsolationEntry.Watched(new BigDecimal("30"), new BigDecimal("21"), null));
        assertThat(bench.file().oldPackTier().result().tier()).isEqualTo(Tier.ISOLATE);
        // What happens in the store happens to the old pack; the device on the bench goes on.
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.CLEAR);
        bench.later(Duration.ofDays(1))
                .write(new IsolationEntry.Watched(new BigDecimal("21"), new BigDecimal("21"), null));
        assertThat(bench.file().oldPackTier().result().tier()).isEqualTo(Tier.ISOLATE);
        bench.write(new AssessEntry.TierLowered("It lay in the sun; two good looks since."), Role.LEAD);
        assertThat(bench.file().oldPackTier().result().tier()).isEqualTo(Tier.CLEAR);
    }
}
