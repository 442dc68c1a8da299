package glowkettle.job.match;

import glowkettle.finding.Result;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.Sum;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The cells of a job as they stand: read, listed, metered and wrapped again, and what screening says of them. */
public final class CellTable {
    private static final Sum<CellTable> TABLE = new Sum<>();
    private static final Sum<Result<Screening>> SCREENED = new Sum<>();
    private static final Sum<List<Screening.Cell>> ACCEPTED = new Sum<>();
    /** Of more, a pack is chosen from a part. */
    public static final int MOST_CELLS = 2_000;

    private final JobFile job;
    private final Map<String, Screening.Cell> cells = new LinkedHashMap<>();
    private final List<Screening.Cell> inOrder;
    private Screening.@Nullable Made kept;
    private long changedAt;

    private CellTable(JobFile job) {
        this.job = job;
        job.state().counting().forEach(this::take);
        this.inOrder = List.copyOf(cells.values());
    }

    public static CellTable of(JobFile job) {
        return job.once(TABLE, CellTable::new);
    }

    private void take(Recorded recorded) {
        if (changes(recorded.entry())) {
            changedAt = recorded.seq();
        } else if (recorded.entry() instanceof MatchEntry.CellMetered metered) {
            // A voltage decides what may be put in parallel, not which cells go together.
            cells.computeIfPresent(metered.id(), (id, cell) -> metered(cell, metered.restedV()));
        }
    }

    private boolean changes(Entry entry) {
        if (entry instanceof MatchEntry.CellsRead read) {
            read.cells().forEach(cell -> cells.put(cell.id(), cell));
            return true;
        }
        if (entry instanceof MatchEntry.CellListed listed) {
            cells.put(listed.cell().id(), listed.cell());
            return true;
        }
        if (entry instanceof MatchEntry.CellRewrapped again) {
            cells.computeIfPresent(again.id(), (id, cell) -> rewrapped(cell));
            return true;
        }
        if (entry instanceof MatchEntry.SetKept set) {
            kept = set.made();
            return true;
        }
        return false;
    }

    private static Screening.Cell rewrapped(Screening.Cell cell) {
        Screening.Seen seen = cell.seen();
        return new Screening.Cell(
                cell.id(),
                cell.lot(),
                cell.capacityMah(),
                cell.resistanceMohm(),
                cell.restedV(),
                cell.dropMvPerDay(),
                new Screening.Seen(seen.massG(), seen.chargeC(), seen.ambientC(), seen.dented(), seen.rusty(), false),
                cell.made());
    }

    private static Screening.Cell metered(Screening.Cell cell, BigDecimal restedV) {
        return new Screening.Cell(
                cell.id(),
                cell.lot(),
                cell.capacityMah(),
                cell.resistanceMohm(),
                restedV,
                cell.dropMvPerDay(),
                cell.seen(),
                cell.made());
    }

    /** All of them, in the order they came. */
    public List<Screening.Cell> cells() {
        return inOrder;
    }

    public Optional<Screening.Cell> cell(String id) {
        return Optional.ofNullable(cells.get(id));
    }

    public Optional<Screening.Made> kept() {
        return Optional.ofNullable(kept);
    }

    /** The last entry that changed which cells there are, or what was measured of them. */
    long changedAt() {
        return changedAt;
    }

    /** Over all of them; empty while there are none. */
    public Optional<Result<Screening>> screening() {
        if (cells.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(job.once(SCREENED, known -> Screening.of(asked(), known.limits())));
    }

    /** What screening is asked: the cells, and what they are sold as where that is known. */
    public Screening.Request asked() {
        Optional<MatchEntry.Rated> rated =
                job.state().latest(MatchEntry.PackWanted.class).map(MatchEntry.PackWanted::rated);
        return new Screening.Request(
                inOrder,
                rated.map(MatchEntry.Rated::ratingMah).orElse(null),
                rated.map(MatchEntry.Rated::chargeLimitV).orElse(null));
    }

    /** More than one set, and nobody said which is kept. */
    public boolean isSetOpen() {
        return screening().filter(found -> found.result().sets().size() > 1).isPresent() && kept == null;
    }

    private boolean isOfSet(Screening.Cell cell) {
        return kept == null || cell.made().equals(kept);
    }

    /** Those that may go into a pack: accepted, and of the set that is kept. */
    public List<Screening.Cell> accepted() {
        return job.once(ACCEPTED, known -> of(known).judgedGood());
    }

    private List<Screening.Cell> judgedGood() {
        Map<String, Boolean> accepted = screening()
                .map(found -> found.result().cells().stream()
                        .collect(Collectors.toMap(Screening.Judged::id, Screening.Judged::accepted)))
                .orElse(Map.of());
        return inOrder.stream()
                .filter(cell -> Boolean.TRUE.equals(accepted.get(cell.id())) && isOfSet(cell))
                .toList();
    }
}
