package glowkettle.match;

import glowkettle.finding.Figures;
import glowkettle.finding.Flat;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A pack of round cells as it lies: every cell with its place and polarity, every strip, what goes on it, its outer size against
 * its case, and the order in which it is built. Source: handbook, Match.
 *
 * @param strips each over the cells of one node
 * @param cuts lengths of strip, each with how many are cut
 * @param compared square and nested, the best of each
 * @param order one thing at a time; from the first strip on no more than one node is ever bare
 */
public record Layout(
        Arrangement arrangement,
        Outer outer,
        List<Place> places,
        List<Strip> strips,
        List<Cut> cuts,
        Fittings fittings,
        List<Compared> compared,
        List<BuildStep> order) {
    private static final int MOST_CELLS = 2_000;
    private static final int DECIMALS = 2;

    /** How rows lie against each other. */
    public enum Arrangement implements Worded {
        SQUARE("square"),
        NESTED("nested");

        private final String words;

        Arrangement(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** An end of the pack: its cells stand upright. */
    public enum End implements Worded {
        TOP("top"),
        BOTTOM("bottom");

        private final String words;

        End(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }

        public End other() {
            return this == TOP ? BOTTOM : TOP;
        }
    }

    /** Inside of the case, where there is one; whichever side is up. */
    public record Case(
            @Says("Case inside, height") @Within(min = "1", max = "2000", unit = "mm") @Nullable
            BigDecimal caseHeightMm,

            @Says("Case inside, width") @Within(min = "1", max = "2000", unit = "mm") @Nullable
            BigDecimal caseWidthMm,

            @Says("Case inside, length") @Within(min = "1", max = "2000", unit = "mm") @Nullable
            BigDecimal caseLengthMm) {
        boolean isKnown() {
            return caseHeightMm != null && caseWidthMm != null && caseLengthMm != null;
        }

        List<BigDecimal> sides() {
            return Stream.of(caseHeightMm, caseWidthMm, caseLengthMm)
                    .map(Objects::requireNonNull)
                    .sorted()
                    .toList();
        }
    }

    /** What lies between cells, and what joins them; the shop's when not said. */
    public record Parts(
            @Says("Between two cells") @Within(min = "0", max = "20", unit = "mm") @Nullable
            BigDecimal gapMm,

            @Says("Width of the strip") @Within(min = "1", max = "60", unit = "mm") @Nullable
            BigDecimal stripWidthMm,

            @Says("Around the cells") @Within(min = "0", max = "20", unit = "mm") @Nullable
            BigDecimal wrapMm) {}

    /** Cells in parallel, by their ids. */
    public record Named(@Says(value = "Ids", longest = 40) List<String> ids) {
        public Named {
            ids = List.copyOf(ids);
        }
    }

    /** What is to be built. */
    public record Request(
            @Says("Groups in series") @Within(min = "1", max = "20", whole = true)
            BigDecimal series,

            @Says("Cells in parallel") @Within(min = "1", max = "100", whole = true)
            BigDecimal parallel,

            @Flat CellSize cell,

            @Says("Charge limit per cell") @Within(min = "3.4", max = "4.7", unit = "V")
            BigDecimal chargeLimitV,

            @Says("Rows; the better way when not said") @Nullable
            Arrangement arrangement,

            @Flat Parts parts,
            @Flat Case box,

            @Says("Groups") @Nullable List<Named> groups) {
        public Request {
            groups = groups == null ? null : List.copyOf(groups);
        }
    }

    /**
     * The whole pack, wrapped.
     *
     * @param fits null where no case was said
     */
    public record Outer(
            BigDecimal widthMm,
            BigDecimal lengthMm,
            BigDecimal heightMm,
            @Nullable Boolean fits) {
        public String words() {
            return "%s × %s × %s"
                    .formatted(Figures.of(widthMm), Figures.of(lengthMm), Figures.withUnit(heightMm, "mm"));
        }
    }

    /** A cell's place, its middle from the upper left corner of the cells, seen from the top. */
    public record Place(
            int number,
            int group,
            BigDecimal xMm,
            BigDecimal yMm,
            boolean plusUp,
            @Nullable String id) {
        /** Which node lies at an end of it. */
        public int node(End end) {
            return plusUp == (end == End.TOP) ? group : group - 1;
        }
    }

    /** A strip over cells, by their numbers; welded on each. */
    public record Strip(
            int node, End end, List<Integer> places, BigDecimal lengthMm, int welds, boolean joinsSubPacks) {
        public Strip {
            places = List.copyOf(places);
        }
    }

    /** So many pieces of one length. */
    public record Cut(BigDecimal lengthMm, int pieces) {}

    /** Where a lead is soldered to. */
    public record Spot(int node, End end, int place) {}

    /**
     * What goes on besides cells and strips.
     *
     * @param rings on plus ends
     * @param senses one a node, minus first
     * @param fuse in the plus lead
     * @param thermistorXMm between two cells of the group in the middle
     * @param subPacks built by themselves and joined last, each as so many groups
     * @param holeMm of a jig
     */
    public record Fittings(
            int rings,
            List<Spot> senses,
            Spot fuse,
            BigDecimal thermistorXMm,
            BigDecimal thermistorYMm,
            List<Integer> subPacks,
            BigDecimal holeMm) {
        public Fittings {
            senses = List.copyOf(senses);
            subPacks = List.copyOf(subPacks);
        }
    }

    /** The best way of an arrangement. */
    public record Compared(
            Arrangement arrangement,
            BigDecimal widthMm,
            BigDecimal lengthMm,
            int rows,
            int columns,
            int stripsBetweenGroups,
            @Nullable Boolean fits) {}

    public Layout {
        places = List.copyOf(places);
        strips = List.copyOf(strips);
        cuts = List.copyOf(cuts);
        compared = List.copyOf(compared);
        order = List.copyOf(order);
    }

    /** From group to group there are as many strips as a group has cells. */
    public boolean isFedAtEachCell() {
        int parallel = (int) places.stream().filter(place -> place.group() == 1).count();
        return compared.stream()
                .filter(way -> way.arrangement() == arrangement)
                .allMatch(way -> way.stripsBetweenGroups() == parallel);
    }

    public static Result<Layout> of(Request asked, ShopLimits limits) {
        int series = asked.series().intValue();
        int parallel = asked.parallel().intValue();
        check(asked, series, parallel);
        Measures measures = Measures.of(asked, limits);
        LatticeChoice choice = new LatticeChoice(asked, measures);
        Lattice chosen = choice.chosen();
        List<Integer> subPacks = SubPacks.of(series, asked.chargeLimitV(), limits);
        List<Place> places = places(chosen, asked.groups());
        List<Strip> strips = strips(chosen, places, measures, SubPacks.joints(subPacks));
        Layout layout = new Layout(
                chosen.nested() ? Arrangement.NESTED : Arrangement.SQUARE,
                measures.outer(chosen, asked.box()),
                places,
                strips,
                cuts(strips),
                fittings(chosen, places, strips, measures, subPacks),
                List.of(
                        compared(choice.square(), measures, asked.box()),
                        compared(choice.nested(), measures, asked.box())),
                BuildOrder.of(
                        places,
                        strips,
                        subPacks,
                        limits.of(Limit.WELDS_BEFORE_TEST).intValue()));
        return new Result<>(
                layout,
                LayoutWords.findings(layout, asked, limits),
                LayoutWords.working(layout, asked, chosen, measures, limits));
    }

    private static void check(Request asked, int series, int parallel) {
        if (series * parallel > MOST_CELLS) {
            throw new Unanswerable(
                    "parallel", "%s cells; accepted is up to %s".formatted(series * parallel, MOST_CELLS));
        }
        List<Named> groups = asked.groups();
        if (groups == null || groups.isEmpty()) {
            return;
        }
        if (groups.size() != series
                || groups.stream().anyMatch(group -> group.ids().size() != parallel)) {
            throw new Unanswerable("groups", "Groups by their ids are %s, each of %s".formatted(series, parallel));
        }
        long apart = groups.stream()
                .flatMap(group -> group.ids().stream())
                .distinct()
                .count();
        if (apart < (long) series * parallel) {
            throw new Unanswerable("groups", "An id stands twice: a cell lies in one place");
        }
    }

    private static List<Place> places(Lattice lattice, @Nullable List<Named> groups) {
        List<Place> places = new ArrayList<>();
        for (int group = 1; group <= lattice.series(); group++) {
            List<Lattice.Spot> spots = lattice.spots(group);
            for (int cell = 0; cell < spots.size(); cell++) {
                places.add(new Place(
                        places.size() + 1,
                        group,
                        Figures.round(lattice.xMm(spots.get(cell)), DECIMALS),
                        Figures.round(lattice.yMm(spots.get(cell)), DECIMALS),
                        group % 2 == 1,
                        groups == null || groups.isEmpty()
                                ? null
                                : groups.get(group - 1).ids().get(cell)));
            }
        }
        return places;
    }

    private static List<Strip> strips(Lattice lattice, List<Place> places, Measures measures, List<Integer> joints) {
        Map<Lattice.Spot, Place> at = new HashMap<>();
        for (int group = 1; group <= lattice.series(); group++) {
            List<Lattice.Spot> spots = lattice.spots(group);
            for (int cell = 0; cell < spots.size(); cell++) {
                at.put(spots.get(cell), places.get((group - 1) * lattice.parallel() + cell));
            }
        }
        return new StripPlan(lattice)
                .runs(joints).stream()
                        .map(run -> {
                            List<Place> over = run.spots().stream()
                                    .map(spot -> Objects.requireNonNull(at.get(spot)))
                                    .toList();
                            return new Strip(
                                    run.node(),
                                    over.getFirst().node(End.TOP) == run.node() ? End.TOP : End.BOTTOM,
                                    over.stream().map(Place::number).toList(),
                                    Figures.round((over.size() - 1) * measures.pitchMm() + measures.stripMm(), 1),
                                    over.size() * measures.spots(),
                                    run.joins());
                        })
                        .toList();
    }

    private static List<Cut> cuts(List<Strip> strips) {
        Map<BigDecimal, Integer> pieces = new TreeMap<>(Comparator.reverseOrder());
        strips.forEach(strip -> pieces.merge(strip.lengthMm(), 1, Integer::sum));
        return pieces.entrySet().stream()
                .map(cut -> new Cut(cut.getKey(), cut.getValue()))
                .toList();
    }

    private static Fittings fittings(
            Lattice lattice, List<Place> places, List<Strip> strips, Measures measures, List<Integer> subPacks) {
        List<Spot> senses = IntStream.rangeClosed(0, lattice.series())
                .mapToObj(node -> strips.stream()
                        .filter(strip -> strip.node() == node)
                        .findFirst()
                        .map(strip -> new Spot(node, strip.end(), strip.places().getFirst()))
                        .orElseThrow())
                .toList();
        int middle = (lattice.series() + 1) / 2;
        List<Place> inside =
                places.stream().filter(place -> place.group() == middle).toList();
        Place one = inside.get((inside.size() - 1) / 2);
        Place other = places.stream()
                .filter(place -> place.number() != one.number())
                .min(Comparator.comparing(place -> apart(one, place)))
                .orElse(one);
        return new Fittings(
                places.size(),
                senses,
                senses.getLast(),
                Figures.round((one.xMm().doubleValue() + other.xMm().doubleValue()) / 2, DECIMALS),
                Figures.round((one.yMm().doubleValue() + other.yMm().doubleValue()) / 2, DECIMALS),
                subPacks,
                Figures.round(measures.cellMm() + measures.limits().number(Limit.JIG_CLEARANCE_MM), 1));
    }

    private static double apart(Place one, Place other) {
        return Math.hypot(
                one.xMm().subtract(other.xMm()).doubleValue(),
                one.yMm().subtract(other.yMm()).doubleValue());
    }

    private static Compared compared(Lattice way, Measures measures, Case box) {
        Outer outer = measures.outer(way, box);
        return new Compared(
                way.nested() ? Arrangement.NESTED : Arrangement.SQUARE,
                outer.widthMm(),
                outer.lengthMm(),
                way.rows(),
                way.columns(),
                way.narrowestJoint(),
                outer.fits());
    }
}
