package glowkettle.isolation;

import glowkettle.assess.Tier;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Weight;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * When a stored pack is looked at next: often at first, then hourly, daily, and weekly until it is collected. A warm
 * reading, or a changed look, begins the watch anew. It runs in staffed hours: a look that falls due while nobody is there waits for the next
 * opening, and an isolated pack spends that time outdoors. A pack that was Clear when it was stored, and was never found
 * warm, begins at the daily pace. Source: handbook, Assess.
 */
public final class Watch {
    private static final Duration LONGEST_CLOSURE = Duration.ofDays(60);
    private static final BigDecimal SECONDS_PER_MINUTE = BigDecimal.valueOf(60);
    private static final BigDecimal SECONDS_PER_HOUR = BigDecimal.valueOf(3_600);
    private static final BigDecimal SECONDS_PER_DAY = BigDecimal.valueOf(86_400);

    private Watch() {}

    /** How densely a pack is watched, densest first. */
    public enum Pace {
        OFTEN,
        HOURLY,
        DAILY,
        WEEKLY
    }

    /** A look at a pack, and whether it was found warm, or changed in any other way. */
    public record Look(
            @Says("When") Instant at,
            @Says("Found warm or changed") Boolean alarming) {}

    /** A pack in the store and every look at it since. */
    public record Stored(
            @Says("Tier when stored") Tier tier,
            @Says("Stored at") Instant since,
            List<Look> looks) {
        public Stored {
            looks = looks.stream().sorted(Comparator.comparing(Look::at)).toList();
        }

        Optional<Instant> lastAlarm() {
            return looks.stream().filter(Look::alarming).map(Look::at).max(Comparator.naturalOrder());
        }

        /** From when the watch counts: the storing, or the newest alarming look after it. */
        Instant begun() {
            return lastAlarm().filter(since::isBefore).orElse(since);
        }

        @Nullable
        Instant looked() {
            return looks.isEmpty() ? null : looks.getLast().at();
        }
    }

    /**
     * The next look.
     *
     * @param due within staffed hours
     * @param unstaffedFrom when the look would fall due by its pace alone, when nobody is there then
     */
    public record Due(
            Instant begun,
            @Nullable Instant looked,
            Pace pace,
            Instant due,
            @Nullable Instant unstaffedFrom) {
        public boolean overdue(Instant now) {
            return now.isAfter(due);
        }
    }

    public static Result<Due> next(Stored stored, OpeningHours hours, ShopLimits limits) {
        Instant begun = stored.begun();
        Instant looked = stored.looked();
        Instant from = looked == null || looked.isBefore(begun) ? begun : looked;
        boolean dense =
                stored.tier().atLeast(Tier.GUARDED) || stored.lastAlarm().isPresent();
        Pace pace = pace(Duration.between(begun, from), dense, limits);
        Instant byPace = from.plus(interval(pace, limits));
        Instant due = staffed(byPace, hours);
        Due next = new Due(begun, looked, pace, due, due.equals(byPace) ? null : byPace);
        return new Result<>(next, findings(stored, next), working(pace, limits));
    }

    private static Pace pace(Duration age, boolean dense, ShopLimits limits) {
        if (dense && age.compareTo(span(limits, Limit.WATCH_OFTEN_HOURS, SECONDS_PER_HOUR)) < 0) {
            return Pace.OFTEN;
        }
        if (dense && age.compareTo(span(limits, Limit.WATCH_HOURLY_HOURS, SECONDS_PER_HOUR)) < 0) {
            return Pace.HOURLY;
        }
        return age.compareTo(span(limits, Limit.WATCH_DAILY_UNTIL_HOURS, SECONDS_PER_HOUR)) < 0
                ? Pace.DAILY
                : Pace.WEEKLY;
    }

    private static Duration interval(Pace pace, ShopLimits limits) {
        return switch (pace) {
            case OFTEN -> span(limits, Limit.WATCH_OFTEN_MINUTES, SECONDS_PER_MINUTE);
            case HOURLY -> span(limits, Limit.WATCH_HOURLY_MINUTES, SECONDS_PER_MINUTE);
            case DAILY -> span(limits, Limit.WATCH_DAILY_HOURS, SECONDS_PER_HOUR);
            case WEEKLY -> span(limits, Limit.WATCH_WEEKLY_DAYS, SECONDS_PER_DAY);
        };
    }

    private static Duration span(ShopLimits limits, Limit limit, BigDecimal secondsPerUnit) {
        return Duration.ofSeconds(limits.of(limit).multiply(secondsPerUnit).longValue());
    }

    /** The instant itself when somebody is there, else the next opening; a shop that never opens waits for nothing. */
    private static Instant staffed(Instant instant, OpeningHours hours) {
        return hours.between(instant, instant.plus(LONGEST_CLOSURE)).stream()
                .filter(stretch -> stretch.endExclusive().isAfter(instant))
                .map(stretch -> stretch.contains(instant) ? instant : stretch.startInclusive())
                .findFirst()
                .orElse(instant);
    }

    private static List<Finding> findings(Stored stored, Due next) {
        if (next.unstaffedFrom() == null || !stored.tier().atLeast(Tier.ISOLATE)) {
            return List.of();
        }
        return List.of(Finding.care(
                "watch-unstaffed", "Before closing, carry it to the outdoor bay: nobody is there to look."));
    }

    private static Working working(Pace pace, ShopLimits limits) {
        Limit decided = limitOf(pace);
        return Working.of("A look every " + limits.applied(decided));
    }

    private static Limit limitOf(Pace pace) {
        return switch (pace) {
            case OFTEN -> Limit.WATCH_OFTEN_MINUTES;
            case HOURLY -> Limit.WATCH_HOURLY_MINUTES;
            case DAILY -> Limit.WATCH_DAILY_HOURS;
            case WEEKLY -> Limit.WATCH_WEEKLY_DAYS;
        };
    }

    /** Warm, at rest in its container: above the air, or hot by itself. */
    public static boolean warm(BigDecimal surfaceC, BigDecimal ambientC, ShopLimits limits) {
        return surfaceC.subtract(ambientC).compareTo(limits.of(Limit.ABOVE_AMBIENT_GUARDED_K)) >= 0
                || surfaceC.compareTo(limits.of(Limit.SURFACE_ISOLATE_C)) >= 0;
    }

    /** What a look says of itself. */
    public static Finding finding(BigDecimal surfaceC, BigDecimal ambientC, ShopLimits limits) {
        boolean warm = warm(surfaceC, ambientC, limits);
        return new Finding(
                "watch-warmth",
                warm ? Weight.STOP : Weight.NOTE,
                Quantity.of(surfaceC.subtract(ambientC), "K"),
                limits.applied(Limit.ABOVE_AMBIENT_GUARDED_K),
                warm
                        ? "Warmer than its air: the watch begins anew and the tier is judged again."
                        : "As cool as its air.");
    }
}
