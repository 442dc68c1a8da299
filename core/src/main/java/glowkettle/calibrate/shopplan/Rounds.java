package glowkettle.calibrate.shopplan;

import glowkettle.calibrate.shopplan.Insertion.Choice;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A good plan of many tasks: each in turn at its first finish beside those before it, from several orders; then again and again a few
 * are taken out and put back in another order, and what is no worse is kept (Shaw, large neighbourhood search, 1998). Bounded in
 * rounds, never in seconds, and chance has a fixed seed: the same request gives the same plan.
 */
final class Rounds {
    private static final long SEED = 20_260;
    private static final int MOST_OUT = 3;
    private static final double WARMEST_SLOTS = 150;
    private static final double COLDEST_SLOTS = 0.5;
    private static final double LATE_WEIGHS = 5;

    private final List<Task> tasks;
    private final Shop shop;
    private final Bookings bookings;
    private final Insertion insertion;
    private final Placed[] placed;
    private final SplittableRandom chance = new SplittableRandom(SEED);

    Rounds(Shop shop, List<Task> tasks) {
        this.tasks = tasks;
        this.shop = shop;
        this.bookings = new Bookings(shop, tasks);
        this.insertion = new Insertion(bookings);
        this.placed = new Placed[tasks.size()];
    }

    /** @return false where one of them finds no place within the horizon */
    boolean begin() {
        List<Integer> byPromise = IntStream.range(0, tasks.size()).boxed().toList();
        List<Integer> byLength = byPromise.stream()
                .sorted(Comparator.comparingInt((Integer i) -> length(tasks.get(i)))
                        .thenComparing(i -> i))
                .toList();
        List<Integer> running = byPromise.stream()
                .sorted(Comparator.comparing(
                                (Integer i) -> !tasks.get(i).running().runs())
                        .thenComparing(i -> i))
                .toList();
        Placed[] best = null;
        Sums least = null;
        for (List<Integer> order : List.of(byPromise, byLength, running)) {
            if (all(order)) {
                Sums sums = sums();
                if (least == null || sums.compareTo(least) < 0) {
                    least = sums;
                    best = placed.clone();
                }
            }
            clear();
        }
        if (best == null) {
            return false;
        }
        for (int i = 0; i < best.length; i++) {
            put(i, best[i]);
        }
        return true;
    }

    private static int length(Task task) {
        return IntStream.range(0, task.open()).map(i -> task.piece(i).length()).sum();
    }

    private boolean all(List<Integer> order) {
        for (int i : order) {
            Placed found = insertion.place(tasks.get(i), Choice.SOON);
            if (found == null) {
                return false;
            }
            put(i, found);
        }
        return true;
    }

    private void clear() {
        for (int i = 0; i < placed.length; i++) {
            if (placed[i] != null) {
                take(i);
            }
        }
    }

    private void put(int i, Placed found) {
        placed[i] = found;
        bookings.add(found);
    }

    private Placed take(int i) {
        Placed taken = placed[i];
        bookings.remove(taken);
        placed[i] = null;
        return taken;
    }

    /** Annealed: at first a plan that is a little worse is gone on from, at the end none is; the best that was seen stays. */
    void improve(int rounds) {
        if (tasks.size() < 2) {
            return;
        }
        Placed[] best = placed.clone();
        Sums least = sums();
        long lateS = least.lateS();
        long finish = least.finishSlots();
        for (int round = 0; round < rounds; round++) {
            double warmthSlots = WARMEST_SLOTS * Math.pow(COLDEST_SLOTS / WARMEST_SLOTS, (double) round / rounds);
            double worse = -warmthSlots * Math.log(1 - chance.nextDouble());
            List<Integer> out = chosen();
            Placed[] before = new Placed[out.size()];
            long lateBefore = 0;
            long finishBefore = 0;
            for (int i = 0; i < before.length; i++) {
                before[i] = take(out.get(i));
                lateBefore += lateS(before[i]);
                finishBefore += before[i].finish();
            }
            long late = 0;
            long end = 0;
            boolean good = true;
            List<Integer> order = shuffled(out);
            for (int i = 0; good && i < before.length; i++) {
                Placed found = anyhow(tasks.get(order.get(i)));
                good = false;
                if (found != null) {
                    put(order.get(i), found);
                    late += lateS(found);
                    end += found.finish();
                    good = cost(late, end) <= cost(lateBefore, finishBefore) + worse;
                }
            }
            if (good) {
                lateS += late - lateBefore;
                finish += end - finishBefore;
                if (least.compareFirstTwo(lateS, finish) > 0) {
                    least = new Sums(lateS, finish, 0);
                    best = placed.clone();
                }
            } else {
                putBack(out, before);
            }
        }
        take(List.of(best));
    }

