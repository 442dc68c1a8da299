package glowkettle.job.isolation;

import glowkettle.assess.Tier;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.Role;
import glowkettle.job.assess.Assessing;
import glowkettle.job.free.FreeAdmission;
import glowkettle.job.free.Freeing;
import java.time.Instant;
import java.util.Optional;

/** Whether a pack may be put away, looked at or handed over now. */
final class IsolationAdmission {
    private IsolationAdmission() {}

    static final Optional<Refusal> NOBODY_CARRIES_IT = Admission.no(
            "",
            "Tier Evacuate: nobody carries it. Keep out until it is released; a lead lowers the tier, with a reason.");

    /** A pack has one place; only a device that a lead took out of its container again gives up its own. */
    static Optional<Refusal> stored(JobFile job, IsolationEntry.PackStored stored, Instant now) {
        if (Isolating.of(job).released().isPresent()) {
            return Admission.no("container", "The old pack has left the store.");
        }
        if (!Boolean.TRUE.equals(stored.wholeDevice()) && !job.liftedOut()) {
            return Admission.no(
                    "wholeDevice", "The pack is still in the device: put the whole device away, or take it out first.");
        }
        if (Freeing.of(job).isHeating()) {
            return Admission.no("", "It is being heated: take it off the heat first.");
        }
        Optional<Refusal> wet = FreeAdmission.ignition(job, now);
        if (wet.isPresent()) {
            return Admission.no(
                    "", wet.get().reason() + " It stands open, outdoors or under extraction, until it is dry.");
        }
        if (job.oldPackTier().result().tier() == Tier.EVACUATE) {
            return NOBODY_CARRIES_IT;
        }
        long times = job.state().all(IsolationEntry.PackStored.class).count();
        long takenOn = Assessing.of(job).timesTakenOn();
        return times > takenOn
                ? Admission.no(
                        "container",
                        "It is in %s already; take that back first."
                                .formatted(
                                        Isolating.of(job).stored().orElseThrow().containerName()))
                : Optional.empty();
    }

    static Optional<Refusal> inTheStore(JobFile job) {
        if (Isolating.of(job).stored().isEmpty()) {
            return Admission.no("surfaceC", "The pack of job %s is in no container.".formatted(job.number()));
        }
        return Isolating.of(job).released().isPresent()
                ? Admission.no("surfaceC", "The pack of job %s has left the store.".formatted(job.number()))
                : Optional.empty();
    }

    static Optional<Refusal> released(JobFile job, Role by) {
        if (by != Role.LEAD) {
            return Admission.no("", "Only a lead releases a pack for disposal.");
        }
        return job.oldPackTier().result().tier() == Tier.EVACUATE ? NOBODY_CARRIES_IT : inTheStore(job);
    }
}
