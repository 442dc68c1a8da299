package glowkettle.open;

/**
 * A lower bound of what is still to be paid from a state of the search: the fewest pick-ups when only tools count, the
 * fewest turns when only sides count, and the live minutes that every order makes live.
 */
final class Bounds {
    private final Problem problem;
    private final Pattern tools;
    private final Pattern sides;

    Bounds(Problem problem) {
        this.problem = problem;
        tools = new Pattern(problem, problem.tool, problem.tools);
        sides = new Pattern(problem, problem.side, problem.sides);
    }

    long of(long done, int tool, int side) {
        long left = problem.all() & ~done;
        if (left == 0) {
            return 0;
        }
        int pickUps = tools.pickUps(done, tool);
        int turns = sides.pickUps(done, side);
        // The first tool and the first side cost nothing.
        return problem.bitUnits * (tool == 0 ? Math.max(0, pickUps - 1) : pickUps)
                + problem.flipUnits * (side == 0 ? Math.max(0, turns - 1) : turns)
                + live(left, done);
    }

    private long live(long left, long done) {
        if (problem.isDisconnected(done)) {
            return 0;
        }
        long live = problem.liveStarted(done) && !problem.docked ? problem.towardsDisconnect : problem.alwaysLive;
        long sum = 0;
        for (long rest = live & left; rest != 0; rest &= rest - 1) {
            sum += problem.liveUnits[Long.numberOfTrailingZeros(rest)];
        }
        return sum;
    }
}
