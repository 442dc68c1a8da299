package glowkettle.app.arrive;

import glowkettle.shop.OpeningHours;
import glowkettle.shop.OpeningHours.Staffed;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;

/** When people come for their devices: before the shop closes. */
final class ClosingTimes {
    private static final Duration NEXT_DAYS = Duration.ofDays(6);
    private static final Duration BEFORE_CLOSING = Duration.ofMinutes(30);
    private static final int OFFERED = 4;
    /** As a moment is typed. */
    private static final DateTimeFormatter TYPED = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);

    private ClosingTimes() {}

    /** Half an hour before the end of each staffed stretch ahead, as it would be typed. */
    static List<String> ahead(OpeningHours hours, Instant now) {
        return hours.between(now, now.plus(NEXT_DAYS)).stream()
                .map(Staffed::endExclusive)
                .map(closing -> closing.minus(BEFORE_CLOSING))
                .filter(now::isBefore)
                .limit(OFFERED)
                .map(moment -> TYPED.format(moment.atZone(hours.zone())))
                .toList();
    }
}
