package glowkettle.job.fit;

import glowkettle.finding.Result;
import glowkettle.fit.PackComparison;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Stage;
import glowkettle.library.DeviceModel;
import glowkettle.shop.OpeningHours;
import java.util.List;
import java.util.Optional;

/** Which pack goes in. */
public final class FitChapter implements Chapter<FitEntry> {
    public static final Stage STAGE = new Stage("Fit", "fit");

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public Class<FitEntry> entries() {
        return FitEntry.class;
    }

    @Override
    public List<Kind<? extends FitEntry>> kinds() {
        return FitKinds.ALL;
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        if (Fitting.of(job).packChosen()) {
            return Fitting.of(job).isCoinCellOpen()
                    ? Optional.of(NextThing.of(STAGE, "Say what becomes of the backup cell"))
                    : Optional.empty();
        }
        return Optional.of(NextThing.of(STAGE, next(job, Fitting.of(job))));
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return List.of();
    }

    private static String next(JobFile job, Fitting fitting) {
        if (!job.packKnown()) {
            return "Read the old pack's label and measure its bay";
        }
        Optional<Result<PackComparison.Comparison>> compared = fitting.comparison();
        if (compared.isEmpty()) {
            return "Read the new pack's label and hold it against the bay";
        }
        return switch (compared.get().result().verdict()) {
            case FITS, WITH_CARE ->
                PackPromise.isSound(job.unpacked(), job.state())
                        .map(Refusal::reason)
                        .orElse("Take this pack, or look at another");
            case ASK -> "Find out what the label leaves open";
            case REFUSED -> "This pack is refused: get another";
        };
    }

    @Override
    public DeviceModel known(JobState state, DeviceModel model) {
        return state.latest(FitEntry.OldPackRead.class)
                .filter(read -> model.isFamily())
                .map(read -> model.with(read.pack()))
                .orElse(model);
    }
}
