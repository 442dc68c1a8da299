package glowkettle.job.isolation;

import glowkettle.assess.Tier;
import glowkettle.finding.Result;
import glowkettle.isolation.Watch;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.free.Overheating;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.Optional;

/** Where the old pack lies, and when it is looked at. */
public final class Isolating {
    /** Where a pack lies, by the container's id and what it is called. */
    public record Lying(String container, String containerName) {}

    /** Outdoors, and by whom it is guarded until when. */
    public record Outdoors(String place, String guard, Instant until) {}

    private final JobFile job;
    private final JobState state;

    private Isolating(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Isolating of(JobFile job) {
        return new Isolating(job);
    }

    /** In a container; empty while it stands outdoors. */
    public Optional<Lying> stored() {
        return outdoors().isPresent()
                ? Optional.empty()
                : state.latest(IsolationEntry.PackStored.class)
                        .map(stored -> new Lying(stored.container(), stored.containerName()));
    }

    /** Where it stands under guard; empty once it went into a container after that. */
    public Optional<Outdoors> outdoors() {
        return placed().map(Recorded::entry)
                .filter(IsolationEntry.StoodOutdoors.class::isInstance)
                .map(IsolationEntry.StoodOutdoors.class::cast)
                .map(stood -> new Outdoors(stood.place(), stood.guard(), stood.until()));
    }

    /** Where it was put last. */
    private Optional<Recorded> placed() {
        return state.counting().stream()
                .filter(recorded -> recorded.entry() instanceof IsolationEntry.PackStored
                        || recorded.entry() instanceof IsolationEntry.StoodOutdoors)
                .reduce((earlier, later) -> later);
    }

    /** Who took it away; empty while it is here. */
    public Optional<String> collector() {
        return released().map(IsolationEntry.PackReleased::collector);
    }

    /** The name of the container that it was put into last. */
    public Optional<String> liesIn() {
        return stored().map(Lying::containerName);
    }

    public Optional<IsolationEntry.PackReleased> released() {
        return state.latest(IsolationEntry.PackReleased.class);
    }

    /** When the stored pack is looked at next; empty while none is in the store. */
    public Optional<Result<Watch.Due>> watch(OpeningHours hours) {
        return released().isPresent()
                ? Optional.empty()
                : StoredPack.of(state, watchedTier(), job.limits())
                        .map(stored -> Watch.next(stored, hours, job.limits()));
    }

    private Tier watchedTier() {
        Tier old = job.oldPackTier().result().tier();
        return Overheating.of(job).cellsWereTooHot() ? Tier.worse(old, Tier.GUARDED) : old;
    }
}
