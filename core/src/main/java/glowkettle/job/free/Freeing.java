package glowkettle.job.free;

import glowkettle.assess.Condition;
import glowkettle.assess.Tier;
import glowkettle.finding.Result;
import glowkettle.free.Effort;
import glowkettle.free.Ladder;
import glowkettle.free.Loosening;
import glowkettle.heat.Adhesive;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.assess.PackHealth;
import glowkettle.job.open.Held;
import glowkettle.job.open.Opening;
import glowkettle.library.Bond;
import glowkettle.library.Leads;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What holds the pack of a job, what was done to loosen it, and what is wet, warm or bare meanwhile. */
public final class Freeing {
    private final JobFile job;
    private final JobState state;

    private Freeing(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Freeing of(JobFile job) {
        return new Freeing(job);
    }

    /** The bond that the next step of the plan loosens. */
    public Optional<Bond> bondAtHand() {
        return stepAtHand().flatMap(job.model().anatomy()::bondOf);
    }

    /** The leads that the next step of the plan frees. */
    public Optional<Leads> leadsAtHand() {
        return stepAtHand().flatMap(job.model()::leadsOf);
    }

    private Optional<String> stepAtHand() {
        return Opening.of(job).nextStep().map(step -> step.operation().id());
    }

    /** The next step of a device nobody described, while nobody has said what holds it there. */
    public Optional<Operation> undescribedAtHand() {
        return stepAtHand().flatMap(job::operation).filter(this::isUndescribed);
    }

    /** What holds at it. */
    public Optional<Held> heldAtHand() {
        return undescribedAtHand().flatMap(operation -> Opening.heldUndescribed(job, operation));
    }

    /** The next step, where somebody looked and nothing is glued. */
    public Optional<Operation> notGluedAtHand() {
        return stepAtHand().flatMap(job::operation).filter(operation -> isNotGlued(operation.id()));
    }

    boolean isUndescribed(Operation operation) {
        return Opening.heldUndescribed(job, operation).isPresent()
                && job.model().anatomy().bondOf(operation.id()).isEmpty()
                && job.model().leadsOf(operation.id()).isEmpty()
                && !isNotGlued(operation.id());
    }

    /** Somebody looked at a step of a device nobody described, and nothing is glued there. */
    public boolean isNotGlued(String step) {
        return state.all(FreeEntry.NotGlued.class).anyMatch(not -> not.bond().equals(step));
    }

    public boolean sandReady() {
        return state.latest(FreeEntry.SandReady.class).isPresent();
    }

    /** Nobody works inside before mat or strap, and the conditions of the tier, were confirmed. */
    public boolean waitsForConditions() {
        return !Opening.of(job).conditionsConfirmed()
                && stepAtHand()
                        .flatMap(job::operation)
                        .filter(Operation::isInside)
                        .isPresent();
    }

    /** The shop's air as it was read last. */
    public Optional<BigDecimal> lastAmbientC() {
        return Optional.ofNullable(job.lastAmbientC());
    }

    public boolean forceForbidden() {
        return job.tier().result().tier().atLeast(Tier.ISOLATE)
                || job.tier().result().conditions().contains(Condition.NO_FORCE);
    }

    public List<FreeEntry.StripDrawn> strips(String bond) {
        return state.all(FreeEntry.StripDrawn.class)
                .filter(strip -> strip.bond().equals(bond))
                .toList();
    }

    public List<Ladder.Try> tries(String bond) {
        return state.all(FreeEntry.Prised.class)
                .filter(tried -> tried.bond().equals(bond))
                .map(tried -> new Ladder.Try(tried.way(), tried.effort()))
                .toList();
    }

    /** The ways for a bond as the case stands; whether any heat setting leaves a window is asked of whoever searched. */
    public Result<Ladder> ladder(Bond bond, @Nullable Boolean windowExists, Instant now) {
        List<FreeEntry.StripDrawn> drawn = strips(bond.operation());
        long broken = drawn.stream().filter(strip -> !strip.whole()).count();
        return Ladder.of(
                new Ladder.Case(
                        bond.layers().stack().adhesive(),
                        new Ladder.Forbidden(Warming.of(job).heatForbidden(), forceForbidden()),
                        PackHealth.of(job).socPercent(),
                        Dissolving.of(job).isWet(now),
                        windowExists,
                        new Ladder.Strips(
                                BigDecimal.valueOf(broken),
                                bond.strips() == null ? null : BigDecimal.valueOf(bond.stripCount() - drawn.size())),
                        bond.delicate(),
                        tries(bond.operation())),
                job.limits());
    }

    /**
     * Whether its bond and its jacket are gone: prised off a glued bed, whatever it took. Strips that were drawn whole leave
     * it as it was; of a model nobody described the worst is taken.
     */
    public boolean prisedOff() {
        return job.model().anatomy().operations().stream()
                        .filter(operation -> operation.kind() == OperationKind.FREE_PACK)
                        .filter(operation -> Opening.of(job).stepsIn().contains(operation.id()))
                        .anyMatch(this::leavesThePackPrised)
                || state.all(FreeEntry.Prised.class)
                        .filter(tried -> tried.effort() != Effort.NONE)
                        .anyMatch(tried -> tried.way() == Loosening.CARD || isThePacks(tried.bond()));
    }

    private boolean isThePacks(String bond) {
        return job.operation(bond)
                .filter(operation -> operation.kind() == OperationKind.FREE_PACK)
                .isPresent();
    }

    private boolean leavesThePackPrised(Operation operation) {
        if (job.model().leadsOf(operation.id()).isPresent() || isNotGlued(operation.id())) {
            return false;
        }
        return job.model()
                .anatomy()
                .bondOf(operation.id())
                .map(bond -> bond.layers().stack().adhesive() != Adhesive.STRETCH_STRIPS
                        || strips(bond.operation()).stream().anyMatch(strip -> !strip.whole()))
                .orElse(true);
    }
}
