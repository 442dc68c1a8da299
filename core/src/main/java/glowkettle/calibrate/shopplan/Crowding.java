package glowkettle.calibrate.shopplan;

import java.util.Arrays;

/**
 * What a kind of place, or the people, need for all that asks for them, when the work may be cut at will and goes from hand to hand:
 * the shortest rest first has at every moment as many done as can be (Schrage, 1968), so the k-th is done no earlier in any plan.
 */
final class Crowding {
    private final Work work;
    /** For each kind of place, and at last for the people: how much can be done up to each slot. */
    private final int[][] reach;

    private final int[][] first;
    private final int[][] last;
    private final int[] asked;
    private final int[] done;
    private final int[] heads;
    private final int[] lefts;
    private final long[] promises;

    /** @param finish of all tasks together, in slots */
    record Floor(long lateS, long finish) {}

    Crowding(Work work) {
        this.work = work;
        Shop shop = work.shop;
        int kinds = shop.units.length;
        int tasks = work.tasks.size();
        this.reach = new int[kinds + 1][];
        this.first = new int[kinds + 1][tasks];
        this.last = new int[kinds + 1][tasks];
        this.asked = new int[kinds + 1];
        this.done = new int[tasks];
        this.heads = new int[tasks];
        this.lefts = new int[tasks];
        this.promises = new long[tasks];
        for (int kind = 0; kind <= kinds; kind++) {
            boolean attended = true;
            for (int task = 0; task < tasks; task++) {
                first[kind][task] = -1;
                for (int at = work.offset[task]; at < work.offset[task + 1]; at++) {
                    if (asks(kind, at)) {
                        first[kind][task] = first[kind][task] < 0 ? at : first[kind][task];
                        last[kind][task] = at;
                        attended &= !work.pieceOf[at].free();
                    }
                }
                asked[kind] += first[kind][task] < 0 ? 0 : 1;
            }
            reach[kind] = asked[kind] > 1 ? reach(kind, attended) : new int[0];
        }
    }

    private boolean asks(int kind, int at) {
        Piece piece = work.pieceOf[at];
        return kind == work.shop.units.length ? piece.hands() : piece.place() == kind;
    }

    private int[] reach(int kind, boolean attended) {
        Shop shop = work.shop;
        int[] upTo = new int[shop.slots + 2];
        for (int slot = 0; slot <= shop.slots; slot++) {
            int now = kind < shop.units.length ? shop.units[kind] : 0;
            for (int person = 0; kind == shop.units.length && person < shop.tiers.length; person++) {
                now += shop.personUntilS[person][slot] > 0 ? 1 : 0;
            }
            upTo[slot + 1] = upTo[slot] + (attended && shop.presentUntil[slot] == slot ? 0 : now);
        }
        return upTo;
    }

    /** The larger of the floors of all kinds, for plans that begin nothing earlier than these starts. */
    Floor of(int[] starts, Sums sums) {
        long mostLateS = sums.lateS();
        long mostFinish = sums.finishSlots();
        for (int kind = 0; kind < reach.length; kind++) {
            if (asked[kind] > 1) {
                Floor floor = of(kind, starts);
                mostLateS = Math.max(mostLateS, floor.lateS());
                mostFinish = Math.max(mostFinish, floor.finish());
            }
        }
        return new Floor(mostLateS, mostFinish);
    }

    private Floor of(int kind, int[] starts) {
        long finish = 0;
        long lateS = 0;
        int many = 0;
        int leastAfter = Piece.UNBOUND;
        for (int task = 0; task < work.tasks.size(); task++) {
            Task one = work.tasks.get(task);
            if (first[kind][task] < 0) {
                int end = work.finish(task, starts);
                finish += end;
                lateS += one.lateS(end * work.shop.slotS);
                continue;
            }
            int left = 0;
            int after = 0;
            for (int at = first[kind][task]; at < work.offset[task + 1]; at++) {
                left += asks(kind, at) ? work.pieceOf[at].length() : 0;
                after += at > last[kind][task] ? work.pieceOf[at].length() : 0;
            }
            int place = many;
            int head = reach[kind][starts[first[kind][task]]];
            while (place > 0 && heads[place - 1] > head) {
                heads[place] = heads[place - 1];
                lefts[place] = lefts[place - 1];
                place--;
            }
            heads[place] = head;
            lefts[place] = left;
            promises[many++] = one.promiseS();
            finish += after;
            leastAfter = Math.min(leastAfter, after);
        }
        done(kind, many);
        Arrays.sort(promises, 0, many);
        for (int i = 0; i < many; i++) {
            finish += done[i];
            lateS += promises[i] == Long.MAX_VALUE
                    ? 0
                    : Math.max(0, (done[i] + leastAfter) * work.shop.slotS - promises[i]);
        }
        return new Floor(lateS, finish);
    }

    private void done(int kind, int many) {
        int coming = 0;
        int now = 0;
        for (int ended = 0; ended < many; ended++) {
            while (true) {
                while (coming < many && heads[coming] <= now) {
                    coming++;
                }
                int shortest = -1;
                for (int i = 0; i < coming; i++) {
                    if (lefts[i] > 0 && (shortest < 0 || lefts[i] < lefts[shortest])) {
                        shortest = i;
                    }
                }
                if (shortest < 0) {
                    now = heads[coming];
                } else if (coming < many && now + lefts[shortest] > heads[coming]) {
                    lefts[shortest] -= heads[coming] - now;
                    now = heads[coming];
                } else {
                    now += lefts[shortest];
                    lefts[shortest] = 0;
                    done[ended] = slot(kind, now);
                    break;
                }
            }
        }
    }

    /** The first slot up to which so much can be done; what lies beyond the horizon counts as its end. */
    private int slot(int kind, int much) {
        int[] upTo = reach[kind];
        int low = 0;
        int high = upTo.length - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (upTo[middle] >= much) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }
}
