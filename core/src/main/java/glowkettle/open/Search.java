package glowkettle.open;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Finds the cheapest order by best-first search over sets of operations done, then rebuilds the lexicographically
 * smallest of all cheapest orders, asking the same search whether each earlier operation still leads to the optimum.
 *
 * <p>Whatever can be done with the tool in hand and the side up, without adding live minutes that could be spared, is
 * done at once: moving such an operation forward never costs more, since taking it out of its later place saves at
 * least as much as the change of tool or side around it. Bounds learned by one search serve the next.
 */
final class Search {
    private static final long MOST_STATES = 3_000_000;

    private final Problem problem;
    private final Bounds bounds;
    private final States states = new States();
    private final StateQueue queue = new StateQueue();
    private final long noMoreThan;
    /** {@code [tool held][side up]}: operations that need no other tool and no other side. */
    private final long[][] inHand;

    private int round;
    private int[] metInRound = new int[1024];
    private int met;

    Search(Problem problem, long noMoreThan) {
        this.problem = problem;
        this.bounds = new Bounds(problem);
        this.inHand = new long[problem.tools + 1][problem.sides + 1];
        for (int i = 0; i < problem.size(); i++) {
            for (int tool = 0; tool <= problem.tools; tool++) {
                for (int side = 0; side <= problem.sides; side++) {
                    inHand[tool][side] |= needsNoChange(tool, side, i) ? 1L << i : 0;
                }
            }
        }
        this.noMoreThan = noMoreThan == Long.MAX_VALUE ? Long.MAX_VALUE : noMoreThan - problem.minuteUnits;
    }

    /** The best order, or null when it costs more than the best other way known. */
    @Nullable
    Solution solve() {
        long least = bounds.of(0, 0, 0);
        Answer answer = cheapest(0, 0, 0, noMoreThan);
        if (answer == Answer.TOO_DEAR) {
            return null;
        }
        if (answer == Answer.GAVE_UP) {
            return new Solution(problem, greedyOrder(), false, Math.max(least, queue.leastTotal()), states.size());
        }
        long optimum = found;
        int[] order = earliestOrder(optimum);
        return order == null
                ? new Solution(problem, greedyOrder(), false, optimum, states.size())
                : new Solution(problem, order, true, optimum, states.size());
    }

    private enum Answer {
        FOUND,
        TOO_DEAR,
        GAVE_UP
    }

    /** Cost of the answer found last, and the state it ended in. */
    private long found;

    private int foundState;

    private Answer cheapest(long done, int tool, int side, long budget) {
        round++;
        met = 0;
        queue.clear();
        reach(done, tool, side, 0, budget, -1, 0);
        while (!queue.isEmpty()) {
            long spent = queue.leastSpent();
            long total = queue.leastTotal();
            int state = queue.poll();
            if (states.isClosed(state) || spent > states.spent(state)) {
                continue;
            }
            if (states.done(state) == problem.all()) {
                found = spent;
                foundState = state;
                learn(total);
                return Answer.FOUND;
            }
            states.close(state);
            expand(state, spent, budget);
            if (states.size() > MOST_STATES) {
                return Answer.GAVE_UP;
            }
        }
        learn(budget + 1);
        return Answer.TOO_DEAR;
    }

    private void expand(int state, long spent, long budget) {
        long done = states.done(state);
        int tool = states.tool(state);
        int side = states.side(state);
        long hands = 0;
        for (long rest = problem.all() & ~done; rest != 0; rest &= rest - 1) {
            int i = Long.numberOfTrailingZeros(rest);
            if (!isOpen(done, i)) {
                continue;
            }
            int held = heldAfter(tool, i);
            int up = upAfter(side, i);
            int hand = held * (problem.sides + 1) + up;
            if (hand < Long.SIZE && isFree(done, held, up, i)) {
                // With the same hand all such operations are done at once, so one of them leads where all of them lead.
                if ((hands >> hand & 1) == 1) {
                    continue;
                }
                hands |= 1L << hand;
            }
            reach(done | 1L << i, held, up, spent + stepCost(done, tool, side, i), budget, state, i);
        }
    }

    private int heldAfter(int tool, int i) {
        return problem.tool[i] == 0 ? tool : problem.tool[i];
    }

    private int upAfter(int side, int i) {
        return problem.side[i] == 0 ? side : problem.side[i];
    }

    private void reach(long done, int tool, int side, long spent, long budget, int parent, int by) {
        long settled = settle(done, tool, side, null);
        long cost = spent + settlingCost;
        int state = states.find(settled, tool, side);
        if (states.left(state) < 0) {
            states.proveLeft(state, bounds.of(settled, tool, side));
        }
        long total = cost + states.left(state);
        boolean fresh = states.round(state) != round;
        if (total <= budget && (fresh || cost < states.spent(state))) {
            if (fresh) {
                meet(state);
            }
            states.reach(state, cost, round, parent, by);
            queue.add(total, cost, state);
        }
    }

    /** What {@link #settle} spent last: live minutes that no order spares. */
    private long settlingCost;

