package glowkettle.job.handback;

import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.limits.Limit;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * A shop of one person, as its limits say: that person signs twice, an hour or more apart, with what was looked at again named.
 * Source: handbook, Hand back.
 */
final class SignsAlone {
    private final JobFile job;

    SignsAlone(JobFile job) {
        this.job = job;
    }

    boolean isOnePerson() {
        return job.limits().number(Limit.SIGNERS) < 2;
    }

    private Duration apart() {
        return Duration.ofMinutes(Math.round(job.limits().number(Limit.SIGNED_APART_HOURS) * 60));
    }

    /** Why the second signature of the same person does not count yet. */
    Optional<Refusal> refuse(HandBackEntry.SignedOff second, Instant first, Instant now) {
        if (now.isBefore(first.plus(apart()))) {
            return Admission.no(
                    "as",
                    "Who signs alone signs again with fresh eyes, at the earliest after %s."
                            .formatted(job.limits().applied(Limit.SIGNED_APART_HOURS)));
        }
        return second.lookedAtAgain() == null
                ? Admission.no("lookedAtAgain", "Missing: what was looked at again, such as seam, warmth and charge.")
                : Optional.empty();
    }

    /** Twice by one person, far enough apart, the second time after another look. */
    boolean isComplete(List<Recorded> signed) {
        return isOnePerson()
                && signed.stream()
                        .anyMatch(second -> ((HandBackEntry.SignedOff) second.entry()).lookedAtAgain() != null
                                && signed.stream()
                                        .anyMatch(first ->
                                                !second.at().isBefore(first.at().plus(apart()))));
    }
}
