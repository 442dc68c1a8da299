package glowkettle.app.bench;

import glowkettle.app.bench.ClockListMapper.ClockRow;
import glowkettle.app.lists.ListWriter;
import glowkettle.app.shop.Shop;
import glowkettle.job.Attention;
import glowkettle.job.Danger;
import glowkettle.job.JobFile;
import glowkettle.job.NextThing;
import glowkettle.job.Recorded;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.free.Warming;
import glowkettle.job.wayback.ClosingUp;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Every job with the one thing to do next, and every moment at which one calls for hands. */
@Component
class JobList implements ListWriter {
    private final JobListMapper jobs;
    private final ClockListMapper clocks;

    JobList(JobListMapper jobs, ClockListMapper clocks) {
        this.jobs = jobs;
        this.clocks = clocks;
    }

    @Override
    public void write(JobFile job, OpeningHours hours) {
        List<ClockRow> calls = calls(job, hours);
        jobs.put(Shop.ID, row(job, calls));
        clocks.put(Shop.ID, job.number(), calls);
    }

    @Override
    public List<Long> byTheClock() {
        return clocks.jobs(Shop.ID);
    }

    @Override
    public void forgetStrays() {
        jobs.clearJobsWithoutJournal(Shop.ID);
    }

    private static JobListMapper.JobRow row(JobFile job, List<ClockRow> calls) {
        return new JobListMapper.JobRow(
                job.number(), job.state().seq(), job.model().identity().id(), shown(job), turn(job, calls), past(job));
    }

    private static JobListMapper.Shown shown(JobFile job) {
        NextThing next = job.next();
        return new JobListMapper.Shown(
                Arriving.of(job).owner(),
                job.model().identity().name(),
                FoundBy.of(job),
                next.stage().path(),
                job.tier().result().tier().name(),
                next.what(),
                next.blocked(),
                job.closed());
    }

    private static JobListMapper.Turn turn(JobFile job, List<ClockRow> calls) {
        return new JobListMapper.Turn(
                ClosingUp.of(job).standing().ordinal(),
                calls.stream()
                        .filter(call -> call.rank() != Attention.PROMISE.rank())
                        .map(ClockRow::at)
                        .findFirst()
                        .orElse(null),
                Arriving.of(job).promise(),
                first(calls, Attention.DANGER),
                first(calls, Attention.WATCH),
                first(calls, Attention.WORK),
                first(calls, Attention.PROMISE),
                Warming.of(job).movesUntil().orElse(null));
    }

    private static JobListMapper.Past past(JobFile job) {
        List<Recorded> counting = job.state().counting();
        Recorded last = counting.getLast();
        return new JobListMapper.Past(counting.getFirst().at(), last.at(), last.by());
    }

    /** When somebody has to act for the first time, as this class; calls come in the order of time. */
    private static @Nullable Instant first(List<ClockRow> calls, Attention attention) {
        return calls.stream()
                .filter(call -> call.stays() && call.rank() == attention.rank())
                .map(ClockRow::at)
                .findFirst()
                .orElse(null);
    }

    private static @Nullable Integer rank(@Nullable Danger danger) {
        return danger == null ? null : danger.rank();
    }

    private static List<ClockRow> calls(JobFile job, OpeningHours hours) {
        // A moment that has passed is told of only while somebody still has to act on it.
        return job.chapters().calls(job, hours).stream()
                .filter(call -> call.stays() || call.at().isAfter(job.now()))
                .map(call -> new ClockRow(
                        call.at(),
                        call.what(),
                        call.stage().path(),
                        call.stays(),
                        call.attention().rank(),
                        rank(call.danger())))
                .sorted(Comparator.comparing(ClockRow::at))
                .toList();
    }
}
