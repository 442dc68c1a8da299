package glowkettle.join;

import glowkettle.join.LeadFinder.Role;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * One way of giving roles to leads. Two leads to the same tab may change places: that is no other assignment.
 *
 * @param roles one for each lead, in their order
 * @param taps which tap a lead is, counted from minus; 0 where it is none
 * @param mostTap how many taps can occur
 */
record Assignment(List<Role> roles, List<Integer> taps, int mostTap) {
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
                    all.add(new Assignment(roles, taps, tapTaken.length - 1));
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
