package glowkettle.app.bench;

import glowkettle.app.format.Words;
import glowkettle.assess.Tier;
import glowkettle.job.CallClass;
import glowkettle.job.Phrases;
import glowkettle.job.Stage;
import glowkettle.job.order.OrderOfWork;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.util.StringUtils;

/**
 * The bench: every job by what it waits for, or those that were found.
 *
 * @param shown so many jobs stand in the groups
 * @param filter what can be chosen, and what is
 * @param mostFound so many are shown of what was looked for
 * @param corrected words that no job has, each with the near one that was looked for instead
 * @param unfurnished no pack has a place to be put apart yet
 */
public record BenchView(
        int shown,
        List<Group> groups,
        Filter filter,
        int mostFound,
        Map<String, String> corrected,
        boolean unfurnished) {
    private static final Map<String, String> STAGE_WORDS =
            OrderOfWork.CHAPTERS.stages().stream().collect(Collectors.toMap(Stage::path, Stage::words));

    /**
     * Where the open jobs stand.
     *
     * @param openCount jobs that the choice takes
     */
    public record Filter(List<Option> stages, List<Option> tiers, int openCount, boolean chosen) {
        static Filter of(List<BenchMapper.Count> counts, BenchChoice choice) {
            List<Option> stages = OrderOfWork.CHAPTERS.stages().stream()
                    .map(stage -> new Option(
                            stage.path(),
                            stage.words(),
                            jobs(counts, count -> count.stage().equals(stage.path())),
                            stage.path().equals(choice.stage())))
                    .filter(Option::isShown)
                    .toList();
            List<Option> tiers = Arrays.stream(Tier.values())
                    .map(tier -> new Option(
                            tier.name(),
                            StringUtils.capitalize(Phrases.lower(tier)),
                            jobs(counts, count -> count.tier() == tier),
                            tier == choice.tier()))
                    .filter(Option::isShown)
                    .toList();
            return new Filter(stages, tiers, jobs(counts, choice::takes), !choice.isAll());
        }

        private static int jobs(List<BenchMapper.Count> counts, Predicate<BenchMapper.Count> which) {
            return counts.stream()
                    .filter(which)
                    .mapToInt(BenchMapper.Count::jobs)
                    .sum();
        }
    }

    /** A stage or a tier, with so many open jobs. */
    public record Option(String value, String words, int jobs, boolean chosen) {
        private boolean isShown() {
            return jobs > 0 || chosen;
        }

        /** Tapped again, it is not chosen any more. */
        public String asks() {
            return chosen ? "" : value;
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
            @Nullable String when,
            String whenSays) {
        static Row of(BenchMapper.BenchJob job, Words words) {
            String stage = STAGE_WORDS.getOrDefault(job.stage(), job.stage());
            if (job.nextAt() != null) {
                return new Row(job, stage, words.when(job.nextAt()), "hands");
            }
            Instant promise = job.promise();
            if (promise == null) {
                return new Row(job, stage, null, "no date promised");
            }
            boolean late = words.over(promise) && !job.closed();
            return new Row(job, stage, words.day(promise), late ? "promised, late" : "promised");
        }
    }

    static List<Group> found(List<BenchMapper.BenchJob> jobs, Words words) {
        return List.of(group("Jobs", "", jobs, job -> true, words));
    }

    /** By class first: what is dangerous comes before what is late, whoever has to act on it. */
    static List<Group> byWhatTheyWaitFor(List<BenchMapper.BenchJob> jobs, Words words, Instant now) {
        Predicate<BenchMapper.BenchJob> danger = job -> job.rank() == CallClass.DANGER.rank();
        Predicate<BenchMapper.BenchJob> watch = job -> job.rank() == CallClass.WATCH.rank();
        Predicate<BenchMapper.BenchJob> ordinary = danger.or(watch).negate();
        Predicate<BenchMapper.BenchJob> blocked = BenchMapper.BenchJob::blocked;
        Predicate<BenchMapper.BenchJob> later =
                blocked.negate().and(job -> job.nextAt() != null && job.nextAt().isAfter(now));
        return List.of(
                group("Danger", "in-danger", jobs, danger, words),
                group("To watch", "", jobs, watch, words),
                group(
                        "For your hands now",
                        "",
                        jobs,
                        ordinary.and(blocked.or(later).negate()),
                        words),
                group("By themselves, until their clock", "waits", jobs, ordinary.and(later), words),
                group("Waiting for somebody else", "waits", jobs, ordinary.and(blocked), words));
    }

    private static Group group(
            String name,
            String manner,
            List<BenchMapper.BenchJob> jobs,
            Predicate<BenchMapper.BenchJob> which,
            Words words) {
        return new Group(
                name,
                manner,
                jobs.stream().filter(which).map(job -> Row.of(job, words)).toList());
    }
}
