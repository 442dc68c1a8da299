package glowkettle.job.match;

import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Mending;
import java.math.BigDecimal;
import java.util.Optional;

/** When the old pack may be drawn, metered and mended. */
final class DrawingAdmission {
    private DrawingAdmission() {}

    static Optional<Refusal> oldPackBegun(JobFile job, MatchEntry.OldPackBegun begun) {
        int cells = OldPackSketch.cellCount(begun);
        return begun.rows().intValue() > cells
                ? Admission.no(
                        "rows", "%s rows for %s cells; accepted is up to %s".formatted(begun.rows(), cells, cells))
                : Assessing.unlessHalted(job);
    }

    static Optional<Refusal> drawn(JobFile job, String field, BigDecimal value, Bounds bounds) {
        return OldPackSketch.of(job)
                .begun()
                .map(grid -> {
                    int most = bounds.most(grid);
                    return value.intValue() > most
                            ? Admission.no(field, "%s; this pack has up to %s".formatted(value, most))
                            : Assessing.unlessHalted(job);
                })
                .orElseGet(DrawingAdmission::undrawn);
    }

    private interface Bounds {
        int most(MatchEntry.OldPackBegun grid);
    }

    static Optional<Refusal> marked(JobFile job, MatchEntry.OldCellMarked marked) {
        return drawn(job, "place", marked.place(), OldPackSketch::cellCount)
                .or(() -> drawn(
                        job, "group", marked.group(), grid -> grid.series().intValue()));
    }

    static Optional<Refusal> turned(JobFile job, MatchEntry.OldGroupTurned turned) {
        return drawn(job, "group", turned.group(), grid -> grid.series().intValue());
    }

    static Optional<Refusal> followed(JobFile job, MatchEntry.SenseLeadFollowed followed) {
        return drawn(job, "pin", followed.pin(), grid -> grid.series().intValue() + 1)
                .or(() ->
                        drawn(job, "tap", followed.tap(), grid -> grid.series().intValue()));
    }

    static Optional<Refusal> oldMetered(JobFile job, GroupVoltages.Request read) {
        return OldPackSketch.of(job)
                .begun()
                .map(grid -> Assessing.unlessHalted(job)
                        .or(() -> counted(read, grid.series().intValue())))
                .orElseGet(DrawingAdmission::undrawn);
    }

    static Optional<Refusal> undrawn() {
        return Admission.no("", "Say first how many groups and cells the old pack has.");
    }

    /** A missing reading is never good. */
    static Optional<Refusal> counted(GroupVoltages.Request read, int series) {
        return read.groupV().size() == series
                ? Optional.empty()
                : Admission.no(
                        "voltages.groupV",
                        "%s readings of %s groups: measure every one."
                                .formatted(read.groupV().size(), series));
    }

    static Optional<Refusal> mending(JobFile job, Mending.Request asked) {
        return Admission.answerable("mending.", () -> Mending.of(asked, job.limits()));
    }

    /** Which cells there are is settled once some of them are joined. */
    static Optional<Refusal> unjoined(JobFile job) {
        return Building.of(job).isJoined()
                ? Admission.no("", "Cells of this pack are joined already: which go together is settled.")
                : Assessing.unlessHalted(job);
    }
}
