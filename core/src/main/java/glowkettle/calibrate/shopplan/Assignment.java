package glowkettle.calibrate.shopplan;

import java.util.List;

/** Who works at what: tried out, each in the order of their start. */
final class Assignment {
    private static final int MOST_TRIES = 20_000;

    private final Work work;
    private final Shop shop;
    private final int[] actions;
    private final List<Taken> hands;
    private final int[] who;
    private final boolean possible;
    private int tries;
    private int deepest;

    /** @param hands by their start */
    Assignment(Work work, int[] actions, List<Taken> hands) {
        this.work = work;
        this.shop = work.shop;
        this.actions = actions;
        this.hands = hands;
        this.who = new int[hands.size()];
        this.possible = assign(0);
    }

    boolean isPossible() {
        return possible;
    }

    /** Whether it might be possible, but took too long to try. */
    boolean gaveUp() {
        return !possible && tries > MOST_TRIES;
    }

    int who(int i) {
        return who[i];
    }

    /** The slot from which on those lie who cannot all have somebody: what overlaps, one with the next. */
    int wrongFrom() {
        return wrong()[0];
    }

    int wrongUntil() {
        return wrong()[1];
    }

    private int[] wrong() {
        if (deepest == hands.size()) {
            // Everybody had work, and too few hands were left beside it: nobody knows where.
            int last = hands.stream().mapToInt(Taken::until).max().orElse(0);
            return new int[] {hands.getFirst().from(), last + 1};
        }
        int from = hands.get(deepest).from();
        int until = hands.get(deepest).until();
        boolean grown = true;
        while (grown) {
            grown = false;
            for (Taken one : hands) {
                if (one.from() < until && from < one.until() && (one.from() < from || one.until() > until)) {
                    from = Math.min(from, one.from());
                    until = Math.max(until, one.until());
                    grown = true;
                }
            }
        }
        return new int[] {from, until + 1};
    }

    private boolean assign(int next) {
        deepest = Math.max(deepest, next);
        if (next == hands.size()) {
            return hands.stream().allMatch(this::actionsFit);
        }
        for (int person = 0; person < shop.tiers.length; person++) {
            if (++tries > MOST_TRIES) {
                return false;
            }
            if (may(person, next)) {
                who[next] = person;
                if (assign(next + 1)) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean may(int person, int next) {
        Taken one = hands.get(next);
        boolean may = one.runs()
                ? person == one.task(work).running().person()
                : shop.tiers[person] >= one.tier(work) && shop.isThere(person, one.from(), one.until() - one.from());
        for (int i = 0; may && i < next; i++) {
            may = who[i] != person || hands.get(i).until() <= one.from();
        }
        return may;
    }

    private boolean actionsFit(Taken one) {
        for (int slot = one.from(); slot < one.until(); slot++) {
            if (actions[slot] == 0) {
                continue;
            }
            int room = shop.reachOfAll[slot];
            for (int i = 0; i < who.length; i++) {
                if (hands.get(i).from() <= slot && slot < hands.get(i).until()) {
                    room -= shop.reach[who[i]][slot];
                }
            }
            if (actions[slot] > room) {
                return false;
            }
        }
        return true;
    }
}
