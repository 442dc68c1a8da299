package glowkettle.open;

import glowkettle.finding.Unanswerable;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Side;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A teardown in the form the search works on: operations are bits of a {@code long} in the order of the model's list,
 * tools and sides are small numbers with 0 for none, costs are whole units.
 */
final class Problem {
    final List<Operation> operations;
    final int[] positionInModel;
    final long[] before;
    /** All that must come before an operation, however many steps away. */
    final long[] ancestors;
    /** All that must wait for an operation. */
    final long[] descendants;

    final int[] tool;
    final int[] side;
    final int tools;
    final int sides;
    final long[] liveUnits;
    final long inside;
    final int disconnect;
    final boolean docked;
    /** The disconnect and everything that must come before it. */
    final long towardsDisconnect;
    /** What is live in every order: what works inside on the way to the disconnect, and all that must follow it. */
    final long alwaysLive;

    final long bitUnits;
    final long flipUnits;
    final long minuteUnits;

    /** The operations in the order of the model's list. */
    final int[] byPosition;

    static Problem of(List<Operation> way, List<Operation> model, List<String> targets, PlanCosts costs) {
        List<Operation> listed =
                way.stream().sorted(Comparator.comparingInt(model::indexOf)).toList();
        Map<String, Integer> byName = names(listed);
        long[] before = prerequisites(listed, byName, model);
        int disconnect = disconnectOf(listed);
        long wanted = 1L << disconnect;
        for (String target : targets) {
            Integer index = byName.get(target);
            if (index == null) {
                throw new Unanswerable("targets", "'%s' is no operation of this model".formatted(target));
            }
            wanted |= 1L << index;
        }
        long onTheWay = closure(1L << disconnect, before);
        for (int i = 0; i < before.length; i++) {
            if (listed.get(i).isInside() && (onTheWay >> i & 1) == 0) {
                before[i] |= 1L << disconnect;
            }
        }
        List<Integer> order = sortedByPrerequisites(listed, before);
        long needed = closure(wanted, before);
        List<Integer> kept = order.stream().filter(i -> (needed >> i & 1) == 1).toList();
        return new Problem(listed, model, kept, before, disconnect, costs);
    }

    /** Operations are numbered so that each stands behind its prerequisites: one pass in that order settles a closure. */
    private Problem(
            List<Operation> listed,
            List<Operation> model,
            List<Integer> kept,
            long[] allBefore,
            int disconnectIndex,
            PlanCosts costs) {
        int n = kept.size();
        operations = kept.stream().map(listed::get).toList();
        positionInModel = operations.stream().mapToInt(model::indexOf).toArray();
        byPosition = IntStream.range(0, n)
                .boxed()
                .sorted(Comparator.comparingInt(i -> positionInModel[i]))
                .mapToInt(Integer::intValue)
                .toArray();
        before = new long[n];
        ancestors = new long[n];
        descendants = new long[n];
        tool = new int[n];
        side = new int[n];
        liveUnits = new long[n];
        disconnect = kept.indexOf(disconnectIndex);
        docked = operations.get(disconnect).kind() == OperationKind.LIFT_DOCKED_PACK_OUT;
        List<String> toolNames = new ArrayList<>();
        long insideBits = 0;
        long minutes = 0;
        for (int i = 0; i < n; i++) {
            Operation operation = operations.get(i);
            for (int k = 0; k < n; k++) {
                before[i] |= (allBefore[kept.get(i)] >> kept.get(k) & 1) << k;
            }
            String name = operation.handling().tool();
            if (name != null && !name.isBlank()) {
                if (!toolNames.contains(name)) {
                    toolNames.add(name);
                }
                tool[i] = toolNames.indexOf(name) + 1;
            }
            side[i] = operation.handling().side() == null
                    ? 0
                    : operation.handling().side().ordinal() + 1;
            liveUnits[i] = PlanCosts.units(operation.minutes().multiply(costs.liveWeight()));
            minutes += PlanCosts.units(operation.minutes());
            insideBits |= operation.isInside() ? 1L << i : 0;
        }
        for (int i = 0; i < n; i++) {
            ancestors[i] = closure(before[i], before);
            for (long rest = ancestors[i]; rest != 0; rest &= rest - 1) {
                descendants[Long.numberOfTrailingZeros(rest)] |= 1L << i;
            }
        }
        tools = toolNames.size();
        sides = Side.values().length;
        inside = insideBits;
        minuteUnits = minutes;
        towardsDisconnect = closure(1L << disconnect, before);
        alwaysLive = liveInEveryOrder();
        bitUnits = PlanCosts.units(costs.bitMinutes());
        flipUnits = PlanCosts.units(costs.flipMinutes());
    }

