package glowkettle.match;

import glowkettle.cell.Chemistry;
import glowkettle.cell.OpenCircuitCurve;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Median;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What flows when cells are put in parallel: {@code I = ΔV / (R1 + R2 + R_strip)}, allowed up to a share of the smaller one's
 * capacity. What lies too far apart is brought to the common voltage first. Source: handbook, Match.
 *
 * @param allowed only when every pair is within
 * @param targetV the middle of all voltages, to which the others are brought
 */
public record Paralleling(boolean allowed, List<Pair> pairs, BigDecimal targetV, List<Brought> brought) {
    private static final int MOST_CELLS = 200;

    /** A cell or a group. */
    public record Cell(
            @Says(value = "Id", longest = 40) String id,

            @Says("Rested voltage") @Within(min = "0.5", max = "5", unit = "V")
            BigDecimal restedV,

            @Says("Resistance") @Within(min = "0.01", max = "100000", unit = "mΩ")
            BigDecimal resistanceMohm,

            @Says("Capacity") @Within(min = "1", max = "10000000", unit = "mAh")
            BigDecimal capacityMah) {
        private Cell at(BigDecimal broughtToV) {
            return new Cell(id, broughtToV, resistanceMohm, capacityMah);
        }
    }

    /** What is to be joined, and by what. */
    public record Request(
            @Says("Cells") List<Cell> cells,

            @Says("Strip between two; nothing when not said") @Within(min = "0", max = "1000", unit = "mΩ") @Nullable
            BigDecimal stripMohm,

            @Says("Charge limit per cell; needed for the minutes")
            @Within(min = "3.4", max = "4.7", unit = "V")
            @Nullable
            BigDecimal chargeLimitV) {
        public Request {
            cells = List.copyOf(cells);
        }
    }

    /** Two of them. */
    public record Pair(
            String first,
            String second,
            BigDecimal apartMv,
            BigDecimal currentA,
            BigDecimal allowedA,
            BigDecimal largestMv,
            boolean within) {}

    /**
     * One that is charged or discharged first.
     *
     * @param minutes at the allowed current; null where the curve is not known
     */
    public record Brought(
            String id,
            boolean charge,
            BigDecimal targetV,
            @Nullable BigDecimal minutes) {}

    public Paralleling {
        pairs = List.copyOf(pairs);
        brought = List.copyOf(brought);
    }

    public static Result<Paralleling> of(Request request, ShopLimits limits) {
        int count = request.cells().size();
        if (count < 2 || count > MOST_CELLS) {
            throw new Unanswerable("cells", "%s cells; accepted is 2 to %s".formatted(count, MOST_CELLS));
        }
        List<Pair> pairs = pairs(request.cells(), request.stripMohm(), limits);
        boolean allowed = pairs.stream().allMatch(Pair::within);
        BigDecimal target = Objects.requireNonNull(
                Median.of(request.cells().stream().map(Cell::restedV).toList()));
        Set<String> moved = moved(request, pairs, target, limits);
        List<Brought> brought = request.cells().stream()
                .filter(cell -> moved.contains(cell.id()))
                .map(cell -> brought(cell, target, request.chargeLimitV(), limits))
                .toList();
        return new Result<>(
                new Paralleling(allowed, pairs, target, brought),
                findings(pairs, target, allowed, limits),
                working(pairs, limits));
    }

    private static List<Pair> pairs(List<Cell> cells, @Nullable BigDecimal strip, ShopLimits limits) {
        List<Pair> pairs = new ArrayList<>();
        for (int one = 0; one < cells.size(); one++) {
            for (int other = one + 1; other < cells.size(); other++) {
                pairs.add(pair(cells.get(one), cells.get(other), strip, limits));
            }
        }
        return pairs;
    }

