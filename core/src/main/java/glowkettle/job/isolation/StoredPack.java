package glowkettle.job.isolation;

import glowkettle.assess.Tier;
import glowkettle.isolation.Watch;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.limits.ShopLimits;
import java.util.List;
import java.util.Optional;

/** What a journal says of the old pack since it was put away. */
final class StoredPack {
    private StoredPack() {}

    /** Watched by its tier of now where that is worse than the one it was stored with. */
    public static Optional<Watch.Stored> of(JobState state, Tier now, ShopLimits limits) {
        return state.latestRecorded(IsolationEntry.PackStored.class)
                .map(stored -> new Watch.Stored(
                        Tier.worse(now, ((IsolationEntry.PackStored) stored.entry()).tier()),
                        stored.at(),
                        looks(state, stored, limits)));
    }

    private static List<Watch.Look> looks(JobState state, Recorded stored, ShopLimits limits) {
        return state.counting().stream()
                .filter(recorded -> recorded.seq() > stored.seq())
                .filter(recorded -> recorded.entry() instanceof IsolationEntry.Watched)
                .map(recorded -> {
                    IsolationEntry.Watched watched = (IsolationEntry.Watched) recorded.entry();
                    boolean changed = watched.look() != null && watched.look().findsSomething();
                    return new Watch.Look(
                            recorded.at(), changed || Watch.warm(watched.surfaceC(), watched.ambientC(), limits));
                })
                .toList();
    }
}
