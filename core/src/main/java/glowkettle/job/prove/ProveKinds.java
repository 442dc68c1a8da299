package glowkettle.job.prove;

import glowkettle.job.Firmness;
import glowkettle.job.Kind;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Traits;
import java.util.List;

/** Every kind of entry that may be written at Prove, each with all that is decided of it. */
final class ProveKinds {
    static final List<Kind<? extends ProveEntry>> ALL = List.of(
            Kind.of("checked", ProveEntry.Checked.class, Traits.TAPPED, Spark.KINDLES, Firmness.LOOSE)
                    .says(checked -> "Check “%s”: %s".formatted(checked.check(), Phrases.lower(checked.outcome()))
                            + (checked.remark() == null ? "" : ", " + checked.remark()))
                    .tellsNothing()
                    .admits((job, checked) -> ProveAdmission.checked(job, checked)),
            Kind.of("ran-after", ProveEntry.RanAfter.class, Traits.TYPED, Spark.KINDLES, Firmness.LOOSE)
                    .says(ran -> "Run after: running after %s, off after %s"
                            .formatted(
                                    Phrases.figure(ran.run().ran().lastSeenRunningHours(), "h"),
                                    Phrases.figure(ran.run().ran().foundOffHours(), "h")))
                    .tellsNothing()
                    .admits((job, ran) -> ProveAdmission.ranAfter(job, ran)));

    private ProveKinds() {}
}
