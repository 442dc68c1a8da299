package glowkettle.app.bench;

import glowkettle.app.format.Words;
import glowkettle.app.shop.FirstDay;
import glowkettle.job.Attention;
import glowkettle.job.Stage;
import glowkettle.job.order.OrderOfWork;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The bench: every job by what it waits for, or those that were found.
 *
 * @param shown so many jobs stand in the groups
 * @param day today as a line, over which the jobs stand
 * @param filter what can be chosen, and what is
 * @param mostFound so many are shown of what was looked for
 * @param corrected words that no job has, each with the near one that was looked for instead
 * @param notice what is said before the jobs
 */
public record BenchView(
        Day day,
        int shown,
        List<Group> groups,
        BenchFilter filter,
        int mostFound,
        Map<String, String> corrected,
        Notice notice) {
    private static final Map<String, String> STAGE_WORDS =
            OrderOfWork.CHAPTERS.stages().stream().collect(Collectors.toMap(Stage::path, Stage::words));

    /**
     * What is said before the jobs.
     *
     * @param unfurnished no pack has a place to be put apart yet
     * @param firstDay how many steps of the shop's first day are behind; null where all are, and for whoever is no lead
     * @param meanwhile what became of the jobs while whoever looks was away; null where they were not
     */
    public record Notice(boolean unfurnished, @Nullable Integer firstDay, Meanwhile.@Nullable Told meanwhile) {
        /** Beside what was looked for nothing else is said. */
        static final Notice NONE = new Notice(false, null, null);

        public String firstDayWords() {
            return "%s of %s are behind. It can be left at any time."
                    .formatted(firstDay, FirstDay.Step.values().length);
        }
    }

    /** Jobs that wait for the same. */
    public record Group(String name, String manner, List<Row> jobs) {}

    /**
     * A job in its row.
     *
     * @param when its next moment, or the day it is promised for; null where there is neither
     * @param whenSays what that moment is
     */
    public record Row(
            BenchMapper.BenchJob job,
            String stage,
            Lane lane,
            @Nullable String when,
            String whenSays) {
        static Row of(BenchMapper.BenchJob job, Lane lane, Words words) {
            String stage = STAGE_WORDS.getOrDefault(job.stage(), job.stage());
            if (job.nextAt() != null) {
                return new Row(job, stage, lane, words.when(job.nextAt()), "hands");
            }
            Instant promise = job.promise();
            if (promise == null) {
                return new Row(job, stage, lane, null, "no date promised");
            }
            boolean late = words.over(promise) && !job.closed();
            return new Row(job, stage, lane, words.day(promise), late ? "late" : "promised");
        }
    }

    static List<Group> found(List<Row> rows) {
        return List.of(group("Jobs", "", rows, job -> true));
    }

    /** By class first: what is dangerous comes before what is late, whoever has to act on it. */
    static List<Group> byWhatTheyWaitFor(List<Row> rows, Instant now) {
        Predicate<BenchMapper.BenchJob> danger = job -> job.rank() == Attention.DANGER.rank();
        Predicate<BenchMapper.BenchJob> watch = job -> job.rank() == Attention.WATCH.rank();
        Predicate<BenchMapper.BenchJob> ordinary = danger.or(watch).negate();
        Predicate<BenchMapper.BenchJob> blocked = BenchMapper.BenchJob::blocked;
        Predicate<BenchMapper.BenchJob> later =
                blocked.negate().and(job -> job.nextAt() != null && job.nextAt().isAfter(now));
        return List.of(
                group("Danger", "in-danger", rows, danger),
                group("To watch", "", rows, watch),
                group(
                        "For your hands now",
                        "",
                        rows,
                        ordinary.and(blocked.or(later).negate())),
                group("By themselves, until their clock", "waits", rows, ordinary.and(later)),
                group("Waiting for somebody else", "waits", rows, ordinary.and(blocked)));
    }

    private static Group group(String name, String manner, List<Row> rows, Predicate<BenchMapper.BenchJob> which) {
        return new Group(
                name, manner, rows.stream().filter(row -> which.test(row.job())).toList());
    }
}
