package glowkettle.app.isolation;

import glowkettle.app.isolation.StoredPackMapper.PackRow;
import glowkettle.app.lists.ListWriter;
import glowkettle.app.shop.Shop;
import glowkettle.assess.Tier;
import glowkettle.cell.Chemistry;
import glowkettle.isolation.Watch;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.fit.Fitting;
import glowkettle.job.isolation.Isolating;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.open.Opening;
import glowkettle.library.PackData;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the store shows of a job's old pack. It enters by itself when it is lifted out. */
@Component
class StoredPackList implements ListWriter {
    private final StoredPackMapper rows;

    StoredPackList(StoredPackMapper rows) {
        this.rows = rows;
    }

    @Override
    public void write(JobFile job, OpeningHours hours) {
        of(job, hours).ifPresentOrElse(row -> rows.put(Shop.ID, row), () -> rows.remove(Shop.ID, job.number()));
    }

    @Override
    public List<Long> byTheClock() {
        return rows.jobs(Shop.ID);
    }

    private static Optional<PackRow> of(JobFile job, OpeningHours hours) {
        Optional<Recorded> put = job.state().latestRecorded(IsolationEntry.PackStored.class);
        Optional<Recorded> lifted = Opening.of(job).liftedOutAt();
        if (put.isEmpty() && (lifted.isEmpty() || Fitting.of(job).keepsPack())) {
            return Optional.empty();
        }
        Instant since = put.or(() -> lifted).orElseThrow().at();
        return Optional.of(row(job, put.map(Recorded::entry).map(IsolationEntry.PackStored.class::cast), since, hours));
    }

    private static PackRow row(
            JobFile job, Optional<IsolationEntry.PackStored> put, Instant since, OpeningHours hours) {
        PackData pack = job.model().pack();
        Optional<Recorded> look = job.state().latestRecorded(IsolationEntry.Watched.class);
        IsolationEntry.@Nullable Watched seen = look.map(Recorded::entry)
                .map(IsolationEntry.Watched.class::cast)
                .orElse(null);
        Watch.@Nullable Due due =
                Isolating.of(job).watch(hours).map(watch -> watch.result()).orElse(null);
        Tier tier = job.oldPackTier().result().tier();
        return new PackRow(
                job.number(),
                put.map(IsolationEntry.PackStored::container).orElse(null),
                "job " + job.number() + ", " + job.model().identity().name(),
                put.map(stored -> Tier.worse(stored.tier(), tier)).orElse(tier).name(),
                put.map(IsolationEntry.PackStored::energyWh).orElseGet(() -> Containers.energyWh(job)),
                since,
                look.map(Recorded::at).orElse(null),
                seen == null ? null : seen.surfaceC(),
                seen == null ? null : seen.ambientC(),
                due == null ? null : due.due(),
                due != null && due.unstaffedFrom() != null,
                job.packKnown()
                        ? Chemistry.chargedTo(pack.ratings().chargeLimitV(), job.limits())
                                .words()
                        : "not read",
                pack.cells(),
                pack.massG(),
                job.worstTier().atLeast(Tier.GUARDED),
                Isolating.of(job)
                        .released()
                        .map(IsolationEntry.PackReleased::handOver)
                        .orElse(null));
    }
}
