package glowkettle.app.open;

import glowkettle.finding.Flat;
import glowkettle.finding.Result;
import glowkettle.open.TeardownPlan;
import java.math.BigDecimal;
import java.util.List;

/**
 * A plan for readers outside: the order by ids, the kit to lay out, the cost and its parts, and why each step stands where
 * it stands.
 */
public record TeardownAnswer(
        List<String> order,
        List<String> kit,
        @Flat TeardownPlan.Cost cost,
        boolean proven,
        BigDecimal leastCostMinutes,
        List<Step> steps) {
    /** One operation in its place. */
    public record Step(String id, String label, boolean bitChange, boolean flip, boolean live, String why) {}

    static Result<TeardownAnswer> of(Result<TeardownPlan> planned) {
        TeardownPlan plan = planned.result();
        return new Result<>(
                new TeardownAnswer(
                        plan.order(),
                        plan.kit(),
                        plan.cost(),
                        plan.proven(),
                        plan.leastCostMinutes(),
                        plan.steps().stream()
                                .map(step -> new Step(
                                        step.operation().id(),
                                        step.operation().label(),
                                        step.bitChange(),
                                        step.flip(),
                                        step.live(),
                                        step.why()))
                                .toList()),
                planned.findings(),
                planned.working());
    }
}
