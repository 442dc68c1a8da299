package glowkettle.open;

import glowkettle.library.Operation;
import glowkettle.library.Side;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The least a long teardown costs, found without any of the rules that let the planner leave states out: besides doing at
 * once what needs no change and makes nothing live it tries everything that may come next, until what is cheapest so far
 * is whole. Bounded by the pick-ups of a few tools at a time. Takes no more from the planner than its table of states and
 * its queue.
 */
final class PlainSearch {
    private static final int TOOLS_AT_ONCE = 4;

    private final List<Operation> operations;
    private final int size;
    private final long[] ancestors;
    private final int[] tool;
    private final int[] side;
    private final long[] liveUnits;
    private final long inside;
    private final long plug;
    private final long towardsPlug;
    private final long bit;
    private final long flip;
    private final List<PickUps> pickUps = new ArrayList<>();
    private final PickUps turns;
    private final States states = new States();
    private final StateQueue open = new StateQueue();

    private PlainSearch(List<Operation> operations, ShopLimits limits) {
        this.operations = operations;
        size = operations.size();
        bit = PlanCosts.units(limits.of(Limit.BIT_CHANGE_MINUTES));
        flip = PlanCosts.units(limits.of(Limit.FLIP_MINUTES));
        List<String> names = operations.stream()
                .map(operation -> operation.handling().tool())
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        tool = operations.stream()
                .mapToInt(op -> 1 + names.indexOf(op.handling().tool()))
                .toArray();
        side = operations.stream().mapToInt(op -> number(op.handling().side())).toArray();
        liveUnits = operations.stream()
                .mapToLong(op -> PlanCosts.units(op.minutes().multiply(limits.of(Limit.LIVE_WEIGHT))))
                .toArray();
        inside = bits(Operation::isInside);
        plug = bits(op -> op.kind().disconnects());
        ancestors = ancestors();
        towardsPlug = ancestors[Long.numberOfTrailingZeros(plug)] | plug;
        for (int from = 1; from <= names.size(); from += TOOLS_AT_ONCE) {
            int to = Math.min(names.size(), from + TOOLS_AT_ONCE - 1);
            pickUps.add(new PickUps(tool, IntStream.rangeClosed(from, to).toArray()));
        }
        turns = new PickUps(side, IntStream.rangeClosed(1, Side.values().length).toArray());
    }

    static BigDecimal leastCost(Teardown.Request request, ShopLimits limits) {
        BigDecimal minutes =
                request.operations().stream().map(Operation::minutes).reduce(BigDecimal.ZERO, BigDecimal::add);
        return minutes.add(PlanCosts.minutes(new PlainSearch(request.operations(), limits).least()));
    }

    private long least() {
        reach(0, 0, 0, 0);
        while (true) {
            long spent = open.leastSpent();
            int state = open.poll();
            long done = states.done(state);
            if (spent > states.spent(state)) {
                continue;
            }
            if (Long.bitCount(done) == size) {
                return spent;
            }
            int held = states.tool(state);
            int up = states.side(state);
            for (int i = 0; i < size; i++) {
                if (isOpen(done, i)) {
                    int nextTool = tool[i] == 0 ? held : tool[i];
                    int nextSide = side[i] == 0 ? up : side[i];
                    long change = held != 0 && nextTool != held ? bit : 0;
                    long turn = up != 0 && nextSide != up ? flip : 0;
                    reach(done | 1L << i, nextTool, nextSide, spent + change + turn + live(done, i));
                }
            }
        }
    }

    private void reach(long before, int held, int up, long paid) {
        long done = before;
        long spent = paid;
        for (int i = nextFree(done, held, up); i >= 0; i = nextFree(done, held, up)) {
            spent += live(done, i);
            done |= 1L << i;
        }
        int state = states.find(done, held, up);
        boolean fresh = states.left(state) < 0;
        if (fresh) {
            states.proveLeft(state, atLeast(done, held, up));
        }
        if (fresh || spent < states.spent(state)) {
            states.reach(state, spent, 1, States.NONE, 0);
            open.add(spent + states.left(state), spent, state);
        }
    }

    private long atLeast(long done, int held, int up) {
        int picked = pickUps.stream().mapToInt(some -> some.after(done, held)).sum();
        int turned = turns.after(done, up);
        return bit * Math.max(0, held == 0 ? picked - 1 : picked)
                + flip * Math.max(0, up == 0 ? turned - 1 : turned)
                + liveAtLeast(done);
    }