    private double cost(long lateS, long finishSlots) {
        return LATE_WEIGHS * lateS / (double) shop.slotS + finishSlots;
    }

    private void putBack(List<Integer> out, Placed[] before) {
        for (int i = 0; i < before.length; i++) {
            if (placed[out.get(i)] != null) {
                take(out.get(i));
            }
        }
        for (int i = 0; i < before.length; i++) {
            put(out.get(i), before[i]);
        }
    }

    /** At its first finish; now and then with one step held back to a moment at which another begins or lets go. */
    private @Nullable Placed anyhow(Task task) {
        Choice choice = chance.nextInt(3) == 0 ? Choice.LATE : Choice.SOON;
        Placed other = placed[chance.nextInt(placed.length)];
        if (other == null || other.starts().length == 0 || task.isOver() || chance.nextInt(3) > 0) {
            return insertion.place(task, choice);
        }
        int step = chance.nextInt(other.starts().length);
        int moment = chance.nextBoolean() ? other.starts()[step] : other.heldUntil(step);
        return insertion.place(task, choice, chance.nextInt(task.open()), moment);
    }

    /** Some that end near each other, some that are late, or any. */
    private List<Integer> chosen() {
        int many = 2 + chance.nextInt(Math.min(MOST_OUT, tasks.size()) - 1);
        int first = chance.nextInt(tasks.size());
        int way = chance.nextInt(3);
        List<Integer> all =
                new ArrayList<>(IntStream.range(0, tasks.size()).boxed().toList());
        if (way == 0) {
            int near = placed[first].finish();
            all.sort(Comparator.comparingInt((Integer i) -> Math.abs(placed[i].finish() - near))
                    .thenComparing(i -> i));
            return new ArrayList<>(all.subList(0, many));
        }
        List<Integer> some = new ArrayList<>();
        while (some.size() < many) {
            int i = chance.nextInt(tasks.size());
            int other = chance.nextInt(tasks.size());
            int one = way == 1 && lateS(placed[other]) > lateS(placed[i]) ? other : i;
            if (!some.contains(one)) {
                some.add(one);
            }
        }
        return some;
    }

    /** By promise, the shortest first, or anyhow. */
    private List<Integer> shuffled(List<Integer> some) {
        List<Integer> order = new ArrayList<>(some);
        int way = chance.nextInt(4);
        if (way == 0) {
            order.sort(null);
            return order;
        }
        if (way == 1) {
            order.sort(
                    Comparator.comparingInt((Integer i) -> length(tasks.get(i))).thenComparing(i -> i));
            return order;
        }
        for (int i = order.size() - 1; i > 0; i--) {
            int other = chance.nextInt(i + 1);
            Integer kept = order.get(i);
            order.set(i, order.get(other));
            order.set(other, kept);
        }
        return order;
    }

    /** Each task in turn nearer to the edges and earlier, as long as it ends no later, until none moves. */
    void settle() {
        boolean moved = true;
        for (int pass = 0; moved && pass < tasks.size() + 2; pass++) {
            moved = false;
            for (int i = 0; i < tasks.size(); i++) {
                Placed before = take(i);
                Placed after = insertion.place(tasks.get(i), Choice.NEAR_THE_EDGES);
                if (after != null && isBetter(after, before)) {
                    put(i, after);
                    moved = true;
                } else {
                    put(i, before);
                }
            }
        }
    }

    private boolean isBetter(Placed one, Placed other) {
        if (one.finish() != other.finish()) {
            return one.finish() < other.finish();
        }
        int far = Integer.compare(far(one), far(other));
        return far < 0 || far == 0 && Arrays.compare(one.starts(), other.starts()) < 0;
    }

    void take(List<Placed> plan) {
        clear();
        for (int i = 0; i < placed.length; i++) {
            put(i, plan.get(i));
        }
    }

    Sums sums() {
        int far = 0;
        for (Placed one : placed) {
            far += far(one);
        }
        return new Sums(lateS(), finish(), far);
    }

    private long lateS() {
        long lateS = 0;
        for (Placed one : placed) {
            lateS += lateS(one);
        }
        return lateS;
    }

    private long finish() {
        long finish = 0;
        for (Placed one : placed) {
            finish += one.finish();
        }
        return finish;
    }

    private long lateS(Placed one) {
        return one.task().lateS(one.finish() * shop.slotS);
    }

    private int far(Placed one) {
        int far = 0;
        for (int i = 0; i < one.starts().length; i++) {
            far += shop.farActions(one.task().piece(i), one.starts()[i]);
        }
        return far;
    }

    List<Placed> plan() {
        return List.of(placed);
    }
}
