package glowkettle.job.open;

import glowkettle.finding.Figures;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Danger;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.assess.AssessChapter;
import glowkettle.job.assess.Assessing;
import glowkettle.job.assess.PackHealth;
import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The plan, the steps of the teardown and its fasteners. */
public final class OpenChapter implements Chapter<OpenEntry> {
    public static final Stage STAGE = new Stage("Open", "open");

    private static final BigDecimal SECONDS_PER_MINUTE = BigDecimal.valueOf(60);
    private static final List<Kind<? extends OpenEntry>> KINDS = List.of(
            Kind.of(
                    "conditions-confirmed",
                    OpenEntry.ConditionsConfirmed.class,
                    Traits.TAPPED,
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of("step-done", OpenEntry.StepDone.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("fasteners-out", OpenEntry.FastenersOut.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("screws-counted", OpenEntry.ScrewsCounted.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("noted", OpenEntry.Noted.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("targets-chosen", OpenEntry.TargetsChosen.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("reordered", OpenEntry.Reordered.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("order-dropped", OpenEntry.OrderDropped.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("found-instead", OpenEntry.FoundInstead.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of(
                    "minutes-learnt",
                    OpenEntry.MinutesLearnt.class,
                    Traits.WRITTEN_BY_ITS_PAGE,
                    Spark.HARMLESS,
                    Firmness.RECKONED),
            Kind.of("label-seen", OpenEntry.LabelSeen.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE));

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
        return KINDS;
    }

    @Override
    public String words(OpenEntry entry, JobFile job) {
        return switch (entry) {
            case OpenEntry.ConditionsConfirmed ignored -> "Mat or strap on, conditions read";
            case OpenEntry.StepDone step -> "Done: " + Phrases.step(step.step(), job);
            case OpenEntry.FastenersOut out ->
                "Out: " + String.join(", ", out.out())
                        + (out.missing().isEmpty() ? "" : "; were missing: " + String.join(", ", out.missing()));
            case OpenEntry.ScrewsCounted counted ->
                "Screws: %s out, %s missing, %s stripped"
                        .formatted(counted.out(), noneOr(counted.missing()), noneOr(counted.stripped()));
            case OpenEntry.Noted noted -> "Note: " + noted.note();
            case OpenEntry.TargetsChosen chosen -> "To reach: " + labels(chosen.targets(), job);
            case OpenEntry.Reordered ignored -> "Order laid down by hand";
            case OpenEntry.OrderDropped ignored -> "The plan’s own order again";
            case OpenEntry.FoundInstead found ->
                "Found at %s instead: %s, M%s × %s, %s"
                        .formatted(
                                found.fastener(),
                                found.found().drive(),
                                Figures.of(found.found().threadMm()),
                                Figures.withUnit(found.found().lengthMm(), "mm"),
                                found.found().head());
            case OpenEntry.MinutesLearnt learnt ->
                "Minutes of %s steps taken from earlier jobs"
                        .formatted(learnt.steps().size());
            case OpenEntry.LabelSeen seen ->
                seen.asOrdered()
                        ? "The old pack's label is as ordered"
                        : "The old pack's label differs: " + seen.difference();
        };
    }

    private static String noneOr(@Nullable BigDecimal screws) {
        return screws == null || screws.signum() == 0 ? "none" : Figures.of(screws);
    }

    @Override
    public Optional<Told> tells(OpenEntry entry, DeviceModel model, ShopLimits limits) {
        return switch (entry) {
            case OpenEntry.ConditionsConfirmed ignored -> Optional.empty();
            case OpenEntry.StepDone step -> step(step, model);
            case OpenEntry.FastenersOut ignored -> Optional.empty();
            case OpenEntry.ScrewsCounted ignored -> Optional.empty();
            case OpenEntry.Noted ignored -> Optional.empty();
            case OpenEntry.TargetsChosen ignored -> Optional.empty();
            case OpenEntry.Reordered ignored -> Optional.empty();
            case OpenEntry.OrderDropped ignored -> Optional.empty();
            case OpenEntry.FoundInstead ignored -> Optional.empty();
            case OpenEntry.MinutesLearnt ignored -> Optional.empty();
            case OpenEntry.LabelSeen ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, OpenEntry entry, Author author, Instant now) {
        return switch (entry) {
            case OpenEntry.ConditionsConfirmed ignored -> Assessing.unlessHalted(job);
            case OpenEntry.StepDone step -> WorkAdmission.stepDone(job, step, now);
            case OpenEntry.FastenersOut out -> WorkAdmission.fastenersOut(job, out);
            case OpenEntry.ScrewsCounted counted -> WorkAdmission.counted(job, counted);
            case OpenEntry.Noted ignored -> Optional.empty();
            case OpenEntry.TargetsChosen chosen -> OpenAdmission.targets(job, chosen);
            case OpenEntry.Reordered reordered -> OpenAdmission.order(job, reordered);
            case OpenEntry.OrderDropped ignored -> Optional.empty();
            case OpenEntry.FoundInstead found ->
                job.model().anatomy().fastener(found.fastener()).isPresent()
                        ? Optional.empty()
                        : Admission.no(
                                "fastener",
                                "'%s' is no fastener of %s."
                                        .formatted(
                                                found.fastener(),
                                                job.model().identity().name()));
            case OpenEntry.MinutesLearnt ignored -> Optional.empty();
            case OpenEntry.LabelSeen seen ->
                !seen.asOrdered() && seen.difference() == null
                        ? Admission.no("difference", "Missing: what differs, such as the voltage or the code.")
                        : Optional.empty();
        };
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
    public boolean opens(OpenEntry entry) {
        return entry instanceof OpenEntry.StepDone || entry instanceof OpenEntry.FastenersOut;
    }

    @Override
    public boolean works(JobFile job, Operation step) {
        return !Opening.isHeld(job, step);
    }

    @Override
    public DeviceModel known(JobState state, DeviceModel model) {
        return model.with(LearntMinutes.of(state), FastenerLog.found(state));
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

    private static Optional<Told> step(OpenEntry.StepDone step, DeviceModel model) {
        Optional<OperationKind> kind = model.anatomy().operation(step.step()).map(Operation::kind);
        return Opening.liftsOut(model, step.step())
                ? kind.map(lifting -> new Told.LiftedOut(lifting.disconnects()))
                : kind.flatMap(OpenChapter::cutsOff);
    }

    private static Optional<Told> cutsOff(OperationKind kind) {
        if (kind.disconnects()) {
            return Optional.of(new Told.Disconnected());
        }
        return kind == OperationKind.POWER_OFF
                ? Optional.of(new Told.CurrentOff(Told.Whose.OLD, null))
                : Optional.empty();
    }

    private static String labels(List<String> steps, JobFile job) {
        return steps.stream()
                .map(step ->
                        job.operation(step).map(operation -> operation.label()).orElse(step))
                .collect(Collectors.joining(", "));
    }
}
