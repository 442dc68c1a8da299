package glowkettle.app.match;

import glowkettle.app.binding.FilledForm;
import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.job.match.Building;
import glowkettle.job.match.FirstCharge;
import glowkettle.job.match.MatchAct;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import glowkettle.library.PackData;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Mending;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Match as it is drawn: the one act at hand, and the panels it stands on.
 *
 * @param preview a table that was sent and not taken yet
 * @param search one that runs; null where none does
 */
public record MatchView(
        JobFile job,
        MatchAct act,
        @Nullable SketchPanel sketch,
        CellsPanel cells,
        @Nullable TablePreview preview,
        Searches.@Nullable Reached search,
        @Nullable MatchedPanel matched,
        @Nullable BuildPanel build) {
    static MatchView of(JobFile job, FilledForm filled, Searches.@Nullable Reached search, Instant now) {
        return new MatchView(
                job,
                act(job),
                SketchPanel.of(job, filled),
                CellsPanel.of(job, filled),
                TablePreview.of(filled),
                search,
                MatchedPanel.of(job),
                BuildPanel.of(job, now));
    }

    /** A charge goes off before anything else, also where the tier says so alone. */
    private static MatchAct act(JobFile job) {
        MatchAct act = MatchAct.of(job);
        return act == MatchAct.STAY && Assessing.of(job).halted() ? MatchAct.HOT : act;
    }

    public boolean isHalted() {
        return Assessing.of(job).halted();
    }

    /** What the page is about: a table that is looked at goes before whatever it is for. */
    public String shown() {
        return isHalted() && act != MatchAct.HOT ? "HALTED" : preview != null ? "PREVIEW" : act.name();
    }

    public MatchEntry.@Nullable PackWanted wanted() {
        return Matching.of(job).wanted().orElse(null);
    }

    private PackData pack() {
        return job.model().pack();
    }

    /** As drawn, else by its label; null where nobody has read it. */
    public @Nullable BigDecimal series() {
        return sketch != null
                ? sketch.grid().series()
                : job.packKnown() ? pack().ratings().series() : null;
    }

    public @Nullable BigDecimal parallel() {
        if (sketch != null) {
            return sketch.grid().parallel();
        }
        return !job.packKnown()
                ? null
                : pack().cells()
                        .divide(pack().ratings().series(), 0, RoundingMode.DOWN)
                        .max(BigDecimal.ONE);
    }

    /** What a cell of the old pack was sold as, by the pack's label. */
    public @Nullable BigDecimal ratingMah() {
        BigDecimal parallel = parallel();
        return parallel == null || !job.packKnown()
                ? null
                : pack().ratings().capacityMah().divide(parallel, 0, RoundingMode.HALF_UP);
    }

    public @Nullable BigDecimal nominalCellV() {
        return !job.packKnown()
                ? null
                : pack().ratings()
                        .nominalV()
                        .divide(pack().ratings().series(), 2, RoundingMode.HALF_UP)
                        .stripTrailingZeros();
    }

    /** One place a group, for what the meter says. */
    public List<Integer> groups() {
        BigDecimal series = wanted() == null ? series() : wanted().series();
        int count = series == null ? 0 : series.intValue();
        return IntStream.range(0, count).boxed().toList();
    }

    /** Which cells go together is not settled yet: they are looked at. */
    public boolean isChoosing() {
        return matched == null;
    }

    /** So many in parallel the accepted cells would do for. */
    public int mostParallel() {
        MatchEntry.PackWanted wanted = wanted();
        BigDecimal series = wanted == null ? series() : wanted.series();
        return series == null ? 0 : cells.accepted() / series.intValue();
    }

    public @Nullable Result<GroupVoltages> voltages() {
        return Building.of(job).voltages().orElse(null);
    }

    /** The newest attempt at a first charge; null before the first one. */
    public @Nullable FirstCharge charge() {
        return Building.of(job).firstCharge().orElse(null);
    }

    /** Why the last attempt does not count; null where there was none, or it is on. */
    public @Nullable String flaw() {
        return Building.of(job)
                .firstCharge()
                .flatMap(charge -> charge.flawOnceOff(job.limits()))
                .orElse(null);
    }

    public boolean isSettled() {
        return Building.of(job)
                .firstCharge()
                .filter(charge -> charge.isSettled(job.limits()))
                .isPresent();
    }

    /** What the charger is set to; null until the groups were metered. */
    public FirstCharge.@Nullable Charger charger() {
        return Building.of(job).charger().orElse(null);
    }

    /** Of the pack as it was laid out. */
    public @Nullable BigDecimal builtThicknessMm() {
        return Matching.of(job).label().map(label -> label.size().thicknessMm()).orElse(null);
    }

    public @Nullable Result<Mending> mending() {
        return job.state()
                .latest(MatchEntry.MendingRead.class)
                .map(read -> Mending.of(read.mending(), job.limits()))
                .orElse(null);
    }
}
