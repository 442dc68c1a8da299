package glowkettle.open;

import glowkettle.library.Operation;
import glowkettle.library.Side;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The oracle of the planner: walks every order there is, in the order of the model's list, and costs each by the words
 * of the handbook, sharing nothing with the search.
 */
final class Exhaustion {
    private final List<Operation> operations;
    private final ShopLimits limits;
    private final Operation disconnect;
    private final Set<String> ancestors = new HashSet<>();
    private @Nullable Best best;

    record Best(List<String> order, BigDecimal costMinutes) {}

    private Exhaustion(List<Operation> operations, ShopLimits limits) {
        this.operations = operations;
        this.limits = limits;
        this.disconnect = operations.stream()
                .filter(op -> op.kind().disconnects())
                .findFirst()
                .orElseThrow();
        collect(disconnect);
    }

    static Best best(Teardown.Request request, ShopLimits limits) {
        Exhaustion exhaustion = new Exhaustion(request.operations(), limits);
        exhaustion.extend(new ArrayList<>(), new HashSet<>());
        return java.util.Objects.requireNonNull(exhaustion.best);
    }

    private void collect(Operation operation) {
        for (String id : operation.order().after()) {
            ancestors.add(id);
            collect(operations.stream()
                    .filter(op -> op.id().equals(id))
                    .findFirst()
                    .orElseThrow());
        }
    }

    private void extend(List<Operation> order, Set<String> done) {
        if (order.size() == operations.size()) {
            BigDecimal cost = cost(order);
            if (best == null || cost.compareTo(best.costMinutes()) < 0) {
                best = new Best(order.stream().map(Operation::id).toList(), cost);
            }
            return;
        }
        for (Operation next : operations) {
            boolean tooEarly = next.isInside()
                    && next != disconnect
                    && !ancestors.contains(next.id())
                    && !done.contains(disconnect.id());
            if (!done.contains(next.id()) && done.containsAll(next.order().after()) && !tooEarly) {
                order.add(next);
                done.add(next.id());
                extend(order, done);
                order.removeLast();
                done.remove(next.id());
            }
        }
    }

    private BigDecimal cost(List<Operation> order) {
        BigDecimal cost = BigDecimal.ZERO;
        String tool = null;
        Side side = null;
        int firstInside = order.size();
        for (int i = order.size() - 1; i >= 0; i--) {
            firstInside = order.get(i).isInside() ? i : firstInside;
        }
        int plug = order.indexOf(disconnect);
        for (int i = 0; i < order.size(); i++) {
            Operation op = order.get(i);
            cost = cost.add(op.minutes());
            if (op.handling().tool() != null) {
                cost = tool != null && !tool.equals(op.handling().tool())
                        ? cost.add(limits.of(Limit.BIT_CHANGE_MINUTES))
                        : cost;
                tool = op.handling().tool();
            }
            if (op.handling().side() != null) {
                cost = side != null && side != op.handling().side() ? cost.add(limits.of(Limit.FLIP_MINUTES)) : cost;
                side = op.handling().side();
            }
            if (i >= firstInside && i <= plug) {
                cost = cost.add(limits.of(Limit.LIVE_WEIGHT).multiply(op.minutes()));
            }
        }
        return cost;
    }
}