    int size() {
        return before.length;
    }

    long all() {
        return size() == 64 ? -1L : (1L << size()) - 1;
    }

    /** What one operation adds to the live minutes when done now. */
    long liveCost(long done, int operation) {
        boolean onTheWay = (towardsDisconnect >> operation & 1) == 1;
        boolean isInside = (inside >> operation & 1) == 1;
        if (docked) {
            return onTheWay && isInside && operation != disconnect ? liveUnits[operation] : 0;
        }
        return !isDisconnected(done) && (isInside || liveStarted(done)) ? liveUnits[operation] : 0;
    }

    boolean liveStarted(long done) {
        return (done & inside) != 0 && !isDisconnected(done);
    }

    boolean isDisconnected(long done) {
        return (done >> disconnect & 1) == 1;
    }

    private long liveInEveryOrder() {
        long live = 0;
        for (int i = 0; i < size(); i++) {
            long reach = closure(1L << i, before);
            boolean onTheWay = (towardsDisconnect >> i & 1) == 1;
            boolean counted = docked ? (inside >> i & 1) == 1 && i != disconnect : (reach & inside) != 0;
            if (onTheWay && counted) {
                live |= 1L << i;
            }
        }
        return live;
    }

    private static Map<String, Integer> names(List<Operation> ordered) {
        Map<String, Integer> byName = new HashMap<>();
        for (int i = 0; i < ordered.size(); i++) {
            Operation operation = ordered.get(i);
            if (byName.put(operation.id(), i) != null) {
                throw new Unanswerable("operations", "The id '%s' is used twice".formatted(operation.id()));
            }
            if (operation.order().choice() != null) {
                byName.put(operation.order().choice(), i);
            }
        }
        return byName;
    }

    private static long[] prerequisites(List<Operation> ordered, Map<String, Integer> byName, List<Operation> model) {
        long[] before = new long[ordered.size()];
        for (int i = 0; i < before.length; i++) {
            Operation operation = ordered.get(i);
            for (String name : operation.order().after()) {
                Integer index = byName.get(name);
                boolean leftOut = index == null
                        && model.stream().anyMatch(other -> other.id().equals(name));
                if (index == null && !leftOut) {
                    throw new Unanswerable(
                            "operations",
                            "'%s' comes after '%s', which is no operation of this model"
                                    .formatted(operation.id(), name));
                }
                if (index != null) {
                    before[i] |= 1L << index;
                }
            }
        }
        return before;
    }

    private static int disconnectOf(List<Operation> ordered) {
        List<Operation> found = ordered.stream()
                .filter(operation -> operation.kind().disconnects())
                .toList();
        if (found.size() != 1) {
            throw new Unanswerable(
                    "operations", "%s operations disconnect the pack; exactly one must".formatted(found.size()));
        }
        return ordered.indexOf(found.getFirst());
    }

    private static long closure(long wanted, long[] before) {
        long needed = wanted;
        long pending = wanted;
        while (pending != 0) {
            int next = Long.numberOfTrailingZeros(pending);
            pending &= pending - 1;
            long more = before[next] & ~needed;
            needed |= more;
            pending |= more;
        }
        return needed;
    }

    private static List<Integer> sortedByPrerequisites(List<Operation> listed, long[] before) {
        List<Integer> order = new ArrayList<>();
        long done = 0;
        boolean moved = true;
        while (moved) {
            moved = false;
            for (int i = 0; i < before.length; i++) {
                if ((done >> i & 1) == 0 && (before[i] & ~done) == 0) {
                    order.add(i);
                    done |= 1L << i;
                    moved = true;
                }
            }
        }
        if (order.size() < before.length) {
            String circle = IntStream.range(0, before.length)
                    .filter(i -> !order.contains(i))
                    .mapToObj(i -> listed.get(i).id())
                    .collect(Collectors.joining(", "));
            throw new Unanswerable("operations", "These wait for each other in a circle: " + circle);
        }
        return order;
    }
}
