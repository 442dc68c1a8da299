package glowkettle.job;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.Tier;
import glowkettle.finding.Finding;
import glowkettle.heat.Refit;
import glowkettle.heat.Setting;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.free.FreeChapter;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Overheating;
import glowkettle.job.free.Overrun;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.open.Opening;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

/** Heat that stays on past its latest lift-off, and what is known of it afterwards. */
class OverrunTest {
    private static final Entry HEAT = new FreeEntry.HeatStarted(
            "free",
            new Setting(Setting.Source.MAT, new BigDecimal("60"), Setting.Face.BELOW, null),
            new BigDecimal("21"),
            null);
    private static final Entry OFF = new FreeEntry.HeatStopped("free");

    private static Bench onTheMat() {
        return new Bench(Glued.tape())
                .assessed()
                .write(new AssessEntry.ChargeSeen(new BigDecimal("24")))
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .in("plug")
                .write(new FreeEntry.SandReady())
                .write(HEAT);
    }

    private static Tier tier(Bench bench) {
        return bench.file().tier().result().tier();
    }

    private static FreeEntry.HeatRead read(String temperatureC) {
        return new FreeEntry.HeatRead("free", Refit.Spot.CELL, new BigDecimal(temperatureC), null);
    }

    @Test
    void aMatForgottenForAnHourAndAHalfIsADangerAndNotALateClock() {
        Bench bench = onTheMat();
        assertThat(tier(bench)).isEqualTo(Tier.CLEAR);
        bench.later(Duration.ofMinutes(90));

        assertThat(tier(bench)).isNotEqualTo(Tier.CLEAR);
        assertThat(bench.file().tier().findings()).extracting(Finding::rule).contains("overrun");
        assertThat(Overheating.of(bench.file()).cellPeakC())
                .hasValueSatisfying(peak -> assertThat(peak.doubleValue()).isGreaterThan(50));
    }

    @Test
    void aJobLookedAtAgainLaterKnowsOfTheHeatThatStayedOn() {
        JobFile first = onTheMat().file();
        assertThat(first.tier().result().tier()).isEqualTo(Tier.CLEAR);
        assertThat(first.next().stage()).isEqualTo(FreeChapter.STAGE);
        Instant muchLater = first.now().plus(Duration.ofMinutes(90));

        JobFile later = first.later(muchLater);

        assertThat(later.tier().findings()).extracting(Finding::rule).contains("overrun");
        assertThat(Overheating.of(later).overruns()).isNotEmpty();
        assertThat(first.tier().result().tier()).isEqualTo(Tier.CLEAR);
    }

    @Test
    void aJobWithoutHeatIsTheSameLaterAsOneReckonedAnew() {
        Bench bench = new Bench(Glued.tape())
                .assessed()
                .write(new AssessEntry.ChargeSeen(new BigDecimal("24")))
                .in("off");
        JobFile first = bench.file();
        first.next();
        first.closed();
        Duration night = Duration.ofHours(30);

        JobFile later = first.later(first.now().plus(night));
        JobFile anew = bench.later(night).file();

        assertThat(later.now()).isEqualTo(anew.now());
        assertThat(later.tier()).isEqualTo(anew.tier());
        assertThat(later.next()).isEqualTo(anew.next());
        assertThat(Overheating.of(later).overruns())
                .isEqualTo(Overheating.of(anew).overruns());
        assertThat(later.closed()).isEqualTo(anew.closed());
        assertThat(Opening.of(later).stepsInAt()).isEqualTo(Opening.of(anew).stepsInAt());
    }

    @Test
    void theOverrunEndsWithARestAndItsPeakStays() {
        Bench bench = onTheMat().later(Duration.ofMinutes(90)).write(OFF);
        BigDecimal peak = Overheating.of(bench.file()).cellPeakC().orElseThrow();
        assertThat(tier(bench).atLeast(Tier.GUARDED)).isTrue();
        bench.later(Duration.ofMinutes(29));
        assertThat(Overheating.of(bench.file()).overruns()).anyMatch(Overrun::live);
        bench.later(Duration.ofMinutes(1));
        assertThat(Overheating.of(bench.file()).overruns()).noneMatch(Overrun::live);
        assertThat(Overheating.of(bench.file()).cellPeakC())
                .hasValueSatisfying(later -> assertThat(later).isEqualByComparingTo(peak));
        assertThat(bench.file().needsLead()).isTrue();
    }

    @Test
    void aFreshReadingOfTheCellSaysOtherwiseForTwoMinutes() {
        Bench bench = onTheMat().later(Duration.ofMinutes(30)).write(read("45"));
        assertThat(bench.file().tier().findings()).extracting(Finding::rule).doesNotContain("overrun");
        bench.later(Duration.ofMinutes(2));
        assertThat(bench.file().tier().findings()).extracting(Finding::rule).contains("overrun");
    }

    @Test
    void aPackWhoseCellsReachedSixtyIsNotFittedAgainAndIsWatched() {
        Bench bench = onTheMat().later(Duration.ofSeconds(100)).write(read("61"));
        assertThat(tier(bench)).isEqualTo(Tier.ISOLATE);
        assertThat(Overheating.of(bench.file()).cellsWereTooHot()).isTrue();
    }

    /** A minute after its own heat is off the product knows why it is warm; nobody has to say so. */
    @Test
    void theProductsOwnHeatIsNoFireAMinuteLater() {
        Bench bench = onTheMat().later(Duration.ofSeconds(230)).write(OFF).later(Duration.ofMinutes(1));
        bench.write(new AssessEntry.WarmthTaken(
                new Warmth(new BigDecimal("64"), new BigDecimal("21"), false, null, null, null, null, null)));
        assertThat(tier(bench)).isEqualTo(Tier.ISOLATE);
    }

    @Test
    void nobodyIsAtRestTenMinutesAfterHeat() {
        Bench bench = onTheMat().later(Duration.ofSeconds(230)).write(OFF).later(Duration.ofMinutes(10));
        Entry atRest = new AssessEntry.WarmthTaken(Warmth.atRest("24", "21"));
        assertThat(bench.refusal(atRest))
                .hasValueSatisfying(why -> assertThat(why).contains("cannot be at rest", "10 min ago"));
        bench.later(Duration.ofMinutes(20));
        assertThat(bench.refusal(atRest)).isEmpty();
    }

    @Test
    void hotterThanAnySettingThatIsSearchedIsRefusedBeforeHeat() {
        Bench bench = onTheMat().later(Duration.ofSeconds(60)).write(OFF).later(Duration.ofMinutes(60));
        for (String tooHot : new String[] {"95", "140", "45"}) {
            assertThat(bench.refusal(new FreeEntry.HeatStarted(
                            "free",
                            new Setting(Setting.Source.MAT, new BigDecimal(tooHot), Setting.Face.BELOW, null),
                            new BigDecimal("21"),
                            null)))
                    .hasValueSatisfying(why -> assertThat(why).contains("outside of what is searched"));
        }
    }
}
