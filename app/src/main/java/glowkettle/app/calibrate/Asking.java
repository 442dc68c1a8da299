package glowkettle.app.calibrate;

import glowkettle.app.form.TypedMoment;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import org.jspecify.annotations.Nullable;

/** “If I start at 13:00?” A question: nothing of it has happened. */
public record Asking(
        @Nullable String typed,
        @Nullable Instant at,
        @Nullable String fault) {
    static final Asking NOTHING = new Asking(null, null, null);

    static Asking of(@Nullable String typed, OpeningHours hours, Instant now) {
        if (typed == null || typed.isBlank()) {
            return NOTHING;
        }
        try {
            Instant at = LocalDateTime.parse(TypedMoment.iso(typed, true, now, hours.zone()))
                    .atZone(hours.zone())
                    .toInstant();
            return at.isBefore(now)
                    ? new Asking(typed, null, "'%s' lies behind; accepted is from now on.".formatted(typed))
                    : new Asking(typed, at, null);
        } catch (DateTimeParseException unreadable) {
            return new Asking(
                    typed, null, "'%s' is no time; accepted is such as 14:20, Thu 16:00, in 2 h.".formatted(typed));
        }
    }
}
