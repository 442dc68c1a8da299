package glowkettle.job.arrive;

import glowkettle.arrive.Quote;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import java.time.Instant;
import java.util.Optional;

/** Whether what was said and learnt at the counter may be written now. */
final class ArriveAdmission {
    private ArriveAdmission() {}

    static Optional<Refusal> answered(JobFile job, ArriveEntry.QuoteAnswered answered) {
        Optional<Quote.Request> quoted = Arriving.of(job).quoted();
        if (quoted.isEmpty()) {
            return Admission.no("offer", "There is no quote to answer.");
        }
        boolean choosing = answered.accepted() && !quoted.get().offers().isEmpty();
        boolean known =
                quoted.get().offers().stream().anyMatch(offer -> offer.name().equals(answered.offer()));
        return choosing && !known ? Admission.no("offer", "Say which of the packs was taken.") : Optional.empty();
    }

    static Optional<Refusal> promised(ArriveEntry.Promised promised, Instant now) {
        return promised.promise().isAfter(now)
                ? Optional.empty()
                : Admission.no("promise", "%s has passed; a promise lies ahead.".formatted(promised.promise()));
    }
}