    private static Pair pair(Cell one, Cell other, @Nullable BigDecimal strip, ShopLimits limits) {
        double ohms = one.resistanceMohm()
                        .add(other.resistanceMohm())
                        .add(Objects.requireNonNullElse(strip, BigDecimal.ZERO))
                        .doubleValue()
                / 1000;
        double apartV = one.restedV().subtract(other.restedV()).abs().doubleValue();
        double most = one.capacityMah().min(other.capacityMah()).doubleValue() / 1000 * limits.number(Limit.PARALLEL_C);
        double current = apartV / ohms;
        return new Pair(
                one.id(),
                other.id(),
                Figures.round(apartV * 1000, 1),
                Figures.round(current, 3),
                Figures.round(most, 3),
                Figures.round(most * ohms * 1000, 1),
                current <= most);
    }

    /** Those of every pair that lies too far apart, and whoever would then lie too far from one that was brought. */
    private static Set<String> moved(Request request, List<Pair> pairs, BigDecimal target, ShopLimits limits) {
        Set<String> moved = new HashSet<>();
        Set<String> outside = outside(pairs);
        while (!outside.isEmpty()) {
            request.cells().stream()
                    .filter(cell ->
                            outside.contains(cell.id()) && cell.restedV().compareTo(target) != 0)
                    .forEach(cell -> moved.add(cell.id()));
            List<Cell> then = request.cells().stream()
                    .map(cell -> moved.contains(cell.id()) ? cell.at(target) : cell)
                    .toList();
            outside.clear();
            outside.addAll(outside(pairs(then, request.stripMohm(), limits)));
        }
        return moved;
    }

    private static Set<String> outside(List<Pair> pairs) {
        return pairs.stream()
                .filter(pair -> !pair.within())
                .flatMap(pair -> Stream.of(pair.first(), pair.second()))
                .collect(Collectors.toCollection(HashSet::new));
    }

    private static Brought brought(Cell cell, BigDecimal target, @Nullable BigDecimal chargeLimitV, ShopLimits limits) {
        boolean charge = cell.restedV().compareTo(target) < 0;
        if (chargeLimitV == null) {
            return new Brought(cell.id(), charge, target, null);
        }
        OpenCircuitCurve curve = OpenCircuitCurve.of(Chemistry.known(chargeLimitV, "chargeLimitV", limits), limits);
        double share = Math.abs(curve.socPercent(target.doubleValue())
                        - curve.socPercent(cell.restedV().doubleValue()))
                / 100;
        return new Brought(cell.id(), charge, target, Figures.round(share / limits.number(Limit.PARALLEL_C) * 60, 0));
    }

    private static List<Finding> findings(List<Pair> pairs, BigDecimal target, boolean allowed, ShopLimits limits) {
        if (allowed) {
            return List.of(new Finding(
                    "parallel-within",
                    Weight.NOTE,
                    null,
                    limits.applied(Limit.PARALLEL_C),
                    "Every pair may be joined: what flows stays under the limit."));
        }
        Pair worst = pairs.stream()
                .filter(pair -> !pair.within())
                .max(Comparator.comparing(Pair::currentA))
                .orElseThrow();
        return List.of(new Finding(
                "parallel-apart",
                Weight.STOP,
                Quantity.of(worst.currentA(), "A"),
                limits.applied(Limit.PARALLEL_C),
                "Refused: %s and %s are %s apart, at most %s. Bring those outside to %s first."
                        .formatted(
                                worst.first(),
                                worst.second(),
                                Figures.withUnit(worst.apartMv(), "mV"),
                                Figures.withUnit(worst.largestMv(), "mV"),
                                Figures.withUnit(target, "V"))));
    }

    private static Working working(List<Pair> pairs, ShopLimits limits) {
        return new Working(pairs.stream()
                .limit(20)
                .map(pair -> "%s–%s: %s gives %s, at most %s at %s"
                        .formatted(
                                pair.first(),
                                pair.second(),
                                Figures.withUnit(pair.apartMv(), "mV"),
                                Figures.withUnit(pair.currentA(), "A"),
                                Figures.withUnit(pair.allowedA(), "A"),
                                limits.applied(Limit.PARALLEL_C)))
                .toList());
    }
}
