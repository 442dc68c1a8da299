package glowkettle.job.match;

import glowkettle.assess.Tier;
import glowkettle.cell.Chemistry;
import glowkettle.finding.Figures;
import glowkettle.finding.Weight;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.FirstCharge;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.job.assess.EmptyReading;
import glowkettle.match.BuildStep;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Grouping;
import glowkettle.match.Layout;
import glowkettle.match.Mending;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Whether something of a pack of cells may be drawn, listed, joined or charged now. */
final class MatchAdmission {
    private MatchAdmission() {}

    static Optional<Refusal> oldPackBegun(JobFile job, MatchEntry.OldPackBegun begun) {
        int cells = OldPackSketch.cellCount(begun);
        return begun.rows().intValue() > cells
                ? Admission.no(
                        "rows", "%s rows for %s cells; accepted is up to %s".formatted(begun.rows(), cells, cells))
                : Assessing.unlessHalted(job);
    }

    private static Optional<Refusal> drawn(JobFile job, String field, BigDecimal value, Bounds bounds) {
        return OldPackSketch.of(job)
                .begun()
                .map(grid -> {
                    int most = bounds.most(grid);
                    return value.intValue() > most
                            ? Admission.no(field, "%s; this pack has up to %s".formatted(value, most))
                            : Assessing.unlessHalted(job);
                })
                .orElseGet(MatchAdmission::undrawn);
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
                .orElseGet(MatchAdmission::undrawn);
    }

    private static Optional<Refusal> undrawn() {
        return Admission.no("", "Say first how many groups and cells the old pack has.");
    }

