package glowkettle.job.open;

import glowkettle.finding.Figures;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Danger;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Stage;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.assess.AssessChapter;
import glowkettle.job.assess.PackHealth;
import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import glowkettle.limits.Limit;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/** The plan, the steps of the teardown and its fasteners. */
public final class OpenChapter implements Chapter<OpenEntry> {
    public static final Stage STAGE = new Stage("Open", "open");

    private static final BigDecimal SECONDS_PER_MINUTE = BigDecimal.valueOf(60);

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public boolean hasBegun(JobFile job) {
        return !Opening.of(job).stepsIn().isEmpty();
    }

    @Override
    public Class<OpenEntry> entries() {
        return OpenEntry.class;
    }

    @Override
    public List<Kind<? extends OpenEntry>> kinds() {
        return OpenKinds.ALL;
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        if (Arriving.of(job).isDeclined()) {
            return Optional.empty();
        }
        Opening opening = Opening.of(job);
        if (PackHealth.of(job).waitsForRunDown()) {
            String targetPercent = Figures.withUnit(job.limits().of(Limit.RUN_DOWN_TARGET_PERCENT), "%");
            return Optional.of(NextThing.of(
                    AssessChapter.STAGE, "Run it down to %s, then read its charge".formatted(targetPercent)));
        }
        if (opening.runDownUndecided()) {
            return Optional.of(
                    NextThing.of(AssessChapter.STAGE, "Say what charge it holds, and how it is brought down"));
        }
        return opening.nextStep()
                .map(step -> opening.labelDiffers().isPresent()
                        ? new NextThing(STAGE, "Paused: get the pack that its label asks for", true)
                        : NextThing.of(
                                job.chapters().pageOf(job, step.operation()),
                                step.operation().label()));
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return livePack(job).stream().toList();
    }

    @Override
    public boolean works(JobFile job, Operation step) {
        return !Opening.isHeld(job, step);
    }

    @Override
    public DeviceModel known(JobState state, DeviceModel model) {
        return FoundTeardown.in(state, model).with(LearntMinutes.of(state), FastenerLog.found(state));
    }

    /** Open, its pack connected, and nobody does anything about it. */
    private static Optional<Call> livePack(JobFile job) {
        Opening opening = Opening.of(job);
        boolean open = opening.stepsIn().stream()
                .flatMap(step -> job.operation(step).stream())
                .anyMatch(operation -> operation.isInside() || operation.kind().closes());
        if (!open || job.isDisconnected() || job.isClosingUp()) {
            return Optional.empty();
        }
        Duration left = Duration.ofSeconds(job.limits()
                .of(Limit.LIVE_PACK_MINUTES)
                .multiply(SECONDS_PER_MINUTE)
                .longValue());
        return Optional.of(Call.danger(
                job.state().counting().getLast().at().plus(left),
                "lies open with its pack connected",
                opening.nextStep()
                        .map(step -> job.chapters().pageOf(job, step.operation()))
                        .orElse(STAGE),
                Danger.LIVE));
    }
}
