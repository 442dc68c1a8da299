package glowkettle.app.bench;

import glowkettle.shop.OpeningHours;
import glowkettle.shop.OpeningHours.Staffed;
import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/**
 * Today as a line: from opening to closing, and as much more as now needs. Its drawing is as wide as {@link #WIDTH}.
 *
 * @param staffed stretches of it in which somebody is in the shop
 */
public record Day(Instant from, Instant to, Instant now, List<Strip> staffed, List<Hour> hours) {
    static final int WIDTH = 264;
    private static final int WITHOUT_HOURS = 12;
    private static final int MOST_LABELS = 6;

    /** From one place of the line to another. */
    public record Strip(String x, String width) {}

    /** An hour that is written at its place. */
    public record Hour(String x, String words) {}

    static Day of(OpeningHours opening, Instant now) {
        ZonedDateTime here = now.atZone(opening.zone());
        Instant midnight = here.truncatedTo(ChronoUnit.DAYS).toInstant();
        Instant midnightNext = here.truncatedTo(ChronoUnit.DAYS).plusDays(1).toInstant();
        List<Staffed> today = opening.between(midnight, midnightNext);
        ZonedDateTime hour = here.truncatedTo(ChronoUnit.HOURS);
        Instant from =
                today.isEmpty() ? hour.toInstant() : earlier(today.getFirst().startInclusive(), hour.toInstant());
        Instant to = today.isEmpty()
                ? hour.plusHours(WITHOUT_HOURS).toInstant()
                : later(today.getLast().endExclusive(), hour.plusHours(2).toInstant());
        Day bare = new Day(from, to, now, List.of(), List.of());
        return new Day(
                from,
                to,
                now,
                today.stream()
                        .map(span -> bare.strip(span.startInclusive(), span.endExclusive()))
                        .toList(),
                bare.labels(opening));
    }

    private List<Hour> labels(OpeningHours opening) {
        long hours = Math.max(1, Duration.between(from, to).toHours());
        long every = Math.ceilDiv(hours, MOST_LABELS);
        List<Hour> labels = new ArrayList<>();
        ZonedDateTime hour = from.atZone(opening.zone()).truncatedTo(ChronoUnit.HOURS);
        for (; !hour.toInstant().isAfter(to); hour = hour.plusHours(1)) {
            boolean inside = !hour.toInstant().isBefore(from);
            if (inside && hour.getHour() % every == 0) {
                labels.add(new Hour(x(hour.toInstant()), String.valueOf(hour.getHour())));
            }
        }
        return labels;
    }

    boolean holds(Instant moment) {
        return !moment.isBefore(from) && !moment.isAfter(to);
    }

    public String nowX() {
        return x(now);
    }

    /** What lies outside is drawn at the edge. */
    String x(Instant moment) {
        return "%.1f".formatted(place(moment));
    }

    Strip strip(Instant start, Instant end) {
        double left = place(start);
        return new Strip("%.1f".formatted(left), "%.1f".formatted(Math.max(2, place(end) - left)));
    }

    private double place(Instant moment) {
        double share = (double) Duration.between(from, moment).toSeconds()
                / Duration.between(from, to).toSeconds();
        return Math.clamp(share, 0, 1) * WIDTH;
    }

    private static Instant earlier(Instant one, Instant other) {
        return one.isBefore(other) ? one : other;
    }

    private static Instant later(Instant one, Instant other) {
        return one.isAfter(other) ? one : other;
    }
}
