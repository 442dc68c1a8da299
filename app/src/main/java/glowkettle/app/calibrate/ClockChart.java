package glowkettle.app.calibrate;

import glowkettle.calibrate.ClockPlan;
import glowkettle.shop.OpeningHours;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;

/** The clock plan as bars over the days, with staffed hours shaded; positions in drawing units of 0 to 1000. */
public record ClockChart(List<Bar> staffed, List<Bar> phases, List<Mark> days, List<Mark> actions) {
    private static final double WIDTH = 1000;

    /** A stretch of time. */
    public record Bar(double x, double width, String label, String kind) {}

    /** A moment. */
    public record Mark(double x, String label) {}

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
                        slot.phase().name().toLowerCase(java.util.Locale.ROOT)))
                .toList();
        List<Mark> days = new ArrayList<>();
        for (ZonedDateTime day = first.atZone(zone); day.toInstant().isBefore(last); day = day.plusDays(1)) {
            days.add(new Mark(
                    at(day.toInstant(), first, span),
                    java.time.format.DateTimeFormatter.ofPattern("EEE d", java.util.Locale.ENGLISH)
                            .format(day)));
        }
        List<Mark> actions = plan.actions().stream()
                .map(action -> new Mark(at(action.at(), first, span), action.what()))
                .toList();
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
