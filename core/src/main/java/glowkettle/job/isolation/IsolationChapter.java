package glowkettle.job.isolation;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Chapter;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.library.DeviceModel;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** The old pack in its container. */
public final class IsolationChapter implements Chapter<IsolationEntry> {
    private static final List<Kind<? extends IsolationEntry>> KINDS = List.of(
            Kind.of(
                    "pack-stored",
                    IsolationEntry.PackStored.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "watched",
                    IsolationEntry.Watched.class,
                    new Traits(OWN_PAGE, TAKEN_BACK, READING, AFTER_SIGNING, ANYBODY),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "pack-released",
                    IsolationEntry.PackReleased.class,
                    new Traits(OWN_PAGE, TAKEN_BACK, NO_READING, AFTER_SIGNING, NO_TRAINEE_IN_DANGER),
                    Spark.HARMLESS,
                    Firmness.GONE));

    @Override
    public Class<IsolationEntry> entries() {
        return IsolationEntry.class;
    }

    @Override
    public List<Kind<? extends IsolationEntry>> kinds() {
        return KINDS;
    }

    @Override
    public Stage page(IsolationEntry entry) {
        return Stage.HAND_BACK;
    }

    @Override
    public String words(IsolationEntry entry, JobFile job) {
        return switch (entry) {
            case IsolationEntry.PackStored stored ->
                (Boolean.TRUE.equals(stored.wholeDevice()) ? "Whole device" : "Old pack") + " into “"
                        + stored.containerName() + "”";
            case IsolationEntry.Watched watched ->
                "Watch: surface %s, air %s%s"
                        .formatted(
                                Phrases.figure(watched.surfaceC(), "°C"),
                                Phrases.figure(watched.ambientC(), "°C"),
                                watched.look() == null ? "" : "; " + Phrases.seen(watched.look()));
            case IsolationEntry.PackReleased released ->
                "Old pack handed over to %s, hand-over %s".formatted(released.collector(), released.handOver());
        };
    }

    @Override
    public Optional<Told> tells(IsolationEntry entry, DeviceModel model) {
        return switch (entry) {
            case IsolationEntry.PackStored stored ->
                Optional.of(new Told.PutAway(Boolean.TRUE.equals(stored.wholeDevice())));
            case IsolationEntry.Watched watched ->
                Optional.of(new Told.Watched(watched.surfaceC(), watched.ambientC(), watched.look()));
            case IsolationEntry.PackReleased ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, IsolationEntry entry, Author author, Instant now) {
        return switch (entry) {
            case IsolationEntry.PackStored stored -> IsolationAdmission.stored(job, stored, now);
            case IsolationEntry.Watched ignored -> IsolationAdmission.inTheStore(job);
            case IsolationEntry.PackReleased ignored -> IsolationAdmission.released(job, author.role());
        };
    }
}
