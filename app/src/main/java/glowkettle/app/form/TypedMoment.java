package glowkettle.app.form;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.Month;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Dates and times as people say them: {@code Thu 16:00}, {@code 26 Nov}, {@code 26 Nov 9:30}, {@code tomorrow 8:00},
 * {@code 14:20}, {@code in 2 h}, {@code 20 min ago}, {@code now}. A weekday is the next one that comes, or the last one
 * that was, as the field looks ahead or back; a day without a time is its noon.
 */
public final class TypedMoment {
    private static final Pattern DISTANCE =
            Pattern.compile("(in )?(\\d{1,4})\\s*(h|hours?|min|minutes?|d|days?)( ago)?");
    private static final Pattern TIME = Pattern.compile("(\\d{1,2})[:.](\\d{2})");
    private static final Pattern DAY = Pattern.compile("(\\d{1,2})\\.?\\s*([a-z]{3,9})\\.?(?:\\s+(\\d{4}))?");
    private static final int WORD = 3;

    private TypedMoment() {}

    /** What was typed, with every moment that the record asks for as the binder reads it. */
    public static Map<String, String[]> iso(Class<?> type, Map<String, String[]> typed, Instant now, ZoneId zone) {
        Map<String, String[]> read = new LinkedHashMap<>(typed);
        read.replaceAll((name, said) -> said.length != 1
                ? said
                : Questions.of(type, name)
                        .flatMap(question -> ahead(question.sort()))
                        .map(ahead -> new String[] {iso(said[0], ahead, now, zone)})
                        .orElse(said));
        return read;
    }

    /** Whether a moment lies ahead; empty where no moment is asked for. */
    private static Optional<Boolean> ahead(Question.Sort sort) {
        return switch (sort) {
            case MOMENT -> Optional.of(false);
            case MOMENT_AHEAD -> Optional.of(true);
            case FIGURE, CHOICE, YES_NO, DAY, TIME_OF_DAY, TEXT, PROSE -> Optional.empty();
        };
    }

    /** As the binder reads a local time; a text that is none of these is left as it was typed, and refused there. */
    public static String iso(String text, boolean ahead, Instant now, ZoneId zone) {
        if (text.isBlank()) {
            return text;
        }
        try {
            return read(
                            text.strip().toLowerCase(Locale.ROOT),
                            ahead,
                            now.atZone(zone).toLocalDateTime())
                    .map(LocalDateTime::toString)
                    .orElse(text);
        } catch (DateTimeException impossible) {
            return text;
        }
    }

    private static Optional<LocalDateTime> read(String text, boolean ahead, LocalDateTime now) {
        if (text.equals("now")) {
            return Optional.of(now.withNano(0));
        }
        Matcher distance = DISTANCE.matcher(text);
        if (distance.matches() && (distance.group(1) == null) != (distance.group(4) == null)) {
            long count = Long.parseLong(distance.group(2));
            Duration span = switch (distance.group(3).charAt(0)) {
                case 'h' -> Duration.ofHours(count);
                case 'm' -> Duration.ofMinutes(count);
                default -> Duration.ofDays(count);
            };
            return Optional.of((distance.group(1) != null ? now.plus(span) : now.minus(span)).withNano(0));
        }
        int gap = text.lastIndexOf(' ');
        String last = text.substring(gap + 1);
        Matcher time = TIME.matcher(last);
        boolean timed = time.matches();
        LocalTime at =
                timed ? LocalTime.of(Integer.parseInt(time.group(1)), Integer.parseInt(time.group(2))) : LocalTime.NOON;
        String day =
                timed ? text.substring(0, Math.max(0, gap)).replace(",", "").strip() : text.replace(",", "");
        return day(day, at, ahead, now).map(date -> date.atTime(at));
    }

    private static Optional<LocalDate> day(String day, LocalTime at, boolean ahead, LocalDateTime now) {
        LocalDate today = now.toLocalDate();
        switch (day) {
            case "", "today" -> {
                return Optional.of(today);
            }
            case "tomorrow" -> {
                return Optional.of(today.plusDays(1));
            }
            case "yesterday" -> {
                return Optional.of(today.minusDays(1));
            }
            default -> {}
        }
        Optional<DayOfWeek> weekday = Arrays.stream(DayOfWeek.values())
                .filter(one -> startsAs(one.name(), day))
                .findFirst();
        if (weekday.isPresent()) {
            LocalDate date = today;
            while (date.getDayOfWeek() != weekday.get()
                    || ahead != date.atTime(at).isAfter(now)) {
                date = ahead ? date.plusDays(1) : date.minusDays(1);
            }
            return Optional.of(date);
        }
        // “Thu 26 Nov” says its weekday twice.
        int gap = day.indexOf(' ');
        boolean named = gap > 0
                && Arrays.stream(DayOfWeek.values()).anyMatch(one -> startsAs(one.name(), day.substring(0, gap)));
        Matcher dated = DAY.matcher(named ? day.substring(gap + 1) : day);
        return dated.matches() ? dated(dated, ahead, today) : Optional.empty();
    }

    private static Optional<LocalDate> dated(Matcher dated, boolean ahead, LocalDate today) {
        return Arrays.stream(Month.values())
                .filter(month -> startsAs(month.name(), dated.group(2)))
                .findFirst()
                .map(month -> {
                    int dayOfMonth = Integer.parseInt(dated.group(1));
                    if (dated.group(3) != null) {
                        return LocalDate.of(Integer.parseInt(dated.group(3)), month, dayOfMonth);
                    }
                    LocalDate thisYear = LocalDate.of(today.getYear(), month, dayOfMonth);
                    boolean past = thisYear.isBefore(today);
                    return ahead && past
                            ? thisYear.plusYears(1)
                            : !ahead && thisYear.isAfter(today) ? thisYear.minusYears(1) : thisYear;
                });
    }

    private static boolean startsAs(String name, String typed) {
        String word = name.toLowerCase(Locale.ROOT);
        return typed.length() >= WORD && word.startsWith(typed);
    }
}
