package glowkettle.match;

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
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A used pack that still works and has weak groups: which of them get new cells. A group is mended whole; fresh cells beside used
 * ones carry more than their share and are refused where it is too much. Source: handbook, Match; shares by Kirchhoff.
 *
 * @param mend groups to be mended, weakest first
 * @param usableMah as it is
 * @param thenMah when they are mended
 * @param mixed one fresh cell beside the used ones of the weakest group; null where no group is weak
 */
public record Mending(
        List<Integer> mend,
        BigDecimal usableMah,
        BigDecimal thenMah,
        @Nullable Mixed mixed) {
    private static final int MOST_GROUPS = 20;

    /** A group as it was measured. */
    public record Group(
            @Says("Capacity") @Within(min = "0", max = "10000000", unit = "mAh")
            BigDecimal capacityMah,

            @Says("Resistance") @Within(min = "0.01", max = "100000", unit = "mΩ")
            BigDecimal resistanceMohm) {}

    /** The pack, and the cell that would go in. */
    public record Request(
            @Says("Groups") List<Group> groups,

            @Says("Cells in parallel") @Within(min = "1", max = "100", whole = true)
            BigDecimal parallel,

            @Says("Fresh cell, capacity") @Within(min = "1", max = "1000000", unit = "mAh")
            BigDecimal freshMah,

            @Says("Fresh cell, resistance") @Within(min = "0.01", max = "100000", unit = "mΩ")
            BigDecimal freshMohm) {
        public Request {
            groups = List.copyOf(groups);
        }
    }

    /**
     * One fresh cell beside the used ones of its group.
     *
     * @param timesEven what the fresh one carries against an even share
     */
    public record Mixed(int group, BigDecimal timesEven, boolean refused) {}

    public Mending {
        mend = List.copyOf(mend);
    }

    public static Result<Mending> of(Request asked, ShopLimits limits) {
        List<Group> groups = asked.groups();
        if (groups.isEmpty() || groups.size() > MOST_GROUPS) {
            throw new Unanswerable("groups", "%s groups; accepted is 1 to %s".formatted(groups.size(), MOST_GROUPS));
        }
        BigDecimal median = Objects.requireNonNull(
                Median.of(groups.stream().map(Group::capacityMah).toList()));
        BigDecimal least = median.multiply(limits.of(Limit.WEAK_GROUP_PERCENT)).movePointLeft(2);
        List<Integer> weak = IntStream.range(0, groups.size())
                .filter(index -> groups.get(index).capacityMah().compareTo(least) < 0)
                .boxed()
                .sorted(Comparator.comparing(
                        (Integer index) -> groups.get(index).capacityMah()))
                .toList();
        BigDecimal fresh = asked.freshMah().multiply(asked.parallel());
        BigDecimal usable = groups.stream()
                .map(Group::capacityMah)
                .min(BigDecimal::compareTo)
                .orElseThrow();
        BigDecimal then = IntStream.range(0, groups.size())
                .mapToObj(index ->
                        weak.contains(index) ? fresh : groups.get(index).capacityMah())
                .min(BigDecimal::compareTo)
                .orElseThrow();
        Mixed mixed = weak.isEmpty() ? null : mixed(weak.getFirst(), asked, limits);
        List<Finding> findings = new ArrayList<>();
        weak.forEach(index -> findings.add(new Finding(
                "group-weak",
                Weight.CARE,
                Quantity.of(groups.get(index).capacityMah(), "mAh"),
                limits.applied(Limit.WEAK_GROUP_PERCENT),
                "Group %s has %s, the median group %s: all of its cells are taken out."
                        .formatted(
                                index + 1,
                                Figures.withUnit(groups.get(index).capacityMah(), "mAh"),
                                Figures.withUnit(median, "mAh")))));
        if (mixed != null && mixed.refused()) {
            findings.add(new Finding(
                    "group-mixed",
                    Weight.STOP,
                    Quantity.of(mixed.timesEven(), "×"),
                    limits.applied(Limit.CELL_SHARE_MOST),
                    "Refused: a fresh cell beside the used ones of group %s would carry %s × its share, at most %s."
                            .formatted(
                                    mixed.group(),
                                    Figures.of(mixed.timesEven()),
                                    limits.applied(Limit.CELL_SHARE_MOST))));
        }
        return new Result<>(
                new Mending(weak.stream().map(index -> index + 1).toList(), usable, then, mixed),
                findings,
                working(asked, median, least, mixed));
    }

    /** A used cell of the group resists what the group does times the cells it has. */
    private static Mixed mixed(int index, Request asked, ShopLimits limits) {
        int parallel = asked.parallel().intValue();
        double used = asked.groups().get(index).resistanceMohm().doubleValue() * parallel;
        double fresh = asked.freshMohm().doubleValue();
        double share = 1 / fresh / (1 / fresh + (parallel - 1) / used);
        BigDecimal times = Figures.round(share * parallel, 3);
        return new Mixed(index + 1, times, times.compareTo(limits.of(Limit.CELL_SHARE_MOST)) > 0);
    }

    private static Working working(Request asked, BigDecimal median, BigDecimal least, @Nullable Mixed mixed) {
        List<String> lines = new ArrayList<>();
        lines.add("weak under %s of the median %s"
                .formatted(Figures.withUnit(least, "mAh"), Figures.withUnit(median, "mAh")));
        if (mixed != null) {
            Group group = asked.groups().get(mixed.group() - 1);
            lines.add("used cell %s · %s; fresh %s: share (1/R) · %s = %s"
                    .formatted(
                            Figures.withUnit(group.resistanceMohm(), "mΩ"),
                            asked.parallel(),
                            Figures.withUnit(asked.freshMohm(), "mΩ"),
                            asked.parallel(),
                            Figures.of(mixed.timesEven())));
        }
        return new Working(lines);
    }
}
