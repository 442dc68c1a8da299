package glowkettle.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The best placement there is, as far as every other one can be looked at. */
class GroupingTest {
    private static Grouping.Cell cell(String id, String mah, String mohm) {
        return new Grouping.Cell(id, new BigDecimal(mah), new BigDecimal(mohm));
    }

    private static Grouping of(List<Grouping.Cell> cells, int series, int parallel) {
        return Grouping.of(
                        new Grouping.Request(cells, BigDecimal.valueOf(series), BigDecimal.valueOf(parallel)),
                        ShopLimits.defaults())
                .result();
    }

    private static List<Grouping.Cell> cells(int count, long seed) {
        Random random = new Random(seed);
        return IntStream.range(0, count)
                .mapToObj(i -> cell(
                        "C%03d".formatted(i),
                        String.valueOf(2450 + random.nextInt(200)),
                        "%s.%s".formatted(26 + random.nextInt(10), random.nextInt(10))))
                .toList();
    }

    /** Handbook, Match. */
    @Test
    void theFiveCellsOfTheHandbook() {
        Grouping found = of(
                List.of(
                        cell("K1", "2610", "31.0"),
                        cell("K2", "2588", "29.5"),
                        cell("K3", "2570", "30.2"),
                        cell("K4", "2604", "33.8"),
                        cell("K5", "2561", "28.9")),
                2,
                2);

        assertThat(found.groups())
                .extracting(Grouping.Group::ids)
                .containsExactly(List.of("K1", "K3"), List.of("K2", "K4"));
        assertThat(found.chosen()).isEqualTo(new Grouping.Pack(5180, 12, new BigDecimal("0.172"), 10_372));
        assertThat(found.boundMah()).isEqualTo(5186);
        assertThat(found.gapMah()).isEqualTo(6);
        assertThat(found.proven()).isTrue();
    }

    /** Every way to place the cells, one after the other, by a walk of its own. */
    private static final class Exhaustive {
        private final List<Grouping.Cell> cells;
        private final int series;
        private final int parallel;
        private final long bound;
        private long @Nullable [] best;
        private List<List<String>> groups = List.of();

        Exhaustive(List<Grouping.Cell> cells, int series, int parallel) {
            this.cells = cells.stream()
                    .sorted(java.util.Comparator.comparing(Grouping.Cell::id))
                    .toList();
            this.series = series;
            this.parallel = parallel;
            this.bound = cells.stream()
                            .mapToLong(cell -> cell.capacityMah().longValue())
                            .boxed()
                            .sorted(Collections.reverseOrder())
                            .limit((long) series * parallel)
                            .mapToLong(Long::longValue)
                            .sum()
                    / series;
        }

        List<List<String>> groups() {
            place(0, new int[cells.size()]);
            return groups;
        }

        /** Each cell goes into one of the groups that stand, a new one, or nowhere. */
        private void place(int cell, int[] in) {
            if (cell == cells.size()) {
                judge(in);
                return;
            }
            int opened = 0;
            int[] size = new int[series + 1];
            for (int i = 0; i < cell; i++) {
                opened = Math.max(opened, in[i]);
                size[in[i]]++;
            }
            for (int group = 0; group <= Math.min(series, opened + 1); group++) {
                if (group == 0 || size[group] < parallel) {
                    in[cell] = group;
                    place(cell + 1, in);
                }
            }
            in[cell] = 0;
        }

        private void judge(int[] in) {
            List<List<String>> ids = new ArrayList<>();
            long[] sums = new long[series];
            double rTerm = 0;
            for (int group = 1; group <= series; group++) {
                List<String> own = new ArrayList<>();
                double most = 0;
                double least = Double.MAX_VALUE;
                for (int i = 0; i < in.length; i++) {
                    if (in[i] == group) {
                        own.add(cells.get(i).id());
                        sums[group - 1] += cells.get(i).capacityMah().longValue();
                        most = Math.max(most, cells.get(i).resistanceMohm().doubleValue());
                        least = Math.min(least, cells.get(i).resistanceMohm().doubleValue());
                    }
                }
                if (own.size() != parallel) {
                    return;
                }
                ids.add(own);
                rTerm += most / least - 1;
            }
            double delta = Math.max(1, bound / 1000.0);
            long smallest = java.util.Arrays.stream(sums).min().orElseThrow();
            long range = java.util.Arrays.stream(sums).max().orElseThrow() - smallest;
            long[] key = {
                -(long) Math.floor(smallest / delta + 1e-9),
                (long) Math.ceil(range / delta - 1e-9),
                (long) Math.ceil(rTerm / 0.01 - 1e-7),
                java.util.Arrays.stream(sums).sum()
            };
            int compared = best == null ? -1 : java.util.Arrays.compare(key, best);
            if (compared < 0 || compared == 0 && ids.toString().compareTo(groups.toString()) < 0) {
                best = key;
                groups = ids;
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "6, 2, 3, 1",
        "7, 3, 2, 2",
        "8, 4, 2, 3",
        "8, 2, 3, 4",
        "9, 3, 3, 5",
        "9, 2, 4, 6",
        "10, 5, 2, 7",
        "10, 2, 4, 8",
        "10, 3, 3, 9",
        "11, 5, 2, 10",
        "8, 1, 5, 11",
        "6, 6, 1, 12",
        "12, 4, 3, 13",
        "12, 3, 3, 14",
        "12, 6, 2, 15",
        "12, 2, 5, 16",
        "12, 5, 2, 17"
    })
    void equalsTheSearchThatLooksAtEverything(int count, int series, int parallel, long seed) {
        List<Grouping.Cell> cells = cells(count, seed);
        Grouping found = of(cells, series, parallel);

        assertThat(found.proven()).isTrue();
        assertThat(found.groups())
                .extracting(Grouping.Group::ids)
                .isEqualTo(new Exhaustive(cells, series, parallel).groups());
    }

