package glowkettle.join;

import glowkettle.join.LeadFinder.Joined;
import glowkettle.join.LeadFinder.NewLead;
import glowkettle.join.LeadFinder.Pad;
import glowkettle.join.LeadFinder.Role;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;

/** Which new lead goes to which pad. Taps go to the tap pads in ascending order, doubled leads each to one of their pads. */
final class JoinTable {
    private JoinTable() {}

    static List<Joined> of(LeadFinder.Request request, Assignment found) {
        List<Pad> free = new ArrayList<>(Objects.requireNonNullElse(request.pads(), List.of()));
        List<Integer> order = new ArrayList<>();
        for (int lead = 0; lead < request.leads().size(); lead++) {
            order.add(lead);
        }
        order.sort((a, b) -> Integer.compare(found.taps().get(a), found.taps().get(b)));
        Joined[] table = new Joined[order.size()];
        for (int lead : order) {
            NewLead own = request.leads().get(lead);
            Role role = found.roles().get(lead);
            Pad pad = isTold(role, request, found)
                    ? free.stream()
                            .filter(one -> one.role() == role)
                            .findFirst()
                            .orElse(null)
                    : null;
            free.remove(pad);
            table[lead] = new Joined(
                    own.id(),
                    own.colour(),
                    found.words(lead),
                    pad == null ? null : pad.pad(),
                    pad == null ? null : pad.colour());
        }
        return List.of(table);
    }

    /** With more taps on one side than on the other, nobody can say which of them is left out. */
    private static boolean isTold(Role role, LeadFinder.Request request, Assignment found) {
        long pads = Objects.requireNonNullElse(request.pads(), List.<Pad>of()).stream()
                .filter(pad -> pad.role() == role)
                .count();
        return role != Role.TAP || pads == Collections.frequency(found.roles(), role);
    }
}
