package glowkettle.job.free;

import glowkettle.heat.Refit;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Sum;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Heat that was on for too long, and how warm the cells got by it. */
public final class Overheating {
    private static final Sum<List<Overrun>> OVERRUNS = new Sum<>();

    private final JobFile job;
    private final JobState state;

    private Overheating(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Overheating of(JobFile job) {
        return new Overheating(job);
    }

    /** Heat that stayed on past its latest lift-off. */
    public List<Overrun> overruns() {
        return job.once(
                OVERRUNS,
                known -> job.tiersAside() ? List.of() : Overrun.of(state, job.model(), job.limits(), job.now()));
    }

    /** The warmest the old pack's cells got by the curve or a reading, where heat stayed on too long or they were read. */
    public Optional<BigDecimal> cellPeakC() {
        return Stream.concat(
                        overruns().stream().map(Overrun::peakC),
                        state.all(FreeEntry.HeatRead.class)
                                .filter(read -> read.spot() == Refit.Spot.CELL)
                                .map(FreeEntry.HeatRead::temperatureC))
                .max(java.util.Comparator.naturalOrder());
    }

    /** Its cells were hotter than any cell may be: it is not fitted again, and watched like a Guarded one. */
    public boolean cellsWereTooHot() {
        return cellPeakC()
                .filter(peak -> peak.compareTo(job.limits().of(Limit.SURFACE_EVACUATE_C)) >= 0)
                .isPresent();
    }
}
