package glowkettle.app.bench;

import glowkettle.job.CallClass;
import glowkettle.job.Stage;
import glowkettle.job.order.OrderOfWork;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * The bench: every job by what it waits for, or those that were found.
 *
 * @param mostFound so many are shown of what was looked for
 * @param corrected words that no job has, each with the near one that was looked for instead
 * @param unfurnished no pack has a place to be put apart yet
 */
record BenchView(
        List<BenchMapper.BenchJob> jobs,
        List<Group> groups,
        int openCount,
        int mostFound,
        Map<String, String> corrected,
        boolean unfurnished) {
    private static final Map<String, String> STAGE_WORDS =
            OrderOfWork.CHAPTERS.stages().stream().collect(Collectors.toMap(Stage::path, Stage::words));

    /** Jobs that wait for the same. */
    record Group(String name, boolean waits, List<BenchMapper.BenchJob> jobs) {}

    public Map<String, String> stageWords() {
        return STAGE_WORDS;
    }

    /** By class first: what is dangerous comes before what is late, whoever has to act on it. */
    static List<Group> byWhatTheyWaitFor(List<BenchMapper.BenchJob> all, Instant now) {
        Predicate<BenchMapper.BenchJob> danger = job -> job.rank() == CallClass.DANGER.rank();
        Predicate<BenchMapper.BenchJob> watch = job -> job.rank() == CallClass.WATCH.rank();
        List<BenchMapper.BenchJob> jobs = only(all, danger.or(watch).negate());
        Predicate<BenchMapper.BenchJob> blocked = BenchMapper.BenchJob::blocked;
        Predicate<BenchMapper.BenchJob> later =
                blocked.negate().and(job -> job.nextAt() != null && job.nextAt().isAfter(now));
        return List.of(
                new Group("Danger", false, only(all, danger)),
                new Group("To watch", false, only(all, watch)),
                new Group(
                        "For your hands now",
                        false,
                        only(jobs, blocked.or(later).negate())),
                new Group("By themselves, until their clock", true, only(jobs, later)),
                new Group("Waiting for somebody else", true, only(jobs, blocked)));
    }

    private static List<BenchMapper.BenchJob> only(
            List<BenchMapper.BenchJob> jobs, Predicate<BenchMapper.BenchJob> which) {
        return jobs.stream().filter(which).toList();
    }
}
