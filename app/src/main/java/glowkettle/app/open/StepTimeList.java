package glowkettle.app.open;

import glowkettle.app.journal.FirstEntries;
import glowkettle.app.lists.ListWriter;
import glowkettle.app.open.StepTimeMapper.StepTimeRow;
import glowkettle.app.shop.Shop;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.open.LearntMinutes;
import glowkettle.job.open.OpenEntry;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.util.List;
import org.springframework.stereotype.Component;

/** What a model's next job learns of time from those before it. */
@Component
class StepTimeList implements ListWriter, FirstEntries {
    private static final int JOBS_TO_LEARN_FROM = 5;

    private final StepTimeMapper rows;

    StepTimeList(StepTimeMapper rows) {
        this.rows = rows;
    }

    @Override
    public void write(JobFile job, OpeningHours hours) {
        List<StepTimeRow> times = LearntMinutes.taken(job).entrySet().stream()
                .map(step -> new StepTimeRow(
                        step.getKey(),
                        BigDecimal.valueOf(step.getValue().toMillis()).movePointLeft(3)))
                .toList();
        rows.put(Shop.ID, job.number(), Arriving.of(job).modelId(), times);
    }

    /** Medians that enough jobs stand behind. */
    @Override
    public List<Entry> of(JobFile opened) {
        List<OpenEntry.LearntStep> learnt = rows
                .medians(Shop.ID, Arriving.of(opened).modelId())
                .stream()
                .filter(median -> median.jobs() >= JOBS_TO_LEARN_FROM)
                .map(median -> new OpenEntry.LearntStep(
                        median.operation(), median.minutes(), BigDecimal.valueOf(median.jobs())))
                .toList();
        return learnt.isEmpty() ? List.of() : List.of(new OpenEntry.MinutesLearnt(learnt));
    }
}
