package glowkettle.job.arrive;

import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What was said and learnt at the counter. */
public final class Arriving {
    private final JobState state;

    private Arriving(JobState state) {
        this.state = state;
    }

    public static Arriving of(JobFile job) {
        return new Arriving(job.state());
    }

    public static Arriving of(JobState state) {
        return new Arriving(state);
    }

    public ArriveEntry.JobOpened opened() {
        return state.latest(ArriveEntry.JobOpened.class)
                .orElseThrow(() -> new IllegalStateException("A journal begins with the opening of its job"));
    }

    /** The version of the shop limits that was in force when the device came. */
    public int limitsVersion() {
        return opened().limitsVersion();
    }

    /** The model the device turned out to be, or was taken for. */
    public String modelId() {
        return state.latest(ArriveEntry.ModelNamed.class)
                .map(ArriveEntry.ModelNamed::modelId)
                .orElse(opened().modelId());
    }

    /** Since when it is taken for this model: the version that was newest then is the one it is worked by. */
    public Instant modelSince() {
        return state.latestRecorded(ArriveEntry.ModelNamed.class)
                .or(() -> state.latestRecorded(ArriveEntry.JobOpened.class))
                .map(Recorded::at)
                .orElseThrow();
    }

    /** What was promised last. */
    public @Nullable Instant promise() {
        return state.latest(ArriveEntry.Promised.class)
                .map(ArriveEntry.Promised::promise)
                .orElse(opened().promise());
    }

    /** Photos that have not been removed, in the order they were taken. */
    public List<ArriveEntry.PhotoTaken> photos() {
        Set<String> removed = state.all(ArriveEntry.PhotoRemoved.class)
                .map(ArriveEntry.PhotoRemoved::photo)
                .collect(Collectors.toSet());
        return state.all(ArriveEntry.PhotoTaken.class)
                .filter(photo -> !removed.contains(photo.photo()))
                .toList();
    }

    /** Photos that belong to a step, on the way in and on the way back. */
    public List<ArriveEntry.PhotoTaken> photosOf(String step) {
        return photos().stream().filter(photo -> step.equals(photo.step())).toList();
    }

    /** The owner said no to the newest quote: nothing more is opened. */
    public boolean isDeclined() {
        return state.counting().stream()
                .map(Recorded::entry)
                .filter(entry -> entry instanceof ArriveEntry.Quoted || entry instanceof ArriveEntry.QuoteAnswered)
                .reduce((earlier, later) -> later)
                .filter(newest -> newest instanceof ArriveEntry.QuoteAnswered answered && !answered.accepted())
                .isPresent();
    }
}
