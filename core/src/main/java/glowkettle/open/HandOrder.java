package glowkettle.open;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.finding.Working;
import glowkettle.library.Operation;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.stream.IntStream;

/**
 * An order laid down by hand: what it breaks, and what it costs more than the best one. An order that breaks something is
 * told all of it and never worked by.
 *
 * @param dearerMinutes than the plan's own order; how it compares while it breaks something says nothing
 */
public record HandOrder(TeardownPlan plan, boolean breaks, BigDecimal dearerMinutes) {
    /** The teardown, and the order asked about. */
    public record Request(
            Teardown.Request teardown,

            @Says(value = "Ids of the plan's steps, in the order wanted", longest = 40)
            List<String> order) {
        public Request {
            order = List.copyOf(order);
        }
    }

    public static Result<HandOrder> of(Request request, ShopLimits limits) {
        TeardownPlan best = Teardown.plan(request.teardown(), limits).result();
        List<String> wanted = request.order();
        if (wanted.size() != best.order().size() || !new HashSet<>(wanted).equals(new HashSet<>(best.order()))) {
            throw new Unanswerable(
                    "order", "%s must name each of the plan's steps once: %s".formatted(wanted, best.order()));
        }
        List<Operation> way =
                best.steps().stream().map(TeardownPlan.Step::operation).toList();
        Problem problem = Problem.of(
                way, request.teardown().operations(), request.teardown().targets(), PlanCosts.of(limits));
        int[] order = wanted.stream()
                .mapToInt(id -> IntStream.range(0, problem.size())
                        .filter(i -> problem.operations.get(i).id().equals(id))
                        .findFirst()
                        .orElseThrow())
                .toArray();
        List<Finding> findings = breaks(problem, order);
        TeardownPlan plan = new Solution(problem, order, false, 0, 0).describe();
        BigDecimal dearer = plan.cost().costMinutes().subtract(best.cost().costMinutes());
        boolean breaks = !findings.isEmpty();
        if (!breaks && dearer.signum() > 0) {
            findings.add(new Finding(
                    "order-dearer",
                    Weight.NOTE,
                    Quantity.of(dearer, "min"),
                    null,
                    "By hand: it costs this much more than the plan's own order."));
        }
        return new Result<>(
                new HandOrder(plan, breaks, dearer),
                findings,
                Working.of("%s by hand − %s by the plan = %s"
                        .formatted(
                                Figures.withUnit(plan.cost().costMinutes(), "min"),
                                Figures.withUnit(best.cost().costMinutes(), "min"),
                                Figures.withUnit(dearer, "min"))));
    }

    private static List<Finding> breaks(Problem problem, int[] order) {
        List<Finding> findings = new ArrayList<>();
        long done = 0;
        for (int i : order) {
            for (long missing = problem.before[i] & ~done; missing != 0; missing &= missing - 1) {
                int before = Long.numberOfTrailingZeros(missing);
                boolean hard = before == problem.disconnect && (problem.inside >> i & 1) == 1;
                findings.add(Finding.stop(
                        hard ? "order-live" : "order-breaks",
                        hard
                                ? "“%s” works inside the device and must wait until the pack is disconnected."
                                        .formatted(problem.operations.get(i).label())
                                : "“%s” cannot be done before “%s”."
                                        .formatted(
                                                problem.operations.get(i).label(),
                                                problem.operations.get(before).label())));
            }
            done |= 1L << i;
        }
        return findings;
    }
}
