package glowkettle.job.match;

import glowkettle.cell.Chemistry;
import glowkettle.finding.Figures;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.match.Grouping;
import glowkettle.match.Layout;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Whether something of a pack of cells may be drawn, listed, joined or charged now. */
final class MatchAdmission {
    private MatchAdmission() {}

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
        return DrawingAdmission.unjoined(job)
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
        return DrawingAdmission.unjoined(job)
                .or(() -> CellTable.of(job).cells().stream()
                                .anyMatch(cell -> cell.made().equals(made))
                        ? Optional.empty()
                        : Admission.no("made.maker", "No cell of the table is of this set."));
    }

    static Optional<Refusal> wanted(JobFile job, MatchEntry.PackWanted wanted) {
        return DrawingAdmission.unjoined(job)
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
        return DrawingAdmission.unjoined(job)
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
}
