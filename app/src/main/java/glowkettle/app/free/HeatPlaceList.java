package glowkettle.app.free;

import glowkettle.app.lists.ListWriter;
import glowkettle.app.shop.Shop;
import glowkettle.job.JobFile;
import glowkettle.job.free.BenchClocks;
import glowkettle.job.free.Warming;
import glowkettle.shop.OpeningHours;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Which heat each job holds while it is on. */
@Component
class HeatPlaceList implements ListWriter {
    private final HeatPlaceMapper rows;

    HeatPlaceList(HeatPlaceMapper rows) {
        this.rows = rows;
    }

    @Override
    public void write(JobFile job, OpeningHours hours) {
        Optional<BenchClocks.Heat> heating = Warming.of(job)
                .heated()
                .flatMap(bond -> BenchClocks.heat(job, bond))
                .filter(BenchClocks.Heat::isOn);
        heating.ifPresentOrElse(
                heat -> rows.take(
                        Shop.ID,
                        new HeatPlaceMapper.Holder(
                                job.number(),
                                heat.request().setting().source().place(),
                                heat.at(heat.latestLiftOffS()))),
                () -> rows.free(Shop.ID, job.number()));
    }
}
