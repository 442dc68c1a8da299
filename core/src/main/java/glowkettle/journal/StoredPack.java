package glowkettle.journal;

import glowkettle.assess.Tier;
import glowkettle.isolation.Watch;
import glowkettle.limits.ShopLimits;
import java.util.List;
import java.util.Optional;

/** What a journal says of the old pack since it was put away. */
final class StoredPack {
    private StoredPack() {}

    /** Watched by its tier of now where that is worse than the one it was stored with. */
    static Optional<Watch.Stored> of(JobState state, Tier now, ShopLimits limits) {
        return state.latestRecorded(Entry.PackStored.class)
                .map(stored -> new Watch.Stored(
                        Tier.worse(now, ((Entry.PackStored) stored.entry()).tier()),
                        stored.at(),
                        looks(state, stored, limits)));
    }

    private static List<Watch.Look> looks(JobState state, Recorded stored, ShopLimits limits) {
        return state.counting().stream()
                .filter(recorded -> recorded.seq() > stored.seq())
                .filter(recorded -> recorded.entry() instanceof Entry.Watched)
                .map(recorded -> {
                    Entry.Watched watched = (Entry.Watched) recorded.entry();
                    boolean changed = watched.look() != null && watched.look().findsSomething();
                    return new Watch.Look(
                            recorded.at(), changed || Watch.warm(watched.surfaceC(), watched.ambientC(), limits));
                })
                .toList();
    }
}
