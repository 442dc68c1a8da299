package glowkettle.calibrate.shopplan;

import glowkettle.calibrate.shopplan.Clash.Apart;
import glowkettle.calibrate.shopplan.Clash.Elsewhere;
import glowkettle.calibrate.shopplan.Clash.OneAfterTheOther;
import glowkettle.calibrate.shopplan.Orders.Found;
import glowkettle.calibrate.shopplan.Orders.Node;
import glowkettle.calibrate.shopplan.Windows.Order;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import org.jspecify.annotations.Nullable;

/**
 * Among plans whose first two sums are proven, the fewest actions far from the edges. Every finish stands fast, so each step lies
 * between its first and its last start; the fewest of each task alone bound those of all. Where they clash, or break an order, the
 * windows are cut at that minute.
 */
final class Edges {
    private final Work work;
    private final Openings openings;
    private final Windows windows;
    private final Clashes clashes;
    private final long most;
    private final PriorityQueue<Bounded> open =
            new PriorityQueue<>(Comparator.comparingInt(Bounded::far).thenComparingLong(Bounded::id));
    private long made;

    /** @param chosen the starts of each task with the fewest, for itself */
    private record Bounded(
            long id, int[] soonest, int[] latest, @Nullable Order orders, int[] chosen, int far) {}

    /** @param found better than what was known; null where nothing is */
    record Answer(@Nullable Found found, boolean proven) {}

    Edges(Work work, Openings openings, long most) {
        this.work = work;
        this.openings = openings;
        this.windows = new Windows(work, openings);
        this.clashes = new Clashes(work, false);
        this.most = most;
    }

    /** @param known far actions of the plan that is known, without those of what runs */
    Answer search(List<Node> ties, int known) {
        for (Node node : ties) {
            int[] last = node.most() == null ? filled() : node.most().clone();
            for (int task = 0; task < work.tasks.size(); task++) {
                int end = work.offset[task + 1] - 1;
                if (end >= work.offset[task]) {
                    last[end] = Math.min(last[end], node.starts()[end]);
                }
            }
            push(node.starts(), last, node.orders());
        }
        while (!open.isEmpty()) {
            Bounded node = open.poll();
            if (node.far() >= known) {
                return new Answer(null, !clashes.gaveUp());
            }
            if (made > most) {
                return new Answer(null, false);
            }
            Order broken = broken(node);
            if (broken != null) {
                cut(node, broken);
                continue;
            }
            Optional<Clash> clash = clashes.of(node.chosen());
            if (clash.isEmpty()) {
                return new Answer(new Found(node.chosen(), clashes.persons()), !clashes.gaveUp());
            }
            switch (clash.get()) {
                case OneAfterTheOther crowd ->
                    crowd.orders(node.orders()).forEach(order -> push(node.soonest(), node.latest(), order));
                case Apart apart ->
                    apart.orders(node.orders()).forEach(order -> push(node.soonest(), node.latest(), order));
                case Elsewhere elsewhere -> elsewhere(node, elsewhere);
            }
        }
        return new Answer(null, !clashes.gaveUp());
    }

    private int[] filled() {
        int[] last = new int[work.starts()];
        Arrays.fill(last, work.shop.slots);
        return last;
    }

    private @Nullable Order broken(Bounded node) {
        for (Order order = node.orders(); order != null; order = order.rest()) {
            if (windows.release(order, node.chosen()) > node.chosen()[order.to()]) {
                return order;
            }
        }
        return null;
    }

    /** Either it is let go by the minute at which the other was to begin, or the other begins later. */
    private void cut(Bounded node, Order order) {
        int begins = node.chosen()[order.to()];
        int held = windows.held(order);
        if (held >= 0) {
            int[] latest = node.latest().clone();
            latest[held] = Math.min(latest[held], begins - windows.lengthTo(order));
            push(node.soonest(), latest, node.orders());
        }
        int[] soonest = node.soonest().clone();
        soonest[order.to()] = begins + 1;
        push(soonest, node.latest(), node.orders());
    }

    private void elsewhere(Bounded node, Elsewhere clash) {
        int[] soonest = node.soonest().clone();
        int[] latest = node.latest().clone();
        for (int at : clash.steps()) {
            int here = node.chosen()[at];
            int[] before = latest.clone();
            before[at] = Math.min(before[at], here - 1);
            push(soonest, before, node.orders());
            int[] after = soonest.clone();
            after[at] = Math.max(after[at], here + 1);
            push(after, latest, node.orders());
            soonest[at] = Math.max(soonest[at], here);
            latest[at] = Math.min(latest[at], here);
        }
    }

    private void push(int[] from, int[] until, @Nullable Order orders) {
        int[] soonest = from.clone();
        int[] latest = until.clone();
        made++;
        if (!windows.soonest(soonest, orders, latest) || !windows.latest(latest, soonest, orders)) {
            return;
        }
        int[] chosen = new int[work.starts()];
        int far = 0;
        for (int task = 0; task < work.tasks.size(); task++) {
            int own = fewest(task, soonest, latest, chosen);
            if (own == Piece.UNBOUND) {
                return;
            }
            far += own;
        }
        open.add(new Bounded(made, soonest, latest, orders, chosen, far));
    }

    /** The fewest of one task within its windows, at the earliest starts that have so few. */
    private int fewest(int task, int[] soonest, int[] latest, int[] chosen) {
        int first = work.offset[task];
        int end = work.offset[task + 1];
        if (first == end) {
            return 0;
        }
        int[][] cost = new int[end - first][];
        for (int at = end - 1; at >= first; at--) {
            int[] here = cost[at - first] = new int[latest[at] - soonest[at] + 1];
            for (int start = soonest[at]; start <= latest[at]; start++) {
                int rest = openings.next[at][start] != start
                        ? Piece.UNBOUND
                        : at + 1 == end ? 0 : cheapest(at, start, soonest, latest, cost[at + 1 - first]);
                here[start - soonest[at]] =
                        rest == Piece.UNBOUND ? rest : rest + work.shop.farActions(work.pieceOf[at], start);
            }
        }
        int least = Arrays.stream(cost[0]).min().orElse(Piece.UNBOUND);
        if (least == Piece.UNBOUND) {
            return least;
        }
        int left = least;
        for (int at = first; at < end; at++) {
            int start =
                    at == first ? soonest[at] : Math.max(soonest[at], chosen[at - 1] + work.pieceOf[at - 1].length());
            while (cost[at - first][start - soonest[at]] != left || at > first && !follows(at, chosen[at - 1], start)) {
                start++;
            }
            chosen[at] = start;
            left -= work.shop.farActions(work.pieceOf[at], start);
        }
        return least;
    }

    private int cheapest(int at, int start, int[] soonest, int[] latest, int[] next) {
        int best = Piece.UNBOUND;
        int from = Math.max(soonest[at + 1], start + work.pieceOf[at].length());
        for (int slot = from; slot <= latest[at + 1] && best > 0; slot++) {
            if (next[slot - soonest[at + 1]] < best) {
                if (!follows(at + 1, start, slot)) {
                    break;
                }
                best = next[slot - soonest[at + 1]];
            }
        }
        return best;
    }

    /** Once a start lies too late behind the one before it, all later ones do. */
    private boolean follows(int at, int from, int slot) {
        Piece before = work.pieceOf[at - 1];
        return switch (before.kind()) {
            case HANDS -> true;
            case ATTENDED -> !before.waits() || work.shop.interval[slot] == work.shop.interval[from];
            case FREE -> slot - from - before.length() <= (work.pieceOf[at].free() ? 0 : before.slack());
        };
    }
}
