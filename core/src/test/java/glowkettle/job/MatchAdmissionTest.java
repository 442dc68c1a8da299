package glowkettle.job;

import static glowkettle.job.CellPack.*;
import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.Tier;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.join.JoinEntry;
import glowkettle.job.join.Welding;
import glowkettle.job.match.Building;
import glowkettle.job.match.CellTable;
import glowkettle.job.match.MatchAct;
import glowkettle.job.match.MatchChapter;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import glowkettle.job.match.OldPackSketch;
import glowkettle.join.WeldLadder;
import glowkettle.match.BuildStep;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Layout;
import glowkettle.match.Mending;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A pack of cells: nothing is joined that may not be, and nothing goes in that was not measured. */
class MatchAdmissionTest {
    private static final Look LEAKS = new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE);

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
    void stepsAreDoneInTheirOrder() {
        Bench bench = alike();
        List<BuildStep> steps = Building.of(bench.file()).steps();
        refused(bench, done(steps.get(3), null), "The next step is");
        refused(bench, new MatchEntry.BuildStepDone("rings", MatchEntry.JoinedBy.TAGS, n("0")), "Nothing is joined");
        until(bench, BuildStep.Kind.STRIPS);
        refused(bench, new MatchEntry.BuildStepDone(next(bench).id(), null, null), "welded or soldered");
        refused(
                bench,
                new MatchEntry.BuildStepDone(next(bench).id(), MatchEntry.JoinedBy.TAGS, n("4")),
                "makes 0 welds");
        taken(bench, done(next(bench), MatchEntry.JoinedBy.TAGS));
    }

    /** Half a volt through sixty milliohms is eight amperes; 1.3 A is half of 2 600 mAh an hour. */
    @ParameterizedTest
    @CsvSource({
        "3.600, 3.600, true",
        "3.600, 3.677, true",
        "3.600, 3.679, false",
        "3.600, 4.100, false",
        "3.600, '', false"
    })
    void cellsTooFarApartAreNotPutInParallel(String one, String other, boolean allowed) {
        Bench bench = until(matched(one, other, one, one), BuildStep.Kind.STRIPS);
        Optional<String> refusal = bench.refusal(done(next(bench), MatchEntry.JoinedBy.TAGS));
        boolean first = Matching.of(bench.file()).joined().getFirst().isAllowed();
        boolean second = Matching.of(bench.file()).joined().getLast().isAllowed();

        assertThat(first && second).isEqualTo(allowed);
        assertThat(refusal.isEmpty()).isEqualTo(allowed);
        bench.write(new MatchEntry.CellMetered("K1", n(one)));
        taken(bench, done(next(bench), MatchEntry.JoinedBy.TAGS));
    }

    @Test
    void weldsWantALevelThatHoldsAndAreCountedForIt() {
        Bench bench = until(alike(), BuildStep.Kind.STRIPS);
        refused(bench, done(next(bench), MatchEntry.JoinedBy.WELDS), "No level is proven");
        bench.write(new JoinEntry.WelderSet(n("0.1"), n("1"), n("9")));
        List.of("9", "21")
                .forEach(pull -> bench.write(new JoinEntry.WeldTried(new WeldLadder.Trial(
                        pull.equals("9") ? n("1") : n("2"), Collections.nCopies(5, n(pull)), false))));
        BigDecimal before = Welding.of(bench.file()).asked().orElseThrow().weldsSince();
        BuildStep step = next(bench);
        bench.write(done(step, MatchEntry.JoinedBy.WELDS));
        assertThat(Welding.of(bench.file()).asked().orElseThrow().weldsSince())
                .isEqualByComparingTo(before.add(BigDecimal.valueOf(step.welds())));
    }

    @Test
    void whatIsJoinedIsSettled() {
        Bench bench = until(alike(), BuildStep.Kind.STRIPS);
        taken(bench, wanted("2", "1", null));
        bench.write(done(next(bench), MatchEntry.JoinedBy.TAGS));
        refused(bench, wanted("2", "1", null), "joined already");
        refused(bench, cells("3.6"), "stands twice");
        refused(bench, found(bench), "joined already");
        taken(bench, new MatchEntry.CellMetered("K1", n("3.61")));
    }

    /** A voltage that comes to light late takes its cell out of every strip, and another one goes in for it. */
    @Test
    void aCellThatFellBelowItsFloorIsExchangedBeforeItsGroupIsJoined() {
        Bench bench = until(
                matched("3.60", "3.60", "3.60", "3.60").write(new MatchEntry.CellMetered("K1", n("1.90"))),
                BuildStep.Kind.STRIPS);

        refused(bench, done(next(bench), MatchEntry.JoinedBy.TAGS), "K1 goes into no pack any more");
        assertThat(Matching.of(bench.file()).joined().getFirst().paralleling()).isEmpty();
        refused(bench, new MatchEntry.CellExchanged("K1", "K2"), "no accepted cell that is free");
        refused(bench, new MatchEntry.CellExchanged("X", "K2"), "in no group");

        bench.write(new MatchEntry.CellMetered("K1", n("3.60")));
        bench.write(done(next(bench), MatchEntry.JoinedBy.TAGS));
        bench.write(new MatchEntry.CellListed(cell("S1", "2600", "3.60", false)));
        assertThat(Matching.of(bench.file()).spares()).containsExactly("S1");
        refused(bench, new MatchEntry.CellExchanged("K1", "S1"), "is joined already");
    }

    /** What comes to light late is no dead end: the strips come off, another cell goes in, and the group is joined anew. */
    @Test
    void aCellThatFailsOnItsStripsIsExchangedOnceTheyAreOff() {
        Bench bench = until(alike(), BuildStep.Kind.STRIPS);
        BuildStep first = next(bench);
        refused(bench, new MatchEntry.StripsOff(n("1")), "No strip lies on group 1");
        bench.write(done(first, MatchEntry.JoinedBy.TAGS))
                .write(new MatchEntry.CellListed(cell("S1", "2600", "3.6", false)));
        String out = Matching.of(bench.file())
                .matched()
                .orElseThrow()
                .groups()
                .getFirst()
                .ids()
                .getFirst();
        bench.write(new MatchEntry.CellMetered(out, n("1.90")));
        BuildStep after = until(bench, BuildStep.Kind.STRIPS) == bench ? next(bench) : first;
        refused(bench, done(after, MatchEntry.JoinedBy.TAGS), out + " goes into no pack any more");
        assertThat(Matching.of(bench.file()).joined().getFirst().onStrips()).isTrue();

        bench.write(new MatchEntry.StripsOff(n("1"))).write(new MatchEntry.CellExchanged(out, "S1"));
        assertThat(next(bench).id()).isEqualTo(first.id());
        taken(bench, done(first, MatchEntry.JoinedBy.TAGS));
        refused(isolated(bench), new MatchEntry.StripsOff(n("2")), "");
    }

    @Test
    void aCellThatWouldCarryTooMuchStopsTheBuilding() {
        Bench bench = new Bench().assessed().write(wanted("2", "2", "20")).write(cells("3.6", "3.6", "3.6", "3.6"));
        bench.write(found(bench));
        refused(bench, done(next(bench), null), "would carry 10.000 A");
    }

    private static Bench drawn() {
        return new Bench()
                .assessed()
                .write(new MatchEntry.OldPackBegun(
                        n("2"), n("2"), n("2"), Layout.Arrangement.NESTED, MatchEntry.Start.EMPTY));
    }

    private static Bench isolated(Bench bench) {
        return bench.write(new AssessEntry.Looked(LEAKS));
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

    @Test
    void nothingIsListedMatchedOrBuiltWhileIsolated() {
        Bench sound = new Bench().assessed().write(wanted("1", "2", null)).write(cells("3.6", "3.6", "3.6"));
        MatchEntry.Matched groups = found(sound);
        Bench bench = isolated(sound);
        for (Entry entry : List.of(
                cells("3.7"),
                wanted("1", "2", null),
                groups,
                new MatchEntry.CellMetered("K1", n("3.6")),
                new MatchEntry.CellRewrapped("K1"),
                new MatchEntry.SetKept(new Screening.Made(null, null)))) {
            refused(bench, entry, "Isolate");
        }
        Bench building = alike();
        BuildStep step = next(building);
        refused(isolated(building), done(step, null), "Isolate");
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
    void aPackThatNoChemistryChargesIsNotWanted() {
        MatchEntry.PackWanted wanted = wanted("1", "1", null);
        MatchEntry.PackWanted odd = new MatchEntry.PackWanted(
                wanted.series(),
                wanted.parallel(),
                new MatchEntry.Rated(n("2600"), n("3.6"), n("4.8"), n("8"), null),
                wanted.size(),
                wanted.strips(),
                null,
                wanted.parts(),
                wanted.box());
        refused(new Bench().assessed(), odd, "4.8");
    }

    @Test
    void nothingIsJoinedWhereNothingIsAndEveryWeldIsCounted() {
        Bench bench = alike();
        String ring = next(bench).id();
        taken(bench, new MatchEntry.BuildStepDone(ring, null, n("0")));
        refused(bench, new MatchEntry.BuildStepDone(ring, null, n("4")), "Nothing is joined at this step");
        until(bench, BuildStep.Kind.STRIPS);
        BuildStep strips = next(bench);
        refused(
                bench,
                new MatchEntry.BuildStepDone(strips.id(), MatchEntry.JoinedBy.TAGS, null),
                "This step makes 0 welds");
        refused(
                bench,
                new MatchEntry.BuildStepDone(strips.id(), MatchEntry.JoinedBy.TAGS, n("1")),
                "This step makes 0 welds");
    }

    /** Another one goes in for a cell that went bad, while its group is open. */
    @Test
    void aFreeCellTakesThePlaceOfARejectedOne() {
        Bench bench = new Bench().assessed().write(wanted("1", "2", null)).write(cells("3.60", "3.60", "3.60"));
        bench.write(found(bench));
        String out = Matching.of(bench.file())
                .matched()
                .orElseThrow()
                .groups()
                .getFirst()
                .ids()
                .getFirst();
        String free = Matching.of(bench.file()).spares().getFirst();
        refused(bench, new MatchEntry.CellExchanged(out, "X9"), "there are: " + free);
        bench.write(new MatchEntry.CellExchanged(out, free));
        assertThat(Matching.of(bench.file())
                        .matched()
                        .orElseThrow()
                        .groups()
                        .getFirst()
                        .ids())
                .contains(free)
                .doesNotContain(out);
        refused(isolated(bench), new MatchEntry.CellExchanged(free, out), "Isolate");
    }

    @Test
    void anUnreadCellAndOneThatIsApartAreNamed() {
        Bench unread = until(matched("3.60", "3.60", "3.60", ""), BuildStep.Kind.STRIPS);
        refused(unread, done(next(unread), MatchEntry.JoinedBy.TAGS), "measure the rested voltage of K3");
        Bench apart = until(matched("3.60", "3.90", "3.60", "3.90"), BuildStep.Kind.STRIPS);
        assertThat(apart.refusal(done(next(apart), MatchEntry.JoinedBy.TAGS)))
                .hasValueSatisfying(why -> assertThat(why).isNotBlank());
    }

    /** Whatever is tried in whatever order: no strip goes onto cells that are apart, unread, or of too much current. */
    @Test
    void noOrderOfActsJoinsWhatIsApart() {
        for (int seed = 0; seed < 40; seed++) {
            Random random = new Random(seed);
            Bench bench = new Bench().assessed().write(wanted("2", "2", "5")).write(cells("3.60", "3.90", "", "3.61"));
            for (int act = 0; act < 60; act++) {
                List<Entry> acts = new ArrayList<>(List.of(
                        new MatchEntry.CellMetered("K" + random.nextInt(4), n("3." + (60 + random.nextInt(30)))),
                        new MatchEntry.CellListed(cell("N" + act, "2600", random.nextBoolean() ? "3.6" : null, false)),
                        found(bench),
                        CHARGE));
                Building.of(bench.file()).steps().forEach(step -> acts.add(done(step, MatchEntry.JoinedBy.TAGS)));
                Entry chosen = acts.get(random.nextInt(acts.size()));
                Building.of(bench.file()).next().ifPresent(step -> acts.add(done(step, MatchEntry.JoinedBy.TAGS)));
                Entry entry = random.nextBoolean() ? chosen : acts.getLast();
                boolean strips = entry instanceof MatchEntry.BuildStepDone one
                        && one.step().startsWith("strips-");
                if (bench.refusal(entry).isEmpty()) {
                    if (strips) {
                        int node = Integer.parseInt(
                                ((MatchEntry.BuildStepDone) entry).step().split("-")[1]);
                        assertThat(Matching.of(bench.file()).joined())
                                .filteredOn(group -> group.group() == node || group.group() == node + 1)
                                .allMatch(Matching.Joined::isAllowed);
                    }
                    bench.write(entry);
                }
            }
        }
    }

    /** Nobody fits a pack before it is built, unless one was bought. */
    @Test
    void aPackOfCellsThatIsOutLeadsToItsCellsUntilAnotherIsOffered() {
        Bench out = new Bench(Glued.ofCells()).assessed().torn().measured();
        assertThat(out.file().next().stage()).isEqualTo(MatchChapter.STAGE);

        out.write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));
        assertThat(out.file().next().stage()).isNotEqualTo(MatchChapter.STAGE);
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
