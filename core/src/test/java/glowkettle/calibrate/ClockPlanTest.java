package glowkettle.calibrate;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import glowkettle.shop.OpeningHours.Span;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class ClockPlanTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();
    private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
    private static final PhaseTimes TIMES = times(130, 150, 365, 360, 140);

    static PhaseTimes times(int charge, int soak, int runDown, int rest, int last) {
        return new PhaseTimes(
                Duration.ofMinutes(charge),
                Duration.ofMinutes(soak),
                Duration.ofMinutes(runDown),
                Duration.ofMinutes(rest),
                Duration.ofMinutes(last));
    }

    static OpeningHours hours(Map<LocalDate, List<Span>> exceptions, Span... spans) {
        Map<DayOfWeek, List<Span>> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            if (day.getValue() <= 5) {
                week.put(day, List.of(spans));
            }
        }
        return new OpeningHours(LISBON, week, exceptions);
    }

    static Span span(String opens, String closes) {
        return new Span(LocalTime.parse(opens), LocalTime.parse(closes));
    }

    private static ClockPlan.Outcome plan(String now, OpeningHours hours, PhaseTimes times, Progress progress) {
        return ClockPlan.plan(new ClockPlan.Request(Instant.parse(now), null, times, hours, progress), LIMITS)
                .result();
    }

    private static ClockPlan.Outcome.Planned planned(ClockPlan.Outcome outcome) {
        assertThat(outcome).isInstanceOf(ClockPlan.Outcome.Planned.class);
        return (ClockPlan.Outcome.Planned) outcome;
    }

    private static Instant start(ClockPlan.Outcome.Planned plan, Phase phase) {
        return plan.slots().stream()
                .filter(slot -> slot.phase() == phase)
                .findFirst()
                .orElseThrow()
                .start();
    }

    /** Plugged in at opening, run down over the evening, rested overnight, charged in the morning. */
    @Test
    void usesTheFreeOvernightRest() {
        ClockPlan.Outcome.Planned plan =
                planned(plan("2026-11-18T07:00:00Z", hours(Map.of(), span("08:00", "18:00")), TIMES, Progress.NONE));

        assertThat(start(plan, Phase.CHARGE_AND_SOAK)).isEqualTo("2026-11-18T08:00:00Z");
        assertThat(start(plan, Phase.LAST_CHARGE)).isEqualTo("2026-11-19T08:00:00Z");
        assertThat(plan.finish()).isEqualTo("2026-11-19T10:20:00Z");
        assertThat(plan.actions())
                .extracting(ClockPlan.HandAction::what)
                .containsExactly(
                        "plug in",
                        "unplug and start the run-down",
                        "plug in for the last charge",
                        "unplug, it is done");
    }

    @Test
    void nothingChargesThroughABreak() {
        ClockPlan.Outcome.Planned plan = planned(plan(
                "2026-11-18T07:00:00Z",
                hours(Map.of(), span("08:00", "12:30"), span("13:00", "19:30")),
                TIMES,
                Progress.NONE));

        assertThat(start(plan, Phase.CHARGE_AND_SOAK)).isEqualTo("2026-11-18T13:00:00Z");
    }

    @Test
    void neverSplitsSilentlyButNamesTheCauseAndTheRemedies() {
        ClockPlan.Outcome outcome = plan(
                "2026-11-18T07:00:00Z",
                hours(Map.of(), span("08:00", "12:00"), span("13:00", "17:00")),
                TIMES,
                Progress.NONE);

        assertThat(outcome).isInstanceOfSatisfying(ClockPlan.Outcome.NoFit.class, none -> {
            assertThat(none.cause())
                    .contains("5 h 22 min")
                    .contains("the longest")
                    .contains("4 h");
            assertThat(none.remedies()).isNotEmpty();
        });
    }

    @Test
    void aClosedDayAndALongerOneAreExceptions() {
        OpeningHours hours = hours(
                Map.of(
                        LocalDate.parse("2026-11-18"), List.of(),
                        LocalDate.parse("2026-11-19"), List.of(span("06:00", "21:00"))),
                span("08:00", "18:00"));
        ClockPlan.Outcome.Planned plan = planned(plan("2026-11-18T07:00:00Z", hours, TIMES, Progress.NONE));

        assertThat(start(plan, Phase.CHARGE_AND_SOAK)).isEqualTo("2026-11-19T06:00:00Z");
    }

    /** The clocks go back in the night to 25 October 2026: the shop opens at 08:00 of its own clock all the same. */
    @Test
    void keepsTheShopsWallClockOverAClockChange() {
        Map<DayOfWeek, List<Span>> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            week.put(day, List.of(span("08:00", "18:00")));
        }
        OpeningHours hours = new OpeningHours(LISBON, week, Map.of());
        ClockPlan.Outcome.Planned plan = planned(plan("2026-10-24T06:30:00Z", hours, TIMES, Progress.NONE));

        assertThat(start(plan, Phase.CHARGE_AND_SOAK)).isEqualTo("2026-10-24T07:00:00Z");
        assertThat(start(plan, Phase.LAST_CHARGE)).isEqualTo("2026-10-25T08:00:00Z");
    }

    @Test
    void whatHasBegunIsNeverMovedAndALateHandMovesTheRest() {
        OpeningHours hours = hours(Map.of(), span("08:00", "18:00"));
        Progress begun = new Progress(
                Instant.parse("2026-11-18T08:10:00Z"), Instant.parse("2026-11-18T10:20:00Z"), null, null, null, null);
        ClockPlan.Outcome.Planned late = planned(plan("2026-11-18T15:00:00Z", hours, TIMES, begun));

        assertThat(start(late, Phase.CHARGE_AND_SOAK)).isEqualTo("2026-11-18T08:10:00Z");
        assertThat(start(late, Phase.RUN_DOWN)).isAfterOrEqualTo("2026-11-18T15:00:00Z");
        assertThat(late.actions()).hasSize(3);
    }

    @Test
    void aChargeThatCannotEndBeforeClosingHasNoFit() {
        Progress begun = Progress.startingAt(Instant.parse("2026-11-18T16:00:00Z"));

        assertThat(plan("2026-11-18T16:30:00Z", hours(Map.of(), span("08:00", "18:00")), TIMES, begun))
                .isInstanceOf(ClockPlan.Outcome.NoFit.class);
    }

    @Test
    void saysHowLateItGetsAgainstThePromise() {
        var result = ClockPlan.plan(
                new ClockPlan.Request(
                        Instant.parse("2026-11-18T07:00:00Z"),
                        Instant.parse("2026-11-19T09:00:00Z"),
                        TIMES,
                        hours(Map.of(), span("08:00", "18:00")),
                        Progress.NONE),
                LIMITS);

        assertThat(planned(result.result()).late()).hasMinutes(80);
        assertThat(result.findings().getFirst().sentence()).contains("1 h 20 min after the promise");
    }

    @Test
    void moreSpareTimeMovesTheChargeEarlierOrOut() {
        ShopLimits generous = LIMITS.with(Limit.SPARE_PERCENT, new BigDecimal("50"));
        OpeningHours hours = hours(Map.of(), span("08:00", "15:00"));
        ClockPlan.Request request =
                new ClockPlan.Request(Instant.parse("2026-11-18T09:00:00Z"), null, TIMES, hours, Progress.NONE);

        assertThat(start(planned(ClockPlan.plan(request, LIMITS).result()), Phase.CHARGE_AND_SOAK))
                .isEqualTo("2026-11-18T09:00:00Z");
        assertThat(start(planned(ClockPlan.plan(request, generous).result()), Phase.CHARGE_AND_SOAK))
                .isEqualTo("2026-11-19T08:00:00Z");
    }

    /** Against every start on the grid, tried one by one by another program. */
    @Test
    void agreesWithTryingEveryStartOnTheGrid() {
        SplittableRandom random = new SplittableRandom(17);
        for (int round = 0; round < 25; round++) {
            PhaseTimes times = times(
                    5 * (10 + random.nextInt(30)),
                    5 * random.nextInt(20),
                    5 * (20 + random.nextInt(60)),
                    5 * (12 + random.nextInt(70)),
                    5 * (10 + random.nextInt(30)));
            int opens = 6 + random.nextInt(4);
            OpeningHours hours = random.nextBoolean()
                    ? hours(Map.of(), span("0" + opens + ":00", (opens + 9) + ":30"))
                    : hours(Map.of(), span("0" + opens + ":00", "12:10"), span("13:00", (opens + 11) + ":00"));
            Instant now = Instant.parse("2026-11-16T05:00:00Z").plusSeconds(300L * random.nextInt(200));
            ClockPlan.Outcome outcome = plan(now.toString(), hours, times, Progress.NONE);
            EveryStart.Best best = EveryStart.best(now, times, hours, LIMITS);

            if (best == null) {
                assertThat(outcome).as("round %s", round).isInstanceOf(ClockPlan.Outcome.NoFit.class);
            } else {
                ClockPlan.Outcome.Planned plan = planned(outcome);
                assertThat(plan.finish()).as("finish, round %s", round).isEqualTo(best.finish());
                assertThat(plan.farActions()).as("far actions, round %s", round).isEqualTo(best.far());
                assertThat(start(plan, Phase.CHARGE_AND_SOAK))
                        .as("charge, round %s", round)
                        .isEqualTo(best.charge());
                assertThat(start(plan, Phase.RUN_DOWN))
                        .as("run-down, round %s", round)
                        .isEqualTo(best.runDown());
            }
        }
    }
}
