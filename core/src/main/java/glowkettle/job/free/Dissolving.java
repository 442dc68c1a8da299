package glowkettle.job.free;

import glowkettle.free.IgnitionLock;
import glowkettle.free.Solvent;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.open.Opening;
import glowkettle.library.Bond;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The solvent at a job: what is wet with it, and until when nothing may kindle it. */
public final class Dissolving {
    private final JobFile job;
    private final JobState state;

    private Dissolving(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Dissolving of(JobFile job) {
        return new Dissolving(job);
    }

    /** Whatever of this job is wet with solvent; the longest lock. */
    public Optional<IgnitionLock> ignition() {
        return IgnitionLock.of(wettings(), job.limits());
    }

    public boolean isWet(Instant now) {
        return ignition().filter(lock -> lock.holds(now)).isPresent();
    }

    /** Solvent put on, each place open since the pack or the part came off it, or somebody said so. */
    private List<IgnitionLock.Wetting> wettings() {
        List<IgnitionLock.Wetting> wettings = new ArrayList<>();
        for (Recorded recorded : state.counting()) {
            if (recorded.entry() instanceof FreeEntry.SolventApplied applied) {
                Bond bond = job.model().anatomy().bondOf(applied.bond()).orElseThrow();
                Solvent.Use use = new Solvent.Use(
                        applied.solvent(),
                        applied.lies(),
                        bond.area().areaMm2(),
                        bond.area().exposedMm2());
                wettings.add(new IgnitionLock.Wetting(
                        use, recorded.at(), applied.lies() == Solvent.Lies.OPEN ? recorded.at() : null));
            } else if (uncovers(recorded.entry())) {
                wettings.replaceAll(wetting -> wetting.openSince() == null
                        ? new IgnitionLock.Wetting(wetting.use(), wetting.at(), recorded.at())
                        : wetting);
            }
        }
        return wettings;
    }

    private boolean uncovers(Entry entry) {
        return entry instanceof FreeEntry.SolventUncovered || Opening.of(job).liftsOut(entry);
    }
}
