package glowkettle.match;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Flat;
import glowkettle.finding.Median;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Which cells of a box are fit for a pack, each reject with its rule. A lot of five and more is held against its own median: the
 * capacity by three times {@code 1.4826 · MAD}, at least half a per cent of the median, the resistance by one and a half times.
 * Source: handbook, Match.
 *
 * @param sets more than one where makers or chemistries are mixed: which to keep is asked
 */
public record Screening(int accepted, List<Judged> cells, List<Lot> lots, List<CellSet> sets) {
    private static final int MOST_CELLS = 10_000;
    private static final int LEAST_LOT = 5;

    /** A cell as the table has it. */
    public record Cell(
            @Says(value = "Id", longest = 40) String id,

            @Says(value = "Lot", longest = 80) @Nullable String lot,

            @Says("Capacity") @Within(min = "-1000000", max = "1000000", unit = "mAh") @Nullable
            BigDecimal capacityMah,

            @Says("Resistance") @Within(min = "-100000", max = "100000", unit = "mΩ") @Nullable
            BigDecimal resistanceMohm,

            @Says("Rested voltage as found") @Within(min = "-5", max = "5", unit = "V") @Nullable
            BigDecimal restedV,

            @Says("Drop") @Within(min = "-1000", max = "5000", unit = "mV/day") @Nullable
            BigDecimal dropMvPerDay,

            @Flat Seen seen,
            @Flat Made made) {}

    /** What hands see and feel of it. */
    public record Seen(
            @Says("Mass") @Within(min = "0.1", max = "10000", unit = "g") @Nullable
            BigDecimal massG,

            @Says("Warmest in the charge test") @Within(min = "-40", max = "200", unit = "°C") @Nullable
            BigDecimal chargeC,

            @Says("Air in the charge test") @Within(min = "-40", max = "60", unit = "°C") @Nullable
            BigDecimal ambientC,

            @Says("Dented") @Nullable Boolean dented,
            @Says("Rusty") @Nullable Boolean rusty,
            @Says("Wrap torn") @Nullable Boolean tornWrap) {}

    /** Who made it, of what. */
    public record Made(
            @Says(value = "Maker", longest = 60) @Nullable String maker,

            @Says(value = "Chemistry", longest = 60) @Nullable
            String chemistry) {}

    /** The box. */
    public record Request(
            @Says("Cells") List<Cell> cells,

            @Says("Rated capacity") @Within(min = "1", max = "1000000", unit = "mAh") @Nullable
            BigDecimal ratingMah,

            @Says("Charge limit per cell; that of the table when not said")
            @Within(min = "3.4", max = "4.7", unit = "V")
            @Nullable
            BigDecimal chargeLimitV) {
        public Request {
            cells = List.copyOf(cells);
        }
    }

    /** A rule that a cell breaks. */
    public record Reject(String rule, String sentence) {}

    /**
     * A cell, judged.
     *
     * @param rewrap a new wrap and another look would bring it back
     */
    public record Judged(String id, boolean accepted, boolean rewrap, List<Reject> rejects) {
        public Judged {
            rejects = List.copyOf(rejects);
        }
    }

    /** A lot in figures; nothing where it is too small for a rule of its own. */
    public record Lot(
            @Nullable String lot,
            int count,
            @Nullable BigDecimal medianMah,
            @Nullable BigDecimal leastMah,
            @Nullable BigDecimal mostMah,
            @Nullable BigDecimal medianMohm,
            @Nullable BigDecimal mostMohm) {}

    /** Cells of one maker and one chemistry. */
    public record CellSet(
            @Nullable String maker,
            @Nullable String chemistry,
            int cells,
            int accepted,
            @Nullable BigDecimal medianMah) {}

    public Screening {
        cells = List.copyOf(cells);
        lots = List.copyOf(lots);
        sets = List.copyOf(sets);
    }

