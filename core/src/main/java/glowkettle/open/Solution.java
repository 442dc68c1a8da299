package glowkettle.open;

import glowkettle.library.Operation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** An order found, and what it costs when walked through step by step. */
final class Solution {
    private final Problem problem;
    private final int[] order;
    private final boolean proven;
    private final long leastSetup;
    private final long statesLookedAt;
    private final List<TeardownPlan.Step> steps = new ArrayList<>();
    private int bitChanges;
    private int flips;
    private long liveMinuteUnits;
    private long liveCostUnits;

    Solution(Problem problem, int[] order, boolean proven, long leastSetup, long statesLookedAt) {
        this.problem = problem;
        this.order = order;
        this.proven = proven;
        this.leastSetup = leastSetup;
        this.statesLookedAt = statesLookedAt;
        walk();
    }

    long cost() {
        return problem.minuteUnits + bitChanges * problem.bitUnits + flips * problem.flipUnits + liveCostUnits;
    }

    boolean isBetterThan(Solution other) {
        return cost() < other.cost() || cost() == other.cost() && Arrays.compare(positions(), other.positions()) < 0;
    }

    TeardownPlan describe() {
        return new TeardownPlan(
                steps,
                new TeardownPlan.Cost(
                        PlanCosts.minutes(cost()),
                        PlanCosts.minutes(problem.minuteUnits),
                        bitChanges,
                        flips,
                        PlanCosts.minutes(liveMinuteUnits)),
                proven,
                PlanCosts.minutes(problem.minuteUnits + leastSetup),
                statesLookedAt);
    }

    private int[] positions() {
        return IntStream.of(order).map(i -> problem.positionInModel[i]).toArray();
    }

    private void walk() {
        long done = 0;
        int tool = 0;
        int side = 0;
        for (int k = 0; k < order.length; k++) {
            int i = order[k];
            Operation operation = problem.operations.get(i);
            boolean bitChange = tool != 0 && problem.tool[i] != 0 && problem.tool[i] != tool;
            boolean flip = side != 0 && problem.side[i] != 0 && problem.side[i] != side;
            boolean live = isLive(done, i);
            if (live) {
                liveMinuteUnits += PlanCosts.units(operation.minutes());
                liveCostUnits += problem.liveUnits[i];
            }
            bitChanges += bitChange ? 1 : 0;
            flips += flip ? 1 : 0;
            steps.add(new TeardownPlan.Step(operation, bitChange, flip, live, why(i, k)));
            done |= 1L << i;
            tool = problem.tool[i] == 0 ? tool : problem.tool[i];
            side = problem.side[i] == 0 ? side : problem.side[i];
        }
    }

    private boolean isLive(long done, int i) {
        boolean connected = (done >> problem.disconnect & 1) == 0;
        boolean isInside = (problem.inside >> i & 1) == 1;
        return problem.docked
                ? connected && isInside && i != problem.disconnect
                : connected && (isInside || problem.liveStarted(done));
    }

    /** The strongest reason for the place of a step: safety, then what waits for it, then the tool in hand. */
    private String why(int i, int place) {
        if (i == problem.disconnect) {
            return "As soon as it can be reached: nothing else inside is touched while the pack is connected.";
        }
        boolean waitsForDisconnect = (problem.inside >> i & 1) == 1 && (problem.towardsDisconnect >> i & 1) == 0;
        if (waitsForDisconnect) {
            return "After the disconnect, because it works inside the device.";
        }
        for (int k = place + 1; k < order.length; k++) {
            if ((problem.before[order[k]] >> i & 1) == 1) {
                return "Before “" + problem.operations.get(order[k]).label() + "”, which it stands in the way of.";
            }
        }
        return "Here, because it costs no change of tool or side.";
    }
}
