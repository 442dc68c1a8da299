package glowkettle.match;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Flat;
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
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A pack of cells in figures: what it stores, what it loses at a load, and what its worst cell carries. Each group is solved as
 * a ladder of its cells and strips (Kirchhoff). Source: handbook, Match.
 *
 * @param usableAh of the smallest group
 * @param worst the cell with the most current against an even share
 * @param yearsToImbalance until the groups are as far apart as the shop allows, by their cells' drops; null where a drop is
 *     missing, or none differs
 * @param fewer the same pack with fewer cells in parallel
 */
public record PackFigures(
        BigDecimal usableAh,
        BigDecimal usableWh,
        BigDecimal resistanceMohm,
        @Nullable AtLoad atLoad,
        Carrying worst,
        @Nullable BigDecimal yearsToImbalance,
        List<Fewer> fewer) {
    private static final int MOST_GROUPS = 20;
    private static final int MOST_PARALLEL = 100;
    private static final double DAYS_A_YEAR = 365.25;

    /** A cell in its place. */
    public record Cell(
            @Says(value = "Id", longest = 40) String id,

            @Says("Capacity") @Within(min = "1", max = "1000000", unit = "mAh")
            BigDecimal capacityMah,

            @Says("Resistance") @Within(min = "0.01", max = "100000", unit = "mΩ")
            BigDecimal resistanceMohm,

            @Says("Drop") @Within(min = "0", max = "5000", unit = "mV/day") @Nullable
            BigDecimal dropMvPerDay) {}

    /** Cells in parallel, as they lie between the strips. */
    public record Group(@Says("Cells") List<Cell> cells) {
        public Group {
            cells = List.copyOf(cells);
        }
    }

    /** What joins the cells. */
    public record Strips(
            @Says("Strip from cell to cell; nothing when not said")
            @Within(min = "0", max = "100", unit = "mΩ")
            @Nullable
            BigDecimal pieceMohm,

            @Says("Strip from group to group; nothing when not said")
            @Within(min = "0", max = "100", unit = "mΩ")
            @Nullable
            BigDecimal seriesMohm,

            @Says("Current comes in and goes out") Shares.@Nullable Feed feed) {
        Shares.Feed way() {
            return Objects.requireNonNullElse(feed, Shares.Feed.ONE_END);
        }

        double piece() {
            return pieceMohm == null ? 0 : pieceMohm.doubleValue();
        }

        double between() {
            return seriesMohm == null ? 0 : seriesMohm.doubleValue();
        }
    }

    /** The pack, and what is asked of it. */
    public record Request(
            @Says("Groups") List<Group> groups,

            @Says("Nominal voltage of a cell") @Within(min = "2", max = "4", unit = "V")
            BigDecimal nominalCellV,

            @Flat Strips strips,

            @Says("Load") @Within(min = "0.01", max = "1000", unit = "A") @Nullable
            BigDecimal loadA,

            @Says("Most a cell may carry") @Within(min = "0.01", max = "200", unit = "A") @Nullable
            BigDecimal cellLimitA) {
        public Request {
            groups = List.copyOf(groups);
        }
    }

    /** At the load. */
    public record AtLoad(BigDecimal dropV, BigDecimal heatW, BigDecimal hours, BigDecimal evenCellA) {}

    /**
     * What a cell carries.
     *
     * @param share of its group's current
     * @param timesEven against an even share
     * @param currentA null where no load was said
     */
    public record Carrying(
            String id,
            int group,
            BigDecimal share,
            BigDecimal timesEven,
            @Nullable BigDecimal currentA,
            @Nullable BigDecimal heatW) {}

    /**
     * Fewer in parallel, by the mean cell.
     *
     * @param hours and current null where no load was said
     * @param refused a cell would carry more than it may
     */
    public record Fewer(
            int parallel,
            BigDecimal usableAh,
            @Nullable BigDecimal hours,
            @Nullable BigDecimal cellA,
            boolean refused) {}

    public PackFigures {
        fewer = List.copyOf(fewer);
    }

    public static Result<PackFigures> of(Request asked, ShopLimits limits) {
        check(asked);
        List<Solved> solved = IntStream.range(0, asked.groups().size())
                .mapToObj(
                        index -> Solved.of(index + 1, asked.groups().get(index).cells(), asked.strips()))
                .toList();
        double usableAh = solved.stream().mapToDouble(Solved::capacityAh).min().orElseThrow();
        double ohms = (solved.stream().mapToDouble(Solved::mohm).sum()
                        + asked.strips().between() * (solved.size() - 1))
                / 1000;
        double volts = asked.nominalCellV().doubleValue() * solved.size();
        AtLoad atLoad = asked.loadA() == null ? null : atLoad(asked.loadA().doubleValue(), ohms, usableAh, asked);
        Carrying worst = worst(solved, asked.loadA());
        Double years = years(asked.groups(), limits);
        PackFigures figures = new PackFigures(
                Figures.round(usableAh, 3),
                Figures.round(usableAh * volts, 2),
                Figures.round(ohms * 1000, 2),
                atLoad,
                worst,
                years == null ? null : Figures.round(years, 1),
                fewer(usableAh, asked));
        return new Result<>(figures, findings(figures, asked, limits), working(figures, solved, asked));
    }

    private static void check(Request asked) {
        if (asked.groups().isEmpty() || asked.groups().size() > MOST_GROUPS) {
            throw new Unanswerable(
                    "groups",
                    "%s groups; accepted is 1 to %s".formatted(asked.groups().size(), MOST_GROUPS));
        }
        int parallel = asked.groups().getFirst().cells().size();
        asked.groups().forEach(group -> {
            if (group.cells().isEmpty() || group.cells().size() > MOST_PARALLEL) {
                throw new Unanswerable(
                        "groups",
                        "A group of %s cells; accepted is 1 to %s"
                                .formatted(group.cells().size(), MOST_PARALLEL));
            }
            if (group.cells().size() != parallel) {
                throw new Unanswerable(
                        "groups",
                        "A group of %s cells beside one of %s; all groups have as many"
                                .formatted(group.cells().size(), parallel));
            }
        });
    }

    /** A group, solved. */
    private record Solved(int number, List<Cell> cells, double[] shares, double mohm) {
        static Solved of(int number, List<Cell> cells, Strips strips) {
            List<Double> ohms = cells.stream()
                    .map(cell -> cell.resistanceMohm().doubleValue())
                    .toList();
            double[] shares = Shares.of(ohms, strips.piece(), strips.way());
            return new Solved(number, cells, shares, Shares.mohm(ohms, shares, strips.piece(), strips.way()));
        }

        double capacityAh() {
            return cells.stream()
                            .mapToDouble(cell -> cell.capacityMah().doubleValue())
                            .sum()
                    / 1000;
        }

        int worst() {
            return IntStream.range(0, shares.length)
                    .reduce((one, other) -> shares[other] > shares[one] ? other : one)
                    .orElseThrow();
        }

        double highest() {
            return shares[worst()];
        }
    }

    private static AtLoad atLoad(double loadA, double ohms, double usableAh, Request asked) {
        int parallel = asked.groups().getFirst().cells().size();
        return new AtLoad(
                Figures.round(loadA * ohms, 3),
                Figures.round(loadA * loadA * ohms, 2),
                Figures.round(usableAh / loadA, 2),
                Figures.round(loadA / parallel, 3));
    }

    private static Carrying worst(List<Solved> solved, @Nullable BigDecimal loadA) {
        Solved group = solved.stream()
                .reduce((one, other) -> other.highest() > one.highest() ? other : one)
                .orElseThrow();
        Cell cell = group.cells().get(group.worst());
        Double amperes = loadA == null ? null : loadA.doubleValue() * group.highest();
        return new Carrying(
                cell.id(),
                group.number(),
                Figures.round(group.highest(), 4),
                Figures.round(group.highest() * group.shares().length, 3),
                amperes == null ? null : Figures.round(amperes, 3),
                amperes == null
                        ? null
                        : Figures.round(
                                amperes * amperes * cell.resistanceMohm().doubleValue() / 1000, 3));
    }

    /** Cells in parallel share what they lose, each by its capacity. */
    private static @Nullable Double years(List<Group> groups, ShopLimits limits) {
        List<Double> drops = new ArrayList<>();
        for (Group group : groups) {
            double lost = 0;
            double capacity = 0;
            for (Cell cell : group.cells()) {
                if (cell.dropMvPerDay() == null) {
                    return null;
                }
                lost += cell.dropMvPerDay().doubleValue() * cell.capacityMah().doubleValue();
                capacity += cell.capacityMah().doubleValue();
            }
            drops.add(lost / capacity);
        }
        double apart = drops.stream().mapToDouble(drop -> drop).max().orElseThrow()
                - drops.stream().mapToDouble(drop -> drop).min().orElseThrow();
        return apart <= 0 ? null : limits.number(Limit.SPREAD_GUARDED_MV) / apart / DAYS_A_YEAR;
    }

    private static List<Fewer> fewer(double usableAh, Request asked) {
        int parallel = asked.groups().getFirst().cells().size();
        return IntStream.iterate(parallel - 1, fewer -> fewer >= 1, fewer -> fewer - 1)
                .mapToObj(fewer -> {
                    double ah = usableAh * fewer / parallel;
                    BigDecimal load = asked.loadA();
                    return new Fewer(
                            fewer,
                            Figures.round(ah, 3),
                            load == null ? null : Figures.round(ah / load.doubleValue(), 2),
                            load == null ? null : Figures.round(load.doubleValue() / fewer, 3),
                            load != null
                                    && asked.cellLimitA() != null
                                    && load.doubleValue() / fewer
                                            > asked.cellLimitA().doubleValue());
                })
                .toList();
    }

    private static List<Finding> findings(PackFigures figures, Request asked, ShopLimits limits) {
        List<Finding> findings = new ArrayList<>();
        if (asked.strips().way() != Shares.Feed.EACH
                && asked.strips().pieceMohm() == null
                && asked.groups().getFirst().cells().size() > 2) {
            findings.add(
                    Finding.care(
                            "pack-strips-missing",
                            "Nobody said what the strips resist: the shares are those on a plate, on strips they are less even."));
        }
        Carrying worst = figures.worst();
        if (worst.currentA() != null) {
            if (asked.cellLimitA() == null) {
                findings.add(Finding.care(
                        "pack-cell-limit-missing", "Nobody said what a cell may carry: its sheet tells it."));
            } else if (worst.currentA().compareTo(asked.cellLimitA()) > 0) {
                findings.add(new Finding(
                        "pack-cell-over",
                        Weight.STOP,
                        Quantity.of(worst.currentA(), "A"),
                        null,
                        "Refused: %s would carry %s, at most %s."
                                .formatted(
                                        worst.id(),
                                        Figures.withUnit(worst.currentA(), "A"),
                                        Figures.withUnit(asked.cellLimitA(), "A"))));
            }
        }
        if (figures.yearsToImbalance() != null) {
            findings.add(new Finding(
                    "pack-drifts",
                    Weight.NOTE,
                    Quantity.of(figures.yearsToImbalance(), "years"),
                    limits.applied(Limit.SPREAD_GUARDED_MV),
                    "By what its cells lose, its groups are apart by %s after %s."
                            .formatted(
                                    Figures.withUnit(limits.of(Limit.SPREAD_GUARDED_MV), "mV"),
                                    Figures.withUnit(figures.yearsToImbalance(), "years"))));
        }
        return findings;
    }

    private static Working working(PackFigures figures, List<Solved> solved, Request asked) {
        List<String> lines = new ArrayList<>();
        lines.add("usable = smallest group = %s; × %s × %s = %s"
                .formatted(
                        Figures.withUnit(figures.usableAh(), "Ah"),
                        solved.size(),
                        Figures.withUnit(asked.nominalCellV(), "V"),
                        Figures.energy(figures.usableWh())));
        solved.forEach(group -> lines.add("group %s: %s in parallel resist %s"
                .formatted(group.number(), group.cells().size(), Figures.withUnit(group.mohm(), 2, "mΩ"))));
        lines.add("pack = groups + %s · %s = %s"
                .formatted(
                        solved.size() - 1,
                        Figures.withUnit(asked.strips().between(), 2, "mΩ"),
                        Figures.withUnit(figures.resistanceMohm(), "mΩ")));
        lines.add("%s of group %s carries %s of it, %s × an even share"
                .formatted(
                        figures.worst().id(),
                        figures.worst().group(),
                        Figures.of(figures.worst().share()),
                        Figures.of(figures.worst().timesEven())));
        return new Working(lines);
    }
}
