package glowkettle.job.match;

import glowkettle.finding.Figures;
import glowkettle.job.JobFile;
import glowkettle.job.Phrases;
import glowkettle.match.BuildStep;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Screening;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a journal says of the entries of Match. */
final class MatchWords {
    private MatchWords() {}

    static String of(MatchEntry entry, JobFile job) {
        return switch (entry) {
            case MatchEntry.OldPackBegun begun ->
                "Old pack: %s groups of %s, %s rows, %s"
                        .formatted(
                                begun.series(),
                                begun.parallel(),
                                begun.rows(),
                                begun.arrangement().words());
            case MatchEntry.OldCellMarked marked -> "Place %s is of group %s".formatted(marked.place(), marked.group());
            case MatchEntry.OldGroupTurned turned -> "Group %s lies the other way round".formatted(turned.group());
            case MatchEntry.SenseLeadFollowed followed ->
                "Pin %s of the sense plug is on tap %s".formatted(followed.pin(), followed.tap());
            case MatchEntry.OldGroupsMetered metered -> "Old groups: " + voltages(metered.voltages());
            case MatchEntry.MendingRead mending ->
                "Groups of a used pack: "
                        + mending.mending().groups().stream()
                                .map(group -> Figures.of(group.capacityMah()))
                                .collect(Collectors.joining(", "))
                        + " mAh";
            case MatchEntry.CellsRead read ->
                "Cells: %s from %s".formatted(read.cells().size(), read.name());
            case MatchEntry.CellListed listed -> "Cell " + cell(listed.cell());
            case MatchEntry.CellRewrapped again ->
                "Cell %s has a new wrap and was looked at again".formatted(again.id());
            case MatchEntry.CellExchanged exchanged ->
                "Cell %s in the place of %s".formatted(exchanged.in(), exchanged.out());
            case MatchEntry.StripsOff off -> "Strips off group %s".formatted(Figures.of(off.group()));
            case MatchEntry.CellMetered metered ->
                "Cell %s rested: %s".formatted(metered.id(), Figures.withUnit(metered.restedV(), "V"));
            case MatchEntry.SetKept kept -> "Kept: " + set(kept.made());
            case MatchEntry.PackWanted wanted ->
                "Pack to build: %ss%sp of %s"
                        .formatted(
                                wanted.series(),
                                wanted.parallel(),
                                Figures.withUnit(wanted.rated().ratingMah(), "mAh"));
            case MatchEntry.Matched found ->
                "Matched: "
                        + found.groups().stream()
                                .limit(4)
                                .map(group -> String.join(" ", group.ids()))
                                .collect(Collectors.joining(" | "))
                        + (found.groups().size() > 4 ? " …" : "")
                        + (found.proven() ? ", proven" : found.stopped() ? ", stopped early" : "");
            case MatchEntry.BuildStepDone done -> "Done: " + step(done, job);
            case MatchEntry.BuiltGroupsMetered metered -> "New groups: " + voltages(metered.voltages());
            case MatchEntry.PackChargeBegun begun ->
                "First charge of the new pack begun, attended"
                        + (begun.chargerV() == null
                                ? ""
                                : ": %s, %s"
                                        .formatted(
                                                Phrases.figure(begun.chargerV(), "V"),
                                                Phrases.figure(begun.chargerA(), "A")));
            case MatchEntry.BuiltPackFelt felt ->
                "New pack: %s"
                        .formatted(Optional.ofNullable(felt.warmth().surfaceC())
                                .map(warm -> Figures.withUnit(warm, "°C"))
                                .orElse("temperature missing"));
            case MatchEntry.PackChargeEnded ignored -> "First charge of the new pack ended";
        };
    }

    private static String voltages(GroupVoltages.Request read) {
        return read.groupV().stream().map(Figures::of).collect(Collectors.joining(", "))
                + " V; pack "
                + Figures.withUnit(read.packV(), "V");
    }

    private static String cell(Screening.Cell cell) {
        return Stream.of(
                        cell.id(),
                        cell.capacityMah() == null ? null : Figures.withUnit(cell.capacityMah(), "mAh"),
                        cell.resistanceMohm() == null ? null : Figures.withUnit(cell.resistanceMohm(), "mΩ"))
                .filter(Objects::nonNull)
                .collect(Collectors.joining(", "));
    }

    static String set(Screening.Made made) {
        return Stream.of(made.maker(), made.chemistry())
                .filter(Objects::nonNull)
                .collect(Collectors.joining(", "));
    }

    private static String step(MatchEntry.BuildStepDone done, JobFile job) {
        List<BuildStep> steps = Building.of(job).steps();
        String words = steps.stream()
                .filter(step -> step.id().equals(done.step()))
                .findFirst()
                .map(BuildStep::words)
                .orElse(done.step());
        return done.joinedBy() == null
                ? words
                : words + ", by " + done.joinedBy().words();
    }
}
