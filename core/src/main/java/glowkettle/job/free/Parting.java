package glowkettle.job.free;

import glowkettle.finding.Result;
import glowkettle.free.LeadOrder;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.library.Leads;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The leads of the old pack as they come off: what was noted of them, which is next, which is bare. */
public final class Parting {
    private final JobFile job;
    private final JobState state;

    private Parting(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Parting of(JobFile job) {
        return new Parting(job);
    }

    public Optional<FreeEntry.LeadsNoted> leadsNoted() {
        return state.latest(FreeEntry.LeadsNoted.class);
    }

    /** The colour that was found on a lead of the old pack. */
    public Optional<String> colourNoted(String lead) {
        return leadsNoted().stream()
                .flatMap(noted -> noted.leads().stream())
                .filter(note -> note.lead().equals(lead))
                .map(FreeEntry.LeadNote::colour)
                .findFirst();
    }

    public Optional<LeadOrder.School> leadSchool() {
        return state.latest(FreeEntry.LeadSchoolChosen.class).map(FreeEntry.LeadSchoolChosen::school);
    }

    public Result<LeadOrder> leadOrder(Leads leads) {
        boolean steady = leadSchool()
                .filter(school -> school == LeadOrder.School.UNSOLDER)
                .isPresent();
        return LeadOrder.of(
                new LeadOrder.Case(leads.leads(), leads.hasController(), steady, leads.ownOrder()), job.limits());
    }

    public Set<String> conductorsFreed() {
        return state.all(FreeEntry.ConductorFreed.class)
                .map(FreeEntry.ConductorFreed::lead)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    public Set<String> conductorsCovered() {
        return state.all(FreeEntry.ConductorCovered.class)
                .map(FreeEntry.ConductorCovered::lead)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** The conductor that was cut or lifted and is still bare. */
    public Optional<String> bareConductor() {
        Set<String> covered = conductorsCovered();
        return conductorsFreed().stream()
                .filter(lead -> !covered.contains(lead))
                .findFirst();
    }

    /** The conductor to free next, once the one before is covered. */
    public Optional<String> nextConductor(Leads leads) {
        Set<String> freed = conductorsFreed();
        return leadOrder(leads).result().off().stream()
                .filter(lead -> !freed.contains(lead))
                .findFirst();
    }
}
