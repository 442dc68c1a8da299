package glowkettle.job;

import static org.assertj.core.api.Assertions.assertThat;

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
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class TiersTest {
    private static final Look DENTED = new Look(false, false, false, false, true, false, null, null, null);

    /** Every prefix of the journal judged by itself: what the rounds that are left out must not change. */
    @RepeatedTest(200)
    void whatIsLeftOutOfALongWatchChangesNeitherTheWorstNorWhatIsHeld(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        Bench bench = new Bench()
                .assessed()
                .torn()
                .measured()
                .write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, BigDecimal.TEN, false));
        for (int i = 0; i < 14; i++) {
            bench.later(Duration.ofMinutes(1 + random.nextInt(random.nextBoolean() ? 6 : 90)));
            bench.unasked(reading(random));
        }
        JobFile file = bench.file();
        List<List<Finding>> prefixes = IntStream.rangeClosed(
                        1, file.state().counting().size())
                .mapToObj(i -> Hazards.all(
                                Tellings.of(file.chapters(), file.state().before(i), file.model(), file.limits()),
                                file.model(),
                                ShopLimits.defaults())
                        .oldPack(List.of())
                        .findings())
                .toList();
        Weight worst = prefixes.stream()
                .flatMap(List::stream)
                .filter(finding -> !finding.ruleId().asksForAReading())
                .map(Finding::weight)
                .reduce(Weight.NOTE, (a, b) -> a.compareTo(b) > 0 ? a : b);
        assertThat(file.worstTier().weight()).isEqualTo(worst);
        Set<String> isolating =
                isolating(prefixes.stream().flatMap(List::stream).toList());
        assertThat(isolating(file.oldPackTier().findings())).isEqualTo(isolating);
    }

    private static Set<String> isolating(List<Finding> findings) {
        return findings.stream()
                .filter(finding -> finding.weight().compareTo(Weight.STOP) >= 0)
                .filter(finding -> !HazardTier.waitsForMeasurement(finding))
                .map(Finding::rule)
                .collect(Collectors.toSet());
    }

    private static Entry reading(Random random) {
        BigDecimal airC = BigDecimal.valueOf(18 + random.nextInt(5));
        BigDecimal surfaceC = airC.add(BigDecimal.valueOf(random.nextInt(random.nextInt(8) == 0 ? 120 : 35), 1));
        return switch (random.nextInt(10)) {
            case 0 -> new AssessEntry.Looked(DENTED);
            case 1 -> new IsolationEntry.Watched(surfaceC, airC, DENTED);
            default -> new IsolationEntry.Watched(surfaceC, airC, random.nextBoolean() ? Look.GOOD : null);
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
