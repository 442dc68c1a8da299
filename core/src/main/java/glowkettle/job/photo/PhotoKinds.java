package glowkettle.job.photo;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Holds.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.Role;
import glowkettle.job.Spark;
import glowkettle.job.Traits;
import java.util.List;
import java.util.Optional;

/** Every kind of entry that may be written at Photo, each with all that is decided of it. */
final class PhotoKinds {
    static final List<Kind<? extends PhotoEntry>> ALL = List.of(
            Kind.of(
                            "photo-taken",
                            PhotoEntry.PhotoTaken.class,
                            Traits.WRITTEN_BY_ITS_PAGE.byAnybody(),
                            Spark.HARMLESS,
                            Firmness.PHOTO)
                    .says(photo -> "Photo" + (photo.caption() == null ? "" : ": " + photo.caption()))
                    .tellsNothing()
                    .admitsAny(),
            Kind.of(
                            "photo-removed",
                            PhotoEntry.PhotoRemoved.class,
                            Traits.WRITTEN_BY_ITS_PAGE,
                            Spark.HARMLESS,
                            Firmness.PHOTO)
                    .says(removed -> "Photo removed: " + removed.reason())
                    .tellsNothing()
                    .admits((job, removed, author, now) -> removed(job, removed, author.role())));

    private PhotoKinds() {}

    private static Optional<Refusal> removed(JobFile job, PhotoEntry.PhotoRemoved removed, Role by) {
        if (by != Role.LEAD) {
            return Admission.no("reason", "Only a lead removes a photo.");
        }
        return JobPhotos.of(job).photos().stream()
                        .anyMatch(photo -> photo.photo().equals(removed.photo()))
                ? Optional.empty()
                : Admission.no("photo", "This job has no such photo.");
    }
}
