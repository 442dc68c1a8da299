package glowkettle.job.isolation;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Holds.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.job.Firmness;
import glowkettle.job.Kind;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import java.util.List;

/** Every kind of entry that may be written at Isolation, each with all that is decided of it. */
final class IsolationKinds {
    static final List<Kind<? extends IsolationEntry>> ALL = List.of(
            Kind.of("pack-stored", IsolationEntry.PackStored.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(stored -> (Boolean.TRUE.equals(stored.wholeDevice()) ? "Whole device" : "Old pack")
                            + " into “" + stored.containerName() + "”")
                    .tells(stored -> new Told.PutAway(Boolean.TRUE.equals(stored.wholeDevice())))
                    .admits((job, stored, author, now) -> IsolationAdmission.stored(job, stored, now)),
            Kind.of("stood-outdoors", IsolationEntry.StoodOutdoors.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(outdoors -> "%s outdoors: %s, guarded by %s"
                            .formatted(
                                    Boolean.TRUE.equals(outdoors.wholeDevice()) ? "Whole device" : "Old pack",
                                    outdoors.place(),
                                    outdoors.guard()))
                    .tells(outdoors -> new Told.PutAway(Boolean.TRUE.equals(outdoors.wholeDevice())))
                    .admits((job, outdoors, author, now) -> IsolationAdmission.outdoors(job, outdoors, now)),
            Kind.of(
                            "watched",
                            IsolationEntry.Watched.class,
                            Traits.WRITTEN_BY_ITS_PAGE.reading().byAnybody().afterSigning(),
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says(watched -> "Watch: surface %s, air %s%s"
                            .formatted(
                                    Phrases.figure(watched.surfaceC(), "°C"),
                                    Phrases.figure(watched.ambientC(), "°C"),
                                    watched.look() == null ? "" : "; " + Phrases.seen(watched.look())))
                    .tells(watched -> new Told.Watched(watched.surfaceC(), watched.ambientC(), watched.look()))
                    .admits((job, ignored) -> IsolationAdmission.inTheStore(job)),
            Kind.of(
                            "pack-released",
                            IsolationEntry.PackReleased.class,
                            Traits.WRITTEN_BY_ITS_PAGE.afterSigning(),
                            Spark.HARMLESS,
                            Firmness.GONE)
                    .says(released -> "Old pack handed over to %s, hand-over %s"
                            .formatted(released.collector(), released.handOver()))
                    .tellsNothing()
                    .admits((job, ignored, author, now) -> IsolationAdmission.released(job, author.role())));

    private IsolationKinds() {}
}
