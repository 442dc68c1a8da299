package glowkettle.job.isolation;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Holds.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.isolation.Watch;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Danger;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.assess.AssessChapter;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The old pack in its container. */
public final class IsolationChapter implements Chapter<IsolationEntry> {
    public static final Stage STAGE = new Stage("Isolation store", "isolation");

    private static final List<Kind<? extends IsolationEntry>> KINDS = List.of(
            Kind.of("pack-stored", IsolationEntry.PackStored.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of(
                    "stood-outdoors",
                    IsolationEntry.StoodOutdoors.class,
                    Traits.TAPPED,
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "watched",
                    IsolationEntry.Watched.class,
                    new Traits(OWN_PAGE, TAKEN_BACK, READING, AFTER_SIGNING, ANYBODY, UNTIL_TAKEN_BACK),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "pack-released",
                    IsolationEntry.PackReleased.class,
                    new Traits(OWN_PAGE, TAKEN_BACK, NO_READING, AFTER_SIGNING, NO_TRAINEE_IN_DANGER, UNTIL_TAKEN_BACK),
                    Spark.HARMLESS,
                    Firmness.GONE));

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public boolean hasPage() {
        return false;
    }

    /** The isolation sheet is of the page on which a pack is assessed. */
    @Override
    public Stage page(IsolationEntry entry) {
        return AssessChapter.STAGE;
    }

    @Override
    public Class<IsolationEntry> entries() {
        return IsolationEntry.class;
    }

    @Override
    public List<Kind<? extends IsolationEntry>> kinds() {
        return KINDS;
    }

    @Override
    public String words(IsolationEntry entry, JobFile job) {
        return switch (entry) {
            case IsolationEntry.PackStored stored ->
                (Boolean.TRUE.equals(stored.wholeDevice()) ? "Whole device" : "Old pack") + " into “"
                        + stored.containerName() + "”";
            case IsolationEntry.StoodOutdoors outdoors ->
                "%s outdoors: %s, guarded by %s"
                        .formatted(
                                Boolean.TRUE.equals(outdoors.wholeDevice()) ? "Whole device" : "Old pack",
                                outdoors.place(),
                                outdoors.guard());
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
    public Optional<Told> tells(IsolationEntry entry, DeviceModel model, ShopLimits limits) {
        return switch (entry) {
            case IsolationEntry.PackStored stored ->
                Optional.of(new Told.PutAway(Boolean.TRUE.equals(stored.wholeDevice())));
            case IsolationEntry.StoodOutdoors outdoors ->
                Optional.of(new Told.PutAway(Boolean.TRUE.equals(outdoors.wholeDevice())));
            case IsolationEntry.Watched watched ->
                Optional.of(new Told.Watched(watched.surfaceC(), watched.ambientC(), watched.look()));
            case IsolationEntry.PackReleased ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, IsolationEntry entry, Author author, Instant now) {
        return switch (entry) {
            case IsolationEntry.PackStored stored -> IsolationAdmission.stored(job, stored, now);
            case IsolationEntry.StoodOutdoors outdoors -> IsolationAdmission.outdoors(job, outdoors, now);
            case IsolationEntry.Watched ignored -> IsolationAdmission.inTheStore(job);
            case IsolationEntry.PackReleased ignored -> IsolationAdmission.released(job, author.role());
        };
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        return Optional.empty();
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return Stream.concat(foundWarm(job).stream(), unguarded(job).stream()).toList();
    }

    /** A pack that stands outdoors is somebody's until it lies in a container; the guard's time is its clock. */
    private static Optional<Call> unguarded(JobFile job) {
        return Isolating.of(job).released().isPresent()
                ? Optional.empty()
                : Isolating.of(job)
                        .outdoors()
                        .map(outdoors -> Call.danger(
                                outdoors.until(),
                                "outdoors, and %s stands guard no longer: the next guard, or a container"
                                        .formatted(outdoors.guard()),
                                AssessChapter.STAGE,
                                Danger.LOOSE));
    }

    /** The old pack is watched when its device is long gone. */
    @Override
    public boolean outlivesTheJob() {
        return true;
    }

    /** Warm or changed at its newest look; a good one ends it. */
    private static Optional<Call> foundWarm(JobFile job) {
        if (Isolating.of(job).released().isPresent()) {
            return Optional.empty();
        }
        return job.state().latestRecorded(IsolationEntry.Watched.class).flatMap(look -> {
            IsolationEntry.Watched seen = (IsolationEntry.Watched) look.entry();
            boolean changed = seen.look() != null && seen.look().findsSomething();
            return changed || Watch.warm(seen.surfaceC(), seen.ambientC(), job.limits())
                    ? Optional.of(Call.danger(
                            look.at(),
                            "the stored pack was found " + (changed ? "changed" : "warm"),
                            AssessChapter.STAGE,
                            Danger.CHANGED))
                    : Optional.empty();
        });
    }

    /** What went out with its papers is not rewritten behind them. */
    @Override
    public Optional<Refusal> keeps(JobFile job, IsolationEntry entry) {
        return Isolating.of(job).released().isPresent() ? Admission.no("", Firmness.GONE.refusal()) : Optional.empty();
    }
}
