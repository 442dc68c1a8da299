package glowkettle.open;

import glowkettle.library.Operation;
import java.math.BigDecimal;
import java.util.List;

/**
 * The order of a teardown with what it costs.
 *
 * @param leastCostMinutes what any order must cost; equals the cost when proven
 */
public record TeardownPlan(
        List<Step> steps, Cost cost, boolean proven, BigDecimal leastCostMinutes, long statesLookedAt) {
    public TeardownPlan {
        steps = List.copyOf(steps);
    }

    /** The cost with its parts. */
    public record Cost(BigDecimal costMinutes, BigDecimal minutes, int bitChanges, int flips, BigDecimal liveMinutes) {}

    /** One operation in its place. */
    public record Step(Operation operation, boolean bitChange, boolean flip, boolean live, String why) {}

    public List<String> order() {
        return steps.stream().map(step -> step.operation().id()).toList();
    }

    /** Bits and tools to lay out before the first screw, in the order of use. */
    public List<String> kit() {
        return steps.stream()
                .map(step -> step.operation().handling().tool())
                .filter(java.util.Objects::nonNull)
                .distinct()
                .toList();
    }
}
