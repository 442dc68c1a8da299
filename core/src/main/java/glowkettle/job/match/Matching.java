package glowkettle.job.match;

import glowkettle.cell.Body;
import glowkettle.cell.Calipered;
import glowkettle.finding.Result;
import glowkettle.fit.PackLabel;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.Sum;
import glowkettle.match.BuildStep;
import glowkettle.match.Grouping;
import glowkettle.match.Layout;
import glowkettle.match.PackFigures;
import glowkettle.match.Paralleling;
import glowkettle.match.Screening;
import glowkettle.match.Shares;
import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Which pack is wanted, which cells go together, and what comes of it. */
public final class Matching {
    private static final Sum<Optional<Result<Layout>>> LAYOUT = new Sum<>();
    private static final Sum<Optional<Result<PackFigures>>> FIGURES = new Sum<>();
    private static final Sum<List<Joined>> JOINED = new Sum<>();

    private final JobFile job;

    private Matching(JobFile job) {
        this.job = job;
    }

    public static Matching of(JobFile job) {
        return new Matching(job);
    }

    /** Somebody began to build a pack of cells, or drew the one that was. */
    public boolean isBegun() {
        return job.state().all(MatchEntry.class).anyMatch(entry -> !(entry instanceof MatchEntry.MendingRead));
    }

    public Optional<MatchEntry.PackWanted> wanted() {
        return job.state().latest(MatchEntry.PackWanted.class);
    }

    /** Groups of the pack that is wanted. */
    public Optional<BigDecimal> series() {
        return wanted().map(MatchEntry.PackWanted::series);
    }

    /** Per cell of it. */
    public Optional<BigDecimal> chargeLimitV() {
        return wanted().map(wanted -> wanted.rated().chargeLimitV());
    }

    /** What a search is asked; empty while there is nothing to search. */
    public Optional<Grouping.Request> asked() {
        CellTable table = CellTable.of(job);
        return wanted().filter(wanted -> !table.cells().isEmpty() && !table.isSetOpen())
                .map(wanted -> new Grouping.Request(
                        table.accepted().stream()
                                .map(cell -> new Grouping.Cell(
                                        cell.id(),
                                        Objects.requireNonNull(cell.capacityMah()),
                                        Objects.requireNonNull(cell.resistanceMohm())))
                                .toList(),
                        wanted.series(),
                        wanted.parallel()));
    }

    /** Cells that are too few for the pack that is wanted. */
    public int missing() {
        return asked().map(asked -> Math.max(
                        0,
                        asked.series().intValue() * asked.parallel().intValue()
                                - asked.cells().size()))
                .orElse(0);
    }

    /** The answer, as long as neither cells nor pack were changed since; what is joined stands. Cells exchanged are in it. */
    public Optional<MatchEntry.Matched> matched() {
        return job.state()
                .latestRecorded(MatchEntry.Matched.class)
                .filter(found -> found.seq() > changedAt() || isJoinedSince(found.seq()))
                .map(found -> exchanged((MatchEntry.Matched) found.entry(), found.seq()));
    }

    private boolean isJoinedSince(long seq) {
        return job.state().counting().stream()
                .anyMatch(recorded -> recorded.seq() > seq
                        && recorded.entry() instanceof MatchEntry.BuildStepDone done
                        && done.joinedBy() != null);
    }

    private MatchEntry.Matched exchanged(MatchEntry.Matched found, long seq) {
        List<Layout.Named> groups = found.groups();
        for (Recorded recorded : job.state().counting()) {
            if (recorded.seq() > seq && recorded.entry() instanceof MatchEntry.CellExchanged exchanged) {
                groups = groups.stream()
                        .map(group -> new Layout.Named(group.ids().stream()
                                .map(id -> id.equals(exchanged.out()) ? exchanged.in() : id)
                                .toList()))
                        .toList();
            }
        }
        return new MatchEntry.Matched(groups, found.proven(), found.stopped());
    }

    /** What the search stands on changed last with this entry. */
    public long changedAt() {
        return Math.max(
                CellTable.of(job).changedAt(),
                job.state()
                        .latestRecorded(MatchEntry.PackWanted.class)
                        .map(Recorded::seq)
                        .orElse(0L));
    }

    private List<Screening.Cell> cells(Layout.Named group) {
        CellTable table = CellTable.of(job);
        return group.ids().stream().map(id -> table.cell(id).orElseThrow()).toList();
    }

    public Optional<Result<PackFigures>> figures() {
        return job.once(FIGURES, known -> of(known).reckonedFigures());
    }

    private Optional<Result<PackFigures>> reckonedFigures() {
        return matched()
                .flatMap(found -> wanted().map(wanted -> PackFigures.of(
                        new PackFigures.Request(
                                found.groups().stream()
                                        .map(group -> new PackFigures.Group(cells(group).stream()
                                                .map(Matching::figure)
                                                .toList()))
                                        .toList(),
                                wanted.rated().nominalCellV(),
                                fed(wanted.strips()),
                                wanted.rated().loadA(),
                                wanted.rated().cellLimitA()),
                        job.limits())));
    }

    /** Where every cell has a strip of its own to the next group, none is reached through another. */
    private PackFigures.Strips fed(PackFigures.Strips strips) {
        boolean each = layout().filter(laid -> laid.result().isFedAtEachCell()).isPresent();
        return strips.feed() == null && each
                ? new PackFigures.Strips(strips.pieceMohm(), strips.seriesMohm(), Shares.Feed.EACH)
                : strips;
    }

