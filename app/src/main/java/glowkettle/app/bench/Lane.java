package glowkettle.app.bench;

import glowkettle.app.format.Words;
import glowkettle.job.Attention;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.HtmlUtils;

/**
 * What a job waits for, on the line of the day.
 *
 * @param bars stretches in which it runs by itself, or already waits for hands
 * @param marks its moments, by their class; the day it was promised for where that is today
 */
public record Lane(List<Bar> bars, List<Mark> marks) {
    private static final String BARE =
            "<svg class=\"lane\" width=\"%s\" height=\"40\" aria-hidden=\"true\"><use href=\"#day\"/>"
                    .formatted(Day.WIDTH);

    /** @param manner how it is drawn: {@code waits}, {@code late} or {@code danger} */
    public record Bar(String manner, Day.Strip strip) {}

    /** @param says its moment in words */
    public record Mark(String manner, String x, String says) {
        private static final String PROMISE = "promise";

        /** A flag for what was promised, a diamond for hands; so they are told apart without colour. */
        String shape() {
            return manner.equals(PROMISE) ? "M0 20V-18L14 -13L0 -8" : "M0 -9L7 0L0 9L-7 0Z";
        }
    }

    /** As it is drawn, over the day that stands on the page once; forty rows are drawn for every look at the bench. */
    public String svg() {
        StringBuilder svg = new StringBuilder(BARE);
        for (Bar bar : bars) {
            svg.append("<rect class=\"bar %s\" x=\"%s\" width=\"%s\" y=\"14\" height=\"12\" rx=\"3\"/>"
                    .formatted(bar.manner(), bar.strip().x(), bar.strip().width()));
        }
        for (Mark mark : marks) {
            svg.append("<g class=\"moment %s\" transform=\"translate(%s 20)\"><title>%s</title><path d=\"%s\"/></g>"
                    .formatted(mark.manner(), mark.x(), HtmlUtils.htmlEscape(mark.says()), mark.shape()));
        }
        return svg.append("</svg>").toString();
    }

    static Lane of(BenchMapper.BenchJob job, List<BenchMapper.Moment> moments, Day day, Words words) {
        List<Mark> marks = new ArrayList<>(moments.stream()
                .map(moment -> new Mark(
                        moment.rank() == Attention.DANGER.rank() ? "danger" : "hands",
                        day.x(moment.at()),
                        words.time(moment.at()) + " " + moment.what()))
                .toList());
        Instant promise = job.promise();
        if (promise != null && !job.closed() && day.holds(promise)) {
            marks.add(new Mark(Mark.PROMISE, day.x(promise), words.time(promise) + " promised"));
        }
        Bar bar = bar(job, day);
        return new Lane(bar == null ? List.of() : List.of(bar), marks);
    }

    private static @Nullable Bar bar(BenchMapper.BenchJob job, Day day) {
        Instant next = job.nextAt();
        if (next == null || job.closed()) {
            return null;
        }
        if (next.isAfter(day.now())) {
            return new Bar("waits", day.strip(job.changedAt(), next));
        }
        return new Bar(job.rank() == Attention.DANGER.rank() ? "danger" : "late", day.strip(next, day.now()));
    }
}
