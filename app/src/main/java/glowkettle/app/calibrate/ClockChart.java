package glowkettle.app.calibrate;

import glowkettle.app.drawing.Axes;
import glowkettle.app.drawing.Plot;
import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.School;
import glowkettle.shop.OpeningHours;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The clock plan as bars over the days, with staffed hours shaded and a mark wherever hands are needed. */
public final class ClockChart {
    private static final Axes.Sheet SHEET = new Axes.Sheet(640, 216, 14, 14, 28, 52);
    private static final double LABEL_WIDTH = 60;
    /** What is drawn before the first phase and after the last one. */
    private static final Duration EDGE = Duration.ofMinutes(90);

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

    private final School school;
    private final ZoneId zone;
    private final Instant first;
    private final Instant last;
    private final Axes axes;

    private ClockChart(ClockPlan.Outcome.Planned plan, School school, ZoneId zone) {
        this.school = school;
        this.zone = zone;
        first = plan.slots().getFirst().start().minus(EDGE);
        last = plan.finish().plus(EDGE);
        axes = new Axes(SHEET, new Axes.Range(0, Duration.between(first, last).toSeconds()), new Axes.Range(0, 1));
    }

    public static Plot of(ClockPlan.Outcome.Planned plan, School school, OpeningHours hours) {
        return new ClockChart(plan, school, hours.zone()).draw(plan, hours);
    }

    private Plot draw(ClockPlan.Outcome.Planned plan, OpeningHours hours) {
        List<Plot.Mark> marks = new ArrayList<>();
        hours.between(first, last).forEach(staffed -> {
            double from = x(latest(staffed.startInclusive(), first));
            double to = x(earliest(staffed.endExclusive(), last));
            marks.add(new Plot.Shade("staffed", from, to - from));
        });
        ZonedDateTime began = first.atZone(zone).truncatedTo(ChronoUnit.DAYS);
        for (ZonedDateTime day = began; day.toInstant().isBefore(last); day = day.plusDays(1)) {
            marks.add(new Plot.Day("day", x(latest(day.toInstant(), first)), DAY.format(day)));
        }
        plan.slots().stream()
                .filter(slot -> school.has(slot.phase()))
                .forEach(slot -> marks.add(bar(slot, plan.slots().indexOf(slot) % 2 == 1)));
        marks.addAll(hands(plan));
        return new Plot(
                "clock-plan",
                "The plan by the clock; the table below says the same",
                axes,
                marks,
                List.of(),
                List.of(
                        new Plot.Key("staffed", true, "somebody is in the shop"),
                        new Plot.Key("hand", false, "▲ hands needed")),
                null);
    }

    private Plot.Bar bar(ClockPlan.Slot slot, boolean labelAbove) {
        double from = x(slot.start());
        return new Plot.Bar(
                "phase " + slot.phase().name().toLowerCase(Locale.ROOT),
                from,
                Math.max(1, x(slot.end()) - from),
                school.words(slot.phase()),
                labelAbove);
    }

    /** One close behind another has its time in the lower row. */
    private List<Plot.Need> hands(ClockPlan.Outcome.Planned plan) {
        List<Plot.Need> hands = new ArrayList<>();
        for (ClockPlan.HandAction action : plan.actions()) {
            double x = x(action.at());
            boolean close = !hands.isEmpty()
                    && !hands.getLast().low()
                    && x - hands.getLast().x() < LABEL_WIDTH;
            hands.add(new Plot.Need("hand", x, TIME.format(action.at().atZone(zone)), close));
        }
        return hands;
    }

    private static Instant latest(Instant one, Instant other) {
        return one.isAfter(other) ? one : other;
    }

    private static Instant earliest(Instant one, Instant other) {
        return one.isBefore(other) ? one : other;
    }

    private double x(Instant instant) {
        return axes.x(Duration.between(first, instant).toSeconds());
    }
}
