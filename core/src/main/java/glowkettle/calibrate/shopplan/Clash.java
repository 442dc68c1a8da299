package glowkettle.calibrate.shopplan;

import glowkettle.calibrate.shopplan.Windows.Order;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Why starts are no plan yet. */
sealed interface Clash {
    /**
     * Too many hold one thing at a time, whenever they do it: some two of them must come one after the other.
     *
     * @param running indexes of tasks whose running step is among them
     * @param steps starts that are among them
     * @param together unless they do it where there is room for all: the earliest start of each for that; empty where there never is
     */
    record OneAfterTheOther(List<Integer> running, List<Integer> steps, Map<Integer, Integer> together)
            implements Clash {
        /** Each way in which two of them come one after the other, on top of the orders that there are. */
        List<Order> orders(@Nullable Order rest) {
            List<Order> orders = new ArrayList<>();
            for (int to : steps) {
                for (int from : steps) {
                    if (from != to) {
                        orders.add(new Order(Order.STEP, from, to, 0, rest));
                    }
                }
                for (int one : running) {
                    orders.add(new Order(one, -1, to, 0, rest));
                }
            }
            return orders;
        }
    }

    /**
     * Too many hands at one minute, whenever it is: some two of them must not meet.
     *
     * @param hands steps that are worked at from start to end
     * @param actions what is done at the minute
     * @param together unless they meet where there are hands for all: the earliest start of each for that; empty where there never are
     */
    record Apart(List<Integer> hands, List<Meeting> actions, Map<Integer, Integer> together) implements Clash {
        /** @param after slots from the start of the step to the minute */
        record Meeting(int step, int after) {}

        /** Each way in which two of them do not meet, on top of the orders that there are. */
        List<Order> orders(@Nullable Order rest) {
            List<Order> orders = new ArrayList<>();
            for (Meeting one : actions) {
                for (Meeting other : actions) {
                    if (one != other) {
                        int after = one.after() + 1 - other.after();
                        orders.add(new Order(Order.BEGINS, one.step(), other.step(), after, rest));
                    }
                }
                for (int work : hands) {
                    orders.add(new Order(Order.STEP, work, one.step(), -one.after(), rest));
                    orders.add(new Order(Order.BEGINS, one.step(), work, one.after() + 1, rest));
                }
            }
            for (int work : hands) {
                for (int other : hands) {
                    if (work != other) {
                        orders.add(new Order(Order.STEP, work, other, 0, rest));
                    }
                }
            }
            return orders;
        }
    }

    /**
     * Not at these very minutes: at least one of them begins at another.
     *
     * @param steps starts
     * @param laterS the first slot at which each would be out of the way, where it is later
     */
    record Elsewhere(List<Integer> steps, List<Integer> later) implements Clash {}
}