    private long liveAtLeast(long done) {
        boolean live = (done & plug) == 0 && (done & inside) != 0;
        return IntStream.range(0, size)
                .filter(i -> (towardsPlug & ~done & 1L << i) != 0)
                .filter(i -> live || ((ancestors[i] | 1L << i) & inside) != 0)
                .mapToLong(i -> liveUnits[i])
                .sum();
    }

    private int nextFree(long done, int held, int up) {
        boolean connected = (done & plug) == 0;
        boolean live = connected && (done & inside) != 0;
        long spareNothing = connected ? plug | (live ? towardsPlug : ~inside) : -1L;
        for (int i = 0; i < size; i++) {
            boolean fits = (tool[i] == 0 || tool[i] == held) && (side[i] == 0 || side[i] == up);
            if (fits && (spareNothing >> i & 1) == 1 && isOpen(done, i)) {
                return i;
            }
        }
        return -1;
    }

    private boolean isOpen(long done, int i) {
        return (done >> i & 1) == 0 && (ancestors[i] & ~done) == 0;
    }

    private long live(long done, int i) {
        boolean connected = (done & plug) == 0;
        return connected && ((done | 1L << i) & inside) != 0 ? liveUnits[i] : 0;
    }

    /** The fewest pick-ups of some tools, or turns of the device, when everything else is free. */
    private final class PickUps {
        private final int[] things;
        private final long[] with;
        private final long free;
        private final Map<Long, Integer> known = new HashMap<>();

        private PickUps(int[] of, int[] things) {
            this.things = things;
            with = IntStream.of(things)
                    .mapToLong(thing -> positions(of, thing) | positions(of, 0))
                    .toArray();
            free = ~IntStream.of(things)
                    .mapToLong(thing -> positions(of, thing))
                    .reduce(0, (a, b) -> a | b);
        }

        private int after(long done, int held) {
            int at = Arrays.binarySearch(things, held);
            return fewest(settled(at < 0 ? done : settled(done, with[at]), free));
        }

        private int fewest(long done) {
            Integer kept = known.get(done);
            if (kept != null) {
                return kept;
            }
            int fewest = Long.bitCount(done) == size ? 0 : Integer.MAX_VALUE;
            for (long one : with) {
                long more = settled(done, one);
                if (more != done) {
                    fewest = Math.min(fewest, 1 + fewest(settled(more, free)));
                }
            }
            known.put(done, fewest);
            return fewest;
        }

        private long settled(long done, long allowed) {
            long settled = done;
            long before;
            do {
                before = settled;
                for (int i = 0; i < size; i++) {
                    settled |= (allowed >> i & 1) == 1 && isOpen(settled, i) ? 1L << i : 0;
                }
            } while (settled != before);
            return settled;
        }
    }

    /** All that must come before; what works inside and is not on the way to the plug waits for it. */
    private long[] ancestors() {
        Map<String, Integer> positions = new HashMap<>();
        IntStream.range(0, size).forEach(i -> positions.put(operations.get(i).id(), i));
        long[] straight = new long[size];
        for (int i = 0; i < size; i++) {
            for (String id : operations.get(i).order().after()) {
                straight[i] |= 1L << positions.get(id);
            }
        }
        long onTheWay = plug | closed(plug, straight);
        for (int i = 0; i < size; i++) {
            straight[i] |= (inside & ~onTheWay & 1L << i) == 0 ? 0 : plug;
        }
        return IntStream.range(0, size)
                .mapToLong(i -> closed(straight[i], straight))
                .toArray();
    }

    private static long closed(long some, long[] straight) {
        long all = some;
        long before;
        do {
            before = all;
            for (long rest = all; rest != 0; rest &= rest - 1) {
                all |= straight[Long.numberOfTrailingZeros(rest)];
            }
        } while (all != before);
        return all;
    }

    private static long positions(int[] of, int value) {
        return IntStream.range(0, of.length)
                .filter(i -> of[i] == value)
                .mapToLong(i -> 1L << i)
                .reduce(0, (a, b) -> a | b);
    }

    private long bits(Predicate<Operation> which) {
        return IntStream.range(0, size)
                .filter(i -> which.test(operations.get(i)))
                .mapToLong(i -> 1L << i)
                .reduce(0, (a, b) -> a | b);
    }

    private static int number(@Nullable Side side) {
        return side == null ? 0 : side.ordinal() + 1;
    }
}
