package glowkettle.shop;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * When somebody is in the shop: spans per weekday, exceptions per date, and the shop's zone. A break is the gap between
 * two spans. On the days the clocks change a span keeps its wall-clock times, so it may be longer or shorter.
 */
public record OpeningHours(ZoneId zone, Map<DayOfWeek, List<Span>> week, Map<LocalDate, List<Span>> exceptions) {
    private static final Duration ONE_DAY = Duration.ofHours(24);

    /** Opening to closing on one day, by the shop's wall clock. */
    public record Span(LocalTime opens, LocalTime closes) {
        public Span {
            if (!opens.isBefore(closes)) {
                throw new IllegalArgumentException(
                        "Opening (%s) must come before closing (%s)".formatted(opens, closes));
            }
        }
    }

    /** A stretch of real time in which the shop is staffed. */
    public record Staffed(Instant startInclusive, Instant endExclusive) {
        public Duration length() {
            return Duration.between(startInclusive, endExclusive);
        }

        public boolean contains(Instant instant) {
            return !instant.isBefore(startInclusive) && instant.isBefore(endExclusive);
        }
    }

    public OpeningHours {
        Map<DayOfWeek, List<Span>> copy = new EnumMap<>(DayOfWeek.class);
        week.forEach((day, spans) -> copy.put(day, List.copyOf(spans)));
        week = copy;
        exceptions = Map.copyOf(exceptions);
    }

    /** The first closing within a day of a moment; empty where the shop stays shut for as long. */
    public Optional<Instant> closingAfter(Instant moment) {
        return between(moment, moment.plus(ONE_DAY)).stream()
                .map(Staffed::endExclusive)
                .filter(moment::isBefore)
                .findFirst();
    }

    /** Staffed stretches that end after the first instant and start before the second, in order. */
    public List<Staffed> between(Instant fromInclusive, Instant toExclusive) {
        List<Staffed> staffed = new ArrayList<>();
        LocalDate day = fromInclusive.atZone(zone).toLocalDate().minusDays(1);
        LocalDate last = toExclusive.atZone(zone).toLocalDate();
        for (; !day.isAfter(last); day = day.plusDays(1)) {
            for (Span span : on(day)) {
                Instant opens = day.atTime(span.opens()).atZone(zone).toInstant();
                Instant closes = day.atTime(span.closes()).atZone(zone).toInstant();
                if (opens.isBefore(closes) && closes.isAfter(fromInclusive) && opens.isBefore(toExclusive)) {
                    staffed.add(new Staffed(opens, closes));
                }
            }
        }
        return staffed;
    }

    /** The stretches that lie in both of two rows of them, each in order. */
    public static List<Staffed> both(List<Staffed> these, List<Staffed> those) {
        List<Staffed> both = new ArrayList<>();
        int other = 0;
        for (Staffed one : these) {
            while (other < those.size() && !those.get(other).endExclusive().isAfter(one.startInclusive())) {
                other++;
            }
            for (int i = other;
                    i < those.size() && those.get(i).startInclusive().isBefore(one.endExclusive());
                    i++) {
                both.add(new Staffed(
                        later(one.startInclusive(), those.get(i).startInclusive()),
                        earlier(one.endExclusive(), those.get(i).endExclusive())));
            }
        }
        return both;
    }

    private static Instant later(Instant one, Instant other) {
        return one.isAfter(other) ? one : other;
    }

    private static Instant earlier(Instant one, Instant other) {
        return one.isBefore(other) ? one : other;
    }

    public Optional<Staffed> at(Instant instant) {
        return between(instant, instant.plusSeconds(1)).stream()
                .filter(stretch -> stretch.contains(instant))
                .findFirst();
    }

    private List<Span> on(LocalDate day) {
        List<Span> exception = exceptions.get(day);
        return exception != null ? exception : week.getOrDefault(day.getDayOfWeek(), List.of());
    }
}
