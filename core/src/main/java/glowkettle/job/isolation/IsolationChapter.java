package glowkettle.job.isolation;

import glowkettle.isolation.Watch;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Danger;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Stage;
import glowkettle.job.assess.AssessChapter;
import glowkettle.shop.OpeningHours;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The old pack in its container. */
public final class IsolationChapter implements Chapter<IsolationEntry> {
    public static final Stage STAGE = new Stage("Isolation store", "isolation");

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public boolean hasPage() {
        return false;
    }

    /** The isolation sheet is of the page on which a pack is assessed. */
    @Override
    public Stage page(IsolationEntry entry) {
        return AssessChapter.STAGE;
    }

    @Override
    public Class<IsolationEntry> entries() {
        return IsolationEntry.class;
    }

    @Override
    public List<Kind<? extends IsolationEntry>> kinds() {
        return IsolationKinds.ALL;
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        return Optional.empty();
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return Stream.concat(foundWarm(job).stream(), unguarded(job).stream()).toList();
    }

    /** A pack that stands outdoors is somebody's until it lies in a container; the guard's time is its clock. */
    private static Optional<Call> unguarded(JobFile job) {
        return Isolating.of(job).released().isPresent()
                ? Optional.empty()
                : Isolating.of(job)
                        .outdoors()
                        .map(outdoors -> Call.danger(
                                outdoors.until(),
                                "outdoors, and %s stands guard no longer: the next guard, or a container"
                                        .formatted(outdoors.guard()),
                                AssessChapter.STAGE,
                                Danger.LOOSE));
    }

    /** The old pack is watched when its device is long gone. */
    @Override
    public boolean outlivesTheJob() {
        return true;
    }

    /** Warm or changed at its newest look; a good one ends it. */
    private static Optional<Call> foundWarm(JobFile job) {
        if (Isolating.of(job).released().isPresent()) {
            return Optional.empty();
        }
        return job.state().latestRecorded(IsolationEntry.Watched.class).flatMap(look -> {
            IsolationEntry.Watched seen = (IsolationEntry.Watched) look.entry();
            boolean changed = seen.look() != null && seen.look().findsSomething();
            return changed || Watch.warm(seen.surfaceC(), seen.ambientC(), job.limits())
                    ? Optional.of(Call.danger(
                            look.at(),
                            "the stored pack was found " + (changed ? "changed" : "warm"),
                            AssessChapter.STAGE,
                            Danger.CHANGED))
                    : Optional.empty();
        });
    }

    /** What went out with its papers is not rewritten behind them. */
    @Override
    public Optional<Refusal> keeps(JobFile job, IsolationEntry entry) {
        return Isolating.of(job).released().isPresent() ? Admission.no("", Firmness.GONE.refusal()) : Optional.empty();
    }
}