    private static PackFigures.Cell figure(Screening.Cell cell) {
        return new PackFigures.Cell(
                cell.id(),
                Objects.requireNonNull(cell.capacityMah()),
                Objects.requireNonNull(cell.resistanceMohm()),
                cell.dropMvPerDay() == null ? null : cell.dropMvPerDay().max(BigDecimal.ZERO));
    }

    /** Where each cell lies; empty until they are matched. */
    public Optional<Result<Layout>> layout() {
        return job.once(LAYOUT, known -> of(known).reckonedLayout());
    }

    private Optional<Result<Layout>> reckonedLayout() {
        return matched()
                .flatMap(found -> wanted().map(wanted -> Layout.of(asked(wanted, found.groups()), job.limits())));
    }

    /** @param groups null until they are matched */
    static Layout.Request asked(MatchEntry.PackWanted wanted, @Nullable List<Layout.Named> groups) {
        return new Layout.Request(
                wanted.series(),
                wanted.parallel(),
                wanted.size(),
                wanted.rated().chargeLimitV(),
                wanted.arrangement(),
                wanted.parts(),
                wanted.box(),
                groups);
    }

    /**
     * A group before it is joined: which cells are none for a pack, which voltages are missing, and whether what flows is
     * within.
     *
     * @param onStrips some of it is joined already
     */
    public record Joined(
            int group,
            boolean onStrips,
            List<String> rejected,
            List<String> unread,
            Optional<Result<Paralleling>> paralleling) {
        public Joined {
            rejected = List.copyOf(rejected);
            unread = List.copyOf(unread);
        }

        public boolean isAllowed() {
            return rejected.isEmpty()
                    && unread.isEmpty()
                    && paralleling.map(found -> found.result().allowed()).orElse(true);
        }
    }

    /** Every group, in order. */
    public List<Joined> joined() {
        return job.once(JOINED, known -> of(known).reckonedJoints());
    }

    /** Those that a step would join, or joins on to, and that may not be joined. */
    public List<Joined> apart(BuildStep step) {
        return step.kind() != BuildStep.Kind.STRIPS || step.number() == null
                ? List.of()
                : joined().stream()
                        .filter(group -> group.group() <= step.number() + 1)
                        .filter(group -> !group.isAllowed())
                        .toList();
    }

    private List<Joined> reckonedJoints() {
        return matched()
                .map(found -> IntStream.rangeClosed(1, found.groups().size())
                        .mapToObj(group -> joined(group, cells(found.groups().get(group - 1))))
                        .toList())
                .orElse(List.of());
    }

    private Joined joined(int group, List<Screening.Cell> cells) {
        List<String> unread = cells.stream()
                .filter(cell -> cell.restedV() == null)
                .map(Screening.Cell::id)
                .toList();
        List<String> rejected = rejected(cells);
        boolean alone = cells.size() < 2;
        return new Joined(
                group,
                Building.of(job).isJoined(group),
                rejected,
                // One cell by itself equalises nothing.
                alone ? List.of() : unread,
                alone || !unread.isEmpty() || !rejected.isEmpty()
                        ? Optional.empty()
                        : Optional.of(Paralleling.of(asked(cells), job.limits())));
    }

    /** What was measured of a cell since may make it one that goes into no pack. */
    private List<String> rejected(List<Screening.Cell> cells) {
        List<Screening.Cell> accepted = CellTable.of(job).accepted();
        return cells.stream()
                .filter(cell -> !accepted.contains(cell))
                .map(Screening.Cell::id)
                .toList();
    }

    /** The group of a cell, counted from 1; empty where it is in none. */
    Optional<Integer> groupOf(String id) {
        return matched()
                .flatMap(found -> IntStream.rangeClosed(1, found.groups().size())
                        .filter(group -> found.groups().get(group - 1).ids().contains(id))
                        .boxed()
                        .findFirst());
    }

    /** Cells that could take another's place: accepted, and in no group. */
    public List<String> spares() {
        List<String> used = matched().stream()
                .flatMap(found -> found.groups().stream())
                .flatMap(group -> group.ids().stream())
                .toList();
        return CellTable.of(job).accepted().stream()
                .map(Screening.Cell::id)
                .filter(id -> !used.contains(id))
                .toList();
    }

    private Paralleling.Request asked(List<Screening.Cell> cells) {
        return new Paralleling.Request(
                cells.stream()
                        .map(cell -> new Paralleling.Cell(
                                cell.id(),
                                Objects.requireNonNull(cell.restedV()),
                                Objects.requireNonNull(cell.resistanceMohm()),
                                Objects.requireNonNull(cell.capacityMah())))
                        .toList(),
                null,
                wanted().map(wanted -> wanted.rated().chargeLimitV()).orElse(null));
    }

    /** Its label, by what was measured and not by what its cells are sold as; empty until they are matched. */
    public Optional<PackLabel> label() {
        return wanted().flatMap(wanted -> figures()
                .flatMap(figures -> layout().map(layout -> {
                    BigDecimal series = wanted.series();
                    List<BigDecimal> sides = Stream.of(
                                    layout.result().outer().heightMm(),
                                    layout.result().outer().widthMm(),
                                    layout.result().outer().lengthMm())
                            .sorted()
                            .toList();
                    return new PackLabel(
                            new PackLabel.Printed(
                                    wanted.rated().nominalCellV().multiply(series),
                                    wanted.rated().chargeLimitV().multiply(series),
                                    figures.result().usableAh().movePointRight(3),
                                    figures.result().usableWh(),
                                    null,
                                    null),
                            new Calipered(sides.get(0), sides.get(1), sides.get(2)),
                            null,
                            Body.CASED_ROUND,
                            series.multiply(wanted.parallel()),
                            null);
                })));
    }
}
