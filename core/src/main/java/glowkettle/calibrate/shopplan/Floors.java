package glowkettle.calibrate.shopplan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;

/**
 * Below what no plan can lie: what each task needs alone, and what a kind of place needs for all. There the work is cut at will and
 * the shortest rest goes first, which has at every moment as many done as can be (Schrage, 1968); so the k-th done is done no
 * earlier in any plan. Sorted against sorted promises, that bounds what is late.
 */
final class Floors {
    private final Shop shop;
    private final List<Task> tasks;

    record Floor(long lateS, long finish) {}

    /**
     * A share of a task at one kind of place: from when on, how many slots of it, and how many after it at least.
     *
     * @param attended all of it wants somebody there
     */
    private record Share(int from, int left, int after, boolean attended, Task task) {}

    Floors(Shop shop, List<Task> tasks) {
        this.shop = shop;
        this.tasks = tasks;
    }

    /** @param alone finish of each task alone */
    Floor of(int[] alone) {
        long lateS = 0;
        long finish = 0;
        for (int i = 0; i < alone.length; i++) {
            lateS += tasks.get(i).lateS(alone[i] * shop.slotS);
            finish += alone[i];
        }
        for (int kind = 0; kind < shop.units.length; kind++) {
            Floor crowded = crowded(kind, alone);
            lateS = Math.max(lateS, crowded.lateS());
            finish = Math.max(finish, crowded.finish());
        }
        return new Floor(lateS, finish);
    }

    private Floor crowded(int kind, int[] alone) {
        List<Share> shares = new ArrayList<>();
        long finish = 0;
        long lateS = 0;
        for (int i = 0; i < tasks.size(); i++) {
            Share share = share(tasks.get(i), kind);
            if (share.left() == 0) {
                finish += alone[i];
                lateS += tasks.get(i).lateS(alone[i] * shop.slotS);
            } else {
                shares.add(share);
            }
        }
        int[] done = done(shares, shop.units[kind]);
        int[] after = shares.stream().mapToInt(Share::after).sorted().toArray();
        long[] promises = shares.stream()
                .mapToLong(share -> share.task().promiseS())
                .sorted()
                .toArray();
        for (int i = 0; i < done.length; i++) {
            finish += done[i] + after[i];
            if (promises[i] != Long.MAX_VALUE) {
                lateS += Math.max(0, (done[i] + after[0]) * shop.slotS - promises[i]);
            }
        }
        return new Floor(lateS, finish);
    }

    private Share share(Task task, int kind) {
        int before = Math.max(0, task.running().end());
        int left = 0;
        int after = 0;
        int from = 0;
        boolean attended = true;
        for (int i = 0; i < task.open(); i++) {
            Piece piece = task.piece(i);
            if (piece.place() == kind) {
                attended &= piece.attended();
                from = left == 0 ? before : from;
                left += piece.length();
                after = 0;
            } else {
                after += piece.length();
            }
            before += piece.length();
        }
        return new Share(from, left, after, attended, task);
    }

    /** The slots at which so many shares are done at the earliest, each at any place, cut at will. */
    private int[] done(List<Share> shares, int units) {
        List<Share> coming = new ArrayList<>(shares);
        coming.sort(Comparator.comparingInt(Share::from));
        PriorityQueue<int[]> waiting = new PriorityQueue<>(Comparator.comparingInt(left -> left[0]));
        int[] done = new int[shares.size()];
        int many = 0;
        int next = 0;
        boolean attended = shares.stream().allMatch(Share::attended);
        for (int slot = 0; many < done.length; slot++) {
            if (attended && slot < shop.slots && shop.presentUntil[slot] == slot) {
                continue;
            }
            while (next < coming.size() && coming.get(next).from() <= slot) {
                waiting.add(new int[] {coming.get(next++).left()});
            }
            int room = units;
            while (room > 0 && !waiting.isEmpty()) {
                int[] shortest = waiting.poll();
                int work = Math.min(room, shortest[0]);
                room -= work;
                shortest[0] -= work;
                if (shortest[0] > 0) {
                    waiting.add(shortest);
                } else {
                    done[many++] = slot + 1;
                }
            }
        }
        Arrays.sort(done);
        return done;
    }
}
