package glowkettle.app.arrive;

import glowkettle.app.desk.PaperHead;
import glowkettle.arrive.Quote;
import glowkettle.finding.Result;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.arrive.Arriving;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The newest quote of a job, for its page, its print and its PDF.
 *
 * @param answer what the owner said to this quote; null while it is open
 */
public record QuoteShown(
        PaperHead head,
        Instant at,
        String by,
        Quote.Request request,
        Result<Quote> quote,
        ArriveEntry.@Nullable QuoteAnswered answer,
        @Nullable Instant answeredAt,
        @Nullable Instant promise) {
    static Optional<QuoteShown> of(JobFile job) {
        return latest(job, ArriveEntry.Quoted.class).map(recorded -> {
            ArriveEntry.Quoted quoted = (ArriveEntry.Quoted) recorded.entry();
            Optional<Recorded> answered =
                    latest(job, ArriveEntry.QuoteAnswered.class).filter(later -> later.seq() > recorded.seq());
            return new QuoteShown(
                    PaperHead.of(job),
                    recorded.at(),
                    recorded.by(),
                    quoted.request(),
                    Quote.of(quoted.request(), job.limits()),
                    answered.map(later -> (ArriveEntry.QuoteAnswered) later.entry())
                            .orElse(null),
                    answered.map(Recorded::at).orElse(null),
                    Arriving.of(job.state()).promise());
        });
    }

    private static Optional<Recorded> latest(JobFile job, Class<? extends Entry> kind) {
        return job.state().counting().stream()
                .filter(recorded -> kind.isInstance(recorded.entry()))
                .reduce((earlier, later) -> later);
    }
}
