package glowkettle.job.photo;

import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Stage;
import glowkettle.job.arrive.ArriveChapter;
import glowkettle.shop.OpeningHours;
import java.util.List;
import java.util.Optional;

/** Photos, at whichever stage they are taken. */
public final class PhotoChapter implements Chapter<PhotoEntry> {
    private static final Stage STAGE = new Stage("Photos", "photo");

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public boolean hasPage() {
        return false;
    }

    @Override
    public Class<PhotoEntry> entries() {
        return PhotoEntry.class;
    }

    @Override
    public List<Kind<? extends PhotoEntry>> kinds() {
        return PhotoKinds.ALL;
    }

    /** They are shown where the job came in. */
    @Override
    public Stage page(PhotoEntry entry) {
        return ArriveChapter.STAGE;
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        return Optional.empty();
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return List.of();
    }
}
