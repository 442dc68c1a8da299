package glowkettle.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The fold of a journal: the entries that count, in the order they were made. A correction stands in the place of what it
 * corrects; what was taken back does not count.
 */
public final class JobState {
    private final List<Recorded> counting;
    private final long seq;
    private final Map<Long, Long> standsFor;

    private JobState(List<Recorded> counting, long seq, Map<Long, Long> standsFor) {
        this.counting = List.copyOf(counting);
        this.seq = seq;
        this.standsFor = Map.copyOf(standsFor);
    }

    public static JobState fold(List<Recorded> journal) {
        // By place, in the order in which they were made: what stands in a place changes, the place does not.
        Map<Long, Recorded> counting = new LinkedHashMap<>();
        // Where a sequence number's content now stands: a correction of a correction reaches the first place.
        Map<Long, Long> standsFor = new HashMap<>();
        long last = 0;
        for (Recorded recorded : journal) {
            last = recorded.seq();
            Long corrected = recorded.corrects();
            if (corrected == null) {
                counting.put(recorded.seq(), recorded);
                continue;
            }
            long place = standsFor.getOrDefault(corrected, corrected);
            standsFor.put(recorded.seq(), place);
            if (recorded.entry() instanceof TakenBack) {
                counting.remove(place);
            } else {
                counting.computeIfPresent(place, (seq, entry) -> entry.with(recorded.entry()));
            }
        }
        return new JobState(List.copyOf(counting.values()), last, standsFor);
    }

    /** Sequence number of the last entry, counting or not. */
    public long seq() {
        return seq;
    }

    public List<Recorded> counting() {
        return counting;
    }

    /** What an entry, or the correction that stands in its place, says now; empty when it was taken back. */
    public Optional<Recorded> standing(long entrySeq) {
        long place = standsFor.getOrDefault(entrySeq, entrySeq);
        return counting.stream().filter(recorded -> recorded.seq() == place).findFirst();
    }

    public <E extends Entry> Stream<E> all(Class<E> kind) {
        return counting.stream().map(Recorded::entry).filter(kind::isInstance).map(kind::cast);
    }

    public <E extends Entry> Optional<E> latest(Class<E> kind) {
        return all(kind).reduce((earlier, later) -> later);
    }

    public Optional<Recorded> latestRecorded(Class<? extends Entry> kind) {
        return counting.stream()
                .filter(recorded -> kind.isInstance(recorded.entry()))
                .reduce((earlier, later) -> later);
    }

    /** The state as it would be without an entry, or with another in its place. */
    public JobState changed(long entrySeq, @Nullable Entry instead) {
        long place = standsFor.getOrDefault(entrySeq, entrySeq);
        List<Recorded> other = new ArrayList<>(counting);
        if (instead == null) {
            other.removeIf(recorded -> recorded.seq() == place);
        } else {
            other.replaceAll(recorded -> recorded.seq() == place ? recorded.with(instead) : recorded);
        }
        return new JobState(other, seq, standsFor);
    }

    /** The state as it would be with one entry more. */
    JobState and(Recorded next) {
        List<Recorded> longer = new ArrayList<>(counting);
        longer.add(next);
        return new JobState(longer, next.seq(), standsFor);
    }

    /** The state as it was before everything from this entry on. */
    public JobState before(int index) {
        return new JobState(counting.subList(0, index), seq, standsFor);
    }
}
