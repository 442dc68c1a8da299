package glowkettle.app.arrive;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.desk.StagePage;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.Stage;
import glowkettle.job.arrive.ArriveChapter;
import glowkettle.job.handback.EarliestReady;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** What was said at the counter, and what it makes Assess ask for. */
@Component
class ArrivePage implements StagePage<ArriveView> {
    private final HoldPanel hold;
    private final ShopBook shop;

    ArrivePage(HoldPanel hold, ShopBook shop) {
        this.hold = hold;
        this.shop = shop;
    }

    @Override
    public Stage stage() {
        return ArriveChapter.STAGE;
    }

    @Override
    public ArriveView view(JobFile job, FilledForm filled, Instant now) {
        Instant earliest =
                job.closed() ? null : EarliestReady.of(job, now, shop.hours()).orElse(null);
        return new ArriveView(
                job,
                hold.of(job, Moment.BEFORE),
                earliest,
                ClosingTimes.ahead(shop.hours(), earliest == null ? now : earliest),
                QuoteShown.of(job).orElse(null));
    }
}
