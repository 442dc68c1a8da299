package glowkettle.join;

import glowkettle.finding.Figures;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What has to be true of leads, roles and readings before anything can be found. */
final class LeadReadings {
    private static final int MOST_ROLES = 9;

    private LeadReadings() {}

    static void check(LeadFinder.Request request, ShopLimits limits) {
        leads(request);
        roles(request);
        readings(request, limits);
    }

    private static void leads(LeadFinder.Request request) {
        int count = request.leads().size();
        if (count < LeadFinder.LEAST_LEADS || count > LeadFinder.MOST_LEADS) {
            throw new Unanswerable(
                    "leads",
                    "%s leads; %s to %s can be told apart"
                            .formatted(count, LeadFinder.LEAST_LEADS, LeadFinder.MOST_LEADS));
        }
        Set<String> ids = new HashSet<>();
        request.leads().forEach(lead -> {
            if (!ids.add(lead.id())) {
                throw new Unanswerable("leads", "The lead '%s' stands twice".formatted(lead.id()));
            }
        });
    }

    private static void roles(LeadFinder.Request request) {
        List<LeadFinder.Role> roles = request.roles();
        int leads = request.leads().size();
        if (roles.size() < leads || roles.size() > MOST_ROLES) {
            throw new Unanswerable(
                    "roles", "%s roles for %s leads; name %s to %s".formatted(roles.size(), leads, leads, MOST_ROLES));
        }
        if (!roles.contains(LeadFinder.Role.PLUS) || !roles.contains(LeadFinder.Role.MINUS)) {
            throw new Unanswerable("roles", "A pack has a plus and a minus; name both among %s".formatted(roles));
        }
        once(roles, LeadFinder.Role.THERMISTOR);
        once(roles, LeadFinder.Role.IDENTITY);
        int taps = Collections.frequency(roles, LeadFinder.Role.TAP);
        int most = request.inside().cells().intValue() - 1;
        if (taps > most) {
            throw new Unanswerable(
                    "roles",
                    "%s taps in a pack of %s; at most %s"
                            .formatted(taps, request.inside().cells(), most));
        }
        if (roles.contains(LeadFinder.Role.IDENTITY) && request.inside().identityOhm() == null) {
            throw new Unanswerable("identityOhm", "Missing: the identity resistor of this model, in Ω");
        }
    }

    private static void once(List<LeadFinder.Role> roles, LeadFinder.Role role) {
        int count = Collections.frequency(roles, role);
        if (count > 1) {
            throw new Unanswerable("roles", "%s stands %s times; at most once".formatted(role.words(), count));
        }
    }

    private static void readings(LeadFinder.Request request, ShopLimits limits) {
        List<String> ids = request.leads().stream().map(LeadFinder.NewLead::id).toList();
        Set<List<String>> taken = new HashSet<>();
        for (int i = 0; i < request.readings().size(); i++) {
            LeadFinder.Reading reading = request.readings().get(i);
            String at = "readings[%s]".formatted(i);
            for (String lead : List.of(reading.from(), reading.to())) {
                if (!ids.contains(lead)) {
                    throw new Unanswerable(at, "'%s' is no lead of this pack; these are %s".formatted(lead, ids));
                }
            }
            if (reading.from().equals(reading.to())) {
                throw new Unanswerable(at, "Both probes are on '%s'; name two leads".formatted(reading.from()));
            }
            if (!taken.add(List.of(reading.kind().name(), first(reading), second(reading)))) {
                throw new Unanswerable(
                        at,
                        "%s–%s is read twice; keep the reading that counts".formatted(reading.from(), reading.to()));
            }
            if (reading.kind() == LeadFinder.Kind.OHMS) {
                ohms(request, reading, at, limits);
            }
        }
    }

    private static void ohms(LeadFinder.Request request, LeadFinder.Reading reading, String at, ShopLimits limits) {
        if (reading.value().signum() < 0) {
            throw new Unanswerable(at, "%s Ω; no resistance is less than nothing".formatted(reading.value()));
        }
        if (request.readings().stream().noneMatch(volts -> isAlike(volts, reading, limits))) {
            throw new Unanswerable(
                    at,
                    "Ohms say nothing where there is a voltage: read %s–%s in volts first; below %s ohms count"
                            .formatted(
                                    reading.from(),
                                    reading.to(),
                                    Figures.withUnit(limits.of(Limit.LEADS_ALIKE_V), "V")));
        }
    }

    private static boolean isAlike(LeadFinder.Reading volts, LeadFinder.Reading other, ShopLimits limits) {
        return volts.kind() == LeadFinder.Kind.VOLTS
                && volts.isBetween(other.from(), other.to())
                && isAlike(volts.value(), limits);
    }

    /** So near each other that ohms can be read between them. */
    static boolean isAlike(BigDecimal volts, ShopLimits limits) {
        return volts.abs().compareTo(limits.of(Limit.LEADS_ALIKE_V)) < 0;
    }

    private static String first(LeadFinder.Reading reading) {
        return reading.from().compareTo(reading.to()) < 0 ? reading.from() : reading.to();
    }

    private static String second(LeadFinder.Reading reading) {
        return reading.from().compareTo(reading.to()) < 0 ? reading.to() : reading.from();
    }
}
