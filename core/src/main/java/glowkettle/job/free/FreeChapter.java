package glowkettle.job.free;

import glowkettle.job.Admission.Refusal;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Danger;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Overheat;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.assess.Assessing;
import glowkettle.job.open.OpenChapter;
import glowkettle.job.open.Opening;
import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Bonds and leads. */
public final class FreeChapter implements Chapter<FreeEntry> {
    public static final Stage STAGE = new Stage("Free", "free");

    @Override
    public Stage stage() {
        return STAGE;
    }

    /** A bond may lie behind a cover and another before it: the job goes to and fro between the two. */
    @Override
    public boolean keepsOnItsPage(Stage next, JobFile job, boolean takenBack) {
        return !next.equals(OpenChapter.STAGE) && Chapter.super.keepsOnItsPage(next, job, takenBack);
    }

    @Override
    public Class<FreeEntry> entries() {
        return FreeEntry.class;
    }

    @Override
    public List<Kind<? extends FreeEntry>> kinds() {
        return FreeKinds.ALL;
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        return Optional.empty();
    }

    /** Heat that is on too long, or on an isolated pack, goes off before anything is carried anywhere. */
    @Override
    public Optional<NextThing> offFirst(JobFile job) {
        boolean tooLong = Assessing.of(job).halted()
                || Overheating.of(job).overruns().stream().anyMatch(Overrun::isOn);
        return Warming.of(job).isHeating() && tooLong
                ? Optional.of(NextThing.of(STAGE, "Heat off, and the device off the heat"))
                : Optional.empty();
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return BenchClocks.of(job).stream().map(FreeChapter::call).toList();
    }

    private static Call call(BenchClocks.Clock clock) {
        return clock.kind() == BenchClocks.Kind.LIFT_OFF
                ? Call.danger(clock.at(), clock.what(), STAGE, Danger.ON)
                : new Call(
                        clock.at(),
                        clock.kind().attention(),
                        clock.what(),
                        STAGE,
                        clock.kind().needsHands());
    }

    @Override
    public Optional<Refusal> bars(JobFile job, Spark spark, Instant now) {
        return switch (spark) {
            case KINDLES, WELDS -> SolventAdmission.ignition(job, now);
            case HARMLESS -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> holds(JobFile job, Operation step, Instant now) {
        return FreeAdmission.stepDone(job, step.id(), now);
    }

    /** Where nothing is glued or soldered, nothing is freed. */
    @Override
    public boolean isOnTheWayOf(JobFile job) {
        return !job.model().anatomy().bonds().isEmpty()
                || job.model().housing().leads() != null
                || job.model().anatomy().operations().stream()
                        .anyMatch(operation ->
                                Opening.heldUndescribed(job, operation).isPresent());
    }

    @Override
    public boolean works(JobFile job, Operation step) {
        return Opening.isHeld(job, step);
    }

    @Override
    public DeviceModel known(JobState state, DeviceModel model) {
        return FoundHold.in(state, model);
    }

    @Override
    public List<Overheat> overheats(JobFile job) {
        return Overheating.of(job).overruns().stream().map(Overrun::asOverheat).toList();
    }

    /** Heat that was on is followed by its curve. */
    @Override
    public boolean runsOn(JobState state) {
        return !Heatings.every(state).isEmpty();
    }
}
