package glowkettle.demo;

import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.join.JoinEntry;
import glowkettle.job.join.Joining;
import glowkettle.join.LeadFinder;
import glowkettle.join.LeadsInside;
import glowkettle.join.Splices;
import glowkettle.library.Lead;
import java.math.BigDecimal;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** The leads of a new pack, told apart by a meter and soldered one after the other. */
final class JoinSteps {
    private static final List<String> COLOURS = List.of("white", "red", "black", "blue", "green", "brown");

    private JoinSteps() {}

    /** What comes next until every lead is joined; empty when it is. */
    static Optional<Entry> next(JobFile job) {
        Joining joining = Joining.of(job);
        if (joining.isJoined()) {
            return Optional.empty();
        }
        if (joining.listed().isEmpty()) {
            return Optional.of(listed(leads(job)));
        }
        if (!joining.isFound()) {
            return joining.wanted()
                    .flatMap(pair -> inside(job)
                            .reads(pair)
                            .map(read -> new JoinEntry.LeadMetered(
                                    new LeadFinder.Reading(pair.from(), pair.to(), pair.kind(), read))));
        }
        if (!joining.isPlanned()) {
            return Optional.of(spliced(joining.inOrder().size()));
        }
        return joining.atHand().map(lead -> joined(joining, String.valueOf(lead.pad())));
    }

    private static List<Lead> leads(JobFile job) {
        return Optional.ofNullable(job.model().housing().leads())
                .map(held -> held.leads())
                .orElse(List.of());
    }

    static JoinEntry.LeadsListed listed(List<Lead> leads) {
        List<Lead.Role> roles = leads.stream().map(Lead::role).toList();
        return new JoinEntry.LeadsListed(
                IntStream.range(0, leads.size())
                        .mapToObj(i -> new LeadFinder.NewLead(id(i), COLOURS.get(i % COLOURS.size())))
                        .toList(),
                new JoinEntry.Occurring(
                        count(roles, Lead.Role.POSITIVE),
                        count(roles, Lead.Role.NEGATIVE),
                        count(roles, Lead.Role.TAP),
                        roles.contains(Lead.Role.SIGNAL),
                        false),
                new BigDecimal("0.08"),
                new JoinEntry.Inside(null, null, null));
    }

    private static BigDecimal count(List<Lead.Role> roles, Lead.Role role) {
        return BigDecimal.valueOf(Collections.frequency(roles, role));
    }

    private static String id(int lead) {
        return String.valueOf((char) ('A' + lead));
    }

    private static LeadsInside inside(JobFile job) {
        List<Lead> leads = leads(job);
        return LeadsInside.mirrored(
                IntStream.range(0, leads.size()).mapToObj(JoinSteps::id).toList(),
                leads.stream().map(Lead::role).toList(),
                job.model().pack().ratings().series().intValue());
    }

    private static JoinEntry.SplicesPlanned spliced(int conductors) {
        return new JoinEntry.SplicesPlanned(
                new Splices.Request(
                        BigDecimal.valueOf(conductors),
                        new BigDecimal("45"),
                        new BigDecimal("70"),
                        new Splices.Way(
                                new BigDecimal("70"), new BigDecimal("10"), new BigDecimal("8"), new BigDecimal("2")),
                        null),
                JoinEntry.Insulation.HEAT_SHRINK);
    }

    private static Entry joined(Joining joining, String pad) {
        return switch (joining.phase(pad)) {
            case SLEEVE -> new JoinEntry.LeadSleeved(pad);
            case SOLDER -> new JoinEntry.LeadSoldered(pad);
            case TUG -> new JoinEntry.LeadTugged(pad, true);
            case JOINED -> throw new IllegalStateException("The lead at hand is joined already: " + pad);
        };
    }
}
