package glowkettle.match;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Which cells go together: so many groups in series of so many cells in parallel. In this order, with
 * {@code δ = max(1 mAh, 0.1 % of the bound)}: {@code −⌊min/δ⌋, ⌈range/δ⌉, ⌈R-term/0.01⌉, capacity used}, then the list of ids. Few
 * cells are searched to the end and proven; of many the best that was found stands beside its bound. The same cells give the same
 * answer, in whatever order they come. Source: handbook, Match.
 *
 * @param missing cells that are too few; 0 when there are enough
 * @param largestParallel so many in parallel would do
 * @param chosen null when there are too few
 * @param boundMah no smallest group is larger than this
 * @param gapMah from the smallest group to the bound
 * @param proven every other way was looked at, or cannot be better
 */
public record Grouping(
        int missing,
        int largestParallel,
        List<Group> groups,
        @Nullable Pack chosen,
        @Nullable Long boundMah,
        @Nullable Long gapMah,
        boolean proven,
        @Nullable Simple simple) {
    private static final int MOST_CELLS = 2_000;
    private static final int R_DECIMALS = 3;
    private static final long SHORT_MOVES = 40_000_000;
    private static final long LONG_MOVES = 500_000_000;

    /** A cell that was accepted. */
    public record Cell(
            @Says(value = "Id", longest = 40) String id,

            @Says("Capacity") @Within(min = "1", max = "1000000", unit = "mAh")
            BigDecimal capacityMah,

            @Says("Resistance") @Within(min = "0.01", max = "100000", unit = "mΩ")
            BigDecimal resistanceMohm) {}

    /** The cells in the order of their table, and the pack. */
    public record Request(
            @Says("Cells") List<Cell> cells,

            @Says("Groups in series") @Within(min = "1", max = "20", whole = true)
            BigDecimal series,

            @Says("Cells in parallel") @Within(min = "1", max = "100", whole = true)
            BigDecimal parallel) {
        public Request {
            cells = List.copyOf(cells);
        }
    }

    /** Cells in parallel, by their ids. */
    public record Group(List<String> ids, long capacityMah) {
        public Group {
            ids = List.copyOf(ids);
        }
    }

    /** A pack in figures. */
    public record Pack(long smallestMah, long rangeMah, BigDecimal rTerm, long usedMah) {}

    /** What hands would do without a search: as they are listed, and sorted and dealt there and back. */
    public record Simple(Pack asListed, Pack dealt) {}

    public Grouping {
        groups = List.copyOf(groups);
    }

    /** With the moves that nobody waits for. */
    public static Result<Grouping> of(Request request, ShopLimits ignored) {
        check(request);
        int series = request.series().intValue();
        int parallel = request.parallel().intValue();
        int missing = Math.max(0, series * parallel - request.cells().size());
        int largest = request.cells().size() / series;
        if (missing > 0) {
            return new Result<>(
                    new Grouping(missing, largest, List.of(), null, null, null, false, null),
                    List.of(new Finding(
                            "match-too-few",
                            Weight.STOP,
                            Quantity.of(BigDecimal.valueOf(missing), "cells"),
                            null,
                            largest == 0
                                    ? "%s cells are missing.".formatted(missing)
                                    : "%s cells are missing; %s in parallel would do, with less runtime and more current a cell."
                                            .formatted(missing, largest))),
                    Working.of("%s · %s = %s, %s are there"
                            .formatted(
                                    series,
                                    parallel,
                                    series * parallel,
                                    request.cells().size())));
        }
        return matched(request, series, parallel, largest);
    }

    /** Groups that stand, beside what hands would do without a search. */
    public record Judged(Pack chosen, long boundMah, Simple simple) {
        public long gapMah() {
            return boundMah - chosen.smallestMah();
        }
    }

    /** @param groups of ids, each of a cell that was asked with */
    public static Judged judge(Request request, List<List<String>> groups) {
        List<Cell> sorted = sorted(request);
        List<String> ids = sorted.stream().map(Cell::id).toList();
        CellFigures figures = figures(sorted, request);
        return new Judged(
                pack(
                        figures,
                        groups.stream()
                                .map(group -> group.stream()
                                        .map(id -> Collections.binarySearch(ids, id))
                                        .toList())
                                .toList()),
                figures.boundMah(),
                simple(request, figures));
    }

    /** A search under way. */
    public interface Progress {
        /**
         * @param best groups of ids, the best so far
         * @return false to be content with it
         */
        boolean goesOn(long moves, long budget, List<List<String>> best);
    }

    /**
     * What a longer search finds.
     *
     * @param stopped before it was through: the best so far
     */
    public record Sought(List<List<String>> groups, boolean proven, boolean stopped) {
        public Sought {
            groups = List.copyOf(groups);
        }
    }

    /** With more moves, for whoever watches. There must be enough cells. */
    public static Sought search(Request request, Progress progress) {
        check(request);
        List<Cell> sorted = sorted(request);
        GroupSearch search = new GroupSearch(
                figures(sorted, request),
                request.series().intValue(),
                request.parallel().intValue(),
                LONG_MOVES,
                (moves, budget, best) -> progress.goesOn(moves, budget, ids(best, sorted)));
        GroupSearch.Found found = search.best();
        return new Sought(ids(found.groups(), sorted), found.proven(), found.stopped());
    }

    private static List<List<String>> ids(List<List<Integer>> groups, List<Cell> sorted) {
        return groups.stream()
                .map(group -> group.stream().map(cell -> sorted.get(cell).id()).toList())
                .toList();
    }

    private static List<Cell> sorted(Request request) {
        return request.cells().stream().sorted(Comparator.comparing(Cell::id)).toList();
    }

    private static CellFigures figures(List<Cell> cells, Request request) {
        return new CellFigures(
                capacities(cells),
                resistances(cells),
                request.series().intValue(),
                request.parallel().intValue());
    }

    private static Result<Grouping> matched(Request request, int series, int parallel, int largest) {
        List<Cell> sorted = sorted(request);
        CellFigures figures = figures(sorted, request);
        GroupSearch search = new GroupSearch(figures, series, parallel, SHORT_MOVES, GroupSearch.Watcher.NOBODY);
        GroupSearch.Found found = search.best();
        Pack chosen = pack(figures, found.groups());
        List<Group> groups = found.groups().stream()
                .map(group -> new Group(
                        group.stream().map(cell -> sorted.get(cell).id()).toList(), figures.sum(group)))
                .toList();
        long bound = figures.boundMah();
        long gap = bound - chosen.smallestMah();
        Simple simple = simple(request, figures);
        return new Result<>(
                new Grouping(0, largest, groups, chosen, bound, gap, found.proven(), simple),
                List.of(Finding.note(
                        found.proven() ? "match-proven" : "match-best-found",
                        found.proven()
                                ? "Proven: no other way to place these cells is better."
                                : "The best that was found; no way is better by more than %s."
                                        .formatted(Figures.withUnit(BigDecimal.valueOf(gap), "mAh")))),
                Working.of(
                        "bound = ⌊best %s capacities / %s⌋ = %s"
                                .formatted(
                                        series * parallel, series, Figures.withUnit(BigDecimal.valueOf(bound), "mAh")),
                        "smallest %s, range %s, R-term %s, used %s"
                                .formatted(
                                        Figures.withUnit(BigDecimal.valueOf(chosen.smallestMah()), "mAh"),
                                        Figures.withUnit(BigDecimal.valueOf(chosen.rangeMah()), "mAh"),
                                        chosen.rTerm(),
                                        Figures.withUnit(BigDecimal.valueOf(chosen.usedMah()), "mAh"))));
    }

    private static Simple simple(Request request, CellFigures figures) {
        int series = request.series().intValue();
        int parallel = request.parallel().intValue();
        return new Simple(
                pack(figures(request.cells(), request), Dealing.asListed(series, parallel)),
                pack(figures, Dealing.dealt(figures, series, parallel)));
    }

    private static void check(Request request) {
        if (request.cells().size() > MOST_CELLS) {
            throw new Unanswerable(
                    "cells",
                    "%s cells; accepted is up to %s".formatted(request.cells().size(), MOST_CELLS));
        }
        Set<String> ids = new HashSet<>();
        request.cells().forEach(cell -> {
            if (!ids.add(cell.id())) {
                throw new Unanswerable(
                        "cells", "The id '%s' stands twice: give each cell its own".formatted(cell.id()));
            }
        });
    }

    private static long[] capacities(List<Cell> cells) {
        return cells.stream()
                .mapToLong(cell ->
                        cell.capacityMah().setScale(0, RoundingMode.HALF_UP).longValueExact())
                .toArray();
    }

    private static double[] resistances(List<Cell> cells) {
        return cells.stream()
                .mapToDouble(cell -> cell.resistanceMohm().doubleValue())
                .toArray();
    }

    private static Pack pack(CellFigures figures, List<List<Integer>> groups) {
        long[] sums = groups.stream().mapToLong(figures::sum).toArray();
        long smallest =
                IntStream.range(0, sums.length).mapToLong(i -> sums[i]).min().orElseThrow();
        long largest =
                IntStream.range(0, sums.length).mapToLong(i -> sums[i]).max().orElseThrow();
        long used = IntStream.range(0, sums.length).mapToLong(i -> sums[i]).sum();
        double rTerm = groups.stream().mapToDouble(figures::rTerm).sum();
        return new Pack(smallest, largest - smallest, Figures.round(rTerm, R_DECIMALS), used);
    }
}
