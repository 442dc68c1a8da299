package glowkettle.open;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A lower bound of what is still to be paid from a state of the search. Bit changes: pick-ups of different tools are
 * different events, so the tools are dealt into small groups and what each {@link Pattern} needs is added up. Flips: the
 * fewest turns when only sides count, a pattern of its own. Live minutes: those that every order makes live.
 */
final class Bounds {
    private static final int TOOLS_IN_A_PATTERN = 4;

    private final Problem problem;
    private final List<Pattern> patterns;
    private final Pattern flips;

    Bounds(Problem problem) {
        this.problem = problem;
        patterns = patterns();
        flips = new Pattern(
                problem, problem.side, IntStream.rangeClosed(1, problem.sides).toArray());
    }

    long of(long done, int tool, int side) {
        long left = problem.all() & ~done;
        if (left == 0) {
            return 0;
        }
        int pickUps = 0;
        for (Pattern pattern : patterns) {
            pickUps += pattern.pickUps(done, tool);
        }
        int turns = flips.pickUps(done, side);
        // The first tool and the first side cost nothing.
        return problem.bitUnits * (tool == 0 ? Math.max(0, pickUps - 1) : pickUps)
                + problem.flipUnits * (side == 0 ? Math.max(0, turns - 1) : turns)
                + live(left, done);
    }

    private long live(long left, long done) {
        if ((done >> problem.disconnect & 1) == 1) {
            return 0;
        }
        long live = problem.liveStarted(done) && !problem.docked ? problem.towardsDisconnect : problem.alwaysLive;
        long sum = 0;
        for (long rest = live & left; rest != 0; rest &= rest - 1) {
            sum += problem.liveUnits[Long.numberOfTrailingZeros(rest)];
        }
        return sum;
    }

    /** The busiest tools together: where tools get in each other's way most, one pattern sees it. */
    private List<Pattern> patterns() {
        List<Integer> busiest = IntStream.rangeClosed(1, problem.tools)
                .boxed()
                .sorted(Comparator.comparingInt(tool -> -Long.bitCount(bits(problem.tool, tool))))
                .toList();
        List<Pattern> dealt = new ArrayList<>();
        for (int from = 0; from < busiest.size(); from += TOOLS_IN_A_PATTERN) {
            int to = Math.min(busiest.size(), from + TOOLS_IN_A_PATTERN);
            dealt.add(new Pattern(
                    problem,
                    problem.tool,
                    busiest.subList(from, to).stream()
                            .mapToInt(Integer::intValue)
                            .toArray()));
        }
        return dealt;
    }

    private static long bits(int[] valueOf, int value) {
        long bits = 0;
        for (int i = 0; i < valueOf.length; i++) {
            bits |= valueOf[i] == value ? 1L << i : 0;
        }
        return bits;
    }
}
