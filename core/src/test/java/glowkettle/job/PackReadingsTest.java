package glowkettle.job;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

class PackReadingsTest {
    private static final Instant BEGUN = Instant.parse("2026-11-02T08:00:00Z");
    private static final BigDecimal FIVE = BigDecimal.valueOf(5);

    record Step(int afterS, int tenthsC, boolean heatOn, boolean heatOff) {}

    private record Read(Instant at, BigDecimal surfaceC) {}

    /** Every reading of the last hour compared with the newest, as the rule says it. */
    @Property(tries = 500, seed = "11")
    void theLowsTellTheSteepestRise(@ForAll("steps") List<Step> steps) {
        List<Tellings.At> told = new ArrayList<>();
        Instant at = BEGUN;
        for (Step step : steps) {
            at = at.plusSeconds(step.afterS());
            if (step.heatOn()) {
                told.add(new Tellings.At(at, new Told.HeatOn("rim")));
            }
            if (step.heatOff()) {
                told.add(new Tellings.At(at.plusSeconds(1), new Told.HeatOff("rim")));
            }
            told.add(new Tellings.At(at.plusSeconds(2), felt(step.tenthsC())));
        }
        Tellings tellings = new Tellings(told);
        Activity activity = Activity.of(tellings, Told.Whose.OLD);
        PackReadings readings = new PackReadings(new Bench().file().model(), ShopLimits.defaults(), activity);
        List<Read> reads = new ArrayList<>();
        for (Tellings.At one : told) {
            if (one.told() instanceof Told.Felt felt) {
                readings.take(felt, one.at());
                reads.add(
                        new Read(one.at(), Objects.requireNonNull(felt.warmth().surfaceC())));
            }
        }
        Optional<BigDecimal> steepest = steepest(reads, activity);
        Optional<BigDecimal> found = Optional.ofNullable(readings.warmth().riseKIn5Min());
        assertThat(found.isPresent()).isEqualTo(steepest.isPresent());
        steepest.ifPresent(rise -> assertThat(found.orElseThrow()).isEqualByComparingTo(rise.max(BigDecimal.ZERO)));
    }

    private static Optional<BigDecimal> steepest(List<Read> reads, Activity activity) {
        Read last = reads.getLast();
        return reads.stream()
                .limit(reads.size() - 1L)
                .filter(earlier -> !earlier.at().isBefore(last.at().minusSeconds(3600)))
                .filter(earlier -> !activity.heatedBetween(earlier.at(), last.at()))
                .map(earlier -> {
                    BigDecimal rise = last.surfaceC().subtract(earlier.surfaceC());
                    BigDecimal minutes = Activity.minutes(earlier.at(), last.at());
                    return minutes.compareTo(FIVE) <= 0
                            ? rise
                            : rise.multiply(FIVE).divide(minutes, MathContext.DECIMAL64);
                })
                .max(Comparator.naturalOrder());
    }

    private static Told.Felt felt(int tenthsC) {
        return new Told.Felt(
                Told.Whose.OLD, new Warmth(BigDecimal.valueOf(tenthsC, 1), null, false, null, null, null, null, null));
    }

    @Provide
    Arbitrary<List<Step>> steps() {
        Arbitrary<Boolean> seldom = Arbitraries.frequencyOf(
                net.jqwik.api.Tuple.of(9, Arbitraries.just(false)), net.jqwik.api.Tuple.of(1, Arbitraries.just(true)));
        return Combinators.combine(
                        Arbitraries.integers().between(3, 600),
                        Arbitraries.integers().between(200, 300),
                        seldom,
                        seldom)
                .as(Step::new)
                .list()
                .ofMinSize(1)
                .ofMaxSize(40);
    }
}
