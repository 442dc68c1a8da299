package glowkettle.job.handback;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Holds.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.job.Admission;
import glowkettle.job.Firmness;
import glowkettle.job.Kind;
import glowkettle.job.Phrases;
import glowkettle.job.Role;
import glowkettle.job.Spark;
import glowkettle.job.Traits;
import java.util.List;
import java.util.Optional;

/** Every kind of entry that may be written at HandBack, each with all that is decided of it. */
final class HandBackKinds {
    static final List<Kind<? extends HandBackEntry>> ALL = List.of(
            Kind.by(
                            "signed-off",
                            HandBackEntry.SignedOff.class,
                            Traits.TAPPED,
                            entry -> Spark.HARMLESS,
                            signed -> signed.as() == Role.LEAD ? Firmness.A_LEADS : Firmness.LOOSE)
                    .says(signed -> "Signed as " + Phrases.lower(signed.as())
                            + (signed.forTheOwner() == null ? "" : ": " + signed.forTheOwner())
                            + (signed.lookedAtAgain() == null ? "" : "; looked at again: " + signed.lookedAtAgain()))
                    .tellsNothing()
                    .admits((job, signed, author, now) -> SignAdmission.signed(job, signed, author, now)),
            Kind.of("settled", HandBackEntry.Settled.class, Traits.TYPED, Spark.HARMLESS, Firmness.A_LEADS)
                    .says(settled -> "Settled with the owner. " + settled.how().words() + ": " + settled.agreed())
                    .tellsNothing()
                    .admits((job, ignored, author, now) -> SignAdmission.settled(job, author)),
            Kind.of(
                            "addendum",
                            HandBackEntry.Addendum.class,
                            Traits.TAPPED.afterSigning(),
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says(addendum -> "Addendum: " + addendum.text())
                    .tellsNothing()
                    .admits((job, ignored) -> job.closed()
                            ? Optional.empty()
                            : Admission.no("", "The job is open; write a note instead.")));

    private HandBackKinds() {}
}
