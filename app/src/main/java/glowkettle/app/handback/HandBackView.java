package glowkettle.app.handback;

import glowkettle.app.arrive.Naming;
import glowkettle.app.isolation.Containers;
import glowkettle.job.JobFile;
import glowkettle.job.Role;
import glowkettle.job.fit.Fitting;
import glowkettle.job.handback.Declined;
import glowkettle.job.handback.HandBackEntry;
import glowkettle.job.handback.Signatures;
import glowkettle.job.isolation.Isolating;
import glowkettle.job.open.Opening;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Hand back as it is drawn: where the old pack is, the sheet, and who signs. */
public record HandBackView(
        JobFile job,
        Containers.@Nullable Proposal proposal,
        @Nullable String failed) {
    static HandBackView of(JobFile job, Containers containers) {
        Signatures signatures = Signatures.of(job);
        return new HandBackView(
                job,
                Isolating.of(job).stored().isEmpty() ? containers.proposal(job) : null,
                signatures.forTheOwner().isPresent()
                        ? null
                        : signatures.failedCheck().orElse(null));
    }

    /** What the library would learn of a device nobody described; null where it has the model. */
    public @Nullable Naming naming() {
        return Naming.of(job);
    }

    public OwnersSheet sheet() {
        return OwnersSheet.of(job);
    }

    public Isolating.@Nullable Lying stored() {
        return Isolating.of(job).stored().orElse(null);
    }

    public boolean keepsPack() {
        return Fitting.of(job).keepsPack();
    }

    /** A lead has to settle first what becomes of it. */
    public boolean settling() {
        return !job.closed()
                && Declined.of(job)
                        .filter(declined -> declined == Declined.SETTLED)
                        .isPresent()
                && Declined.settlement(job).isEmpty();
    }

    public boolean needsLead() {
        return job.needsLead();
    }

    public String oldPackIs() {
        Isolating isolating = Isolating.of(job);
        if (isolating.collector().isPresent()) {
            return "The old pack was handed over to " + isolating.collector().get();
        }
        if (isolating.liesIn().isPresent()) {
            return "The old pack lies in " + isolating.liesIn().get();
        }
        return Opening.of(job).stepsIn().isEmpty() ? "It was not opened" : "The old pack is in the device again";
    }

    public boolean technicianSigned() {
        return Signatures.of(job).by(Role.TECHNICIAN);
    }

    /** Nobody else is there to sign. */
    public boolean onePerson() {
        return Signatures.of(job).isOnePerson();
    }

    public boolean leadSigned() {
        return Signatures.of(job).by(Role.LEAD);
    }

    public boolean closed() {
        return job.closed();
    }

    public List<HandBackEntry.Addendum> addenda() {
        return job.state().all(HandBackEntry.Addendum.class).toList();
    }
}
