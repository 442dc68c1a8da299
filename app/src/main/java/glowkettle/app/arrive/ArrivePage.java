package glowkettle.app.arrive;

import glowkettle.app.binding.Attempt;
import glowkettle.app.desk.StagePage;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.Stage;
import glowkettle.job.arrive.ArriveChapter;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.handback.EarliestReady;
import glowkettle.job.open.Opening;
import glowkettle.job.photo.JobPhotos;
import java.time.Instant;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What was said at the counter, and what it makes Assess ask for. */
@Component
class ArrivePage implements StagePage {
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
    public void fill(Model model, JobFile job, Attempt attempt, Instant now) {
        model.addAttribute("opened", Arriving.of(job).opened());
        Instant promise = Arriving.of(job.state()).promise();
        Instant earliest =
                job.closed() ? null : EarliestReady.of(job, now, shop.hours()).orElse(null);
        model.addAttribute("promise", promise);
        model.addAttribute("earliest", earliest);
        model.addAttribute("promisedTooEarly", promise != null && earliest != null && promise.isBefore(earliest));
        model.addAttribute("plan", Opening.of(job).plan().result());
        model.addAttribute("labourMinutes", Opening.of(job).labourMinutes());
        model.addAttribute("hold", hold.of(job, Moment.BEFORE));
        model.addAttribute("quote", QuoteShown.of(job).orElse(null));
        model.addAttribute("photos", JobPhotos.of(job).photos());
        model.addAttribute("nameable", ModelNaming.isNameable(job));
        model.addAttribute("learnt", ModelNaming.learnt(job));
    }
}
