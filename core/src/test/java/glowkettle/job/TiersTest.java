package glowkettle.job;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardTier;
import glowkettle.assess.Tier;
import glowkettle.finding.Finding;
import glowkettle.finding.Weight;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import org.junit.jupiter.api.Test;

class TiersTest {
    private static final Look DENTED = new Look(false, false, false, false, true, false, null, Damage.NONE);

    /** Every prefix of the journal judged by itself: what the rounds that are left out must not change. */
    @Property(tries = 200, seed = "3", edgeCases = EdgeCasesMode.NONE)
    void whatIsLeftOutOfALongWatchChangesNeitherTheWorstNorWhatIsHeld(@ForAll("rounds") List<Round> rounds) {
        Bench bench = new Bench()
                .assessed()
                .torn()
                .measured()
                .write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, BigDecimal.TEN, false));
        rounds.forEach(round -> bench.later(round.after()).unasked(round.reading()));
        JobFile file = bench.file();
        List<Hazards> prefixes = IntStream.rangeClosed(
                        1, file.state().counting().size())
                .mapToObj(i -> Hazards.all(
                        Tellings.of(file.chapters(), file.state().before(i), file.model(), file.limits()),
                        file.model(),
                        ShopLimits.defaults()))
                .toList();
        List<Finding> ofTheOld = prefixes.stream()
                .flatMap(then -> then.oldPack(List.of()).findings().stream())
                .toList();
        Stream<Finding> ofTheNew = prefixes.stream()
                .flatMap(then -> then.newPack().stream())
                .flatMap(verdict -> verdict.findings().stream());
        Weight worst = Stream.concat(ofTheOld.stream(), ofTheNew)
                .filter(finding -> !finding.ruleId().asksForAReading())
                .map(Finding::weight)
                .reduce(Weight.NOTE, (a, b) -> a.compareTo(b) > 0 ? a : b);
        assertThat(file.worstTier().weight()).isEqualTo(worst);
        assertThat(isolating(file.oldPackTier().findings())).isEqualTo(isolating(ofTheOld));
    }

    private static Set<String> isolating(List<Finding> findings) {
        return findings.stream()
                .filter(finding -> finding.weight().compareTo(Weight.STOP) >= 0)
                .filter(finding -> !HazardTier.waitsForMeasurement(finding))
                .map(Finding::rule)
                .collect(Collectors.toSet());
    }

    /** What was read at a round, so long after the one before. */
    record Round(Duration after, Entry reading) {}

    @Provide
    Arbitrary<List<Round>> rounds() {
        Arbitrary<Integer> minutes = Arbitraries.oneOf(
                Arbitraries.integers().between(1, 6), Arbitraries.integers().between(1, 90));
        Arbitrary<Integer> tenthsAbove = Arbitraries.frequencyOf(
                Tuple.of(7, Arbitraries.integers().between(0, 34)),
                Tuple.of(1, Arbitraries.integers().between(0, 119)));
        Arbitrary<String> seen = Arbitraries.frequency(
                Tuple.of(1, "dented, by itself"),
                Tuple.of(1, "dented"),
                Tuple.of(4, "good"),
                Tuple.of(4, "not looked"));
        return Combinators.combine(minutes, Arbitraries.integers().between(18, 22), tenthsAbove, seen)
                .as((after, airC, tenths, look) -> new Round(
                        Duration.ofMinutes(after),
                        reading(BigDecimal.valueOf(airC), BigDecimal.valueOf(tenths, 1), look)))
                .list()
                .ofSize(14);
    }

    private static Entry reading(BigDecimal airC, BigDecimal aboveK, String seen) {
        BigDecimal surfaceC = airC.add(aboveK);
        return switch (seen) {
            case "dented, by itself" -> new AssessEntry.Looked(DENTED);
            case "dented" -> new IsolationEntry.Watched(surfaceC, airC, DENTED);
            case "good" -> new IsolationEntry.Watched(surfaceC, airC, Look.GOOD);
            case "not looked" -> new IsolationEntry.Watched(surfaceC, airC, null);
            default -> throw new IllegalArgumentException(seen);
        };
    }

    @Test
    void threeThousandRoundsOfTheWatchAreReadOnce() {
        Bench bench = new Bench()
                .assessed()
                .torn()
                .measured()
                .write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, BigDecimal.TEN, false));
        for (int i = 0; i < 3_000; i++) {
            bench.later(Duration.ofHours(8));
            bench.unasked(
                    new IsolationEntry.Watched(BigDecimal.valueOf(210 + i % 7, 1), new BigDecimal("21"), Look.GOOD));
        }
        assertThat(bench.file().oldPackTier().result().tier()).isEqualTo(Tier.CLEAR);
        bench.later(Duration.ofHours(8))
                .unasked(new IsolationEntry.Watched(new BigDecimal("30"), new BigDecimal("21"), null));
        assertThat(bench.file().oldPackTier().result().tier()).isEqualTo(Tier.ISOLATE);
    }
}
