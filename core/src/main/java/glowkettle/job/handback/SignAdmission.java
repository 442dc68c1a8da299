package glowkettle.job.handback;

import glowkettle.job.Admission;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.NextThing;
import glowkettle.job.Role;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.assess.Assessing;
import glowkettle.job.fit.Fitting;
import glowkettle.job.isolation.Isolating;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;

/** Whether a job may be signed, and by whom. Source: handbook, Hand back. */
final class SignAdmission {
    private SignAdmission() {}

    static Optional<Refusal> signed(JobFile job, HandBackEntry.SignedOff signed, Author by, Instant now) {
        if (by.role() == Role.TRAINEE || signed.as().compareTo(by.role()) > 0) {
            return Admission.no(
                    "as",
                    "A %s cannot sign as %s."
                            .formatted(
                                    by.role().name().toLowerCase(Locale.ROOT),
                                    signed.as().name().toLowerCase(Locale.ROOT)));
        }
        if (Signatures.of(job).by(signed.as())) {
            return Admission.no("as", "Signed already.");
        }
        Optional<Refusal> sameAgain = Signatures.of(job)
                .signedAt(by.name())
                .filter(first -> job.needsLead())
                .flatMap(first -> secondOfOne(job, signed, by, first, now));
        if (sameAgain.isPresent()) {
            return sameAgain;
        }
        if (Assessing.of(job).askedAgain().isPresent()) {
            return Admission.no(
                    "as", "Not ready to sign: " + Assessing.of(job).askedAgain().get());
        }
        return failedCheck(job, signed).or(() -> ready(job));
    }

    /** Another person, but in a shop of one. */
    private static Optional<Refusal> secondOfOne(
            JobFile job, HandBackEntry.SignedOff signed, Author by, Instant first, Instant now) {
        SignsAlone alone = new SignsAlone(job);
        return alone.isOnePerson()
                ? alone.refuse(signed, first, now)
                : Admission.no("as", "%s has signed already: a second person signs this job.".formatted(by.name()));
    }

    /** A lead settles what may not be handed over as a device. */
    static Optional<Refusal> settled(JobFile job, Author by) {
        if (Declined.of(job).filter(declined -> declined == Declined.SETTLED).isEmpty()) {
            return Admission.no("how", "Only an isolated device whose quote was declined is settled with its owner.");
        }
        return by.role() == Role.LEAD
                ? Optional.empty()
                : Admission.no("how", "A lead settles with the owner what becomes of an isolated device.");
    }

    /** A failed check goes home only on a lead's word, with a sentence for the owner. */
    private static Optional<Refusal> failedCheck(JobFile job, HandBackEntry.SignedOff signed) {
        Optional<String> failed = Signatures.of(job).failedCheck();
        if (failed.isEmpty() || Signatures.of(job).failuresTakenOn()) {
            return Optional.empty();
        }
        if (signed.as() != Role.LEAD) {
            return Admission.no(
                    "as",
                    "The check “%s” failed: mend it and check again, or a lead takes it on with a sentence for the owner."
                            .formatted(failed.get()));
        }
        return signed.forTheOwner() == null
                ? Admission.no(
                        "forTheOwner",
                        "The check “%s” failed: say to the owner what that means.".formatted(failed.get()))
                : Optional.empty();
    }

    private static Optional<Refusal> ready(JobFile job) {
        if (Arriving.of(job).owesAnAnswer()) {
            return Admission.no("as", "Not ready to sign: nobody wrote down what the owner said to the quote.");
        }
        if (Declined.of(job).filter(declined -> declined == Declined.SETTLED).isPresent() && !Declined.isAgreed(job)) {
            return Admission.no(
                    "as",
                    "Not ready to sign: it is not handed over as a device; a lead settles with the owner what becomes of it.");
        }
        NextThing next = job.next();
        return next.stage() == HandBackChapter.STAGE
                        && (Isolating.of(job).stored().isPresent()
                                || Fitting.of(job).keepsPack())
                ? Optional.empty()
                : Admission.no(
                        "as", "Not ready to sign: %s.".formatted(next.what().replaceAll("\\.$", "")));
    }
}