    /** A missing reading is never good. */
    private static Optional<Refusal> counted(GroupVoltages.Request read, int series) {
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
    private static Optional<Refusal> unjoined(JobFile job) {
        return Building.of(job).isJoined()
                ? Admission.no("", "Cells of this pack are joined already: which go together is settled.")
                : Assessing.unlessHalted(job);
    }

    static Optional<Refusal> read(JobFile job, List<Screening.Cell> cells) {
        // What is joined stays as it is; another cell may still be wanted for a group that is not.
        return Assessing.unlessHalted(job).or(() -> room(job, cells.size())).or(() -> once(job, cells));
    }

    private static Optional<Refusal> room(JobFile job, int more) {
        int then = CellTable.of(job).cells().size() + more;
        return then > CellTable.MOST_CELLS
                ? Admission.no("cells", "%s cells; accepted is up to %s in a job".formatted(then, CellTable.MOST_CELLS))
                : Optional.empty();
    }

    /** The whole table is refused where an id stands twice: nobody can tell which cell is meant. */
    private static Optional<Refusal> once(JobFile job, List<Screening.Cell> cells) {
        Set<String> known = new HashSet<>();
        CellTable.of(job).cells().forEach(cell -> known.add(cell.id()));
        return cells.stream()
                .filter(cell -> !known.add(cell.id()))
                .findFirst()
                .flatMap(twice -> Admission.no(
                        cells.size() == 1 ? "cell.id" : "cells",
                        "The id '%s' stands twice: give each cell its own".formatted(twice.id())));
    }

    private static Optional<Refusal> known(JobFile job, String id) {
        return CellTable.of(job).cell(id).isEmpty()
                ? Admission.no("id", "No cell '%s' is in the table.".formatted(id))
                : Optional.empty();
    }

    static Optional<Refusal> rewrapped(JobFile job, String id) {
        return unjoined(job)
                .or(() -> known(job, id))
                .or(() -> CellTable.of(job)
                                .cell(id)
                                .filter(cell -> Boolean.TRUE.equals(cell.seen().tornWrap()))
                                .isPresent()
                        ? Optional.empty()
                        : Admission.no("id", "The wrap of '%s' is not torn.".formatted(id)));
    }

    /** Out of a group that is not joined, and another one in that may go into the pack. */
    static Optional<Refusal> exchanged(JobFile job, MatchEntry.CellExchanged exchanged) {
        Optional<Integer> group = Matching.of(job).groupOf(exchanged.out());
        if (group.isEmpty()) {
            return Admission.no("out", "Cell '%s' is in no group.".formatted(exchanged.out()));
        }
        if (Building.of(job).isJoined(group.get())) {
            return Admission.no("out", "Group %s is joined already: its strips come off first.".formatted(group.get()));
        }
        return Matching.of(job).spares().contains(exchanged.in())
                ? Assessing.unlessHalted(job)
                : Admission.no(
                        "in",
                        "'%s' is no accepted cell that is free; there are: %s."
                                .formatted(
                                        exchanged.in(),
                                        Matching.of(job).spares().isEmpty()
                                                ? "none, measure and list another"
                                                : String.join(
                                                        ", ", Matching.of(job).spares())));
    }

    /** Of a group that is joined, cold and with no charger on it. */
    static Optional<Refusal> stripsOff(JobFile job, BigDecimal group) {
        if (!Building.of(job).isJoined(group.intValue())) {
            return Admission.no("group", "No strip lies on group %s.".formatted(Figures.of(group)));
        }
        return Building.of(job).isCharging()
                ? Admission.no("group", "It charges: charger off first.")
                : Assessing.unlessHalted(job);
    }

    static Optional<Refusal> metered(JobFile job, String id) {
        return Assessing.unlessHalted(job).or(() -> known(job, id));
    }

    static Optional<Refusal> kept(JobFile job, Screening.Made made) {
        return unjoined(job)
                .or(() -> CellTable.of(job).cells().stream()
                                .anyMatch(cell -> cell.made().equals(made))
                        ? Optional.empty()
                        : Admission.no("made.maker", "No cell of the table is of this set."));
    }

    static Optional<Refusal> wanted(JobFile job, MatchEntry.PackWanted wanted) {
        return unjoined(job)
                .or(() -> Admission.answerable("", () -> {
                    Layout.of(Matching.asked(wanted, null), job.limits());
                    Chemistry.known(wanted.rated().chargeLimitV(), "chargeLimitV", job.limits());
                }));
    }

    private static Optional<Refusal> enough(JobFile job) {
        int missing = Matching.of(job).missing();
        return missing > 0 ? Admission.no("groups", MatchAct.missing(missing) + ".") : Optional.empty();
    }

    /** Every id once, each accepted, as many as are wanted: what the search says is looked at like anybody's word. */
    static Optional<Refusal> matched(JobFile job, MatchEntry.Matched found) {
        return unjoined(job)
                .or(() -> enough(job))
                .or(() -> Matching.of(job)
                        .asked()
                        .map(asked -> {
                            List<String> ids = found.groups().stream()
                                    .flatMap(group -> group.ids().stream())
                                    .toList();
                            boolean fits = found.groups().size()
                                            == asked.series().intValue()
                                    && found.groups().stream()
                                            .allMatch(group -> group.ids().size()
                                                    == asked.parallel().intValue())
                                    && ids.stream().distinct().count() == ids.size()
                                    && asked.cells().stream()
                                            .map(Grouping.Cell::id)
                                            .collect(Collectors.toSet())
                                            .containsAll(ids);
                            return fits
                                    ? Optional.<Refusal>empty()
                                    : Admission.no(
                                            "groups", "These groups are not of the cells that are accepted now.");
                        })
                        .orElseGet(() -> Admission.no("groups", "Cells and the pack that is wanted come first.")));
    }

    static Optional<Refusal> step(JobFile job, MatchEntry.BuildStepDone done) {
        Optional<BuildStep> next = Building.of(job).next();
        if (next.isEmpty() || !next.get().id().equals(done.step())) {
            return Admission.no(
                    "step",
                    "The next step is “%s”."
                            .formatted(next.map(BuildStep::words)
                                    .orElse("none: cells are matched first, or it is built")));
        }
        return Assessing.unlessHalted(job)
                .or(() -> figures(job))
                .or(() -> joinedBy(next.get(), done))
                .or(() -> paralleled(job, next.get()));
    }

    private static Optional<Refusal> figures(JobFile job) {
        return Matching.of(job)
                .figures()
                .flatMap(figures -> figures.findings().stream()
                        .filter(finding -> finding.weight().compareTo(Weight.STOP) >= 0)
                        .findFirst())
                .flatMap(over -> Admission.no("step", over.sentence()));
    }

    private static Optional<Refusal> joinedBy(BuildStep step, MatchEntry.BuildStepDone done) {
        if (step.welds() == 0) {
            return done.joinedBy() == null && isNone(done.welds())
                    ? Optional.empty()
                    : Admission.no("joinedBy", "Nothing is joined at this step.");
        }
        if (done.joinedBy() == null) {
            return Admission.no("joinedBy", "Say whether it was welded or soldered to tags.");
        }
        BigDecimal welds = BigDecimal.valueOf(
                switch (done.joinedBy()) {
                    case WELDS -> step.welds();
                    case TAGS -> 0;
                });
        return done.welds() != null && done.welds().compareTo(welds) == 0
                ? Optional.empty()
                : Admission.no("welds", "This step makes %s welds.".formatted(welds));
    }

    private static boolean isNone(@Nullable BigDecimal welds) {
        return welds == null || welds.signum() == 0;
    }

    /** Before the first strip of a group its cells are near enough to each other; nobody knows that of what nobody measured. */
    private static Optional<Refusal> paralleled(JobFile job, BuildStep step) {
        return Matching.of(job).apart(step).stream().findFirst().flatMap(group -> Admission.no("step", apart(group)));
    }

    private static String apart(Matching.Joined group) {
        if (!group.rejected().isEmpty()) {
            return "Group %s: %s goes into no pack any more; put another cell in its place."
                    .formatted(group.group(), String.join(", ", group.rejected()));
        }
        return group.unread().isEmpty()
                ? group.paralleling().orElseThrow().findings().getFirst().sentence()
                : "Group %s: measure the rested voltage of %s first."
                        .formatted(group.group(), String.join(", ", group.unread()));
    }

    static Optional<Refusal> builtMetered(JobFile job, MatchEntry.BuiltGroupsMetered metered) {
        return EmptyReading.refuse(metered.look())
                .or(() -> metered.thickness().middleThicknessMm() == null
                        ? Admission.no("thickness.middleThicknessMm", "Missing: measure the new pack's thickness.")
                        : builtMetered(job, metered.voltages()));
    }

    private static Optional<Refusal> builtMetered(JobFile job, GroupVoltages.Request read) {
        return Building.of(job).isBuilt()
                ? Assessing.unlessHalted(job)
                        .or(() -> counted(
                                read,
                                Matching.of(job)
                                        .wanted()
                                        .map(wanted -> wanted.series().intValue())
                                        .orElse(0)))
                : Admission.no("", "The pack is not built yet.");
    }

    static Optional<Refusal> chargeBegun(JobFile job, MatchEntry.PackChargeBegun begun) {
        Building building = Building.of(job);
        if (!building.isAlike()) {
            return Admission.no("", "Its groups are metered and alike first.");
        }
        return building.isCharging()
                ? Admission.no("", "It is charging already.")
                : Assessing.unlessHalted(job)
                        .or(() -> sound(job))
                        .or(() -> cooled(job))
                        .or(() -> charger(job, begun));
    }

    /** Nobody charges a pack that nobody looked at, or that is not as a new one is. */
    private static Optional<Refusal> sound(JobFile job) {
        return job.newPackTier()
                .map(verdict -> verdict.result().tier() == Tier.CLEAR
                        ? Optional.<Refusal>empty()
                        : Admission.no(
                                "",
                                "The new pack is %s: %s"
                                        .formatted(
                                                verdict.result().tier().word(),
                                                verdict.findings().getFirst().sentence())))
                .orElseGet(() -> Admission.no("", "Look at the new pack first: look and smell, thickness, groups."));
    }

    /** What got hot is felt again before it is charged again. */
    private static Optional<Refusal> cooled(JobFile job) {
        return Building.of(job)
                .firstCharge()
                .filter(charge -> charge.hot(job.limits()).isPresent()
                        && !Building.of(job).isFeltCoolSince(charge))
                .flatMap(charge -> Admission.no("", charge.flaw(job.limits()).orElseThrow() + " Feel it first."));
    }

    private static Optional<Refusal> charger(JobFile job, MatchEntry.PackChargeBegun begun) {
        FirstCharge.Charger most = Building.of(job).charger().orElseThrow();
        if (begun.chargerV() == null || begun.chargerA() == null) {
            return Admission.no(
                    begun.chargerV() == null ? "chargerV" : "chargerA",
                    "Missing: what the charger is set to; accepted is up to %s and %s."
                            .formatted(Figures.withUnit(most.volts(), "V"), Figures.withUnit(most.mostA(), "A")));
        }
        if (begun.chargerV().compareTo(most.volts()) > 0) {
            return Admission.no(
                    "chargerV",
                    "%s would overcharge it; at most %s."
                            .formatted(Figures.withUnit(begun.chargerV(), "V"), Figures.withUnit(most.volts(), "V")));
        }
        return begun.chargerA().compareTo(most.mostA()) > 0
                ? Admission.no(
                        "chargerA",
                        "%s is too much for a first charge; at most %s."
                                .formatted(
                                        Figures.withUnit(begun.chargerA(), "A"), Figures.withUnit(most.mostA(), "A")))
                : Optional.empty();
    }

    /** What ends a charge is always taken; that nobody felt it meanwhile is not. */
    static Optional<Refusal> chargeEnded(JobFile job) {
        return Building.of(job).isCharging() ? Optional.empty() : Admission.no("", "No first charge is running.");
    }

    static Optional<Refusal> felt(JobFile job, MatchEntry.BuiltPackFelt felt) {
        if (!Building.of(job).isBuilt()) {
            return Admission.no("", "The pack is not built yet.");
        }
        return felt.warmth().surfaceC() == null
                ? Admission.no("warmth.surfaceC", "Missing: how warm the pack is.")
                : Optional.empty();
    }
}
