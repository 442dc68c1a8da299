package glowkettle.app.settings;

import glowkettle.app.binding.Fault;
import glowkettle.app.form.FormPost;
import glowkettle.shop.OpeningHours;
import glowkettle.shop.OpeningHours.Span;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Opening hours as people write them: {@code 07:30-12:00, 13:00-18:00}, or {@code closed}. */
final class OpeningText {
    private static final String CLOSED = "closed";

    private OpeningText() {}

    static String of(@Nullable List<Span> spans) {
        return spans == null || spans.isEmpty()
                ? CLOSED
                : spans.stream().map(span -> span.opens() + "-" + span.closes()).collect(Collectors.joining(", "));
    }

    /** A field per day, by the name of the day. */
    static Map<DayOfWeek, String> week(OpeningHours hours) {
        Map<DayOfWeek, String> typed = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            typed.put(day, of(hours.week().get(day)));
        }
        return typed;
    }

    static Map<DayOfWeek, List<Span>> week(FormPost post, List<Fault> faults) {
        Map<DayOfWeek, List<Span>> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            week.put(day, spans(day.name(), post.first(day.name()), faults));
        }
        return week;
    }

    /** One line per exception: the date, then its hours. */
    static String of(Map<LocalDate, List<Span>> exceptions) {
        return new TreeMap<>(exceptions)
                .entrySet().stream()
                        .map(entry -> entry.getKey() + " " + of(entry.getValue()))
                        .collect(Collectors.joining("\n"));
    }

    static List<Span> spans(String field, String text, List<Fault> faults) {
        String stripped = text.strip();
        if (stripped.isEmpty() || stripped.equalsIgnoreCase(CLOSED)) {
            return List.of();
        }
        List<Span> spans = new ArrayList<>();
        try {
            for (String part : stripped.split("\\s*,\\s*")) {
                String[] ends = part.split("\\s*[-–]\\s*", 2);
                if (ends.length < 2) {
                    throw new DateTimeException(part);
                }
                spans.add(new Span(LocalTime.parse(ends[0]), LocalTime.parse(ends[1])));
            }
        } catch (DateTimeException unreadable) {
            faults.add(new Fault(
                    field, "'%s' cannot be read; readable is 07:30-12:00, 13:00-18:00 or closed".formatted(stripped)));
            return List.of();
        } catch (IllegalArgumentException backwards) {
            faults.add(new Fault(field, String.valueOf(backwards.getMessage())));
            return List.of();
        }
        spans.sort(Comparator.comparing(Span::opens));
        for (int i = 1; i < spans.size(); i++) {
            if (spans.get(i).opens().isBefore(spans.get(i - 1).closes())) {
                faults.add(new Fault(field, "'%s' overlaps itself".formatted(stripped)));
            }
        }
        return spans;
    }

    static Map<LocalDate, List<Span>> exceptions(String field, String text, List<Fault> faults) {
        Map<LocalDate, List<Span>> exceptions = new TreeMap<>();
        for (String line :
                text.lines().map(String::strip).filter(one -> !one.isEmpty()).toList()) {
            String[] parts = line.split("\\s+", 2);
            try {
                LocalDate date = LocalDate.parse(parts[0]);
                exceptions.put(date, spans(field, parts.length < 2 ? "" : parts[1], faults));
            } catch (DateTimeException unreadable) {
                faults.add(new Fault(field, "'%s' cannot be read; readable is 2026-12-24 07:30-12:00".formatted(line)));
            }
        }
        return exceptions;
    }
}
