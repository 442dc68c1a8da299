package glowkettle.app.journal;

import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.Kept;
import glowkettle.journal.Entry;
import glowkettle.journal.JobFile;
import glowkettle.journal.NextThing;
import glowkettle.journal.Recorded;
import glowkettle.journal.Stage;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Component;

/**
 * Writes what lists show of a job. Everything comes from the journal and its times, never from the wall clock, so that a
 * rebuild gives the same rows.
 */
@Component
class Projections {
    private final ProjectionMapper rows;
    private final ShopBook shop;

    Projections(ProjectionMapper rows, ShopBook shop) {
        this.rows = rows;
        this.shop = shop;
    }

    void put(JobFile job, List<Recorded> journal) {
        Instant changed = journal.getLast().at();
        List<ProjectionMapper.ClockRow> clocks = clocks(job, changed);
        NextThing next = job.next();
        rows.put(
                Shop.ID,
                new ProjectionMapper.JobRow(
                        job.number(),
                        job.state().seq(),
                        job.opened().owner(),
                        job.model().name(),
                        next.stage().name(),
                        job.tier().result().tier().name(),
                        next.what(),
                        next.blocked(),
                        clocks.isEmpty() ? null : clocks.getFirst().at(),
                        job.opened().promise(),
                        job.closed(),
                        journal.getFirst().at(),
                        changed));
        rows.clearClocks(Shop.ID, job.number());
        if (!clocks.isEmpty()) {
            rows.putClocks(Shop.ID, clocks);
        }
        rows.clearStored(Shop.ID, job.number());
        job.state()
                .latestRecorded(Entry.PackStored.class)
                .ifPresent(recorded -> rows.putStored(Shop.ID, stored(job, recorded)));
    }

    void clear() {
        rows.clearJobs(Shop.ID);
    }

    private static ProjectionMapper.StoredRow stored(JobFile job, Recorded recorded) {
        Entry.PackStored stored = (Entry.PackStored) recorded.entry();
        return new ProjectionMapper.StoredRow(
                job.number(),
                stored.container(),
                "job " + job.number() + ", " + job.model().name(),
                stored.tier().name(),
                stored.energyWh(),
                recorded.at());
    }

    /** The hands a running soak cycle still needs. */
    private List<ProjectionMapper.ClockRow> clocks(JobFile job, Instant now) {
        boolean running = job.cycle().chargeStarted() != null
                && job.cycle().lastChargeEnded() == null
                && job.cycleVerdict().result().standing() == Kept.Standing.UNDER_WAY
                && !job.closed();
        if (!running) {
            return List.of();
        }
        return switch (job.clockPlan(now, shop.hours(), null).result()) {
            case ClockPlan.Outcome.NoFit ignored -> List.of();
            case ClockPlan.Outcome.Planned planned ->
                planned.actions().stream()
                        .map(action -> new ProjectionMapper.ClockRow(
                                job.number(), action.at(), action.what(), Stage.CALIBRATE.name()))
                        .toList();
        };
    }
}
