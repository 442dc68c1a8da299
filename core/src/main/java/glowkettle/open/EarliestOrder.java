package glowkettle.open;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Finds what the cheapest order costs, then the lexicographically smallest of all cheapest orders, step by step: asking
 * the same search whether each earlier operation still leads to the optimum.
 */
final class EarliestOrder {
    private final Problem problem;
    private final Hands hands;
    private final Search search;

    /** What is left of an order that is known to be cheapest. */
    private List<Integer> known = List.of();

    private EarliestOrder(Problem problem) {
        this.problem = problem;
        hands = new Hands(problem);
        search = new Search(problem, hands);
    }

    /** The best order, or null when it costs more than the best other way known. */
    static @Nullable Solution of(Problem problem, long noMoreThan) {
        return new EarliestOrder(problem)
                .solve(noMoreThan == Long.MAX_VALUE ? noMoreThan : noMoreThan - problem.minuteUnits);
    }

    private @Nullable Solution solve(long budget) {
        return switch (search.cheapest(new Search.Start(0, 0, 0, 0), budget)) {
            case TOO_DEAR -> null;
            case GAVE_UP -> unproven(Math.max(search.atLeast(0, 0, 0), search.notRuledOut()));
            case FOUND -> {
                long optimum = search.cost();
                int[] order = earliest(optimum);
                yield order == null
                        ? unproven(optimum)
                        : new Solution(problem, order, true, optimum, search.statesLookedAt());
            }
        };
    }

    private Solution unproven(long least) {
        return new Solution(problem, greedy(), false, least, search.statesLookedAt());
    }

    /** Null when the search for it had to be given up. */
    private int @Nullable [] earliest(long optimum) {
        int[] order = new int[problem.size()];
        Search.Start at = new Search.Start(0, 0, 0, 0);
        known = search.order();
        for (int k = 0; k < order.length; k++) {
            int next = earliestStep(at, optimum - at.paid());
            if (next < 0) {
                return null;
            }
            order[k] = next;
            known.remove((Integer) next);
            at = after(at, next);
        }
        return order;
    }

    private int earliestStep(Search.Start at, long left) {
        for (int i : problem.byPosition) {
            if (hands.isOpen(at.done(), i)) {
                Search.Answer answer = leadsOn(at, i, left);
                if (answer != Search.Answer.TOO_DEAR) {
                    return answer == Search.Answer.FOUND ? i : -1;
                }
            }
        }
        throw new IllegalStateException("No operation leads on to the optimum that was proven");
    }

    private Search.Answer leadsOn(Search.Start at, int i, long left) {
        List<Integer> moved = inHandFirst(at, i);
        if (cost(at, moved) <= left) {
            known = moved;
            return Search.Answer.FOUND;
        }
        Search.Start next = after(at, i);
        long budget = left - (next.paid() - at.paid());
        if (budget < search.atLeast(next.done(), next.tool(), next.side())) {
            return Search.Answer.TOO_DEAR;
        }
        Search.Answer answer = search.cheapest(next, budget);
        if (answer == Search.Answer.FOUND) {
            known = search.order();
            known.addFirst(i);
        }
        return answer;
    }

    /** An operation first, then the order that is known, doing at each of its hands whatever is free. */
    private List<Integer> inHandFirst(Search.Start from, int first) {
        List<Integer> order = new ArrayList<>();
        order.add(first);
        int tool = hands.heldAfter(from.tool(), first);
        int side = hands.upAfter(from.side(), first);
        long done = hands.settle(from.done() | 1L << first, tool, side, order);
        for (int i : known) {
            if ((done >> i & 1) == 0) {
                tool = hands.heldAfter(tool, i);
                side = hands.upAfter(side, i);
                order.add(i);
                done = hands.settle(done | 1L << i, tool, side, order);
            }
        }
        return order;
    }

    private long cost(Search.Start from, List<Integer> order) {
        Search.Start at = from;
        for (int i : order) {
            at = after(at, i);
        }
        return at.paid() - from.paid();
    }

    private Search.Start after(Search.Start at, int i) {
        return new Search.Start(
                at.done() | 1L << i,
                hands.heldAfter(at.tool(), i),
                hands.upAfter(at.side(), i),
                at.paid() + hands.stepCost(at.done(), at.tool(), at.side(), i));
    }

    private int[] greedy() {
        int[] order = new int[problem.size()];
        Search.Start at = new Search.Start(0, 0, 0, 0);
        for (int k = 0; k < order.length; k++) {
            int best = -1;
            long least = Long.MAX_VALUE;
            for (int i = 0; i < problem.size(); i++) {
                long cost = hands.stepCost(at.done(), at.tool(), at.side(), i);
                if (hands.isOpen(at.done(), i) && cost < least) {
                    best = i;
                    least = cost;
                }
            }
            order[k] = best;
            at = after(at, best);
        }
        return order;
    }
}
