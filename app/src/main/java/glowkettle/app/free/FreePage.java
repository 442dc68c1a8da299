package glowkettle.app.free;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.desk.StagePage;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.free.FreeChapter;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** The bond or the leads at hand: one way to go, what runs, what is wet, and what is never done. */
@Component
class FreePage implements StagePage<FreeView> {
    private final HeatPlaces places;
    private final ShopBook book;

    FreePage(HeatPlaces places, ShopBook book) {
        this.places = places;
        this.book = book;
    }

    @Override
    public Stage stage() {
        return FreeChapter.STAGE;
    }

    @Override
    public FreeView view(JobFile job, FilledForm filled, Instant now) {
        return FreeView.of(job, filled, now, book.shop(), places);
    }

    @Override
    public FilledForm filled(FreeView view, FilledForm sent) {
        return view.picked() == null ? sent : view.picked().asForm();
    }

    @Override
    public boolean isPictured(FreeView view) {
        return view.heat() != null && view.heat().chart() != null;
    }
}