    /** Does everything that is free with this hand, and notes the order if it is wanted. */
    private long settle(long done, int tool, int side, @Nullable List<Integer> order) {
        long settled = done;
        long before;
        settlingCost = 0;
        do {
            before = settled;
            for (long rest = inHand[tool][side] & ~settled; rest != 0; rest &= rest - 1) {
                int i = Long.numberOfTrailingZeros(rest);
                if (isOpen(settled, i) && isFree(settled, tool, side, i)) {
                    settlingCost += problem.liveCost(settled, i);
                    settled |= 1L << i;
                    if (order != null) {
                        order.add(i);
                    }
                }
            }
            // Once more only if the disconnect was among them: it sets free what stood before it in the numbering.
        } while (((settled & ~before) >> problem.disconnect & 1) == 1);
        return settled;
    }

    /** The order of the answer found last, from where its search began. */
    private List<Integer> orderFound(long done, int tool, int side) {
        List<Integer> order = new ArrayList<>();
        List<Integer> path = new ArrayList<>();
        for (int state = foundState; state >= 0; state = states.parent(state)) {
            path.addFirst(state);
        }
        settle(done, tool, side, order);
        for (int state : path.subList(1, path.size())) {
            int from = states.parent(state);
            int by = states.by(state);
            order.add(by);
            settle(states.done(from) | 1L << by, states.tool(state), states.side(state), order);
        }
        return order;
    }

    private void meet(int state) {
        if (met == metInRound.length) {
            metInRound = Arrays.copyOf(metInRound, met * 2);
        }
        metInRound[met++] = state;
    }

    /** No way from a state closed in this round can be cheaper than what the round proved, less what was spent. */
    private void learn(long proven) {
        for (int k = 0; k < met; k++) {
            int state = metInRound[k];
            if (states.isClosed(state)) {
                states.proveLeft(state, proven - states.spent(state));
            }
        }
    }

    private boolean isOpen(long done, int i) {
        return (done >> i & 1) == 0 && (problem.before[i] & ~done) == 0;
    }

    private boolean isFree(long done, int tool, int side, int i) {
        if (!needsNoChange(tool, side, i)) {
            return false;
        }
        boolean disconnected = (done >> problem.disconnect & 1) == 1;
        if (disconnected || problem.docked || i == problem.disconnect) {
            return true;
        }
        return problem.liveStarted(done) ? (problem.towardsDisconnect >> i & 1) == 1 : (problem.inside >> i & 1) == 0;
    }

    private boolean needsNoChange(int tool, int side, int i) {
        return (problem.tool[i] == 0 || problem.tool[i] == tool) && (problem.side[i] == 0 || problem.side[i] == side);
    }

    private long stepCost(long done, int tool, int side, int i) {
        long change = tool != 0 && problem.tool[i] != 0 && problem.tool[i] != tool ? problem.bitUnits : 0;
        long flip = side != 0 && problem.side[i] != 0 && problem.side[i] != side ? problem.flipUnits : 0;
        return change + flip + problem.liveCost(done, i);
    }

    /** The optimum's earliest order, or null when the search for it had to be given up. */
    private int @Nullable [] earliestOrder(long optimum) {
        int[] order = new int[problem.size()];
        long done = 0;
        long left = optimum;
        int tool = 0;
        int side = 0;
        known = orderFound(0, 0, 0);
        for (int k = 0; k < order.length; k++) {
            int next = earliestStep(done, tool, side, left);
            if (next < 0) {
                return null;
            }
            left -= stepCost(done, tool, side, next);
            order[k] = next;
            known.remove((Integer) next);
            done |= 1L << next;
            tool = heldAfter(tool, next);
            side = upAfter(side, next);
        }
        return order;
    }

    /** What is left of an order that is known to be cheapest; its first step needs no search. */
    private List<Integer> known = List.of();

    private int earliestStep(long done, int tool, int side, long left) {
        for (int i : problem.byPosition) {
            if (isOpen(done, i)) {
                Answer answer = known.getFirst() == i
                        ? Answer.FOUND
                        : leadsOn(done, tool, side, i, left - stepCost(done, tool, side, i));
                if (answer != Answer.TOO_DEAR) {
                    return answer == Answer.FOUND ? i : -1;
                }
            }
        }
        throw new IllegalStateException("No operation leads on to the optimum that was proven");
    }

    private Answer leadsOn(long done, int tool, int side, int i, long budget) {
        if (isFree(done, tool, side, i)) {
            return Answer.FOUND;
        }
        int held = heldAfter(tool, i);
        int up = upAfter(side, i);
        if (budget < bounds.of(done | 1L << i, held, up)) {
            return Answer.TOO_DEAR;
        }
        Answer answer = cheapest(done | 1L << i, held, up, budget);
        if (answer == Answer.FOUND) {
            known = orderFound(done | 1L << i, held, up);
            known.addFirst(i);
        }
        return answer;
    }

    private int[] greedyOrder() {
        int[] order = new int[problem.size()];
        long done = 0;
        int tool = 0;
        int side = 0;
        for (int k = 0; k < order.length; k++) {
            int best = -1;
            for (int i = 0; i < problem.size(); i++) {
                if (isOpen(done, i) && (best < 0 || stepCost(done, tool, side, i) < stepCost(done, tool, side, best))) {
                    best = i;
                }
            }
            order[k] = best;
            done |= 1L << best;
            tool = heldAfter(tool, best);
            side = upAfter(side, best);
        }
        return order;
    }
}
