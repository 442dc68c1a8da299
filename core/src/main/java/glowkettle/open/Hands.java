package glowkettle.open;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What can be done with a tool in hand and a side up, and what it costs. Whatever needs neither another tool nor another
 * side, and adds no live minutes that could be spared, is done at once: moving such an operation forward never costs
 * more, since taking it out of its later place saves at least as much as the change of tool or side around it.
 */
final class Hands {
    private final Problem problem;
    /** {@code [tool held][side up]}: operations that need no other tool and no other side. */
    private final long[][] inHand;
    /** By number; under 0 those that need none, under one more than the last those of a thing that is of no use. */
    private final long[] ofTool;

    private final long[] ofSide;

    Hands(Problem problem) {
        this.problem = problem;
        ofTool = bits(problem.tool, problem.tools + 2);
        ofSide = bits(problem.side, problem.sides + 2);
        inHand = new long[ofTool.length][ofSide.length];
        for (int tool = 0; tool < ofTool.length; tool++) {
            for (int side = 0; side < ofSide.length; side++) {
                inHand[tool][side] = (ofTool[0] | ofTool[tool]) & (ofSide[0] | ofSide[side]);
            }
        }
    }

    /** One number for every combination of a tool and a side. */
    int number(int tool, int side) {
        return tool * ofSide.length + side;
    }

    int numbers() {
        return ofTool.length * ofSide.length;
    }

    boolean isOpen(long done, int i) {
        return (done >> i & 1) == 0 && (problem.ancestors[i] & ~done) == 0;
    }

    int heldAfter(int tool, int i) {
        return problem.tool[i] == 0 ? tool : problem.tool[i];
    }

    int upAfter(int side, int i) {
        return problem.side[i] == 0 ? side : problem.side[i];
    }

    /** The change of tool, the turning over and the live minutes of doing one operation now. */
    long stepCost(long done, int tool, int side, int i) {
        long change = tool != 0 && problem.tool[i] != 0 && problem.tool[i] != tool ? problem.bitUnits : 0;
        long flip = side != 0 && problem.side[i] != 0 && problem.side[i] != side ? problem.flipUnits : 0;
        return change + flip + problem.liveCost(done, i);
    }

    boolean isFree(long done, int tool, int side, int i) {
        return (inHand[tool][side] >> i & 1) == 1 && sparesNothingByWaiting(done, i);
    }

    private boolean sparesNothingByWaiting(long done, int i) {
        if (problem.isDisconnected(done) || problem.docked || i == problem.disconnect) {
            return true;
        }
        return problem.liveStarted(done) ? (problem.towardsDisconnect >> i & 1) == 1 : (problem.inside >> i & 1) == 0;
    }

    /** What is done when everything is done that is free with this hand; the order of it is added to the list, if any. */
    long settle(long done, int tool, int side, @Nullable List<Integer> order) {
        long settled = done;
        long before;
        do {
            before = settled;
            for (long rest = inHand[tool][side] & ~settled; rest != 0; rest &= rest - 1) {
                int i = Long.numberOfTrailingZeros(rest);
                if ((problem.ancestors[i] & ~settled) == 0 && sparesNothingByWaiting(settled, i)) {
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

    /** Live minutes of what {@link #settle} did, which no order spares. */
    long settlingCost(long done, long settled) {
        if (problem.isDisconnected(done)) {
            return 0;
        }
        long cost = 0;
        for (long rest = settled & ~done & problem.towardsDisconnect; rest != 0; rest &= rest - 1) {
            cost += problem.liveCost(done, Long.numberOfTrailingZeros(rest));
        }
        return cost;
    }

    /** The tool held, or one number for all tools that are put down before anything can be done with them again. */
    int worthHolding(int tool, long done) {
        return tool == 0 || isOfUse(ofTool, tool, done) ? tool : problem.tools + 1;
    }

    int worthKeepingUp(int side, long done) {
        return side == 0 || isOfUse(ofSide, side, done) ? side : problem.sides + 1;
    }

    private boolean isOfUse(long[] of, int value, long done) {
        long undone = problem.all() & ~done;
        long others = undone & ~of[value] & ~of[0];
        for (long rest = of[value] & undone; rest != 0; rest &= rest - 1) {
            if ((problem.ancestors[Long.numberOfTrailingZeros(rest)] & others) == 0) {
                return true;
            }
        }
        return false;
    }

    /**
     * A tool other than the one held, all of whose work that is left can be done now without turning the device over,
     * or 0. It has to be picked up some time: when another tool is taken up next, taking this one first costs one pick-up
     * and saves at least the later one.
     */
    int finishable(long done, int tool, int side) {
        if (!problem.isDisconnected(done)) {
            return 0;
        }
        for (int other = 1; other <= problem.tools; other++) {
            long needed = ofTool[other] & ~done;
            if (other == tool || needed == 0) {
                continue;
            }
            for (long rest = needed; rest != 0; rest &= rest - 1) {
                needed |= problem.ancestors[Long.numberOfTrailingZeros(rest)] & ~done;
            }
            if ((needed & ~inHand[other][side]) == 0) {
                return other;
            }
        }
        return 0;
    }

    boolean isTool(int tool) {
        return tool != 0 && tool <= problem.tools;
    }

    private static long[] bits(int[] valueOf, int values) {
        long[] bits = new long[values];
        for (int i = 0; i < valueOf.length; i++) {
            bits[valueOf[i]] |= 1L << i;
        }
        return bits;
    }
}
