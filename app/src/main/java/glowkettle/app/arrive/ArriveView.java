package glowkettle.app.arrive;

import glowkettle.job.JobFile;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.open.Opening;
import glowkettle.job.photo.JobPhotos;
import glowkettle.open.TeardownPlan;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Arrive as it is drawn: what was said at the counter, the promise and the quote, the photos and the shell.
 *
 * @param offered moments that the plan can keep, as they would be typed
 */
public record ArriveView(
        JobFile job,
        HoldPanel.Shown hold,
        @Nullable Instant earliest,
        List<String> offered,
        @Nullable QuoteShown quote) {
    public ArriveEntry.JobOpened opened() {
        return Arriving.of(job).opened();
    }

    public @Nullable Instant promise() {
        return Arriving.of(job.state()).promise();
    }

    public boolean promisedTooEarly() {
        Instant promise = promise();
        return promise != null && earliest != null && promise.isBefore(earliest);
    }

    public TeardownPlan plan() {
        return Opening.of(job).plan().result();
    }

    public BigDecimal labourMinutes() {
        return Opening.of(job).labourMinutes();
    }

    public List<JobPhotos.Photo> photos() {
        return JobPhotos.of(job).photos();
    }

    public @Nullable Naming naming() {
        return Naming.of(job);
    }
}
