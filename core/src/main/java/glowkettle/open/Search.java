package glowkettle.open;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Best-first search over sets of operations done, from any point of an order on. What one search proves serves the next:
 * how much must still be paid from where it looked, and what was reached at which cost.
 */
final class Search {
    private static final int MOST_STATES = 800_000;

    enum Answer {
        FOUND,
        TOO_DEAR,
        GAVE_UP
    }

    private final Problem problem;
    private final Hands hands;
    private final Alongside alongside;
    private final Bounds bounds;
    private final Reached reached;
    private final States states = new States();
    private final StateQueue queue = new StateQueue();

    private int round;
    private int[] metInRound = new int[1024];
    private int met;
    private Start start = new Start(0, 0, 0, 0);
    private long budget;
    private long cost;
    private int end;

    /** Where a search begins: what is done, with what, and what that has cost from the very first operation. */
    record Start(long done, int tool, int side, long paid) {}

    Search(Problem problem, Hands hands) {
        this.problem = problem;
        this.hands = hands;
        alongside = new Alongside(problem);
        bounds = new Bounds(problem);
        reached = new Reached(problem, hands.numbers());
    }

    int statesLookedAt() {
        return states.size();
    }

    long atLeast(long done, int tool, int side) {
        return bounds.of(done, tool, side);
    }

    /** The least that the search given up last had not ruled out. */
    long notRuledOut() {
        return queue.leastTotal();
    }

    /** What the way found last costs, from where its search began. */
    long cost() {
        return cost;
    }

    Answer cheapest(Start from, long noMoreThan) {
        round++;
        met = 0;
        start = from;
        budget = noMoreThan;
        queue.clear();
        reach(from.done(), from.tool(), from.side(), 0, States.NONE, 0);
        while (!queue.isEmpty()) {
            long spent = queue.leastSpent();
            long total = queue.leastTotal();
            int state = queue.poll();
            if (states.isClosed(state) || spent > states.spent(state)) {
                continue;
            }
            if (states.done(state) == problem.all()) {
                cost = spent;
                end = state;
                learn(total);
                return Answer.FOUND;
            }
            states.close(state);
            expand(state, spent);
            if (states.size() > MOST_STATES) {
                return Answer.GAVE_UP;
            }
        }
        learn(budget + 1);
        reached.fail(round);
        return Answer.TOO_DEAR;
    }

    private void expand(int state, long spent) {
        long done = states.done(state);
        int tool = states.tool(state);
        int side = states.side(state);
        int finishable = hands.finishable(done, tool, side);
        long tried = 0;
        for (long rest = problem.all() & ~done; rest != 0; rest &= rest - 1) {
            int i = Long.numberOfTrailingZeros(rest);
            if (!hands.isOpen(done, i)) {
                continue;
            }
            int held = hands.heldAfter(tool, i);
            int up = hands.upAfter(side, i);
            boolean finishes = held == finishable && up == side;
            boolean goesOn = hands.isTool(tool) && held == tool;
            if (finishable != 0 && !finishes && !goesOn) {
                continue;
            }
            int hand = hands.number(held, up);
            if (hand < Long.SIZE && hands.isFree(done, held, up, i)) {
                // With the same hand all such operations are done at once, so one of them leads where all of them lead.
                if ((tried >> hand & 1) == 1) {
                    continue;
                }
                tried |= 1L << hand;
            }
            reach(done | 1L << i, held, up, spent + hands.stepCost(done, tool, side, i), state, i);
        }
    }

    private void reach(long done, int held, int up, long spent, int parent, int by) {
        long settled = hands.settle(done, held, up, null);
        long paid = spent + hands.settlingCost(done, settled);
        long lately = parent == States.NONE ? -1L : settled & ~states.done(parent);
        long counted = alongside.counted(settled, lately);
        int tool = hands.worthHolding(held, counted);
        int side = hands.worthKeepingUp(up, counted);
        int hand = hands.number(tool, side);
        long paidInAll = start.paid() + paid;
        if (paid > budget || reached.isNoBetter(counted, hand, paidInAll, round)) {
            return;
        }
        int state = states.find(counted, tool, side);
        if (states.left(state) < 0) {
            states.proveLeft(state, bounds.of(counted, tool, side));
        }
        long total = paid + states.left(state);
        boolean fresh = states.round(state) != round;
        if (total <= budget && (fresh || paid < states.spent(state))) {
            if (fresh) {
                meet(state);
            }
            reached.add(counted, hand, paidInAll, round);
            states.reach(state, paid, round, parent, by);
            queue.add(total, paid, state);
        }
    }

    /** The order of the way found last, from where its search began. */
    List<Integer> order() {
        List<Integer> steps = new ArrayList<>();
        for (int state = end; states.parent(state) != States.NONE; state = states.parent(state)) {
            steps.addFirst(states.by(state));
        }
        List<Integer> order = new ArrayList<>();
        int tool = start.tool();
        int side = start.side();
        long done = hands.settle(start.done(), tool, side, order);
        for (int step : steps) {
            tool = hands.heldAfter(tool, step);
            side = hands.upAfter(side, step);
            // What went along with the step may stand before it.
            done = hands.settle(done, tool, side, order);
            if ((done >> step & 1) == 0) {
                order.add(step);
                done = hands.settle(done | 1L << step, tool, side, order);
            }
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
}
