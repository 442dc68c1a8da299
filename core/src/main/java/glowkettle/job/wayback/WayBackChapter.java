package glowkettle.job.wayback;

import glowkettle.job.Attention;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Stage;
import glowkettle.job.fit.Fitting;
import glowkettle.job.free.Dissolving;
import glowkettle.job.free.FreeChapter;
import glowkettle.job.join.JoinChapter;
import glowkettle.job.join.Joining;
import glowkettle.job.open.Opening;
import glowkettle.shop.OpeningHours;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The device closed again. */
public final class WayBackChapter implements Chapter<WayBackEntry> {
    public static final Stage STAGE = new Stage("Way back", "wayback");

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public Class<WayBackEntry> entries() {
        return WayBackEntry.class;
    }

    @Override
    public List<Kind<? extends WayBackEntry>> kinds() {
        return WayBackKinds.ALL;
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        if (Waking.of(job).isDue()) {
            return Optional.of(NextThing.of(STAGE, "Watch the pack wake on the charger: current and warmth"));
        }
        ClosingUp closing = ClosingUp.of(job);
        return closing.nextStepBack()
                .map(step -> Joining.of(job).isOwedAt(step.id())
                        ? NextThing.of(JoinChapter.STAGE, "Solder the leads, one at a time")
                        : NextThing.of(STAGE, step.label()));
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        Opening opening = Opening.of(job);
        boolean sparkIsNext = opening.nextStep().isEmpty() && Fitting.of(job).packChosen();
        List<Call> calls = new ArrayList<>();
        Dissolving.of(job)
                .ignition()
                .filter(lock -> sparkIsNext && lock.holds(job.now()))
                .ifPresent(lock -> calls.add(new Call(
                        job.now(), Attention.WATCH, "solvent is wet where a spark is next", FreeChapter.STAGE, false)));
        Waking.of(job)
                .watchedUntil()
                .ifPresent(until -> calls.add(
                        new Call(until, Attention.WATCH, "the pack that slept has been watched", STAGE, false)));
        ClosingUp.of(job)
                .nextStepBack()
                .flatMap(step -> ClosingUp.of(job).pressedUntil(step))
                .ifPresent(until -> calls.add(new Call(until, Attention.WORK, "pressed long enough", STAGE, true)));
        return calls;
    }
}
