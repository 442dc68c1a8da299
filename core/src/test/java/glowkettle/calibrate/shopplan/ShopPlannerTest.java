package glowkettle.calibrate.shopplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.assess.Tier;
import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.PhaseTimes;
import glowkettle.calibrate.Progress;
import glowkettle.calibrate.shopplan.ShopPlan.Planned;
import glowkettle.calibrate.shopplan.ShopPlan.Timed;
import glowkettle.calibrate.shopplan.ShopRequest.Job;
import glowkettle.calibrate.shopplan.ShopRequest.Person;
import glowkettle.calibrate.shopplan.ShopRequest.Step;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ShopPlannerTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static ShopPlan plan(ShopRequest request) {
        return ShopPlanner.plan(request, LIMITS).result();
    }

    private static ShopRequest shop(int chargers, int people, Job... jobs) {
        return new ShopRequest(
                Shops.MONDAY,
                Shops.open("08:00", "18:00"),
                Shops.chargers(chargers),
                Shops.people(people),
                List.of(jobs));
    }

    private static Timed step(ShopPlan plan, String job, String step) {
        return plan.jobs().stream()
                .filter(one -> one.id().equals(job))
                .flatMap(one -> one.steps().stream())
                .filter(one -> one.id().equals(step))
                .findFirst()
                .orElseThrow();
    }

    /** The handbook's: the second fits no more behind the first, and begins a day later. */
    @Test
    void twoEqualJobsAtOneChargerCannotBothBeBackOnTuesday() {
        ShopPlan plan = plan(shop(
                1,
                1,
                Shops.job("A", null, Shops.soak(280, 365, 360, 140)),
                Shops.job("B", null, Shops.soak(280, 365, 360, 140))));

        assertThat(plan.jobs().getFirst().finish()).isEqualTo("2026-11-17T10:20:00Z");
        assertThat(step(plan, "B", "charge and soak").start()).isEqualTo("2026-11-17T10:20:00Z");
        assertThat(plan.finishMinutes()).isEqualTo(26 * 60 + 20 + 50 * 60 + 20);
        assertThat(plan.proven()).isTrue();
        assertThat(plan.finishBound()).isEqualTo(plan.finishMinutes());
    }

    @Test
    void oneSoakCycleHasThePlanOfTheClock() {
        SplittableRandom chance = new SplittableRandom(7);
        for (int i = 0; i < 120; i++) {
            OpeningHours hours = switch (chance.nextInt(3)) {
                case 0 -> Shops.open("08:00", "18:00");
                case 1 -> Shops.open("09:30", "12:00", "13:00", "19:30");
                default -> Shops.open("07:58", "17:03");
            };
            int[] minutes = {
                60 + chance.nextInt(200),
                chance.nextInt(160),
                60 + chance.nextInt(500),
                chance.nextInt(400),
                30 + chance.nextInt(200)
            };
            PhaseTimes times = PhaseTimes.ofMinutes(
                    BigDecimal.valueOf(minutes[0]),
                    BigDecimal.valueOf(minutes[1]),
                    BigDecimal.valueOf(minutes[2]),
                    BigDecimal.valueOf(minutes[3]),
                    BigDecimal.valueOf(minutes[4]),
                    LIMITS);
            if (times.rest().isZero()) {
                continue;
            }
            Instant now = Shops.MONDAY.plus(Duration.ofMinutes(chance.nextInt(7 * 24 * 60)));
            ClockPlan.Outcome clock = ClockPlan.plan(
                            new ClockPlan.Request(now, null, times, hours, Progress.NONE), LIMITS)
                    .result();
            ShopPlan shop = plan(new ShopRequest(
                    now,
                    hours,
                    Shops.chargers(1),
                    Shops.people(1),
                    List.of(Shops.job(
                            "A",
                            null,
                            Shops.soak(
                                    (int) times.charge().plus(times.soak()).toMinutes(),
                                    (int) times.runDown().toMinutes(),
                                    (int) times.rest().toMinutes(),
                                    (int) times.lastCharge().toMinutes())))));
            switch (clock) {
                case ClockPlan.Outcome.Planned planned -> {
                    assertThat(shop.jobs().getFirst().steps())
                            .as("%s from %s, %s", List.of(minutes), now, hours.week())
                            .extracting(Timed::start)
                            .containsExactlyElementsOf(planned.slots().stream()
                                    .map(ClockPlan.Slot::start)
                                    .toList());
                    assertThat(shop.farActions()).isEqualTo(planned.farActions());
                }
                case ClockPlan.Outcome.NoFit none ->
                    assertThat(shop.jobs().getFirst().misfit()).isNotNull();
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void noOtherWayIsLessLateOrDoneSooner(long seed) {
        SplittableRandom chance = new SplittableRandom(seed);
        List<Job> jobs = new ArrayList<>();
        int many = 2 + chance.nextInt(2);
        for (int i = 0; i < many; i++) {
            List<Step> steps = new ArrayList<>();
            if (chance.nextBoolean()) {
                steps.add(Shops.hands(10 + 5 * chance.nextInt(3)));
            }
            steps.add(Shops.attended("charge", 15 + 5 * chance.nextInt(4)));
            if (many == 2 && chance.nextBoolean()) {
                steps.add(Shops.free("in use", 20 + 5 * chance.nextInt(8), chance.nextBoolean() ? 90 : null));
            }
            jobs.add(Shops.job("J" + i, Shops.MONDAY.plus(Duration.ofMinutes(40 + 5 * chance.nextInt(20))), steps));
        }
        ShopRequest request = new ShopRequest(
                Shops.MONDAY,
                Shops.open("08:00", "09:05", "09:20", "10:00"),
                Shops.chargers(1 + chance.nextInt(2)),
                Shops.people(1 + chance.nextInt(2)),
                jobs);

        ShopPlan plan = plan(request);

        assertThat(plan.proven()).isTrue();
        assertThat(new EveryPlan(request, Duration.ofMinutes(125), LIMITS).betterThan(plan))
                .isNull();
    }

    /** The check that no plan gets out without stands beside the search; here it is asked of many. */
    @Test
    void everyPlanKeepsEveryRuleAndItsBounds() {
        for (long seed = 0; seed < 90; seed++) {
            ShopRequest request = Shops.drawn(seed, 1 + (int) (seed % 4), 1 + (int) (seed % 2), 1 + (int) (seed % 3));

            ShopPlan plan = plan(request);

            assertThat(PlanCheck.of(request, plan, LIMITS)).isEmpty();
            assertThat(plan.proven()).as("seed %s", seed).isTrue();
            assertThat(plan.lateBound()).isEqualByComparingTo(plan.lateMinutes());
            assertThat(plan.finishBound()).isEqualTo(plan.finishMinutes());
        }
    }

    @Test
    void anotherChargerOrPersonNeverMakesItWorse() {
        for (long seed = 0; seed < 20; seed++) {
            ShopRequest request = Shops.drawn(seed, 3, 1, 1);
            ShopPlan plan = plan(request);
            for (ShopRequest richer : List.of(
                    new ShopRequest(
                            request.now(), request.hours(), Shops.chargers(2), request.people(), request.jobs()),
                    new ShopRequest(
                            request.now(), request.hours(), request.places(), Shops.people(2), request.jobs()))) {
                ShopPlan other = plan(richer);
                int late = other.lateMinutes().compareTo(plan.lateMinutes());
                assertThat(late < 0 || late == 0 && other.finishMinutes() <= plan.finishMinutes())
                        .as("seed %s: %s, then %s", seed, plan, other)
                        .isTrue();
            }
        }
    }

    @Test
    void manyJobsArePlannedBesideTheirBoundAndAlwaysTheSame() {
        ShopRequest request = Shops.drawn(5, 25, 3, 3);
        ShopPlan plan = plan(request);
        List<Person> renamed = request.people().stream()
                .map(person -> new Person(person.id(), person.tier(), person.hours()))
                .toList();

        assertThat(plan.lateMinutes()).isGreaterThanOrEqualTo(plan.lateBound());
        assertThat(plan.finishMinutes()).isGreaterThanOrEqualTo(plan.finishBound());
        assertThat(ShopPlanner.plan(
                                new ShopRequest(
                                        request.now(), request.hours(), request.places(), renamed, request.jobs()),
                                LIMITS.with(Limit.FLIP_MINUTES, new BigDecimal("0.7")))
                        .result())
                .isEqualTo(plan);
    }

    @Test
    void whatRunsIsNeverMovedAndHoldsItsPlace() {
        Instant since = Shops.MONDAY.minus(Duration.ofMinutes(30));
        ShopRequest request = new ShopRequest(
                Shops.MONDAY,
                Shops.open("07:00", "18:00"),
                Shops.chargers(1),
                Shops.people(2),
                List.of(
                        Shops.begun("runs", 1, since, "charger 0", null, Shops.soak(200, 300, 360, 100)),
                        Shops.job("waits", Shops.MONDAY, Shops.soak(100, 300, 360, 60))));

        ShopPlan plan = plan(request);

        assertThat(step(plan, "runs", "charge and soak").start()).isEqualTo(since);
        assertThat(step(plan, "waits", "charge and soak").start())
                .isEqualTo(step(plan, "runs", "charge and soak").heldUntil());
    }

    /** A device that shut down in the night rests since then, whoever comes to see it in the morning. */
    @Test
    void whatEndedByItselfWentOverByItself() {
        ShopPlan plan = plan(new ShopRequest(
                Shops.MONDAY.plus(Duration.ofDays(1)),
                Shops.open("08:00", "18:00"),
                Shops.chargers(1),
                Shops.people(1),
                List.of(Shops.begun(
                        "A", 2, Instant.parse("2026-11-16T15:00:00Z"), null, null, Shops.soak(200, 365, 360, 100)))));

        assertThat(step(plan, "A", "rest").start()).isEqualTo("2026-11-16T21:05:00Z");
        assertThat(step(plan, "A", "last charge").start()).isEqualTo("2026-11-17T08:00:00Z");
    }

    @Test
    void aChargeThatCannotEndBeforeClosingIsNamedAndLeftOut() {
        ShopPlan plan = plan(new ShopRequest(
                Instant.parse("2026-11-16T16:00:00Z"),
                Shops.open("08:00", "18:00"),
                Shops.chargers(2),
                Shops.people(1),
                List.of(
                        Shops.begun(
                                "too long",
                                1,
                                Instant.parse("2026-11-16T15:30:00Z"),
                                "charger 0",
                                null,
                                Shops.soak(200, 365, 360, 100)),
                        Shops.job("other", null, List.of(Shops.attended("charge", 60))))));

        Planned left = plan.jobs().getFirst();
        assertThat(left.misfit()).isNotNull();
        assertThat(left.misfit().cause()).contains("cannot end before");
        assertThat(plan.jobs().getLast().finish()).isEqualTo("2026-11-16T17:00:00Z");
    }

    @ParameterizedTest
    @CsvSource({"hands, one person", "charge, in one staffed stretch", "mat, a place of the kind MAT"})
    void whatFitsNowhereAloneIsLeftOutWithItsCause(String what, String cause) {
        Step step = switch (what) {
            case "hands" -> Shops.hands(700);
            case "charge" -> Shops.attended("charge", 580);
            default -> new Step("heat", StepKind.HANDS, BigDecimal.TEN, "MAT", null);
        };

        ShopPlan plan = plan(shop(
                1, 1, Shops.job("never", null, List.of(step)), Shops.job("other", null, List.of(Shops.hands(10)))));

        assertThat(plan.jobs().getFirst().misfit().cause()).contains(cause);
        assertThat(plan.jobs().getFirst().misfit().remedies()).isNotEmpty();
        assertThat(plan.jobs().getLast().finish()).isEqualTo("2026-11-16T08:10:00Z");
    }

    @Test
    void nobodyOfALowerTierWorksAtAJob() {
        ShopRequest request = new ShopRequest(
                Shops.MONDAY,
                Shops.open("08:00", "18:00"),
                List.of(),
                List.of(
                        new Person("trainee", Tier.CLEAR, null),
                        new Person("afternoons", Tier.ISOLATE, Shops.open("13:00", "18:00"))),
                List.of(new Job("A", null, Tier.GUARDED, List.of(Shops.hands(30)), null)));

        Timed step = step(plan(request), "A", "hands 30");

        assertThat(step.person()).isEqualTo("afternoons");
        assertThat(step.start()).isEqualTo("2026-11-16T13:00:00Z");
    }

    @Test
    void whatContradictsItselfIsRefusedWithItsValue() {
        List<Step> cycle = Shops.soak(100, 100, 100, 100);
        Instant before = Shops.MONDAY.minusSeconds(60);
        assertThatThrownBy(() -> plan(shop(
                        1,
                        1,
                        Shops.begun("A", 1, before, "charger 0", null, cycle),
                        Shops.begun("B", 1, before, "charger 0", null, cycle))))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("Two jobs run at charger 0");
        assertThatThrownBy(() -> plan(shop(1, 1, Shops.job("A", null, List.of(Shops.free("rest", 90, 60))))))
                .hasMessageContaining("takes 90 min and may take at most 60");
        assertThatThrownBy(() ->
                        plan(shop(1, 1, Shops.begun("A", 1, Shops.MONDAY.plusSeconds(60), "charger 0", null, cycle))))
                .hasMessageContaining("after now");
    }
}
