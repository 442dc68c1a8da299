package glowkettle.app.calibrate;

import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.PhaseTimes;
import glowkettle.calibrate.Progress;
import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Within;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** One soak cycle, the minutes of its phases, and when somebody is in the shop. */
public record ClockQuestion(
        @Says("From when on to plan") Instant now,
        @Says("When the owner was promised it") @Nullable Instant promise,

        @Flat Phases phases,
        @Flat Opening opening,

        @Says("What has happened already") Progress progress) {
    /** How long each phase of the cycle takes. */
    public record Phases(
            @Says("Minutes of the first charge") @Within(min = "1", max = "20000", unit = "min")
            BigDecimal chargeMinutes,

            @Says("Minutes on the charger when full; the shop's when not said")
            @Within(min = "0", max = "20000", unit = "min")
            @Nullable
            BigDecimal soakMinutes,

            @Says("Minutes of the run-down") @Within(min = "1", max = "20000", unit = "min")
            BigDecimal runDownMinutes,

            @Says("Minutes off; the shop's when not said") @Within(min = "0", max = "20000", unit = "min") @Nullable
            BigDecimal restMinutes,

            @Says("Minutes of the last charge") @Within(min = "1", max = "20000", unit = "min")
            BigDecimal lastChargeMinutes) {
        PhaseTimes times(ShopLimits limits) {
            return PhaseTimes.ofMinutes(
                    chargeMinutes, soakMinutes, runDownMinutes, restMinutes, lastChargeMinutes, limits);
        }
    }

    /** When somebody is in the shop. */
    public record Opening(
            @Says("Zone of the shop's clock") ZoneId zone,

            @Says("Spans of the ordinary week; a break is the gap between two")
            List<WeekSpan> week,

            @Says("Days that differ; a day without times is closed")
            List<DaySpan> exceptions) {
        private static final int MOST_SPANS = 400;

        OpeningHours hours() {
            if (week.size() + exceptions.size() > MOST_SPANS) {
                throw new Unanswerable("week", "At most %s spans are taken".formatted(MOST_SPANS));
            }
            Map<DayOfWeek, List<OpeningHours.Span>> days = new EnumMap<>(DayOfWeek.class);
            for (WeekSpan span : week) {
                add("week", days.computeIfAbsent(span.day(), day -> new ArrayList<>()), span.opens(), span.closes());
            }
            Map<LocalDate, List<OpeningHours.Span>> dates = new HashMap<>();
            for (DaySpan span : exceptions) {
                List<OpeningHours.Span> spans = dates.computeIfAbsent(span.date(), date -> new ArrayList<>());
                if (span.opens() != null && span.closes() != null) {
                    add("exceptions", spans, span.opens(), span.closes());
                } else if (span.opens() != null || span.closes() != null) {
                    throw new Unanswerable(
                            "exceptions", span.date() + ": give both times, or neither for a closed day");
                }
            }
            return new OpeningHours(zone, days, dates);
        }

        private static void add(String field, List<OpeningHours.Span> spans, LocalTime opens, LocalTime closes) {
            if (!opens.isBefore(closes)) {
                throw new Unanswerable(field, "Opening (%s) must come before closing (%s)".formatted(opens, closes));
            }
            if (spans.stream()
                    .anyMatch(span ->
                            opens.isBefore(span.closes()) && span.opens().isBefore(closes))) {
                throw new Unanswerable(field, "Two spans of one day overlap at %s".formatted(opens));
            }
            spans.add(new OpeningHours.Span(opens, closes));
            spans.sort(Comparator.comparing(OpeningHours.Span::opens));
        }
    }

    /** Opening to closing on one day of every week. */
    public record WeekSpan(
            @Says("Day") DayOfWeek day,
            @Says("Opens") LocalTime opens,
            @Says("Closes") LocalTime closes) {}

    /** Opening to closing on one date. */
    public record DaySpan(
            @Says("Date") LocalDate date,
            @Says("Opens") @Nullable LocalTime opens,
            @Says("Closes") @Nullable LocalTime closes) {}

    ClockPlan.Request request(ShopLimits limits) {
        ProgressOrder.require("progress", progress);
        return new ClockPlan.Request(now, promise, phases.times(limits), opening.hours(), progress);
    }
}
