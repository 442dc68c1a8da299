package glowkettle.calibrate.shopplan;

import glowkettle.calibrate.shopplan.Orders.Found;
import glowkettle.calibrate.shopplan.Windows.Order;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A plan made better by its orders: some tasks are loosened, the others keep who comes before whom at each place and in each pair of
 * hands, and all of them move together to their first starts, while the best few ways to fit the loose ones in are followed.
 */
final class Loosened {
    private static final long SEED = 20_261;
    private static final int WIDTH = 4;

    private final Work work;
    private final Openings openings;
    private final SplittableRandom chance = new SplittableRandom(SEED);

    Loosened(Work work, Openings openings) {
        this.work = work;
        this.openings = openings;
    }

    /** The best that was found; the same as before where nothing is better. */
    Found improve(Found plan, int rounds) {
        Found best = plan;
        Sums least = sums(plan.starts());
        for (int round = 0; round < rounds; round++) {
            Set<Integer> loose = loose(best.starts());
            Found found = new Orders(work, openings, 0).beam(kept(best, loose), WIDTH, least);
            if (found != null) {
                best = found;
                least = sums(found.starts());
            }
        }
        return best;
    }

    private Sums sums(int[] starts) {
        long lateS = 0;
        long finish = 0;
        for (int task = 0; task < work.tasks.size(); task++) {
            int end = work.finish(task, starts);
            finish += end;
            lateS += work.tasks.get(task).lateS(end * work.shop.slotS);
        }
        return new Sums(lateS, finish, 0);
    }

    private Set<Integer> loose(int[] starts) {
        int all = work.tasks.size();
        int many = Math.min(all, 1 + chance.nextInt(3));
        int first = chance.nextInt(all);
        Set<Integer> loose = new HashSet<>();
        if (chance.nextBoolean()) {
            int near = work.finish(first, starts);
            List<Integer> byFinish =
                    new ArrayList<>(IntStream.range(0, all).boxed().toList());
            byFinish.sort(Comparator.comparingInt((Integer task) -> Math.abs(work.finish(task, starts) - near))
                    .thenComparing(task -> task));
            loose.addAll(byFinish.subList(0, many));
        }
        loose.add(first);
        while (loose.size() < many) {
            loose.add(chance.nextInt(all));
        }
        return loose;
    }

    private @Nullable Order kept(Found plan, Set<Integer> loose) {
        Order orders = null;
        for (int kind = 0; kind < work.shop.units.length; kind++) {
            orders = places(kind, plan.starts(), loose, orders);
        }
        return people(plan, loose, orders);
    }

    private @Nullable Order places(int kind, int[] starts, Set<Integer> loose, @Nullable Order orders) {
        List<int[]> held = new ArrayList<>();
        for (int task = 0; task < work.tasks.size(); task++) {
            Task one = work.tasks.get(task);
            if (one.running().runs() && one.before().place() == kind) {
                held.add(new int[] {-1, work.runningUntil(task, starts), -1 - task, task});
            }
            for (int at = work.offset[task]; at < work.offset[task + 1]; at++) {
                if (work.pieceOf[at].place() == kind) {
                    held.add(new int[] {starts[at], work.release(at, starts), at, task});
                }
            }
        }
        held.sort(Comparator.comparingInt((int[] one) -> one[0]).thenComparingInt(one -> one[2]));
        int[][] last = new int[work.shop.units[kind]][];
        int[] until = new int[work.shop.units[kind]];
        for (int[] one : held) {
            int unit = 0;
            while (until[unit] > Math.max(0, one[0])) {
                unit++;
            }
            until[unit] = one[1];
            if (loose.contains(one[3])) {
                continue;
            }
            int[] before = last[unit];
            if (before != null && before[3] != one[3] && one[2] >= 0) {
                orders = before[2] < 0
                        ? new Order(-1 - before[2], -1, one[2], 0, orders)
                        : new Order(Order.STEP, before[2], one[2], 0, orders);
            }
            last[unit] = one;
        }
        return orders;
    }

    /** Hands and actions of each person in turn: work, then an action at its end or later; two actions a minute. */
    private @Nullable Order people(Found plan, Set<Integer> loose, @Nullable Order orders) {
        Shop shop = work.shop;
        List<int[]> acts = new ArrayList<>();
        for (int at = 0; at < work.starts(); at++) {
            Piece piece = work.pieceOf[at];
            int start = plan.starts()[at];
            if (piece.hands()) {
                acts.add(new int[] {start, 1, at, plan.persons()[at], 0});
            }
            for (int i = 0; i < piece.startActions(); i++) {
                acts.add(new int[] {start, 0, at, -1, 0});
            }
            if (piece.endsWithAction()) {
                acts.add(new int[] {start + piece.length(), 0, at, -1, piece.length()});
            }
        }
        acts.sort(Comparator.comparingInt((int[] one) -> one[0])
                .thenComparingInt(one -> -one[1])
                .thenComparingInt(one -> one[2]));
        List<List<int[]>> rows = new ArrayList<>();
        for (int person = 0; person < shop.tiers.length; person++) {
            rows.add(new ArrayList<>());
        }
        int[] busyUntil = new int[shop.tiers.length];
        int[] actedAt = new int[shop.tiers.length];
        int[] acted = new int[shop.tiers.length];
        for (int[] one : acts) {
            int person = one[3];
            for (int other = 0; person < 0 && other < shop.tiers.length; other++) {
                int already = actedAt[other] == one[0] ? acted[other] : 0;
                if (busyUntil[other] <= one[0] && already < shop.reach[other][one[0]]) {
                    person = other;
                }
            }
            if (person < 0) {
                continue;
            }
            if (one[1] == 1) {
                busyUntil[person] = one[0] + work.pieceOf[one[2]].length();
            } else {
                acted[person] = actedAt[person] == one[0] ? acted[person] + 1 : 1;
                actedAt[person] = one[0];
            }
            if (!loose.contains(taskAt(one[2]))) {
                rows.get(person).add(one);
            }
        }
        for (List<int[]> row : rows) {
            for (int i = 1; i < row.size(); i++) {
                orders = behind(row.get(i - 1), row.get(i), orders);
                if (i > 1 && row.get(i)[1] == 0 && row.get(i - 1)[1] == 0 && row.get(i - 2)[1] == 0) {
                    orders = later(row.get(i - 2), row.get(i), orders);
                }
            }
        }
        return orders;
    }

    private int taskAt(int at) {
        int task = 0;
        while (work.offset[task + 1] <= at) {
            task++;
        }
        return task;
    }

    private @Nullable Order behind(int[] before, int[] after, @Nullable Order orders) {
        if (before[2] == after[2] || work.taskOf[before[2]] == work.taskOf[after[2]]) {
            return orders;
        }
        if (before[1] == 1) {
            return new Order(Order.STEP, before[2], after[2], -after[4], orders);
        }
        int gap = after[1] == 1 ? 1 : 0;
        return new Order(Order.BEGINS, before[2], after[2], before[4] + gap - after[4], orders);
    }

    private @Nullable Order later(int[] before, int[] after, @Nullable Order orders) {
        return before[2] == after[2] || work.taskOf[before[2]] == work.taskOf[after[2]]
                ? orders
                : new Order(Order.BEGINS, before[2], after[2], before[4] + 1 - after[4], orders);
    }
}
