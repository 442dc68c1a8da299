package glowkettle.job.photo;

import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The photos of a job that stand. */
public final class JobPhotos {
    /** A photo that stands, by the id of its picture. */
    public record Photo(
            String photo, @Nullable String step, @Nullable String caption) {}

    private final JobState state;

    private JobPhotos(JobState state) {
        this.state = state;
    }

    public static JobPhotos of(JobFile job) {
        return new JobPhotos(job.state());
    }

    /** Photos that have not been removed, in the order they were taken. */
    public List<Photo> photos() {
        Set<String> removed = state.all(PhotoEntry.PhotoRemoved.class)
                .map(PhotoEntry.PhotoRemoved::photo)
                .collect(Collectors.toSet());
        return state.all(PhotoEntry.PhotoTaken.class)
                .filter(taken -> !removed.contains(taken.photo()))
                .map(taken -> new Photo(taken.photo(), taken.step(), taken.caption()))
                .toList();
    }

    /** Photos that belong to a step, on the way in and on the way back. */
    public List<Photo> photosOf(String step) {
        return photos().stream().filter(photo -> step.equals(photo.step())).toList();
    }
}
