package glowkettle.app.arrive;

import glowkettle.app.binding.Attempt;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.web.StagePage;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.Stage;
import glowkettle.job.arrive.Ready;
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
        return Stage.ARRIVE;
    }

    @Override
    public void fill(Model model, JobFile job, Attempt attempt, Instant now) {
        model.addAttribute("opened", job.opened());
        Instant promise = job.state().promise();
        Instant earliest =
                job.closed() ? null : Ready.earliest(job, now, shop.hours()).orElse(null);
        model.addAttribute("promise", promise);
        model.addAttribute("earliest", earliest);
        model.addAttribute("promisedTooEarly", promise != null && earliest != null && promise.isBefore(earliest));
        model.addAttribute("plan", job.plan().result());
        model.addAttribute("labourMinutes", job.labourMinutes());
        model.addAttribute("hold", hold.of(job, Moment.BEFORE));
        model.addAttribute("quote", QuoteShown.of(job).orElse(null));
        model.addAttribute("photos", job.photos());
        model.addAttribute("nameable", ModelNaming.isNameable(job));
        model.addAttribute("learnt", ModelNaming.learnt(job));
    }
}