    public static Result<Screening> of(Request request, ShopLimits limits) {
        check(request);
        Map<String, List<Cell>> byLot = request.cells().stream()
                .collect(Collectors.groupingBy(
                        cell -> Objects.requireNonNullElse(cell.lot(), ""), LinkedHashMap::new, Collectors.toList()));
        Map<String, LotRule> rules = new LinkedHashMap<>();
        byLot.forEach((lot, cells) -> rules.put(lot, LotRule.of(cells, limits)));
        List<Judged> judged = request.cells().stream()
                .map(cell -> judge(
                        cell,
                        Objects.requireNonNull(rules.get(Objects.requireNonNullElse(cell.lot(), ""))),
                        request,
                        limits))
                .toList();
        List<Lot> lots = byLot.entrySet().stream()
                .map(entry -> Objects.requireNonNull(rules.get(entry.getKey()))
                        .figures(
                                entry.getKey().isEmpty() ? null : entry.getKey(),
                                entry.getValue().size()))
                .toList();
        int accepted = (int) judged.stream().filter(Judged::accepted).count();
        List<CellSet> sets = sets(request.cells(), judged);
        return new Result<>(
                new Screening(accepted, judged, lots, sets),
                findings(judged, sets),
                new Working(rules.entrySet().stream()
                        .flatMap(entry -> entry.getValue().lines(entry.getKey()).stream())
                        .toList()));
    }

    private static void check(Request request) {
        if (request.cells().isEmpty() || request.cells().size() > MOST_CELLS) {
            throw new Unanswerable(
                    "cells",
                    "%s cells; accepted is 1 to %s".formatted(request.cells().size(), MOST_CELLS));
        }
        Set<String> ids = new HashSet<>();
        request.cells().forEach(cell -> {
            if (!ids.add(cell.id())) {
                throw new Unanswerable(
                        "cells", "The id '%s' stands twice: give each cell its own".formatted(cell.id()));
            }
        });
    }

    private static Judged judge(Cell cell, LotRule lot, Request request, ShopLimits limits) {
        List<Reject> rejects = new ArrayList<>();
        boolean eligible = isMeasured(cell.capacityMah()) && isMeasured(cell.resistanceMohm());
        if (!eligible) {
            rejects.add(new Reject(
                    "cell-unmeasured", "Capacity and resistance are both needed, above zero: measure it first."));
        } else {
            capacity(cell, lot, request.ratingMah(), limits, rejects);
            lot.resistance(Objects.requireNonNull(cell.resistanceMohm()), rejects);
        }
        voltage(cell, request.chargeLimitV(), limits, rejects);
        drop(cell, limits, rejects);
        warmth(cell, limits, rejects);
        seen(rejects, cell.seen().dented(), "cell-dented", "Dented.");
        seen(rejects, cell.seen().rusty(), "cell-rusty", "Rusty.");
        boolean onlyTheWrap =
                rejects.isEmpty() && Boolean.TRUE.equals(cell.seen().tornWrap());
        seen(rejects, cell.seen().tornWrap(), "cell-wrap", "Torn wrap: wrap it anew, then look again.");
        return new Judged(cell.id(), rejects.isEmpty(), onlyTheWrap, rejects);
    }

    static boolean isMeasured(@Nullable BigDecimal figure) {
        return figure != null && figure.signum() > 0;
    }

    private static void capacity(
            Cell cell, LotRule lot, @Nullable BigDecimal ratingMah, ShopLimits limits, List<Reject> rejects) {
        BigDecimal capacity = Objects.requireNonNull(cell.capacityMah());
        if (ratingMah != null) {
            BigDecimal least =
                    ratingMah.multiply(limits.of(Limit.CELL_CAPACITY_PERCENT)).movePointLeft(2);
            if (capacity.compareTo(least) < 0) {
                rejects.add(new Reject(
                        "cell-capacity",
                        "%s, at least %s of its rating: %s."
                                .formatted(
                                        Figures.withUnit(capacity, "mAh"),
                                        limits.applied(Limit.CELL_CAPACITY_PERCENT),
                                        Figures.withUnit(least.doubleValue(), 0, "mAh"))));
            }
        }
        lot.capacity(capacity, rejects);
    }

