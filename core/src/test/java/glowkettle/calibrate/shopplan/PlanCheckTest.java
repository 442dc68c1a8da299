package glowkettle.calibrate.shopplan;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.calibrate.shopplan.ShopPlan.Planned;
import glowkettle.calibrate.shopplan.ShopPlan.Timed;
import glowkettle.limits.ShopLimits;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** What is moved in a sound plan is noticed. */
class PlanCheckTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();
    private static final ShopRequest REQUEST = new ShopRequest(
            Shops.MONDAY,
            Shops.open("08:00", "18:00"),
            Shops.chargers(1),
            Shops.people(1),
            List.of(
                    Shops.job("A", null, Shops.soak(280, 365, 360, 140)),
                    Shops.job("B", null, List.of(Shops.hands(60), Shops.attended("charge", 60)))));

    private static List<String> wrongWith(int job, int step, UnaryOperator<Timed> change) {
        ShopPlan plan = ShopPlanner.plan(REQUEST, LIMITS).result();
        assertThat(PlanCheck.of(REQUEST, plan, LIMITS)).isEmpty();
        List<Planned> jobs = new ArrayList<>(plan.jobs());
        Planned changed = jobs.get(job);
        List<Timed> steps = new ArrayList<>(changed.steps());
        steps.set(step, change.apply(steps.get(step)));
        jobs.set(job, new Planned(changed.id(), changed.finish(), changed.lateMinutes(), steps, null));
        return PlanCheck.of(
                REQUEST,
                new ShopPlan(jobs, plan.lateMinutes(), plan.finishMinutes(), 0, true, plan.lateBound(), 0),
                LIMITS);
    }

    private static UnaryOperator<Timed> moved(long minutes) {
        Duration by = Duration.ofMinutes(minutes);
        return step -> new Timed(
                step.id(),
                step.start().plus(by),
                step.end().plus(by),
                step.heldUntil() == null ? null : step.heldUntil().plus(by),
                step.place(),
                step.person());
    }

    @Test
    void aChargeAfterClosingOffTheGridOrInThePastIsNoticed() {
        assertThat(wrongWith(0, 3, moved(8 * 60))).anyMatch(one -> one.contains("one staffed stretch"));
        assertThat(wrongWith(0, 3, moved(3))).anyMatch(one -> one.contains("off the grid"));
        assertThat(wrongWith(0, 0, moved(-24 * 60))).anyMatch(one -> one.contains("in the past"));
    }

    @Test
    void onePlaceForTwoIsNoticed() {
        ShopPlan plan = ShopPlanner.plan(REQUEST, LIMITS).result();
        Timed charge = plan.jobs().getFirst().steps().getFirst();
        assertThat(wrongWith(
                        1,
                        1,
                        step -> new Timed(
                                step.id(),
                                charge.start(),
                                charge.start().plus(Duration.ofHours(1)),
                                charge.start().plus(Duration.ofHours(1)),
                                step.place(),
                                null)))
                .anyMatch(one -> one.contains("holds"));
    }

    @Test
    void workByNobodyAndARestThatBeginsByItselfAtAnotherTimeAreNoticed() {
        assertThat(wrongWith(1, 0, step -> new Timed(step.id(), step.start(), step.end(), null, null, "somebody else")))
                .anyMatch(one -> one.contains("nobody of its tier"));
        assertThat(wrongWith(0, 2, moved(5))).anyMatch(one -> one.contains("by itself"));
    }
}
