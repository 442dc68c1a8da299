package glowkettle.job.open;

import glowkettle.assess.Tier;
import glowkettle.finding.Result;
import glowkettle.job.Admission;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.Sum;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.assess.PackHealth;
import glowkettle.library.DeviceModel;
import glowkettle.library.Mounting;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.limits.Limit;
import glowkettle.open.HandOrder;
import glowkettle.open.Teardown;
import glowkettle.open.TeardownPlan;
import glowkettle.open.WayBack;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** How far a device is opened, by which plan. */
public final class Opening {
    private static final Sum<Result<TeardownPlan>> PLAN = new Sum<>();
    private static final Sum<Map<String, Instant>> STEPS_IN = new Sum<>();

    private final JobFile job;
    private final JobState state;

    private Opening(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Opening of(JobFile job) {
        return new Opening(job);
    }

    public Result<TeardownPlan> plan() {
        return job.once(PLAN, known -> handOrder().orElseGet(() -> Teardown.plan(teardown(), job.limits())));
    }

    private Teardown.Request teardown() {
        return new Teardown.Request(job.model().anatomy().operations(), targets(), null);
    }

    /** What the device is opened for. */
    public List<String> targets() {
        return state.latest(OpenEntry.TargetsChosen.class)
                .map(OpenEntry.TargetsChosen::targets)
                .orElse(job.model().anatomy().targets());
    }

    private Optional<Result<TeardownPlan>> handOrder() {
        return laidDown().map(reordered -> {
            Result<HandOrder> order = HandOrder.of(new HandOrder.Request(teardown(), reordered.order()), job.limits());
            return new Result<>(order.result().plan(), order.findings(), order.working());
        });
    }

    /** An order laid down by hand, while it still fits what is to be reached. */
    private Optional<OpenEntry.Reordered> laidDown() {
        Entry last = null;
        for (Recorded recorded : state.counting()) {
            if (recorded.entry() instanceof OpenEntry.Reordered
                    || recorded.entry() instanceof OpenEntry.OrderDropped
                    || recorded.entry() instanceof OpenEntry.TargetsChosen) {
                last = recorded.entry();
            }
        }
        return last instanceof OpenEntry.Reordered reordered ? Optional.of(reordered) : Optional.empty();
    }

    public boolean isByHand() {
        return laidDown().isPresent();
    }

    /** Operations done on the way in, in their order. A loosening is done with its last fastener, without a word more. */
    public List<String> stepsIn() {
        return List.copyOf(stepsInAt().keySet());
    }

    /** When each was done. */
    public Map<String, Instant> stepsInAt() {
        return job.once(STEPS_IN, known -> Collections.unmodifiableMap(stepsInDone()));
    }

    private Map<String, Instant> stepsInDone() {
        Map<String, Instant> done = new LinkedHashMap<>();
        Set<String> loose = new HashSet<>();
        for (Recorded recorded : state.counting()) {
            if (recorded.entry() instanceof OpenEntry.StepDone step) {
                done.putIfAbsent(step.step(), recorded.at());
            } else if (recorded.entry() instanceof OpenEntry.FastenersOut out) {
                loose.addAll(out.out());
                loose.addAll(out.missing());
                loosened(loose).forEach(step -> done.putIfAbsent(step, recorded.at()));
            }
        }
        return done;
    }

    private Stream<String> loosened(Set<String> loose) {
        return job.model().anatomy().operations().stream()
                .filter(operation -> operation.kind() == OperationKind.LOOSEN_FASTENERS)
                .map(Operation::id)
                .filter(id -> !job.model().anatomy().fastenersOf(id).isEmpty())
                .filter(id -> job.model().anatomy().fastenersOf(id).stream()
                        .allMatch(fastener -> loose.contains(fastener.id())));
    }

    /** Minutes of the whole work, there and back, tool changes and turns with it; the live penalty is no labour. */
    public BigDecimal labourMinutes() {
        TeardownPlan there = plan().result();
        BigDecimal penalty = there.cost().liveMinutes().multiply(job.limits().of(Limit.LIVE_WEIGHT));
        BigDecimal back = WayBack.plan(
                        new WayBack.Request(job.model().anatomy().operations(), there.order()), job.limits())
                .result()
                .costMinutes();
        return there.cost().costMinutes().subtract(penalty).add(back);
    }

    /** The first step of the plan that has not been done. */
    public Optional<TeardownPlan.Step> nextStep() {
        List<String> done = stepsIn();
        return plan().result().steps().stream()
                .filter(step -> !done.contains(step.operation().id()))
                .findFirst();
    }

    public boolean conditionsConfirmed() {
        return state.latest(OpenEntry.ConditionsConfirmed.class).isPresent();
    }

    /** The step that took the pack out of the device. */
    public Optional<Recorded> liftedOutAt() {
        return state.counting().stream()
                .filter(recorded -> liftsOut(recorded.entry()))
                .findFirst();
    }

    /** What the old pack's label has otherwise than the ordered pack; empty while nobody found a difference. */
    public Optional<String> labelDiffers() {
        return state.latest(OpenEntry.LabelSeen.class)
                .filter(seen -> !seen.asOrdered())
                .map(seen -> String.valueOf(seen.difference()));
    }

    public boolean labelSeen() {
        return state.latest(OpenEntry.LabelSeen.class).isPresent();
    }

    /** What must be prised is brought down first or not, but somebody decides it. */
    public boolean runDownUndecided() {
        PackHealth health = PackHealth.of(job);
        return health.glued()
                && health.runDownChosen().isEmpty()
                && stepsIn().isEmpty()
                && !job.tier().result().tier().atLeast(Tier.ISOLATE)
                && freesThePack();
    }

    public boolean freesThePack() {
        return plan().result().steps().stream()
                .anyMatch(step -> liftsOut(job.model(), step.operation().id()));
    }

    /** The operation by which it was taken out. */
    public Optional<Operation> liftedOutBy() {
        return state.all(OpenEntry.StepDone.class)
                .filter(this::liftsOut)
                .findFirst()
                .flatMap(step -> job.operation(step.step()));
    }

    /** It says that the pack was taken out of its device. */
    public boolean liftsOut(Entry entry) {
        return entry instanceof OpenEntry.StepDone step && liftsOut(job.model(), step.step());
    }

    /** The owner said no before anything was opened: it goes back as it came. */
    public boolean goesBackAsItCame() {
        return Arriving.of(job).isDeclined() && stepsIn().isEmpty();
    }

    /** Something found at a step that the model does not show. */
    public record Note(
            long seq, Instant at, String by, @Nullable String step, String note) {}

    /** What was noted, in the order in which it was. */
    public List<Note> notes() {
        return state.counting().stream()
                .filter(recorded -> recorded.entry() instanceof OpenEntry.Noted)
                .map(recorded -> {
                    OpenEntry.Noted noted = (OpenEntry.Noted) recorded.entry();
                    return new Note(recorded.seq(), recorded.at(), recorded.by(), noted.step(), noted.note());
                })
                .toList();
    }

    /** Why a step cannot be done now, whoever does it; empty when it can. */
    public Optional<String> refusedNow(Operation step, Instant now) {
        return Admission.refusedNow(job, new OpenEntry.StepDone(step.id()), now);
    }

    /** Screws are loosened at it, and no map shows where. */
    public static boolean isUncharted(JobFile job, Operation operation) {
        return operation.kind() == OperationKind.LOOSEN_FASTENERS
                && job.model().anatomy().fastenersOf(operation.id()).isEmpty();
    }

    /** At this step something glued or soldered is freed, or the bench says first what holds it. */
    public static boolean isHeld(JobFile job, Operation operation) {
        return job.model().anatomy().bondOf(operation.id()).isPresent()
                || job.model().leadsOf(operation.id()).isPresent()
                || heldUndescribed(job, operation).isPresent();
    }

    /** What holds at a step of a device nobody described, of which only the bench can say more. */
    public static Optional<Held> heldUndescribed(JobFile job, Operation operation) {
        if (!job.isByFamily()) {
            return Optional.empty();
        }
        return switch (operation.kind()) {
            case CUT_ADHESIVE -> Optional.of(Held.RIM);
            case FREE_PACK -> Optional.of(Held.BED);
            case DISCONNECT_PACK ->
                job.model().housing().mounting() == Mounting.SOLDERED ? Optional.of(Held.LEADS) : Optional.empty();
            case POWER_OFF,
                    TAKE_OUT_CARD,
                    LIFT_FOOT_OR_LABEL,
                    LOOSEN_FASTENERS,
                    CLIP_RUN,
                    PULL_SUCTION,
                    UNLATCH_CONNECTOR,
                    PEEL_TAPE,
                    MOVE_CABLE,
                    LIFT_PART,
                    LIFT_PACK_OUT,
                    LIFT_DOCKED_PACK_OUT -> Optional.empty();
        };
    }

    /** A step that takes the pack out of its device. */
    public static boolean liftsOut(DeviceModel model, String step) {
        return model.anatomy()
                .operation(step)
                .filter(operation -> operation.kind() == OperationKind.LIFT_PACK_OUT
                        || operation.kind() == OperationKind.LIFT_DOCKED_PACK_OUT)
                .isPresent();
    }
}
