package glowkettle.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** A pack in figures, its groups solved as ladders. */
class PackFiguresTest {
    private static BigDecimal n(String figure) {
        return new BigDecimal(figure);
    }

    private static PackFigures.Cell cell(String id, String mah, String mohm, @Nullable String drop) {
        return new PackFigures.Cell(id, n(mah), n(mohm), drop == null ? null : n(drop));
    }

    private static Result<PackFigures> of(
            String loadA, @Nullable String limitA, PackFigures.Strips strips, String drop) {
        return PackFigures.of(
                new PackFigures.Request(
                        List.of(
                                new PackFigures.Group(
                                        List.of(cell("K1", "2610", "31.0", "1"), cell("K3", "2570", "30.2", "1"))),
                                new PackFigures.Group(
                                        List.of(cell("K2", "2588", "29.5", drop), cell("K4", "2604", "33.8", drop)))),
                        n("3.6"),
                        strips,
                        n(loadA),
                        limitA == null ? null : n(limitA)),
                ShopLimits.defaults());
    }

    private static final PackFigures.Strips PLATES = new PackFigures.Strips(null, null, null);

    /** By hand: 31 ∥ 30.2 = 15.297 mΩ, 29.5 ∥ 33.8 = 15.752 mΩ; 33.8 / 63.3 = 0.534 of group 2 through K2. */
    @Test
    void thePackOfTheHandbooksFourCells() {
        PackFigures found = of("5", "10", PLATES, "2").result();

        assertThat(found.usableAh()).isEqualByComparingTo("5.180");
        assertThat(found.usableWh()).isEqualByComparingTo("37.30");
        assertThat(found.resistanceMohm()).isEqualByComparingTo("31.05");
        assertThat(found.atLoad()).isNotNull();
        assertThat(found.atLoad().dropV()).isEqualByComparingTo("0.155");
        assertThat(found.atLoad().heatW()).isEqualByComparingTo("0.78");
        assertThat(found.worst().id()).isEqualTo("K2");
        assertThat(found.worst().share()).isEqualByComparingTo("0.5340");
        assertThat(found.worst().currentA()).isEqualByComparingTo("2.670");
        // One millivolt a day apart: 50 mV after 50 days.
        assertThat(found.yearsToImbalance()).isEqualByComparingTo("0.1");
    }

    @Test
    void aCellThatWouldCarryTooMuchIsRefusedAndALimitThatNobodySaidIsAskedFor() {
        assertThat(of("20", "10", PLATES, "1").findings())
                .extracting(Finding::rule)
                .contains("pack-cell-over");
        assertThat(of("20", null, PLATES, "1").findings())
                .extracting(Finding::rule)
                .contains("pack-cell-limit-missing");
    }

    @Test
    void fewerInParallelCostRuntimeAndCurrent() {
        List<PackFigures.Fewer> fewer = of("15", "10", PLATES, "1").result().fewer();

        assertThat(fewer).hasSize(1);
        assertThat(fewer.getFirst().usableAh()).isEqualByComparingTo("2.590");
        assertThat(fewer.getFirst().cellA()).isEqualByComparingTo("15");
        assertThat(fewer.getFirst().refused()).isTrue();
    }

    /** The laws themselves, on ladders of every length: currents add up, and every loop closes. */
    @Test
    void sharesObeyKirchhoff() {
        Random random = new Random(7);
        for (int run = 0; run < 500; run++) {
            int count = 1 + random.nextInt(100);
            List<Double> ohms = IntStream.range(0, count)
                    .mapToObj(i -> 5 + 60 * random.nextDouble())
                    .toList();
            double piece = random.nextInt(4) == 0 ? 0 : random.nextDouble() * 3;
            for (Shares.Feed feed : Shares.Feed.values()) {
                double[] shares = Shares.of(ohms, piece, feed);
                double beyond = 1;
                for (int i = 0; i < count - 1; i++) {
                    beyond -= shares[i];
                    double top = piece * beyond;
                    double bottom = feed == Shares.Feed.ONE_END ? piece * beyond : -piece * (1 - beyond);
                    double lost = feed == Shares.Feed.EACH ? 0 : top + bottom;
                    assertThat(ohms.get(i) * shares[i])
                            .as("%s, loop %s of %s", feed, i, count)
                            .isCloseTo(ohms.get(i + 1) * shares[i + 1] + lost, within(1e-9));
                }
                assertThat(IntStream.range(0, count).mapToDouble(i -> shares[i]).sum())
                        .isCloseTo(1, within(1e-12));
            }
        }
    }

    /** Two equal cells and strips as stout as they: 2/3 of the current takes the short way, half of it each where it is the same. */
    @Test
    void whereTheCurrentComesInDecides() {
        assertThat(Shares.of(List.of(10.0, 10.0), 5, Shares.Feed.ONE_END)[0]).isCloseTo(2 / 3.0, within(1e-12));
        assertThat(Shares.of(List.of(10.0, 10.0), 5, Shares.Feed.OPPOSITE_ENDS)[0])
                .isCloseTo(0.5, within(1e-12));
        assertThat(Shares.mohm(List.of(10.0, 10.0), new double[] {0.5, 0.5}, 5, Shares.Feed.OPPOSITE_ENDS))
                .isCloseTo(7.5, within(1e-12));
    }
}
