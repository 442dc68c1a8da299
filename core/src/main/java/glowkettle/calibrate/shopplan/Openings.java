package glowkettle.calibrate.shopplan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** In which slots each step may begin when nothing else is placed but what runs. */
final class Openings {
    /** For each start: the first slot from each on at which it may begin; {@code Piece.UNBOUND} where there is none. */
    final int[][] next;
    /** The last slot up to each at which it may; −1 where there is none. */
    final int[][] last;

    Openings(Work work) {
        this.next = new int[work.starts()][];
        this.last = new int[work.starts()][];
        Insertion alone = new Insertion(new Bookings(work.shop, work.tasks));
        List<boolean[]> known = new ArrayList<>();
        for (Task task : work.tasks) {
            for (boolean[] may : alone.mayStart(task)) {
                rows(may, known);
            }
        }
    }

    /** Equal steps of a shop share their rows. */
    private void rows(boolean[] may, List<boolean[]> known) {
        int at = known.size();
        for (int i = 0; i < at; i++) {
            if (Arrays.equals(known.get(i), may)) {
                next[at] = next[i];
                last[at] = last[i];
            }
        }
        known.add(may);
        if (next[at] != null) {
            return;
        }
        int[] from = next[at] = new int[may.length];
        int[] upTo = last[at] = new int[may.length];
        int found = Piece.UNBOUND;
        for (int slot = may.length - 1; slot >= 0; slot--) {
            found = may[slot] ? slot : found;
            from[slot] = found;
        }
        found = -1;
        for (int slot = 0; slot < may.length; slot++) {
            found = may[slot] ? slot : found;
            upTo[slot] = found;
        }
    }
}
