package glowkettle.job.arrive;

import glowkettle.job.Attention;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Kind;
import glowkettle.job.Moment;
import glowkettle.job.NextThing;
import glowkettle.job.Stage;
import glowkettle.library.DeviceModel;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** The counter: the device, the quote, the promise, the photos. */
public final class ArriveChapter implements Chapter<ArriveEntry> {
    public static final Stage STAGE = new Stage("Arrive", "arrive");

    @Override
    public Stage stage() {
        return STAGE;
    }

    /** What is written at the counter is a side matter; whoever quotes wants to see the quote. */
    @Override
    public boolean keepsOnItsPage(Stage next, JobFile job, boolean takenBack) {
        return true;
    }

    @Override
    public Class<ArriveEntry> entries() {
        return ArriveEntry.class;
    }

    @Override
    public List<Kind<? extends ArriveEntry>> kinds() {
        return ArriveKinds.ALL;
    }

    /** A device nobody described is called what was typed of it. */
    @Override
    public DeviceModel known(JobState state, DeviceModel model) {
        return state.latest(ArriveEntry.JobOpened.class)
                .map(opened -> opened.device().modelCode())
                .filter(typed -> model.isFamily() && !typed.isBlank())
                .map(model::called)
                .orElse(model);
    }

    @Override
    public Moment moment(ArriveEntry entry) {
        return entry instanceof ArriveEntry.PressureHeld held ? held.moment() : Moment.BEFORE;
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        return Optional.empty();
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        Instant promise = Arriving.of(job).promise();
        return promise == null
                ? List.of()
                : List.of(new Call(
                        promise,
                        Attention.PROMISE,
                        "was promised for now",
                        job.next().stage(),
                        true));
    }
}
