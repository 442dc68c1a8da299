package glowkettle.join;

import glowkettle.join.LeadFinder.NewLead;
import glowkettle.join.LeadFinder.Role;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Which of two leads is minus and which the thermistor's, by thickness and colour alone. Only these two: swapped, the device
 * stays dead and they are swapped back; between plus and anything a guess burns. Source: handbook, Join, Lead finder.
 */
record Looks(Assignment assignment, String minus, String thermistor, String evidence) {
    private static final Set<String> OF_MINUS = Set.of("black");
    private static final Set<String> OF_A_SIGNAL =
            Set.of("white", "yellow", "green", "blue", "grey", "gray", "orange", "purple");

    /** Null where more is left than these two, where nothing tells them apart, or where thickness and colour disagree. */
    static @Nullable Looks of(LeadFinder.Request request, List<Assignment> left) {
        if (left.size() != 2) {
            return null;
        }
        for (Assignment one : left) {
            Assignment other = one == left.getFirst() ? left.getLast() : left.getFirst();
            int minus = only(one, other, Role.MINUS, Role.THERMISTOR);
            int thermistor = only(one, other, Role.THERMISTOR, Role.MINUS);
            if (minus < 0 || thermistor < 0 || differences(one, other) != 2) {
                return null;
            }
            String evidence =
                    evidence(request.leads().get(minus), request.leads().get(thermistor));
            if (evidence != null) {
                return new Looks(
                        one,
                        request.leads().get(minus).id(),
                        request.leads().get(thermistor).id(),
                        evidence);
            }
        }
        return null;
    }

    /** The one lead that has a role in one assignment and another in the other; negative where there is none. */
    private static int only(Assignment one, Assignment other, Role here, Role there) {
        for (int lead = 0; lead < one.roles().size(); lead++) {
            if (one.roles().get(lead) == here && other.roles().get(lead) == there) {
                return lead;
            }
        }
        return -1;
    }

    private static long differences(Assignment one, Assignment other) {
        long differences = 0;
        for (int lead = 0; lead < one.roles().size(); lead++) {
            boolean alike = one.roles().get(lead) == other.roles().get(lead)
                    && one.taps().get(lead).equals(other.taps().get(lead));
            differences += alike ? 0 : 1;
        }
        return differences;
    }

    private static @Nullable String evidence(NewLead minus, NewLead thermistor) {
        boolean thicker = isThick(minus) && !isThick(thermistor);
        boolean thinner = isThick(thermistor) && !isThick(minus);
        boolean coloured = is(minus, OF_MINUS) && !is(thermistor, OF_MINUS)
                || is(thermistor, OF_A_SIGNAL) && !is(minus, OF_A_SIGNAL);
        boolean colouredOtherwise = is(thermistor, OF_MINUS) || is(minus, OF_A_SIGNAL) && !is(thermistor, OF_A_SIGNAL);
        if (thinner || colouredOtherwise || !thicker && !coloured) {
            return null;
        }
        return thicker && coloured ? "thickness and colour" : thicker ? "thickness" : "colour";
    }

    private static boolean isThick(NewLead lead) {
        return Boolean.TRUE.equals(lead.thick());
    }

    private static boolean is(NewLead lead, Set<String> colours) {
        return lead.colour() != null && colours.contains(lead.colour().strip().toLowerCase(Locale.ROOT));
    }
}
