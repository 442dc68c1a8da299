package glowkettle.app.format;

import glowkettle.finding.Figures;
import glowkettle.job.Phrases;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Figures and times as templates show them, in the shop's zone. */
public record Words(ZoneId zone, Instant now) {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter DAY_OF_ANOTHER_YEAR =
            DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter SHORT_DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter NAMED = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter FIELD = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm", Locale.ENGLISH);

    private static final Pattern MOMENT = Pattern.compile("\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}:\\d{2}(?:\\.\\d+)?Z");

    public String figure(@Nullable BigDecimal value, String unit) {
        return value == null ? "not measured" : Figures.withUnit(value, unit);
    }

    /** To the hundredth, as a price is written. */
    public String price(BigDecimal amount, String currency) {
        return amount.setScale(2, RoundingMode.HALF_UP).toPlainString() + "\u00a0" + currency;
    }

    public String energy(BigDecimal wattHours) {
        return Figures.energy(wattHours);
    }

    public String time(Instant at) {
        return TIME.format(at.atZone(zone));
    }

    /** The time alone today, with the day on any other. */
    public String when(@Nullable Instant at) {
        if (at == null) {
            return "";
        }
        LocalDate day = at.atZone(zone).toLocalDate();
        return day.equals(now.atZone(zone).toLocalDate()) ? time(at) : day(at) + ", " + time(at);
    }

    /** A text of the rules, which know no zone, with its moments as people read them. */
    public String moments(String text) {
        return MOMENT.matcher(text).replaceAll(found -> Matcher.quoteReplacement(when(Instant.parse(found.group()))));
    }

    /** As short as a ticket of the strip: the time, and on another day its name. */
    public String brief(Instant at) {
        LocalDate day = at.atZone(zone).toLocalDate();
        return day.equals(now.atZone(zone).toLocalDate()) ? time(at) : NAMED.format(at.atZone(zone));
    }

    /** With its year where that is not this one. */
    public String day(Instant at) {
        LocalDate day = at.atZone(zone).toLocalDate();
        boolean thisYear = day.getYear() == now.atZone(zone).getYear();
        return (thisYear ? DAY : DAY_OF_ANOTHER_YEAR).format(day);
    }

    /** Under a drawing. */
    public String shortDay(Instant at) {
        return SHORT_DAY.format(at.atZone(zone));
    }

    /** For a date-and-time field. */
    public String field(Instant at) {
        return FIELD.format(at.atZone(zone));
    }

    /** How long until or since, in the largest units that matter. */
    public String distance(Instant at) {
        Duration away = Duration.between(now, at);
        Duration size = away.abs();
        String words = size.toDays() >= 1
                ? size.toDays() + " d " + size.toHoursPart() + " h"
                : size.toHours() >= 1
                        ? size.toHours() + " h " + size.toMinutesPart() + " min"
                        : size.toMinutes() + " min";
        return away.isNegative() ? words + " ago" : "in " + words;
    }

    /** Seconds as a kitchen timer shows them. */
    public String minutes(@Nullable BigDecimal seconds) {
        if (seconds == null) {
            return "never";
        }
        long whole = seconds.setScale(0, RoundingMode.HALF_UP).longValue();
        return "%d:%02d".formatted(whole / 60, whole % 60);
    }

    public boolean over(Instant at) {
        return !at.isAfter(now);
    }

    public String lower(Enum<?> constant) {
        return Phrases.lower(constant);
    }
}
