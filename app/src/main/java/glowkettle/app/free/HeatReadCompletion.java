package glowkettle.app.free;

import glowkettle.app.desk.Completion;
import glowkettle.heat.HeatCourse;
import glowkettle.heat.Refit;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.free.BenchClocks;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Warming;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** A reading is kept with what the curve, as earlier readings corrected it, says of the same place now. */
@Component
class HeatReadCompletion implements Completion {
    private final InstantSource clock;

    HeatReadCompletion(InstantSource clock) {
        this.clock = clock;
    }

    @Override
    public Class<? extends Entry> completes() {
        return FreeEntry.HeatRead.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        typed.remove("predictedC");
        String bond = typed.getOrDefault("bond", new String[] {""})[0];
        Optional<Refit.Spot> spot = Arrays.stream(Refit.Spot.values())
                .filter(one -> one.name().equals(typed.getOrDefault("spot", new String[] {""})[0]))
                .findFirst();
        Warming.of(job)
                .warm(clock.instant())
                .filter(heated -> heated.operation().equals(bond))
                .flatMap(heated -> BenchClocks.heat(job, heated))
                .filter(heat -> spot.isPresent())
                .ifPresent(heat -> typed.put("predictedC", new String[] {
                    HeatCourse.of(heat.request(), Warming.of(job).heatings(bond).readings(), job.limits())
                            .readC(heat.sinceS(clock.instant()), spot.orElseThrow())
                            .toPlainString()
                }));
    }
}