    /** A cell that was found drained or overcharged is set apart like any pack of that tier. */
    private static void voltage(Cell cell, @Nullable BigDecimal chargeLimitV, ShopLimits limits, List<Reject> rejects) {
        BigDecimal rested = cell.restedV();
        if (rested == null) {
            return;
        }
        if (rested.compareTo(limits.of(Limit.CELL_LOW_GUARDED_V)) <= 0) {
            rejects.add(new Reject(
                    "cell-found-low",
                    "Found at %s, at or below %s: never charge it again; set it apart, terminals taped."
                            .formatted(Figures.withUnit(rested, "V"), limits.applied(Limit.CELL_LOW_GUARDED_V))));
        }
        BigDecimal limitV = chargeLimitV == null ? limits.of(Limit.FLAT_BASE_LIMIT_V) : chargeLimitV;
        BigDecimal over = rested.subtract(limitV);
        if (over.compareTo(limits.of(Limit.CELL_OVER_ISOLATE_V)) >= 0) {
            rejects.add(new Reject(
                    "cell-over",
                    "Found at %s, over its limit of %s by %s or more: isolate it, terminals taped."
                            .formatted(
                                    Figures.withUnit(rested, "V"),
                                    Figures.withUnit(limitV, "V"),
                                    limits.applied(Limit.CELL_OVER_ISOLATE_V))));
        } else if (over.signum() > 0) {
            rejects.add(new Reject(
                    "cell-above-limit",
                    "Read at %s, above its limit of %s: let it rest, then read it again."
                            .formatted(Figures.withUnit(rested, "V"), Figures.withUnit(limitV, "V"))));
        }
    }

    private static void drop(Cell cell, ShopLimits limits, List<Reject> rejects) {
        BigDecimal drop = cell.dropMvPerDay();
        if (drop != null && drop.compareTo(limits.of(Limit.CELL_DROP_MV_DAY)) > 0) {
            rejects.add(new Reject(
                    "cell-drop",
                    "It loses %s, at most %s."
                            .formatted(Figures.withUnit(drop, "mV/day"), limits.applied(Limit.CELL_DROP_MV_DAY))));
        }
    }

    private static void warmth(Cell cell, ShopLimits limits, List<Reject> rejects) {
        BigDecimal warmest = cell.seen().chargeC();
        if (warmest == null) {
            return;
        }
        BigDecimal air = cell.seen().ambientC();
        boolean warm = warmest.compareTo(limits.of(Limit.CELL_WARM_C)) > 0
                || air != null && warmest.subtract(air).compareTo(limits.of(Limit.CELL_WARM_K)) > 0;
        if (warm) {
            rejects.add(new Reject(
                    "cell-warm",
                    "Warm in its charge test, %s: at most %s, and %s over the air."
                            .formatted(
                                    Figures.withUnit(warmest, "°C"),
                                    limits.applied(Limit.CELL_WARM_C),
                                    limits.applied(Limit.CELL_WARM_K))));
        }
    }

    private static void seen(List<Reject> rejects, @Nullable Boolean yes, String rule, String sentence) {
        if (Boolean.TRUE.equals(yes)) {
            rejects.add(new Reject(rule, sentence));
        }
    }

    private static List<CellSet> sets(List<Cell> cells, List<Judged> judged) {
        Set<String> accepted =
                judged.stream().filter(Judged::accepted).map(Judged::id).collect(Collectors.toSet());
        return cells.stream()
                .collect(Collectors.groupingBy(Cell::made, LinkedHashMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .map(entry -> new CellSet(
                        entry.getKey().maker(),
                        entry.getKey().chemistry(),
                        entry.getValue().size(),
                        (int) entry.getValue().stream()
                                .filter(cell -> accepted.contains(cell.id()))
                                .count(),
                        Median.of(entry.getValue().stream()
                                .map(Cell::capacityMah)
                                .filter(Screening::isMeasured)
                                .toList())))
                .sorted(Comparator.comparing(CellSet::accepted).reversed())
                .toList();
    }

    private static List<Finding> findings(List<Judged> judged, List<CellSet> sets) {
        List<Finding> findings = new ArrayList<>();
        if (sets.size() > 1) {
            findings.add(Finding.stop(
                    "cells-mixed", "Makers or chemistries are mixed: say which set is kept; a pack is built of one."));
        }
        long rewrapped = judged.stream().filter(Judged::rewrap).count();
        if (rewrapped > 0) {
            findings.add(Finding.care(
                    "cells-rewrap", "%s of them only want a new wrap and another look.".formatted(rewrapped)));
        }
        return findings;
    }

    static boolean isLot(int cells) {
        return cells >= LEAST_LOT;
    }
}
