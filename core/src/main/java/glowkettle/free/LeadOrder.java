package glowkettle.free;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Worded;
import glowkettle.finding.Working;
import glowkettle.library.Lead;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * In which order soldered conductors come off and go back on, one at a time, each end covered before the next: off negative
 * first, then signals, then positive; back on positive first, negative last. A pack with taps and a controller: off sense
 * plug, plus, minus last; on minus, taps ascending, plus last. A model may say otherwise. Source: handbook, Free the pack.
 */
public record LeadOrder(List<String> off, List<String> on, List<Ranked> schools) {
    /** How leads leave the device. */
    public enum School implements Worded {
        UNSOLDER("Unsolder at the board"),
        CUT("Cut and splice");

        private final String words;

        School(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** A school with its reason here, the better one first. */
    public record Ranked(School school, String reason) {}

    /** The leads, and whose hand it is. */
    public record Case(
            @Says("Leads of the pack") List<Lead> leads,

            @Says("The pack has taps and a controller") Boolean controller,
            @Says("A hand used to an iron") Boolean steadyHand,

            @Says(value = "Order off, when the model says its own", longest = 40)
            List<String> ownOrder) {
        public Case {
            leads = List.copyOf(leads);
            ownOrder = List.copyOf(ownOrder);
        }
    }

    public LeadOrder {
        off = List.copyOf(off);
        on = List.copyOf(on);
        schools = List.copyOf(schools);
    }

    public static Result<LeadOrder> of(Case asked, ShopLimits limits) {
        if (asked.leads().isEmpty()) {
            throw new Unanswerable("leads", "No leads given; name at least one");
        }
        Set<String> ids = new HashSet<>();
        asked.leads().forEach(lead -> {
            if (!ids.add(lead.id())) {
                throw new Unanswerable("leads", "The lead '%s' stands twice".formatted(lead.id()));
            }
        });
        if (!asked.ownOrder().isEmpty()
                && !(Set.copyOf(asked.ownOrder()).equals(ids)
                        && asked.ownOrder().size() == ids.size())) {
            throw new Unanswerable("ownOrder", "%s must name each of %s once".formatted(asked.ownOrder(), ids));
        }
        List<String> off = asked.ownOrder().isEmpty() ? off(asked) : asked.ownOrder();
        LeadOrder order =
                new LeadOrder(off, asked.ownOrder().isEmpty() ? on(asked) : off.reversed(), schools(asked, limits));
        return new Result<>(
                order,
                List.of(
                        Finding.care(
                                "one-conductor",
                                "One conductor at a time, each end covered before the next: cutting two at once shorts "
                                        + "the pack through the cutter."),
                        Finding.note("insulated-cutter", "Insulated cutter; waiting leads taped aside.")),
                Working.of(
                        "Off: %s.".formatted(String.join(", ", order.off())),
                        "Back on: %s.".formatted(String.join(", ", order.on()))));
    }

    private static List<String> off(Case asked) {
        List<Lead.Role> roles = asked.controller()
                ? List.of(Lead.Role.TAP, Lead.Role.SIGNAL, Lead.Role.POSITIVE, Lead.Role.NEGATIVE)
                : List.of(Lead.Role.NEGATIVE, Lead.Role.TAP, Lead.Role.SIGNAL, Lead.Role.POSITIVE);
        return inOrder(asked, roles);
    }

    private static List<String> on(Case asked) {
        return inOrder(
                asked,
                asked.controller()
                        ? List.of(Lead.Role.NEGATIVE, Lead.Role.TAP, Lead.Role.SIGNAL, Lead.Role.POSITIVE)
                        : List.of(Lead.Role.POSITIVE, Lead.Role.SIGNAL, Lead.Role.TAP, Lead.Role.NEGATIVE));
    }

    private static List<String> inOrder(Case asked, List<Lead.Role> roles) {
        return asked.leads().stream()
                .sorted(Comparator.comparing(
                        (Lead lead) -> roles.indexOf(lead.role().isSignal() ? Lead.Role.SIGNAL : lead.role())))
                .map(Lead::id)
                .toList();
    }

    private static List<Ranked> schools(Case asked, ShopLimits limits) {
        BigDecimal shortest = asked.leads().stream()
                .map(Lead::freeLengthMm)
                .min(Comparator.naturalOrder())
                .orElseThrow();
        boolean room = shortest.compareTo(limits.of(Limit.SPLICE_ROOM_MM)) >= 0;
        Ranked unsolder = new Ranked(
                School.UNSOLDER,
                room
                        ? "Keeps full length, heats the board. Reuse the solder that is there; lift each lead while it is liquid."
                        : "The shortest lead has %s mm: cutting leaves too little for a splice.".formatted(shortest));
        Ranked cut = new Ranked(
                School.CUT,
                room
                        ? "The shortest lead has %s mm: room for a splice without an iron at the board."
                                .formatted(shortest)
                        : "Leave as much as possible on the device side; there is little to leave.");
        boolean unsolderFirst = asked.steadyHand() || !room;
        return new ArrayList<>(unsolderFirst ? List.of(unsolder, cut) : List.of(cut, unsolder));
    }
}
