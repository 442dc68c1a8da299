package glowkettle.app.free;

import glowkettle.finding.Result;
import glowkettle.free.LeadOrder;
import glowkettle.job.JobFile;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Parting;
import glowkettle.library.Lead;
import glowkettle.library.Leads;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The leads of a pack on the drawing of their pads, and which of them is next. */
public record LeadPanel(
        Leads leads,
        List<Conductor> conductors,
        Result<LeadOrder> order,
        LeadOrder.@Nullable School school,
        boolean noted,
        @Nullable String bare,
        @Nullable String next) {
    /**
     * A lead as it stands.
     *
     * @param place in the order off, counted from one
     * @param state {@code on}, {@code bare} or {@code covered}
     */
    public record Conductor(
            Lead lead, int place, String colour, @Nullable String routing, String state) {}

    static LeadPanel of(JobFile job, Leads leads) {
        Parting parting = Parting.of(job);
        Result<LeadOrder> order = parting.leadOrder(leads);
        Map<String, FreeEntry.LeadNote> notes = parting.leadsNoted().stream()
                .flatMap(noted -> noted.leads().stream())
                .collect(Collectors.toMap(FreeEntry.LeadNote::lead, Function.identity()));
        Set<String> freed = parting.conductorsFreed();
        Set<String> covered = parting.conductorsCovered();
        List<Conductor> conductors = order.result().off().stream()
                .map(id -> leads.leads().stream()
                        .filter(lead -> lead.id().equals(id))
                        .findFirst()
                        .orElseThrow())
                .map(lead -> {
                    FreeEntry.LeadNote note = notes.get(lead.id());
                    return new Conductor(
                            lead,
                            order.result().off().indexOf(lead.id()) + 1,
                            note == null ? lead.colour() : note.colour(),
                            note == null ? null : note.routing(),
                            covered.contains(lead.id()) ? "covered" : freed.contains(lead.id()) ? "bare" : "on");
                })
                .toList();
        return new LeadPanel(
                leads,
                conductors,
                order,
                parting.leadSchool().orElse(null),
                parting.leadsNoted().isPresent(),
                parting.bareConductor().orElse(null),
                parting.nextConductor(leads).orElse(null));
    }
}
