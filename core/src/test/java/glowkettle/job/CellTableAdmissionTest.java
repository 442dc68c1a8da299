package glowkettle.job;

import static glowkettle.job.CellPack.*;
import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.job.match.CellTable;
import glowkettle.job.match.MatchAct;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import glowkettle.match.Layout;
import glowkettle.match.Mending;
import glowkettle.match.Screening;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The table of cells, and which of them go together. */
class CellTableAdmissionTest {
    @Test
    void anIdStandsOnceAndTooManyCellsAreRefused() {
        Bench bench = new Bench().assessed().write(cells("3.6", "3.6"));
        refused(bench, cells("3.6"), "'K0' stands twice");
        refused(bench, new MatchEntry.CellListed(cell("K1", "2600", "3.6", false)), "'K1' stands twice");
        refused(
                bench,
                new MatchEntry.CellsRead(
                        "all",
                        IntStream.range(0, 2_000)
                                .mapToObj(i -> cell("X" + i, "2600", null, false))
                                .toList()),
                "2002 cells");
        refused(bench, new MatchEntry.CellMetered("none", n("3.6")), "No cell 'none'");
    }

    @Test
    void aCellWithATornWrapComesBackWhenItIsWrapped() {
        Bench bench = new Bench().assessed().write(new MatchEntry.CellListed(cell("K1", "2600", "3.6", true)));
        assertThat(CellTable.of(bench.file()).accepted()).isEmpty();
        bench.write(new MatchEntry.CellRewrapped("K1"));
        assertThat(CellTable.of(bench.file()).accepted()).hasSize(1);
        refused(bench, new MatchEntry.CellRewrapped("K1"), "not torn");
    }

    @Test
    void ofMixedMakersOneSetIsKept() {
        Screening.Cell other = new Screening.Cell(
                "T1",
                null,
                n("2600"),
                n("30"),
                n("3.6"),
                null,
                cell("x", "1", null, false).seen(),
                new Screening.Made("Tideline", null));
        Bench bench = new Bench()
                .assessed()
                .write(wanted("1", "1", null))
                .write(cells("3.6"))
                .write(new MatchEntry.CellListed(other));
        assertThat(MatchAct.of(bench.file())).isEqualTo(MatchAct.KEEP);
        refused(bench, new MatchEntry.SetKept(new Screening.Made("Skerry", null)), "No cell of the table");
        bench.write(new MatchEntry.SetKept(new Screening.Made("Tideline", null)));
        assertThat(CellTable.of(bench.file()).accepted())
                .extracting(Screening.Cell::id)
                .containsExactly("T1");
    }

    @Test
    void onlyAcceptedCellsThatAreThereAreMatchedAndAChangeAsksAnew() {
        Bench bench = new Bench().assessed().write(wanted("1", "2", null)).write(cells("3.6", "3.6", "3.6"));
        refused(
                bench,
                new MatchEntry.Matched(List.of(new Layout.Named(List.of("K0", "K9"))), true, false),
                "not of the cells");
        refused(
                bench,
                new MatchEntry.Matched(List.of(new Layout.Named(List.of("K0", "K0"))), true, false),
                "not of the cells");
        bench.write(found(bench));
        assertThat(Matching.of(bench.file()).matched()).isPresent();
        bench.write(new MatchEntry.CellListed(cell("K7", "2900", "3.6", false)));
        assertThat(Matching.of(bench.file()).matched()).isEmpty();
        assertThat(MatchAct.of(bench.file())).isEqualTo(MatchAct.SEARCH);
    }

    @Test
    void whatIsMatchedIsWantedAndWhole() {
        MatchEntry.Matched two = new MatchEntry.Matched(List.of(new Layout.Named(List.of("K0", "K1"))), true, false);
        refused(new Bench().assessed(), two, "Cells and the pack that is wanted come first");
        Bench bench = new Bench().assessed().write(wanted("1", "2", null)).write(cells("3.6", "3.6", "3.6"));
        taken(bench, two);
        refused(
                bench,
                new MatchEntry.Matched(List.of(new Layout.Named(List.of("K0", "K1", "K2"))), true, false),
                "not of the cells");
        refused(
                bench,
                new MatchEntry.Matched(
                        List.of(new Layout.Named(List.of("K0", "K1")), new Layout.Named(List.of("K2", "K3"))),
                        true,
                        false),
                "not of the cells");
    }

    @Test
    void asManyCellsAreListedAsAJobTakes() {
        int most = CellTable.MOST_CELLS;
        List<Screening.Cell> all = IntStream.range(0, most)
                .mapToObj(i -> cell("X" + i, "2600", null, false))
                .toList();
        taken(new Bench().assessed(), new MatchEntry.CellsRead("all", all));
        refused(
                new Bench().assessed().write(cells("3.6")),
                new MatchEntry.CellsRead("all", all),
                (most + 1) + " cells");
        refused(
                new Bench().assessed(),
                new MatchEntry.CellsRead("twice", List.of(all.getFirst(), all.get(1), all.get(1))),
                "'X1' stands twice");
        refused(new Bench().assessed(), new MatchEntry.CellRewrapped("X1"), "No cell 'X1'");
        Bench listed = new Bench().assessed().write(cells("3.6"));
        assertThat(listed.fieldOf(new MatchEntry.CellListed(cell("K0", "2600", "3.6", false))))
                .contains("cell.id");
        assertThat(listed.fieldOf(
                        new MatchEntry.CellsRead("two", List.of(all.getFirst(), cell("K0", "1", null, false)))))
                .contains("cells");
        refused(
                new Bench().assessed(),
                new MatchEntry.MendingRead(new Mending.Request(List.of(), n("2"), n("2600"), n("30"))),
                "0 groups; accepted is 1 to");
    }

    @Test
    void whatIsMissingIsSaidByItsNumber() {
        Bench bench = new Bench()
                .assessed()
                .torn()
                .measured()
                .write(wanted("2", "2", null))
                .write(cells("3.6", "3.6", "3.6"));
        refused(bench, new MatchEntry.Matched(List.of(), true, false), "1 cell is missing");
        assertThat(bench.file().next().what()).isEqualTo("1 cell is missing");
    }
}
