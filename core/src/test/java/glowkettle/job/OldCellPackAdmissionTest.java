package glowkettle.job;

import static glowkettle.job.CellPack.*;
import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.Tier;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.match.MatchAct;
import glowkettle.job.match.MatchChapter;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.OldPackSketch;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Layout;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The old pack as it is drawn tap by tap and metered. */
class OldCellPackAdmissionTest {
    private static Bench drawn() {
        return new Bench()
                .assessed()
                .write(new MatchEntry.OldPackBegun(
                        n("2"), n("2"), n("2"), Layout.Arrangement.NESTED, MatchEntry.Start.EMPTY));
    }

    @Test
    void anOldPackIsDrawnTapByTapUntilNothingIsMissing() {
        Bench bench = new Bench().assessed();
        refused(bench, new MatchEntry.OldCellMarked(n("1"), n("1")), "how many groups and cells");
        bench.write(
                new MatchEntry.OldPackBegun(n("2"), n("2"), n("2"), Layout.Arrangement.NESTED, MatchEntry.Start.EMPTY));
        refused(bench, new MatchEntry.OldCellMarked(n("5"), n("1")), "up to 4");
        refused(bench, new MatchEntry.OldCellMarked(n("1"), n("3")), "up to 2");
        refused(bench, new MatchEntry.SenseLeadFollowed(n("4"), n("0")), "up to 3");
        assertThat(OldPackSketch.of(bench.file()).nextGroup()).isEqualTo(1);
        for (String place : List.of("1", "2", "3", "4")) {
            int group = OldPackSketch.of(bench.file()).nextGroup();
            bench.write(new MatchEntry.OldCellMarked(n(place), BigDecimal.valueOf(group)));
        }
        assertThat(OldPackSketch.of(bench.file()).isWhole()).isFalse();
        bench.write(new MatchEntry.SenseLeadFollowed(n("1"), n("0")))
                .write(new MatchEntry.SenseLeadFollowed(n("2"), n("2")))
                .write(new MatchEntry.SenseLeadFollowed(n("3"), n("1")));
        assertThat(OldPackSketch.of(bench.file()).drawing().orElseThrow().findings())
                .extracting(finding -> finding.rule())
                .containsExactly("sense-order");
        bench.write(new MatchEntry.SenseLeadFollowed(n("2"), n("1")))
                .write(new MatchEntry.SenseLeadFollowed(n("3"), n("2")));
        assertThat(OldPackSketch.of(bench.file()).isWhole()).isTrue();
        assertThat(MatchAct.of(bench.file())).isEqualTo(MatchAct.METER_OLD);
    }

    /** A reading that is missing is never good, and cells three tenths of a volt apart isolate the pack they are of. */
    @Test
    void oldGroupsAreReadWholeAndTellTheTier() {
        Bench bench = new Bench()
                .assessed()
                .write(new MatchEntry.OldPackBegun(
                        n("2"), n("1"), n("1"), Layout.Arrangement.SQUARE, MatchEntry.Start.COLUMNS));
        refused(
                bench,
                new MatchEntry.OldGroupsMetered(new GroupVoltages.Request(List.of(n("3.6")), n("7.2"))),
                "1 readings of 2 groups");
        bench.write(new MatchEntry.OldGroupsMetered(new GroupVoltages.Request(List.of(n("3.6"), n("3.2")), n("6.8"))));
        assertThat(bench.file().worstTier()).isEqualTo(Tier.ISOLATE);
        refused(bench, cells("3.6"), "the plan waits");
    }

    @ParameterizedTest
    @CsvSource({"4, ", "5, 5 rows for 4 cells"})
    void anOldPackHasNoMoreRowsThanCells(String rows, String why) {
        MatchEntry.OldPackBegun begun =
                new MatchEntry.OldPackBegun(n("2"), n("2"), n(rows), Layout.Arrangement.SQUARE, MatchEntry.Start.EMPTY);
        Refusals.held(new Bench().assessed(), begun, why);
        refused(isolated(new Bench().assessed()), begun, why == null ? "Isolate" : why);
    }

    @Test
    void groupsAndTapsAreThoseOfThePack() {
        taken(drawn(), new MatchEntry.OldGroupTurned(n("2")));
        refused(drawn(), new MatchEntry.OldGroupTurned(n("3")), "up to 2");
        refused(new Bench().assessed(), new MatchEntry.OldGroupTurned(n("1")), "how many groups and cells");
        taken(drawn(), new MatchEntry.SenseLeadFollowed(n("3"), n("2")));
        refused(drawn(), new MatchEntry.SenseLeadFollowed(n("3"), n("3")), "up to 2");
        refused(isolated(drawn()), new MatchEntry.OldCellMarked(n("1"), n("1")), "Isolate");
    }

    /** Nobody fits a pack before it is built, unless one was bought. */
    @Test
    void aPackOfCellsThatIsOutLeadsToItsCellsUntilAnotherIsOffered() {
        Bench out = new Bench(Glued.ofCells()).assessed().torn().measured();
        assertThat(out.file().next().stage()).isEqualTo(MatchChapter.STAGE);

        out.write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));
        assertThat(out.file().next().stage()).isNotEqualTo(MatchChapter.STAGE);
    }
}
