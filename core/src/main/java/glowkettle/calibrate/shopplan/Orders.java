package glowkettle.calibrate.shopplan;

import glowkettle.calibrate.shopplan.Clash.Apart;
import glowkettle.calibrate.shopplan.Clash.Elsewhere;
import glowkettle.calibrate.shopplan.Clash.OneAfterTheOther;
import glowkettle.calibrate.shopplan.Windows.Order;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import org.jspecify.annotations.Nullable;

/**
 * Proves a plan of few jobs, or finds a better one. A node is a set of orders laid down; its first starts end every task as early as
 * any plan with these orders can, so their sums bound it. Where the first starts clash, some two of those that clash come one after
 * the other, or one of them begins at another minute: a node for each way. The best bound is looked at first. Branch and bound by
 * forbidden sets: Igelmund and Radermacher 1983; Demeulemeester and Herroelen 1992.
 */
final class Orders {
    private final Work work;
    private final Windows windows;
    private final Clashes clashes;
    private final Crowding crowding;
    private final List<Node> ties = new ArrayList<>();
    private final long most;
    private final Comparator<Node> best = Comparator.comparingLong(Node::lateS)
            .thenComparingLong(Node::finish)
            .thenComparing(Comparator.comparingLong(Node::id).reversed());
    private final PriorityQueue<Node> open = new PriorityQueue<>(best);
    private long made;

    /**
     * @param most null where nothing is bounded from behind
     * @param lateS no plan of this node is less late
     * @param finish no such plan ends sooner
     * @param exact both are those of its first starts
     */
    record Node(
            long id,
            int[] starts,
            @Nullable Order orders,
            int @Nullable [] most,
            long lateS,
            long finish,
            boolean exact) {}

    /**
     * What is known when the search ends.
     *
     * @param found better than what it began with; null where nothing is
     * @param proven nothing is better in the first two sums
     * @param ties nodes that may hold plans of the same two sums
     */
    record Answer(@Nullable Found found, boolean proven, long lateBoundS, long finishBound, List<Node> ties) {}

    /** A plan: its starts, and who works at each. */
    record Found(int[] starts, int[] persons) {}

    Orders(Work work, Openings openings, long most) {
        this.work = work;
        this.windows = new Windows(work, openings);
        this.clashes = new Clashes(work, true);
        this.crowding = new Crowding(work);
        this.most = most;
    }

    /** @param known the sums of a plan that is known */
    Answer search(Sums known) {
        long lateS = known.lateS();
        long finish = known.finishSlots();
        Found found = null;
        List<Node> root = new ArrayList<>();
        node(new int[work.starts()], alike(), null, root);
        open.addAll(root);
        long least = open.isEmpty() ? 0 : open.peek().finish();
        while (!open.isEmpty()) {
            Node node = open.peek();
            int compared = compare(node, lateS, finish);
            if (compared > 0) {
                break;
            }
            if (compared == 0 && node.exact()) {
                ties.add(open.poll());
                continue;
            }
            if (made > most) {
                return new Answer(found, false, node.lateS(), node.lateS() == lateS ? node.finish() : least, List.of());
            }
            open.poll();
            Optional<Clash> clash = clashes.of(node.starts());
            if (clash.isEmpty()) {
                found = new Found(node.starts(), clashes.persons());
                lateS = node.lateS();
                finish = node.finish();
                ties.clear();
                ties.add(node);
            } else {
                open.addAll(ways(node, clash.get()));
            }
        }
        return new Answer(found, !clashes.gaveUp(), lateS, finish, List.copyOf(ties));
    }

    private static int compare(Node node, long lateS, long finish) {
        int late = Long.compare(node.lateS(), lateS);
        return late != 0 ? late : Long.compare(node.finish(), finish);
    }

    private List<Node> ways(Node node, Clash clash) {
        return switch (clash) {
            case OneAfterTheOther crowd -> ordered(node, crowd.orders(node.orders()), crowd.together());
            case Apart apart -> ordered(node, apart.orders(node.orders()), apart.together());
            case Elsewhere elsewhere -> elsewhere(node, elsewhere);
        };
    }

    private List<Node> ordered(Node node, List<Order> orders, Map<Integer, Integer> together) {
        List<Node> ways = new ArrayList<>();
        orders.forEach(order -> node(node.starts(), order, node.most(), ways));
        if (!together.isEmpty()) {
            int[] moved = node.starts().clone();
            together.forEach((at, start) -> moved[at] = Math.max(moved[at], start));
            node(moved, node.orders(), node.most(), ways);
        }
        return ways;
    }

    /** The first alone moves, or it stays and the second moves, and so on: no plan lies in two nodes. */
    private List<Node> elsewhere(Node node, Elsewhere clash) {
        List<Node> ways = new ArrayList<>();
        int[] stay = node.most() == null ? unbounded() : node.most().clone();
        for (int i = 0; i < clash.steps().size(); i++) {
            int at = clash.steps().get(i);
            int[] moved = node.starts().clone();
            moved[at] = clash.later().get(i);
            node(moved, node.orders(), stay.clone(), ways);
            stay[at] = Math.min(stay[at], clash.later().get(i) - 1);
        }
        return ways;
    }

    private int[] unbounded() {
        int[] most = new int[work.starts()];
        Arrays.fill(most, Piece.UNBOUND);
        return most;
    }

    private void node(int[] from, @Nullable Order orders, int @Nullable [] bounds, List<Node> into) {
        int[] starts = from.clone();
        made++;
        if (!windows.soonest(starts, orders, bounds)) {
            return;
        }
        Sums sums = work.sums(starts);
        Crowding.Floor floor = crowding.of(starts, sums);
        into.add(new Node(
                made,
                starts,
                orders,
                bounds,
                floor.lateS(),
                floor.finish(),
                sums.compareFirstTwo(floor.lateS(), floor.finish()) == 0));
    }

    /**
     * The best few of each level gone on from, until each is a plan or worse than one: good, not proven.
     *
     * @param orders what is laid down already
     * @param known only what is better than this is found
     */
    @Nullable
    Found beam(@Nullable Order orders, int width, Sums known) {
        List<Node> level = new ArrayList<>();
        node(new int[work.starts()], orders, null, level);
        Sums least = known;
        Found found = null;
        while (!level.isEmpty()) {
            List<Node> next = new ArrayList<>();
            for (Node node : level) {
                if (compare(node, least.lateS(), least.finishSlots()) >= 0) {
                    continue;
                }
                Optional<Clash> clash = clashes.of(node.starts());
                if (clash.isPresent()) {
                    next.addAll(ways(node, clash.get()));
                } else {
                    least = new Sums(node.lateS(), node.finish(), 0);
                    found = new Found(node.starts(), clashes.persons());
                }
            }
            next.sort(best);
            level = new ArrayList<>();
            for (Node node : next) {
                if (level.size() < width
                        && (level.isEmpty() || !Arrays.equals(level.getLast().starts(), node.starts()))) {
                    level.add(node);
                }
            }
        }
        return found;
    }

    /** Of tasks that are alike, the first begins first: any plan can have their names exchanged. */
    private @Nullable Order alike() {
        Order orders = null;
        for (int task = 1; task < work.tasks.size(); task++) {
            for (int other = task - 1; other >= 0; other--) {
                if (work.tasks.get(other).isAlike(work.tasks.get(task))) {
                    orders = new Order(Order.BEGINS, work.offset[other], work.offset[task], 0, orders);
                    break;
                }
            }
        }
        return orders;
    }
}
