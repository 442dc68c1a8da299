package glowkettle.app.journal;

import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.CallClass;
import glowkettle.job.JobFile;
import glowkettle.job.NextThing;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.free.BenchClocks;
import glowkettle.job.free.Freeing;
import glowkettle.job.open.LearntMinutes;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.wayback.ClosingUp;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Writes what lists show of a job. Everything comes from the journal and its times, never from the wall clock, so that a
 * rebuild gives the same rows.
 */
@Component
class Projections {
    private static final int JOBS_TO_LEARN_FROM = 5;

    private final ProjectionMapper rows;
    private final ShopBook shop;
    private final StoredPacks packs = new StoredPacks();

    Projections(ProjectionMapper rows, ShopBook shop) {
        this.rows = rows;
        this.shop = shop;
    }

    /** @param job as it stood when its newest entry was made */
    void put(JobFile job) {
        Instant changed = job.now();
        OpeningHours hours = shop.hours();
        List<ProjectionMapper.ClockRow> clocks = clocks(job, changed, hours);
        NextThing next = job.next();
        Optional<BenchClocks.Heat> heating = Freeing.of(job)
                .heated()
                .flatMap(bond -> BenchClocks.heat(job, bond))
                .filter(BenchClocks.Heat::isOn);
        rows.put(
                Shop.ID,
                new ProjectionMapper.JobRow(
                        job.number(),
                        job.state().seq(),
                        Arriving.of(job).owner(),
                        job.model().name(),
                        FoundBy.of(job),
                        next.stage().path(),
                        job.tier().result().tier().name(),
                        next.what(),
                        next.blocked(),
                        clocks.stream()
                                .filter(clock -> clock.rank() != CallClass.PROMISE.rank())
                                .map(ProjectionMapper.ClockRow::at)
                                .findFirst()
                                .orElse(null),
                        Arriving.of(job.state()).promise(),
                        job.closed(),
                        ClosingUp.of(job).standing().ordinal(),
                        heating.map(heat -> heat.request()
                                        .setting()
                                        .source()
                                        .place()
                                        .name())
                                .orElse(null),
                        heating.map(heat -> heat.at(heat.latestLiftOffS())).orElse(null),
                        first(clocks, CallClass.DANGER),
                        first(clocks, CallClass.WATCH),
                        first(clocks, CallClass.WORK),
                        first(clocks, CallClass.PROMISE),
                        job.state().counting().getFirst().at(),
                        changed));
        if (!clocks.isEmpty()) {
            rows.putClocks(Shop.ID, clocks);
        }
        putBench(job);
        packs.of(job, hours).ifPresent(row -> rows.putStored(Shop.ID, row));
    }

    /** When somebody has to act for the first time, as this class; clocks come in the order of time. */
    private static @Nullable Instant first(List<ProjectionMapper.ClockRow> clocks, CallClass cls) {
        return clocks.stream()
                .filter(clock -> clock.stays() && clock.rank() == cls.rank())
                .map(ProjectionMapper.ClockRow::at)
                .findFirst()
                .orElse(null);
    }

    /** What the model's next job learns from this one. */
    private void putBench(JobFile job) {
        String model = Arriving.of(job).modelId();
        List<ProjectionMapper.StepTimeRow> times = LearntMinutes.taken(job).entrySet().stream()
                .map(step -> new ProjectionMapper.StepTimeRow(
                        model,
                        step.getKey(),
                        job.number(),
                        BigDecimal.valueOf(step.getValue().toMillis()).movePointLeft(3)))
                .toList();
        if (!times.isEmpty()) {
            rows.putStepTimes(Shop.ID, times);
        }
        List<ProjectionMapper.NoteRow> notes = job.state().counting().stream()
                .filter(recorded -> recorded.entry() instanceof OpenEntry.Noted)
                .map(recorded -> {
                    OpenEntry.Noted noted = (OpenEntry.Noted) recorded.entry();
                    return new ProjectionMapper.NoteRow(
                            job.number(),
                            recorded.seq(),
                            model,
                            noted.step(),
                            noted.note(),
                            recorded.at(),
                            recorded.by());
                })
                .toList();
        if (!notes.isEmpty()) {
            rows.putNotes(Shop.ID, notes);
        }
    }

    /** Medians that enough jobs stand behind. */
    List<OpenEntry.LearntStep> learnt(String model) {
        return rows.stepMedians(Shop.ID, model).stream()
                .filter(median -> median.jobs() >= JOBS_TO_LEARN_FROM)
                .map(median -> new OpenEntry.LearntStep(
                        median.operation(), median.minutes(), BigDecimal.valueOf(median.jobs())))
                .toList();
    }

    List<Long> byTheClock() {
        return rows.jobsByTheClock(Shop.ID);
    }

    /** Lists of jobs that have no journal are lists of nothing. */
    void forgetStrays() {
        rows.clearJobsWithoutJournal(Shop.ID);
    }

    private static List<ProjectionMapper.ClockRow> clocks(JobFile job, Instant changed, OpeningHours hours) {
        // A moment that has passed is told of only while somebody still has to act on it.
        return job.chapters().calls(job, hours).stream()
                .filter(call -> call.stays() || call.at().isAfter(changed))
                .map(call -> new ProjectionMapper.ClockRow(
                        job.number(),
                        call.at(),
                        call.what(),
                        call.stage().path(),
                        call.stays(),
                        call.cls().rank()))
                .sorted(Comparator.comparing(ProjectionMapper.ClockRow::at))
                .toList();
    }
}