    /** Cells that are alike: of placements that are as good, the smaller list of ids is taken. */
    @ParameterizedTest
    @CsvSource({"8, 4, 2, 1", "9, 3, 3, 2", "10, 4, 2, 3", "10, 3, 3, 4", "12, 4, 3, 5", "7, 7, 1, 6", "12, 3, 3, 7"})
    void cellsThatAreAlikeGoByTheirIds(int count, int series, int parallel, long seed) {
        Random random = new Random(seed);
        List<Grouping.Cell> cells = IntStream.range(0, count)
                .mapToObj(i -> cell(
                        "C%03d".formatted(i),
                        String.valueOf(2500 + 10 * random.nextInt(3)),
                        String.valueOf(30 + random.nextInt(2))))
                .toList();

        assertThat(of(cells, series, parallel).groups())
                .extracting(Grouping.Group::ids)
                .isEqualTo(new Exhaustive(cells, series, parallel).groups());
    }

    /** Whoever watches may end it, and gets what was best by then, marked. */
    @Test
    void aSearchThatIsStoppedKeepsItsBest() {
        List<Long> seen = new ArrayList<>();
        Grouping.Sought sought = Grouping.search(
                new Grouping.Request(cells(200, 11), BigDecimal.valueOf(14), BigDecimal.valueOf(10)),
                (moves, budget, best) -> {
                    assertThat(best).hasSize(14);
                    seen.add(moves);
                    return seen.size() < 3;
                });

        assertThat(sought.stopped()).isTrue();
        assertThat(sought.proven()).isFalse();
        assertThat(sought.groups().stream().flatMap(List::stream)).hasSize(140).doesNotHaveDuplicates();
        assertThat(seen).hasSize(3).isSorted();
    }

    @Test
    void theOrderOfTheRowsChangesNothingAndEachCellIsUsedOnce() {
        List<Grouping.Cell> cells = cells(40, 7);
        List<Grouping.Cell> shuffled = new ArrayList<>(cells);
        Collections.shuffle(shuffled, new Random(3));
        Grouping one = of(cells, 4, 8);

        assertThat(of(shuffled, 4, 8).groups()).isEqualTo(one.groups());
        assertThat(one.groups().stream().flatMap(group -> group.ids().stream()))
                .hasSize(32)
                .doesNotHaveDuplicates();
    }

    @Test
    void aLargePackComesWithinAThousandthOfItsBound() {
        Grouping found = of(cells(200, 11), 14, 10);

        assertThat((double) found.gapMah() / found.boundMah()).isLessThan(0.001);
        assertThat(found.chosen().rangeMah() * 1000).isLessThanOrEqualTo(found.boundMah());
        assertThat(found.chosen().smallestMah())
                .isGreaterThanOrEqualTo(found.simple().asListed().smallestMah());
    }

    /** The smallest group never gets smaller by a better cell, as far as all ways are seen. */
    @Test
    void aBetterCellNeverMakesThePackWorse() {
        for (int seed = 0; seed < 20; seed++) {
            List<Grouping.Cell> cells = new ArrayList<>(cells(8, seed));
            long before = of(cells, 2, 3).chosen().smallestMah();
            cells.add(cell("Z", "2900", "30"));
            Grouping after = of(cells, 2, 3);
            long delta = Math.max(1, after.boundMah() / 1000 + 1);
            assertThat(after.chosen().smallestMah()).isGreaterThanOrEqualTo(before - delta);
        }
    }

    @Test
    void tooFewCellsAreToldWithWhatWouldDo() {
        Grouping found = of(cells(10, 1), 4, 3);

        assertThat(found.missing()).isEqualTo(2);
        assertThat(found.largestParallel()).isEqualTo(2);
        assertThat(found.groups()).isEmpty();
    }

    @Test
    void aDuplicateIdRefusesTheTable() {
        assertThatThrownBy(() -> of(List.of(cell("A", "1", "1"), cell("A", "2", "2")), 1, 2))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("'A' stands twice");
    }
}
