package glowkettle.app.bench;

import glowkettle.app.shop.Shop;
import glowkettle.job.Attention;
import glowkettle.job.handback.HandBackChapter;
import glowkettle.shop.OpeningHours;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What whoever comes back from a break or a weekend has to know, in one look. */
@Component
class Meanwhile {
    /** Whoever wrote something sooner than this ago was not away. */
    static final Duration A_BREAK = Duration.ofMinutes(45);

    private final MeanwhileMapper rows;

    Meanwhile(MeanwhileMapper rows) {
        this.rows = rows;
    }

    /** A job or a container, and where its hands are needed. */
    public record Place(String path, String words) {}

    /**
     * Several that are alike.
     *
     * @param manner how loud it is said; nothing for what only waits
     */
    public record Part(String words, String manner, List<Place> places) {
        private static final int MOST_NAMED = 6;

        public List<Place> named() {
            return places.stream().limit(MOST_NAMED).toList();
        }

        public int unnamed() {
            return Math.max(0, places.size() - MOST_NAMED);
        }
    }

    /** Since when they were away, and what became of it. */
    public record Told(Instant since, List<Part> parts) {}

    /** Null for whoever was not away, or where nothing became of it. */
    @Nullable
    Told told(String me, OpeningHours hours, Instant now) {
        Instant since = rows.wroteLast(Shop.ID, me);
        if (since == null || since.isAfter(now.minus(A_BREAK))) {
            return null;
        }
        List<MeanwhileMapper.Due> due = rows.due(Shop.ID, since, now);
        List<Part> parts = Stream.of(
                        part(due, Attention.DANGER, "in danger", "in-danger"),
                        part(due, Attention.WATCH, "to watch", "due"),
                        part(due, Attention.WORK, "overdue", "due"),
                        part(due, Attention.PROMISE, "promised, and not ready", "due"),
                        jobs("ready to hand back", rows.at(Shop.ID, HandBackChapter.STAGE.path())),
                        today(hours, now))
                .flatMap(Optional::stream)
                .toList();
        return parts.isEmpty() ? null : new Told(since, parts);
    }

    private Optional<Part> today(OpeningHours hours, Instant now) {
        return hours.closingAfter(now)
                .flatMap(closing -> jobs("promised by closing time", rows.promised(Shop.ID, now, closing)));
    }

    private static Optional<Part> part(
            List<MeanwhileMapper.Due> due, Attention attention, String words, String manner) {
        List<Place> places = due.stream()
                .filter(one -> one.rank() == attention.rank())
                .map(one -> new Place(one.path(), one.what()))
                .toList();
        return places.isEmpty() ? Optional.empty() : Optional.of(new Part(words, manner, places));
    }

    private static Optional<Part> jobs(String words, List<Long> numbers) {
        return numbers.isEmpty()
                ? Optional.empty()
                : Optional.of(new Part(
                        words,
                        "",
                        numbers.stream()
                                .map(number -> new Place("/jobs/" + number, String.valueOf(number)))
                                .toList()));
    }
}
