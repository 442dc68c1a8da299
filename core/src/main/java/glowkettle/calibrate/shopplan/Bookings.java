package glowkettle.calibrate.shopplan;

import java.util.List;

/** What of the places, the people and their hands is taken, slot by slot. What runs is booked from the beginning. */
final class Bookings {
    final Shop shop;
    final int[][] used;
    final boolean[][] busy;
    final int[] actions;
    /** What hands can do in each slot, without those who are busy. */
    final int[] room;

    Bookings(Shop shop, List<Task> tasks) {
        this.shop = shop;
        this.used = new int[shop.units.length][shop.slots + 1];
        this.busy = new boolean[shop.tiers.length][shop.slots + 1];
        this.actions = new int[shop.slots + 1];
        this.room = shop.reachOfAll.clone();
        for (Task task : tasks) {
            if (task.running().runs()) {
                book(task.before(), 0, task.running().end(), task.running().person(), 1);
                if (task.before().endsWithAction()) {
                    actions[task.running().end()]++;
                }
            }
        }
    }

    void add(Placed placed) {
        book(placed, 1);
    }

    void remove(Placed placed) {
        book(placed, -1);
    }

    boolean takesActions(int slot, int more) {
        return more == 0 || slot <= shop.slots && actions[slot] + more <= room[slot];
    }

    private void book(Placed placed, int sign) {
        Task task = placed.task();
        if (task.running().runs()) {
            book(task.before(), task.running().end(), placed.runningUntil(), -1, sign);
        }
        for (int i = 0; i < task.open(); i++) {
            Piece piece = task.piece(i);
            int start = placed.starts()[i];
            book(piece, start, placed.heldUntil(i), placed.persons()[i], sign);
            actions[start] += sign * piece.startActions();
            if (piece.endsWithAction()) {
                actions[start + piece.length()] += sign;
            }
        }
    }

    private void book(Piece piece, int from, int until, int person, int sign) {
        int last = Math.min(until, shop.slots + 1);
        for (int slot = from; piece.place() >= 0 && slot < last; slot++) {
            used[piece.place()][slot] += sign;
        }
        for (int slot = from; person >= 0 && slot < last; slot++) {
            busy[person][slot] = sign > 0;
            room[slot] -= sign * shop.reach[person][slot];
        }
    }
}
