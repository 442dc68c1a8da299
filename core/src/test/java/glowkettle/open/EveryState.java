package glowkettle.open;

import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Side;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * An oracle for teardowns too long to walk every order: the least that is still to be paid from every state, by the words
 * of the handbook, with no rule of what may be left out and no bound. Shares nothing with the search.
 */
final class EveryState {
    private final List<Operation> operations;
    private final BigDecimal bit;
    private final BigDecimal flip;
    private final BigDecimal liveWeight;
    private final Operation disconnect;
    private final long onTheWay;
    private final Map<State, BigDecimal> least = new HashMap<>();

    private record State(
            long done, @Nullable String tool, @Nullable Side side) {}

    private EveryState(List<Operation> operations, ShopLimits limits) {
        this.operations = operations;
        bit = limits.of(Limit.BIT_CHANGE_MINUTES);
        flip = limits.of(Limit.FLIP_MINUTES);
        liveWeight = limits.of(Limit.LIVE_WEIGHT);
        disconnect = operations.stream()
                .filter(operation -> operation.kind().disconnects())
                .findFirst()
                .orElseThrow();
        onTheWay = withAncestors(operations.indexOf(disconnect));
    }

    static Exhaustion.Best best(Teardown.Request request, ShopLimits limits) {
        EveryState every = new EveryState(request.operations(), limits);
        List<String> order = new ArrayList<>();
        State at = new State(0, null, null);
        BigDecimal cost = every.least(at);
        while (order.size() < request.operations().size()) {
            int next = every.firstOfTheCheapest(at);
            order.add(request.operations().get(next).id());
            at = every.after(at, next);
        }
        return new Exhaustion.Best(order, cost);
    }

    private BigDecimal least(State at) {
        BigDecimal known = least.get(at);
        if (known == null) {
            int next = firstOfTheCheapest(at);
            known = next < 0 ? BigDecimal.ZERO : cost(at, next).add(least(after(at, next)));
            least.put(at, known);
        }
        return known;
    }

    /** In the order of the model's list; −1 when all is done. */
    private int firstOfTheCheapest(State at) {
        int first = -1;
        BigDecimal cheapest = null;
        for (int i = 0; i < operations.size(); i++) {
            if (mayBeNext(at.done(), i)) {
                BigDecimal cost = cost(at, i).add(least(after(at, i)));
                if (cheapest == null || cost.compareTo(cheapest) < 0) {
                    first = i;
                    cheapest = cost;
                }
            }
        }
        return first;
    }

    private boolean mayBeNext(long done, int i) {
        Operation operation = operations.get(i);
        boolean tooEarly = operation.isInside() && (onTheWay >> i & 1) == 0 && isConnected(done);
        return (done >> i & 1) == 0
                && !tooEarly
                && operation.order().after().stream().allMatch(id -> isDone(done, id));
    }

    private BigDecimal cost(State at, int i) {
        Operation operation = operations.get(i);
        boolean change = at.tool() != null
                && operation.handling().tool() != null
                && !at.tool().equals(operation.handling().tool());
        boolean turn = at.side() != null
                && operation.handling().side() != null
                && at.side() != operation.handling().side();
        return operation
                .minutes()
                .add(change ? bit : BigDecimal.ZERO)
                .add(turn ? flip : BigDecimal.ZERO)
                .add(isLive(at.done(), operation) ? liveWeight.multiply(operation.minutes()) : BigDecimal.ZERO);
    }

    private boolean isLive(long done, Operation operation) {
        if (!isConnected(done)) {
            return false;
        }
        if (disconnect.kind() == OperationKind.LIFT_DOCKED_PACK_OUT) {
            return operation.isInside() && operation != disconnect;
        }
        return operation.isInside()
                || operations.stream().anyMatch(other -> other.isInside() && isDone(done, other.id()));
    }

    private State after(State at, int i) {
        Operation operation = operations.get(i);
        return new State(
                at.done() | 1L << i,
                operation.handling().tool() == null
                        ? at.tool()
                        : operation.handling().tool(),
                operation.handling().side() == null
                        ? at.side()
                        : operation.handling().side());
    }

    private boolean isConnected(long done) {
        return !isDone(done, disconnect.id());
    }

    private boolean isDone(long done, String id) {
        return (done >> position(id) & 1) == 1;
    }

    private int position(String id) {
        for (int i = 0; i < operations.size(); i++) {
            if (operations.get(i).id().equals(id)) {
                return i;
            }
        }
        throw new IllegalArgumentException(id);
    }

    private long withAncestors(int i) {
        long bits = 1L << i;
        for (String id : operations.get(i).order().after()) {
            bits |= withAncestors(position(id));
        }
        return bits;
    }
}
