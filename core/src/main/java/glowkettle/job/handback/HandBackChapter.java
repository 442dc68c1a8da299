package glowkettle.job.handback;

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
import glowkettle.job.Phrases;
import glowkettle.job.Role;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.fit.Fitting;
import glowkettle.job.isolation.Isolating;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Signatures, and what is added later. */
public final class HandBackChapter implements Chapter<HandBackEntry> {
    public static final Stage STAGE = new Stage("Hand back", "handback");

    private static final List<Kind<? extends HandBackEntry>> KINDS = List.of(
            new Kind<>(
                    "signed-off",
                    HandBackEntry.SignedOff.class,
                    Traits.TAPPED,
                    entry -> Spark.HARMLESS,
                    signed -> signed.as() == Role.LEAD ? Firmness.A_LEADS : Firmness.LOOSE),
            Kind.of("settled", HandBackEntry.Settled.class, Traits.TYPED, Spark.HARMLESS, Firmness.A_LEADS),
            Kind.of(
                    "addendum",
                    HandBackEntry.Addendum.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, AFTER_SIGNING, NO_TRAINEE_IN_DANGER, UNTIL_TAKEN_BACK),
                    Spark.HARMLESS,
                    Firmness.LOOSE));

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public Class<HandBackEntry> entries() {
        return HandBackEntry.class;
    }

    @Override
    public List<Kind<? extends HandBackEntry>> kinds() {
        return KINDS;
    }

    @Override
    public String words(HandBackEntry entry, JobFile job) {
        return switch (entry) {
            case HandBackEntry.SignedOff signed ->
                "Signed as " + Phrases.lower(signed.as())
                        + (signed.forTheOwner() == null ? "" : ": " + signed.forTheOwner());
            case HandBackEntry.Settled settled ->
                "Settled with the owner. " + settled.how().words() + ": " + settled.agreed();
            case HandBackEntry.Addendum addendum -> "Addendum: " + addendum.text();
        };
    }

    @Override
    public Optional<Told> tells(HandBackEntry entry, DeviceModel model, ShopLimits limits) {
        return switch (entry) {
            case HandBackEntry.SignedOff ignored -> Optional.empty();
            case HandBackEntry.Settled ignored -> Optional.empty();
            case HandBackEntry.Addendum ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, HandBackEntry entry, Author author, Instant now) {
        return switch (entry) {
            case HandBackEntry.SignedOff signed -> SignAdmission.signed(job, signed, author);
            case HandBackEntry.Settled ignored -> SignAdmission.settled(job, author);
            case HandBackEntry.Addendum ignored ->
                job.closed() ? Optional.empty() : Admission.no("", "The job is open; write a note instead.");
        };
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        Optional<Declined> declined = Declined.of(job);
        if (declined.isPresent() && !(declined.get() == Declined.SETTLED && Declined.isAgreed(job))) {
            return Optional.of(NextThing.of(STAGE, declined.get().words()));
        }
        boolean outdoors = Isolating.of(job).outdoors().isPresent();
        if (declined.isEmpty()
                && (outdoors || !job.isPutAway())
                && !Fitting.of(job).keepsPack()) {
            return Optional.of(NextThing.of(STAGE, "Put the old pack into a container"));
        }
        Signatures signatures = Signatures.of(job);
        if (signatures.failedCheck().isPresent() && !signatures.failuresTakenOn()) {
            return Optional.of(NextThing.of(STAGE, "A check failed: mend it, or a lead takes it on"));
        }
        if (signatures.by(Role.TECHNICIAN)) {
            return Optional.of(new NextThing(STAGE, "A lead signs, too", true));
        }
        return Optional.of(NextThing.of(
                STAGE, signatures.by(Role.LEAD) ? "A technician signs, too" : "Read the owner's sheet and sign"));
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return List.of();
    }

    @Override
    public boolean closes(JobFile job) {
        return Signatures.of(job).close();
    }
}
