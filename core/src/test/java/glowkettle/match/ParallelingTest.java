package glowkettle.match;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ParallelingTest {
    private static Paralleling of(List<Paralleling.Cell> cells) {
        return Paralleling.of(new Paralleling.Request(cells, null, null), ShopLimits.defaults())
                .result();
    }

    private static Paralleling.Cell cell(String id, String volts, String mohm) {
        return new Paralleling.Cell(id, new BigDecimal(volts), new BigDecimal(mohm), new BigDecimal("2600"));
    }

    private static List<Paralleling.Cell> done(List<Paralleling.Cell> cells, Paralleling ordered) {
        var brought =
                ordered.brought().stream().collect(Collectors.toMap(Paralleling.Brought::id, Function.identity()));
        return cells.stream()
                .map(cell -> brought.containsKey(cell.id())
                        ? new Paralleling.Cell(
                                cell.id(), brought.get(cell.id()).targetV(), cell.resistanceMohm(), cell.capacityMah())
                        : cell)
                .toList();
    }

    /** B alone is near enough to every one of them, but not to A once that is brought up. */
    @Test
    void whoeverWouldThenLieTooFarIsBroughtAlong() {
        List<Paralleling.Cell> cells = List.of(
                cell("A", "3.61", "5"),
                cell("B", "3.61", "7"),
                cell("C", "3.63", "9"),
                cell("D", "3.63", "9"),
                cell("E", "3.63", "9"));
        Paralleling ordered = of(cells);

        assertThat(ordered.allowed()).isFalse();
        assertThat(ordered.brought()).extracting(Paralleling.Brought::id).containsExactly("A", "B");
        assertThat(of(done(cells, ordered)).allowed()).isTrue();
    }

    @Test
    void whateverIsOrderedDoneMakesAllOfThemJoinable() {
        SplittableRandom random = new SplittableRandom(5);
        for (int round = 0; round < 2_000; round++) {
            List<Paralleling.Cell> cells = IntStream.range(0, 2 + random.nextInt(8))
                    .mapToObj(i -> new Paralleling.Cell(
                            "K" + i,
                            BigDecimal.valueOf(3_600 + random.nextInt(80), 3),
                            BigDecimal.valueOf(1 + random.nextInt(60)),
                            BigDecimal.valueOf(1_500 + random.nextInt(2_000))))
                    .toList();
            Paralleling ordered = of(cells);
            assertThat(ordered.brought().isEmpty()).isEqualTo(ordered.allowed());
            assertThat(of(done(cells, ordered)).allowed()).isTrue();
        }
    }
}
