package glowkettle.job.photo;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Holds.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.job.Admission;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Role;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.arrive.ArriveChapter;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Photos, at whichever stage they are taken. */
public final class PhotoChapter implements Chapter<PhotoEntry> {
    private static final Stage STAGE = new Stage("Photos", "photo");

    private static final List<Kind<? extends PhotoEntry>> KINDS = List.of(
            Kind.of(
                    "photo-taken",
                    PhotoEntry.PhotoTaken.class,
                    new Traits(OWN_PAGE, TAKEN_BACK, NO_READING, UNTIL_SIGNED, ANYBODY, UNTIL_TAKEN_BACK),
                    Spark.HARMLESS,
                    Firmness.PHOTO),
            Kind.of(
                    "photo-removed",
                    PhotoEntry.PhotoRemoved.class,
                    Traits.WRITTEN_BY_ITS_PAGE,
                    Spark.HARMLESS,
                    Firmness.PHOTO));

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public boolean hasPage() {
        return false;
    }

    @Override
    public Class<PhotoEntry> entries() {
        return PhotoEntry.class;
    }

    @Override
    public List<Kind<? extends PhotoEntry>> kinds() {
        return KINDS;
    }

    /** They are shown where the job came in. */
    @Override
    public Stage page(PhotoEntry entry) {
        return ArriveChapter.STAGE;
    }

    @Override
    public String words(PhotoEntry entry, JobFile job) {
        return switch (entry) {
            case PhotoEntry.PhotoTaken photo -> "Photo" + (photo.caption() == null ? "" : ": " + photo.caption());
            case PhotoEntry.PhotoRemoved removed -> "Photo removed: " + removed.reason();
        };
    }

    @Override
    public Optional<Told> tells(PhotoEntry entry, DeviceModel model, ShopLimits limits) {
        return switch (entry) {
            case PhotoEntry.PhotoTaken ignored -> Optional.empty();
            case PhotoEntry.PhotoRemoved ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, PhotoEntry entry, Author author, Instant now) {
        return switch (entry) {
            case PhotoEntry.PhotoTaken ignored -> Optional.empty();
            case PhotoEntry.PhotoRemoved removed -> removed(job, removed, author.role());
        };
    }

    private static Optional<Refusal> removed(JobFile job, PhotoEntry.PhotoRemoved removed, Role by) {
        if (by != Role.LEAD) {
            return Admission.no("reason", "Only a lead removes a photo.");
        }
        return JobPhotos.of(job).photos().stream()
                        .anyMatch(photo -> photo.photo().equals(removed.photo()))
                ? Optional.empty()
                : Admission.no("photo", "This job has no such photo.");
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        return Optional.empty();
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return List.of();
    }
}
