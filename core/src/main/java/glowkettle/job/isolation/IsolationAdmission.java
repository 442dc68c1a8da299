package glowkettle.job.isolation;

import glowkettle.assess.Tier;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.Role;
import glowkettle.job.assess.Assessing;
import glowkettle.job.free.SolventAdmission;
import glowkettle.job.free.Warming;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Whether a pack may be put away, looked at or handed over now. */
final class IsolationAdmission {
    private IsolationAdmission() {}

    static final Optional<Refusal> NOBODY_CARRIES_IT = Admission.no(
            "",
            "Tier Evacuate: nobody carries it. Keep out until it is released; a lead lowers the tier, with a reason.");

    /** A pack has one place; only a device that a lead took out of its container again gives up its own. */
    static Optional<Refusal> stored(JobFile job, IsolationEntry.PackStored stored, Instant now) {
        return carried(job, stored.wholeDevice(), now).or(() -> {
            long times = job.state().all(IsolationEntry.PackStored.class).count();
            long takenOn = Assessing.of(job).timesTakenOn();
            return times > takenOn ? inOneAlready(job) : Optional.empty();
        });
    }

    /** Where nothing takes it: out of everybody's way, and never alone. */
    static Optional<Refusal> outdoors(JobFile job, IsolationEntry.StoodOutdoors outdoors, Instant now) {
        if (!outdoors.until().isAfter(now)) {
            return Admission.no("until", "The guard's time is over by then: say until when somebody stays.");
        }
        return carried(job, outdoors.wholeDevice(), now)
                .or(() -> Isolating.of(job).stored().isPresent()
                                && job.state()
                                                .all(IsolationEntry.PackStored.class)
                                                .count()
                                        > Assessing.of(job).timesTakenOn()
                        ? inOneAlready(job)
                        : Optional.empty());
    }

    private static Optional<Refusal> inOneAlready(JobFile job) {
        return Admission.no(
                "container",
                "It is in %s already; take that back first."
                        .formatted(Isolating.of(job)
                                .stored()
                                .map(Isolating.Lying::containerName)
                                .orElse("a container")));
    }

    /** Whether somebody may carry it now, whole or alone. */
    private static Optional<Refusal> carried(JobFile job, @Nullable Boolean wholeDevice, Instant now) {
        if (Isolating.of(job).released().isPresent()) {
            return Admission.no("container", "The old pack has left the store.");
        }
        if (!Boolean.TRUE.equals(wholeDevice) && !job.liftedOut()) {
            return Admission.no(
                    "wholeDevice", "The pack is still in the device: put the whole device away, or take it out first.");
        }
        if (Warming.of(job).isHeating()) {
            return Admission.no("", "It is being heated: take it off the heat first.");
        }
        Optional<Refusal> wet = SolventAdmission.ignition(job, now);
        if (wet.isPresent()) {
            return Admission.no(
                    "", wet.get().reason() + " It stands open, outdoors or under extraction, until it is dry.");
        }
        return job.oldPackTier().result().tier() == Tier.EVACUATE ? NOBODY_CARRIES_IT : Optional.empty();
    }

    static Optional<Refusal> inTheStore(JobFile job) {
        if (Isolating.of(job).stored().isEmpty() && Isolating.of(job).outdoors().isEmpty()) {
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
