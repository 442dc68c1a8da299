package glowkettle.job.free;

import glowkettle.free.LeadOrder;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.library.Leads;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** When a lead may come off: noted before, one after the other, each covered before the next. */
final class LeadAdmission {
    private LeadAdmission() {}

    static Optional<Refusal> noted(JobFile job, FreeEntry.LeadsNoted noted) {
        if (!Parting.of(job).conductorsFreed().isEmpty()) {
            return Admission.no("leads", "The first one is off: what was not noted before cannot be seen any more.");
        }
        Optional<Leads> leads = Freeing.of(job).leadsAtHand();
        if (leads.isEmpty()) {
            return Admission.no("leads", "No leads are at hand.");
        }
        Set<String> wanted = leads.get().leads().stream().map(lead -> lead.id()).collect(Collectors.toSet());
        List<String> named =
                noted.leads().stream().map(FreeEntry.LeadNote::lead).toList();
        return new HashSet<>(named).equals(wanted) && named.size() == wanted.size()
                ? Optional.empty()
                : Admission.no("leads", "Note each of %s once.".formatted(String.join(", ", wanted)));
    }

    static Optional<Refusal> leadSchool(JobFile job) {
        if (!Parting.of(job).conductorsFreed().isEmpty()) {
            return Admission.no("school", "The first one is off: the others come off the same way.");
        }
        return Parting.of(job).leadsNoted().isPresent()
                ? Optional.empty()
                : Admission.no("school", "Note colours and routing first.");
    }

    static Optional<Refusal> freed(JobFile job, FreeEntry.ConductorFreed freed, Instant now) {
        Freeing freeing = Freeing.of(job);
        Optional<LeadOrder.School> school = Parting.of(job).leadSchool();
        if (freeing.leadsAtHand().isEmpty() || school.isEmpty()) {
            return Admission.no("lead", "Note the leads and choose how they come off first.");
        }
        Optional<Refusal> notReady = FreeAdmission.ready(job)
                .or(() -> school.get() == LeadOrder.School.UNSOLDER
                        ? SolventAdmission.ignition(job, now)
                        : Optional.empty());
        if (notReady.isPresent()) {
            return notReady;
        }
        Optional<String> bare = Parting.of(job).bareConductor();
        if (bare.isPresent()) {
            return Admission.no("lead", "Cover both ends of %s first.".formatted(bare.get()));
        }
        Optional<String> next =
                Parting.of(job).nextConductor(freeing.leadsAtHand().get());
        return next.filter(freed.lead()::equals).isPresent()
                ? Optional.empty()
                : Admission.no("lead", "The next one is %s.".formatted(next.orElse("none: all are off")));
    }

    static Optional<Refusal> leadsLeft(JobFile job, Leads leads) {
        Optional<String> bare = Parting.of(job).bareConductor();
        if (bare.isPresent()) {
            return Admission.no("step", "Cover both ends of %s first.".formatted(bare.get()));
        }
        return Parting.of(job)
                .nextConductor(leads)
                .map(next -> new Refusal("step", "%s still holds the pack.".formatted(next)));
    }
}
