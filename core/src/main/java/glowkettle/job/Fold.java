package glowkettle.job;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/**
 * What entries come to, read one after the other: a row for each type that matters and what it makes of what was before.
 * Whatever has no row leaves it as it is, and rows are of one type each, so that no two speak of one entry.
 *
 * @param <S> what they come to
 */
public final class Fold<S> {
    private final S begun;
    private final Map<Class<? extends Entry>, Step<S, Entry>> rows = new LinkedHashMap<>();

    /** What one entry makes of it, written when. */
    public interface Step<S, E> {
        S then(S before, E entry, Instant at);
    }

    private Fold(S begun) {
        this.begun = begun;
    }

    public static <S> Fold<S> from(S begun) {
        return new Fold<>(begun);
    }

    /** @throws IllegalArgumentException where an entry of that type is spoken of already */
    public <E extends Entry> Fold<S> at(Class<E> type, Step<S, E> step) {
        boolean twice =
                rows.keySet().stream().anyMatch(other -> other.isAssignableFrom(type) || type.isAssignableFrom(other));
        if (twice) {
            throw new IllegalArgumentException("There is a row for %s already".formatted(type.getSimpleName()));
        }
        rows.put(type, (before, entry, at) -> step.then(before, type.cast(entry), at));
        return this;
    }

    public <E extends Entry> Fold<S> at(Class<E> type, BiFunction<S, E, S> step) {
        return at(type, (before, entry, at) -> step.apply(before, entry));
    }

    public S over(List<Recorded> entries) {
        return over(entries.stream());
    }

    public S over(Stream<Recorded> entries) {
        S now = begun;
        for (Recorded recorded : (Iterable<Recorded>) entries::iterator) {
            for (Map.Entry<Class<? extends Entry>, Step<S, Entry>> row : rows.entrySet()) {
                if (row.getKey().isInstance(recorded.entry())) {
                    now = row.getValue().then(now, recorded.entry(), recorded.at());
                }
            }
        }
        return now;
    }
}
