package glowkettle.join;

import glowkettle.join.LeadFinder.Role;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * One way of giving roles to leads. Two leads to the same tab may change places: that is no other assignment.
 *
 * @param roles one for each lead, in their order
 * @param taps which tap a lead is, counted from minus; 0 where it is none
 * @param mostTap how many taps can occur
 * @param broken the lead that is broken, whatever it was meant for; {@link #NONE} where none is
 */
record Assignment(List<Role> roles, List<Integer> taps, int mostTap, int broken) {
    static final int NONE = -1;

    Assignment {
        roles = List.copyOf(roles);
        taps = List.copyOf(taps);
    }

    /** Every assignment with a plus and a minus. */
    static List<Assignment> all(LeadFinder.Request request) {
        int taps = Collections.frequency(request.roles(), Role.TAP);
        List<Assignment> all = new ArrayList<>();
        new Filler(request, taps, all).fill();
        return all;
    }

    /** The same with one lead broken: what that one was meant for tells two of them not apart. */
    static List<Assignment> allWithOneBroken(List<Assignment> sound) {
        Set<List<Object>> seen = new HashSet<>();
        List<Assignment> all = new ArrayList<>();
        for (Assignment one : sound) {
            for (int lead = 0; lead < one.roles().size(); lead++) {
                if (seen.add(one.without(lead))) {
                    all.add(new Assignment(one.roles(), one.taps(), one.mostTap(), lead));
                }
            }
        }
        return all;
    }

    private List<Object> without(int lead) {
        List<Object> others = new ArrayList<>(List.of(lead));
        for (int other = 0; other < roles.size(); other++) {
            if (other != lead) {
                others.add(roles.get(other));
                others.add(taps.get(other));
            }
        }
        return others;
    }

    boolean isBroken(int one, int other) {
        return broken == one || broken == other;
    }

    /** Gives each lead in turn whatever is left over. */
    private static final class Filler {
        private final int leads;
        private final int[] left = new int[Role.values().length];
        private final boolean[] tapTaken;
        private final List<Role> roles = new ArrayList<>();
        private final List<Integer> taps = new ArrayList<>();
        private final List<Assignment> all;

        private Filler(LeadFinder.Request request, int taps, List<Assignment> all) {
            this.leads = request.leads().size();
            this.all = all;
            this.tapTaken = new boolean[taps + 1];
            request.roles().forEach(role -> left[role.ordinal()]++);
        }

        private void fill() {
            if (roles.size() == leads) {
                if (roles.contains(Role.PLUS) && roles.contains(Role.MINUS)) {
                    all.add(new Assignment(roles, taps, tapTaken.length - 1, NONE));
                }
                return;
            }
            for (Role role : Role.values()) {
                if (role == Role.TAP) {
                    for (int tap = 1; tap < tapTaken.length; tap++) {
                        if (!tapTaken[tap]) {
                            tapTaken[tap] = true;
                            give(role, tap);
                            tapTaken[tap] = false;
                        }
                    }
                } else if (left[role.ordinal()] > 0) {
                    left[role.ordinal()]--;
                    give(role, 0);
                    left[role.ordinal()]++;
                }
            }
        }

        private void give(Role role, int tap) {
            roles.add(role);
            taps.add(tap);
            fill();
            roles.removeLast();
            taps.removeLast();
        }
    }

    /** The point of the cells' chain that a lead comes from: 0 is minus, then the taps, then plus. */
    int node(int lead) {
        return switch (roles.get(lead)) {
            case MINUS, THERMISTOR, IDENTITY -> 0;
            case TAP -> taps.get(lead);
            case PLUS -> mostTap + 1;
        };
    }

    String words(int lead) {
        Role role = roles.get(lead);
        return role == Role.TAP && mostTap > 1 ? "tap " + taps.get(lead) : role.words();
    }
}
