package glowkettle.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.journal.JobReader;
import glowkettle.app.shop.Shop;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.RunningKettle;
import glowkettle.assess.Tier;
import glowkettle.heat.Setting;
import glowkettle.job.JobFile;
import glowkettle.job.free.FreeEntry;
import java.math.BigDecimal;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A pack that overheats on its mat while nobody writes. */
@ExtendWith(RunningKettle.class)
class MovingJobsTest {
    private final Kettle kettle;
    private final BenchMapper bench;
    private final MovingJobs moving;

    MovingJobsTest(Kettle kettle) {
        this.kettle = kettle;
        this.bench = kettle.bean(BenchMapper.class);
        this.moving = kettle.bean(MovingJobs.class);
    }

    private BenchMapper.BenchJob row(Played job) {
        return moving.at(kettle.clock().instant()).asNow(stored(job));
    }

    private BenchMapper.BenchJob stored(Played job) {
        return bench.open(Shop.ID, kettle.clock().instant(), 5_000).stream()
                .filter(one -> one.number() == job.number())
                .findFirst()
                .orElseThrow();
    }

    private int counted(Tier tier) {
        return moving.at(kettle.clock().instant()).counted(bench.counts(Shop.ID)).stream()
                .filter(count -> count.tier() == tier)
                .mapToInt(BenchMapper.Count::jobs)
                .sum();
    }

    @Test
    void itsRowItsCountAndItsFilterSayWhatItsPageSays() {
        Played job = Played.at(kettle, "guillemot-6", "free-pack");
        job.write(new FreeEntry.HeatStarted(
                "free-pack",
                new Setting(Setting.Source.MAT, new BigDecimal("55"), Setting.Face.BELOW, null),
                new BigDecimal("21"),
                null));
        try {
            kettle.clock().pass(Duration.ofHours(1));

            JobFile page = kettle.bean(JobReader.class).file(job.number());
            Tier now = page.tier().result().tier();
            assertThat(now).isGreaterThan(stored(job).tier());
            assertThat(row(job).nextWhat()).isEqualTo(page.next().what());
            assertThat(row(job).tier()).isEqualTo(now);
            assertThat(counted(now)).isPositive();
            assertThat(Requests.as(kettle, "lead").get("/?tier=" + now).body())
                    .contains("/jobs/" + job.number() + "\"");
        } finally {
            job.write(new FreeEntry.HeatStopped("free-pack"));
            kettle.clock().set(Kettle.START);
        }
    }
}
