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
    private final Orders orders;
    private final SplittableRandom chance = new SplittableRandom(SEED);

    Loosened(Work work, Openings openings) {
        this.work = work;
        this.orders = new Orders(work, openings, 0);
    }

    /** The best that was found; the same as before where nothing is better. */
    Found improve(Found plan, int rounds) {
        Found best = plan;
        Sums least = work.sums(plan.starts());
        for (int round = 0; round < rounds; round++) {
            Set<Task> loose = loose(best.starts());
            Found found = orders.beam(kept(best, loose), WIDTH, least);
            if (found != null) {
                best = found;
                least = work.sums(found.starts());
            }
        }
        return best;
    }

    private Set<Task> loose(int[] starts) {
        int all = work.tasks.size();
        int many = Math.min(all, 1 + chance.nextInt(3));
        int first = chance.nextInt(all);
        Set<Task> loose = new HashSet<>();
        if (chance.nextBoolean()) {
            int near = work.finish(first, starts);
            IntStream.range(0, all)
                    .boxed()
                    .sorted(Comparator.comparingInt((Integer task) -> Math.abs(work.finish(task, starts) - near))
                            .thenComparing(task -> task))
                    .limit(many)
                    .forEach(task -> loose.add(work.tasks.get(task)));
        }
        loose.add(work.tasks.get(first));
        while (loose.size() < many) {
            loose.add(work.tasks.get(chance.nextInt(all)));
        }
        return loose;
    }

    private @Nullable Order kept(Found plan, Set<Task> loose) {
        Order orders = null;
        for (int kind = 0; kind < work.shop.units.length; kind++) {
            orders = places(kind, plan.starts(), loose, orders);
        }
        return people(plan, loose, orders);
    }

    private @Nullable Order places(int kind, int[] starts, Set<Task> loose, @Nullable Order orders) {
        Taken[] last = new Taken[work.shop.units[kind]];
        int[] until = new int[work.shop.units[kind]];
        for (Taken one : work.taken(kind, starts)) {
            int unit = 0;
            while (until[unit] > one.from()) {
                unit++;
            }
            until[unit] = one.until();
            if (loose.contains(one.task(work))) {
                continue;
            }
            Taken before = last[unit];
            if (before != null && before.task(work) != one.task(work) && !one.runs()) {
                orders = before.runs()
                        ? new Order(-1 - before.at(), -1, one.at(), 0, orders)
                        : new Order(Order.STEP, before.at(), one.at(), 0, orders);
            }
            last[unit] = one;
        }
        return orders;
    }

    /**
     * Something that hands do.
     *
     * @param works from its slot on, all the while; else it is an action
     * @param at index of the start
     * @param after slots from the start to it
     */
    private record Deed(int slot, boolean works, int at, int after) {}

    private List<Deed> deeds(int[] starts) {
        List<Deed> deeds = new ArrayList<>();
        for (int at = 0; at < work.starts(); at++) {
            Piece piece = work.pieceOf[at];
            if (piece.hands()) {
                deeds.add(new Deed(starts[at], true, at, 0));
            }
            for (int i = 0; i < piece.startActions(); i++) {
                deeds.add(new Deed(starts[at], false, at, 0));
            }
            if (piece.endsWithAction()) {
                deeds.add(new Deed(starts[at] + piece.length(), false, at, piece.length()));
            }
        }
        deeds.sort(Comparator.comparingInt(Deed::slot)
                .thenComparing(deed -> !deed.works())
                .thenComparingInt(Deed::at));
        return deeds;
    }

    /** Hands and actions of each person in turn: work, then an action at its end or later; two actions a minute. */
    private @Nullable Order people(Found plan, Set<Task> loose, @Nullable Order orders) {
        Shop shop = work.shop;
        List<List<Deed>> rows = new ArrayList<>();
        for (int person = 0; person < shop.tiers.length; person++) {
            rows.add(new ArrayList<>());
        }
        int[] busyUntil = new int[shop.tiers.length];
        int[] actedAt = new int[shop.tiers.length];
        int[] acted = new int[shop.tiers.length];
        for (Deed deed : deeds(plan.starts())) {
            int person = deed.works() ? plan.persons()[deed.at()] : -1;
            for (int other = 0; person < 0 && other < shop.tiers.length; other++) {
                int already = actedAt[other] == deed.slot() ? acted[other] : 0;
                if (busyUntil[other] <= deed.slot() && already < shop.reach[other][deed.slot()]) {
                    person = other;
                }
            }
            if (person < 0) {
                continue;
            }
            if (deed.works()) {
                busyUntil[person] = deed.slot() + work.pieceOf[deed.at()].length();
            } else {
                acted[person] = actedAt[person] == deed.slot() ? acted[person] + 1 : 1;
                actedAt[person] = deed.slot();
            }
            if (!loose.contains(work.taskOf[deed.at()])) {
                rows.get(person).add(deed);
            }
        }
        for (List<Deed> row : rows) {
            for (int i = 1; i < row.size(); i++) {
                Deed deed = row.get(i);
                Deed before = row.get(i - 1);
                orders = behind(before, deed, !before.works() && deed.works() ? 1 : 0, orders);
                if (i > 1 && !deed.works() && !before.works() && !row.get(i - 2).works()) {
                    orders = behind(row.get(i - 2), deed, 1, orders);
                }
            }
        }
        return orders;
    }

    private @Nullable Order behind(Deed before, Deed after, int gap, @Nullable Order orders) {
        if (work.taskOf[before.at()] == work.taskOf[after.at()]) {
            return orders;
        }
        return before.works()
                ? new Order(Order.STEP, before.at(), after.at(), gap - after.after(), orders)
                : new Order(Order.BEGINS, before.at(), after.at(), before.after() + gap - after.after(), orders);
    }
}
