package glowkettle.app.calibrate;

import glowkettle.calibrate.ClockPlan;
import glowkettle.shop.OpeningHours;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The clock plan as bars over the days, with staffed hours shaded; positions in drawing units of 0 to 1000. */
public record ClockChart(List<Bar> staffed, List<Bar> phases, List<Mark> days, List<Mark> actions) {
    private static final double WIDTH = 1000;
    private static final double LABEL_WIDTH = 60;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

    /** A stretch of time. */
    public record Bar(double x, double width, String label, String kind) {}

    /** A moment; one close behind another has its label in the lower row. */
    public record Mark(double x, String label, boolean low) {}

    public static ClockChart of(ClockPlan.Outcome.Planned plan, OpeningHours hours) {
        ZoneId zone = hours.zone();
        Instant first = plan.slots()
                .getFirst()
                .start()
                .atZone(zone)
                .toLocalDate()
                .atStartOfDay(zone)
                .toInstant();
        Instant last = plan.finish()
                .atZone(zone)
                .toLocalDate()
                .plusDays(1)
                .atStartOfDay(zone)
                .toInstant();
        double span = Duration.between(first, last).toSeconds();
        List<Bar> staffed = hours.between(first, last).stream()
                .map(stretch -> bar(stretch.startInclusive(), stretch.endExclusive(), first, span, "", "staffed"))
                .toList();
        List<Bar> phases = plan.slots().stream()
                .map(slot -> bar(
                        slot.start(),
                        slot.end(),
                        first,
                        span,
                        slot.phase().words(),
                        slot.phase().name().toLowerCase(Locale.ROOT)))
                .toList();
        List<Mark> days = new ArrayList<>();
        for (ZonedDateTime day = first.atZone(zone); day.toInstant().isBefore(last); day = day.plusDays(1)) {
            days.add(new Mark(at(day.toInstant(), first, span), DAY.format(day), false));
        }
        List<Mark> actions = new ArrayList<>();
        for (ClockPlan.HandAction action : plan.actions()) {
            double x = at(action.at(), first, span);
            boolean close = !actions.isEmpty()
                    && !actions.getLast().low()
                    && x - actions.getLast().x() < LABEL_WIDTH;
            actions.add(new Mark(x, TIME.format(action.at().atZone(zone)), close));
        }
        return new ClockChart(staffed, phases, days, actions);
    }

    private static Bar bar(Instant from, Instant to, Instant first, double span, String label, String kind) {
        double x = at(from, first, span);
        return new Bar(x, Math.max(1, at(to, first, span) - x), label, kind);
    }

    private static double at(Instant instant, Instant first, double span) {
        return Math.round(Duration.between(first, instant).toSeconds() / span * WIDTH * 10) / 10.0;
    }
}
