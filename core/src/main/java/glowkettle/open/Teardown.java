package glowkettle.open;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Working;
import glowkettle.library.Operation;
import glowkettle.library.Skill;
import glowkettle.limits.Remembered;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The cheapest safe order of a teardown, proven to be so:
 * {@code cost = Σ minutes + t_bit · bit changes + t_flip · flips + w_live · live minutes}. Only what the targets need is
 * kept, and always the disconnect; what works inside and is no ancestor of the disconnect comes after it. Of several ways
 * to do one thing the cheapest that the technician's skill allows is taken; ties go to the sequence earliest in the
 * model's list. Source: handbook, Open.
 */
public final class Teardown {
    private static final int MOST_OPERATIONS = 63;

    private Teardown() {}

    /** What to plan. */
    public record Request(
            List<Operation> operations,

            @Says(value = "Ids of the operations to reach", longest = 40)
            List<String> targets,

            @Says("Skill at the bench; expert when not said") @Nullable
            Skill skill) {
        public Request {
            operations = List.copyOf(operations);
            targets = List.copyOf(targets);
        }
    }

    private static final Remembered<Request, Result<TeardownPlan>> PLANS = new Remembered<>(400, Teardown::cheapest);

    public static Result<TeardownPlan> plan(Request request, ShopLimits limits) {
        return PLANS.of(request, limits);
    }

    private static Result<TeardownPlan> cheapest(Request request, ShopLimits limits) {
        if (request.operations().isEmpty() || request.operations().size() > MOST_OPERATIONS) {
            throw new Unanswerable(
                    "operations",
                    "%s operations given; 1 to %s can be planned"
                            .formatted(request.operations().size(), MOST_OPERATIONS));
        }
        PlanCosts costs = PlanCosts.of(limits);
        Solution best = null;
        for (List<Operation> way : Choices.ways(request)) {
            if (!Choices.reaches(way, request)) {
                continue;
            }
            Problem problem = Problem.of(way, request.operations(), request.targets(), costs);
            Solution solution = EarliestOrder.of(problem, best == null ? Long.MAX_VALUE : best.cost());
            if (solution != null && (best == null || solution.isBetterThan(best))) {
                best = solution;
            }
        }
        if (best == null) {
            throw new Unanswerable("operations", "No order satisfies every prerequisite");
        }
        TeardownPlan plan = best.describe();
        List<Finding> findings = new ArrayList<>();
        findings.add(
                plan.proven()
                        ? Finding.note("plan-optimal", "No other order costs less.")
                        : Finding.care(
                                "plan-not-proven",
                                "A good order, but not proven the best: at least %s is needed."
                                        .formatted(Figures.withUnit(plan.leastCostMinutes(), "min"))));
        return new Result<>(plan, findings, working(plan, costs));
    }

    private static Working working(TeardownPlan plan, PlanCosts costs) {
        BigDecimal minutes = plan.cost().minutes();
        return Working.of(
                "cost = %s + %s bit changes · %s + %s flips · %s + %s live · %s = %s"
                        .formatted(
                                Figures.withUnit(minutes, "min"),
                                plan.cost().bitChanges(),
                                Figures.withUnit(costs.bitMinutes(), "min"),
                                plan.cost().flips(),
                                Figures.withUnit(costs.flipMinutes(), "min"),
                                Figures.withUnit(plan.cost().liveMinutes(), "min"),
                                Figures.of(costs.liveWeight()),
                                Figures.withUnit(plan.cost().costMinutes(), "min")),
                plan.proven()
                        ? "Proven by exhausting every cheaper order (%s states looked at)."
                                .formatted(plan.statesLookedAt())
                        : "The search was stopped after %s states.".formatted(plan.statesLookedAt()));
    }
}
