package glowkettle.app.calibrate;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.desk.StagePage;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.calibrate.CalibrateChapter;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** The plan by the clock, what to do with the hands next, and the verdict. */
@Component
class CalibratePage implements StagePage<CalibrateView> {
    private final ShopBook shop;

    CalibratePage(ShopBook shop) {
        this.shop = shop;
    }

    @Override
    public Stage stage() {
        return CalibrateChapter.STAGE;
    }

    @Override
    public CalibrateView view(JobFile job, FilledForm filled, Instant now) {
        return CalibrateView.of(job, filled, now, shop.hours());
    }

    @Override
    public boolean isPictured(CalibrateView view) {
        return view.timing().chart() != null;
    }
}
