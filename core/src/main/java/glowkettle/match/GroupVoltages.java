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
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The groups of a pack under the meter: none further apart than the shop allows, and together what the pack reads. Source:
 * handbook, Match, After.
 *
 * @param alike both hold
 * @param agrees the groups add up to the pack, as near as the meter reads; where they do not, all is asked for again
 */
public record GroupVoltages(
        BigDecimal apartMv,
        BigDecimal sumV,
        BigDecimal leastV,
        int lowest,
        int highest,
        boolean agrees,
        boolean alike) {
    private static final int MOST_GROUPS = 20;

    /** One reading a group, from minus to plus, and one over all. */
    public record Request(
            @Says("Group voltages, from minus to plus") @Within(min = "0", max = "6", unit = "V")
            List<BigDecimal> groupV,

            @Says("Pack voltage") @Within(min = "0", max = "120", unit = "V")
            BigDecimal packV) {
        public Request {
            groupV = List.copyOf(groupV);
        }
    }

    public static Result<GroupVoltages> of(Request read, ShopLimits limits) {
        List<BigDecimal> groups = read.groupV();
        if (groups.isEmpty() || groups.size() > MOST_GROUPS) {
            throw new Unanswerable("groupV", "%s groups; accepted is 1 to %s".formatted(groups.size(), MOST_GROUPS));
        }
        BigDecimal most = Collections.max(groups);
        BigDecimal least = Collections.min(groups);
        BigDecimal apart = most.subtract(least).movePointRight(3);
        BigDecimal sum = groups.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal off = sum.subtract(read.packV()).abs().movePointRight(3);
        BigDecimal allowed = limits.of(Limit.METER_ERROR_MV).multiply(BigDecimal.valueOf(groups.size() + 1L));
        boolean agrees = off.compareTo(allowed) <= 0;
        boolean within = apart.compareTo(limits.of(Limit.GROUP_APART_MV)) <= 0;
        List<Finding> findings = new ArrayList<>();
        int lowest = groups.indexOf(least) + 1;
        int highest = groups.indexOf(most) + 1;
        if (!agrees) {
            findings.add(new Finding(
                    "groups-do-not-add-up",
                    Weight.STOP,
                    Quantity.of(Figures.plain(off), "mV"),
                    limits.applied(Limit.METER_ERROR_MV),
                    "The groups add up to %s, the pack reads %s: measure all of them again."
                            .formatted(Figures.withUnit(sum, "V"), Figures.withUnit(read.packV(), "V"))));
        }
        if (!within) {
            findings.add(new Finding(
                    "groups-apart",
                    Weight.STOP,
                    Quantity.of(Figures.plain(apart), "mV"),
                    limits.applied(Limit.GROUP_APART_MV),
                    "Group %s and group %s are %s apart, at most %s."
                            .formatted(
                                    lowest,
                                    highest,
                                    Figures.withUnit(Figures.plain(apart), "mV"),
                                    Figures.withUnit(limits.of(Limit.GROUP_APART_MV), "mV"))));
        }
        return new Result<>(
                new GroupVoltages(Figures.plain(apart), sum, least, lowest, highest, agrees, agrees && within),
                findings,
                Working.of(
                        "%s − %s = %s, at most %s"
                                .formatted(
                                        Figures.withUnit(most, "V"),
                                        Figures.withUnit(least, "V"),
                                        Figures.withUnit(Figures.plain(apart), "mV"),
                                        limits.applied(Limit.GROUP_APART_MV)),
                        "sum %s, pack %s: %s apart, at most (%s + 1) · %s"
                                .formatted(
                                        Figures.withUnit(sum, "V"),
                                        Figures.withUnit(read.packV(), "V"),
                                        Figures.withUnit(Figures.plain(off), "mV"),
                                        groups.size(),
                                        limits.applied(Limit.METER_ERROR_MV))));
    }
}
