package glowkettle.app.bench;

import glowkettle.app.journal.JobReader;
import glowkettle.app.shop.Shop;
import glowkettle.assess.Tier;
import glowkettle.job.JobFile;
import glowkettle.job.NextThing;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * Jobs with a heat in them change by the clock, while their row stands as it was when their newest entry was made: what is
 * shown of them is asked for now.
 */
@Component
class MovingJobs {
    private final BenchMapper bench;
    private final JobReader jobs;

    MovingJobs(BenchMapper bench, JobReader jobs) {
        this.bench = bench;
        this.jobs = jobs;
    }

    /** Those at a moment: few, since heat has few places and is gone after some hours. */
    Now at(Instant now) {
        List<BenchMapper.Moving> moving = bench.moving(Shop.ID, now);
        Map<Long, JobFile> files =
                jobs.files(moving.stream().map(BenchMapper.Moving::number).toList());
        return new Now(moving, files);
    }

    record Now(List<BenchMapper.Moving> listed, Map<Long, JobFile> files) {
        /** Its row as it stands now; one that does not move, as it is. */
        BenchMapper.BenchJob asNow(BenchMapper.BenchJob row) {
            JobFile job = files.get(row.number());
            if (job == null) {
                return row;
            }
            NextThing next = job.next();
            return new BenchMapper.BenchJob(
                    row.number(),
                    row.owner(),
                    row.modelName(),
                    next.stage().path(),
                    job.tier().result().tier(),
                    next.what(),
                    next.blocked(),
                    row.nextAt(),
                    row.promise(),
                    row.closed(),
                    row.changedAt(),
                    row.rank());
        }

        /** How many stand at a stage under a tier, with these counted where they stand now. */
        List<BenchMapper.Count> counted(List<BenchMapper.Count> stored) {
            List<BenchMapper.Count> counts = new ArrayList<>(stored);
            for (BenchMapper.Moving one : listed) {
                JobFile job = files.get(one.number());
                if (job != null) {
                    Tier tier = job.tier().result().tier();
                    counts.add(new BenchMapper.Count(one.stage(), one.tier(), -1));
                    counts.add(new BenchMapper.Count(job.next().stage().path(), tier, 1));
                }
            }
            return counts.stream()
                    .collect(Collectors.groupingBy(
                            count -> new BenchMapper.Count(count.stage(), count.tier(), 0),
                            Collectors.summingInt(BenchMapper.Count::jobs)))
                    .entrySet()
                    .stream()
                    .map(count -> new BenchMapper.Count(
                            count.getKey().stage(), count.getKey().tier(), count.getValue()))
                    .toList();
        }
    }
}
