package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.Tier;
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
import glowkettle.match.CellSize;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Grouping;
import glowkettle.match.Layout;
import glowkettle.match.PackFigures;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A pack of cells: nothing is joined that may not be, and nothing goes in that was not measured. */
class MatchAdmissionTest {
    private static final MatchEntry.PackChargeBegun CHARGE =
            new MatchEntry.PackChargeBegun(new BigDecimal("8.4"), new BigDecimal("1.5"));

    private static BigDecimal n(String figure) {
        return new BigDecimal(figure);
    }

    private static Screening.Cell cell(String id, String mah, @Nullable String restedV, boolean torn) {
        return new Screening.Cell(
                id,
                null,
                n(mah),
                n("30"),
                restedV == null ? null : n(restedV),
                null,
                new Screening.Seen(null, null, null, null, null, torn),
                new Screening.Made(null, null));
    }

    private static MatchEntry.CellsRead cells(String... restedV) {
        return new MatchEntry.CellsRead(
                "box",
                IntStream.range(0, restedV.length)
                        .mapToObj(i -> cell("K" + i, "2600", restedV[i].isEmpty() ? null : restedV[i], false))
                        .toList());
    }

    private static MatchEntry.PackWanted wanted(String series, String parallel, @Nullable String loadA) {
        return new MatchEntry.PackWanted(
                n(series),
                n(parallel),
                new MatchEntry.Rated(n("2600"), n("3.6"), n("4.2"), n("8"), loadA == null ? null : n(loadA)),
                new CellSize(n("18"), n("65")),
                new PackFigures.Strips(null, null, null),
                null,
                new Layout.Parts(null, null, null),
                new Layout.Case(null, null, null));
    }

    private static MatchEntry.Matched found(Bench bench) {
        Grouping.Sought sought =
                Grouping.search(Matching.of(bench.file()).asked().orElseThrow(), (moves, budget, best) -> true);
        return new MatchEntry.Matched(
                sought.groups().stream().map(Layout.Named::new).toList(), sought.proven(), sought.stopped());
    }

    /** Two groups of two, matched. */
    private static Bench matched(String... restedV) {
        Bench bench = new Bench()
                .assessed()
                .torn()
                .measured()
                .write(wanted("2", "2", "5"))
                .write(cells(restedV));
        return bench.write(found(bench));
    }

    private static Bench alike() {
        return matched("3.600", "3.600", "3.600", "3.600");
    }

    private static MatchEntry.BuildStepDone done(BuildStep step, MatchEntry.@Nullable JoinedBy by) {
        return step.welds() == 0
                ? new MatchEntry.BuildStepDone(step.id(), null, null)
                : new MatchEntry.BuildStepDone(
                        step.id(), by, BigDecimal.valueOf(by == MatchEntry.JoinedBy.WELDS ? step.welds() : 0));
    }

    private static BuildStep next(Bench bench) {
        return Building.of(bench.file()).next().orElseThrow();
    }

    private static Bench until(Bench bench, BuildStep.Kind kind) {
        while (next(bench).kind() != kind) {
            bench.write(done(next(bench), MatchEntry.JoinedBy.TAGS));
        }
        return bench;
    }

    private static Bench built() {
        Bench bench = alike();
        while (!Building.of(bench.file()).isBuilt()) {
            bench.write(done(next(bench), MatchEntry.JoinedBy.TAGS));
        }
        return bench;
    }

    private static MatchEntry.BuiltGroupsMetered read(String packV, String... groupV) {
        return new MatchEntry.BuiltGroupsMetered(
                Look.GOOD,
                new Thickness(n("40"), List.of(), n("40")),
                new GroupVoltages.Request(Stream.of(groupV).map(BigDecimal::new).toList(), n(packV)));
    }

    private static MatchEntry.BuiltPackFelt felt(String surfaceC) {
        return new MatchEntry.BuiltPackFelt(new Warmth(n(surfaceC), n("21"), false, null, null, null, null, null));
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

    @Test
    void aCellThatWouldCarryTooMuchStopsTheBuilding() {
        Bench bench = new Bench().assessed().write(wanted("2", "2", "20")).write(cells("3.6", "3.6", "3.6", "3.6"));
        bench.write(found(bench));
        refused(bench, done(next(bench), null), "would carry 10.000 A");
    }

    @Test
    void itIsChargedWhenItsGroupsAreAlikeAndSomebodyFeelsIt() {
        Bench bench = built();
        refused(bench, CHARGE, "metered and alike");
        bench.write(read("7.25", "3.600", "3.621"));
        assertThat(MatchAct.of(bench.file())).isEqualTo(MatchAct.APART);
        refused(bench, CHARGE, "metered and alike");
        bench.write(read("7.40", "3.600", "3.601"));
        refused(bench, CHARGE, "metered and alike");
        bench.write(read("7.20", "3.600", "3.601")).write(CHARGE);
        refused(bench, CHARGE, "charging already");
        bench.write(new MatchEntry.PackChargeEnded());
        assertThat(MatchAct.of(bench.file())).isEqualTo(MatchAct.CHARGE);
        charged(bench);
        assertThat(MatchAct.of(bench.file())).isEqualTo(MatchAct.PROVEN);
        assertThat(Building.of(bench.file()).ownersLines()).hasSize(3);
    }

    private static Bench proven() {
        return charged(built().write(read("7.20", "3.600", "3.601")));
    }

    /** Felt every five minutes until two readings in a row have fallen. */
    private static Bench charged(Bench bench) {
        bench.write(CHARGE);
        for (String surfaceC : List.of("23", "25", "24.5", "24")) {
            bench.later(Duration.ofMinutes(5)).write(felt(surfaceC));
        }
        return bench.write(new MatchEntry.PackChargeEnded());
    }

    private static Bench charging() {
        return built().write(read("7.20", "3.600", "3.601")).write(CHARGE);
    }

    /** A charge the product knows of predicts its own warmth. */
    @Test
    void theWarmthOfItsOwnChargeGuardsNobody() {
        Bench bench = charging().later(Duration.ofMinutes(5)).write(felt("24"));
        assertThat(bench.file().newPackTier().orElseThrow().result().tier()).isEqualTo(Tier.CLEAR);
    }

    @ParameterizedTest
    @CsvSource({"45, STAY", "45.1, HOT", "48, HOT"})
    void aHotFirstChargeGoesOffAndIsNoCharge(String surfaceC, MatchAct act) {
        Bench bench = charging()
                .later(Duration.ofSeconds(20))
                .write(new MatchEntry.BuiltPackFelt(
                        new Warmth(n(surfaceC), n("37"), false, null, null, null, null, null)));
        assertThat(MatchAct.of(bench.file())).isEqualTo(act);
        if (act == MatchAct.HOT) {
            assertThat(bench.file().next().what()).isEqualTo("Charger off, and out of the room's way");
            assertThat(new MatchChapter().calls(bench.file(), Hours.ALWAYS))
                    .anyMatch(call -> call.danger() == Danger.ON && call.what().contains("charger off"));
        }
        bench.write(new MatchEntry.PackChargeEnded());
        assertThat(Building.of(bench.file()).isProven()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "5 5 5 5, 23 25 24.5 24, true",
        "5 5 5, 25 24.5 24, true",
        "1 1 1 1, 25 24.5 24 23.5, false",
        "5 5 5, 24 23.5 24, false",
        "11 5 5, 25 24.5 24, false",
        "5 5 12, 25 24.5 24, false"
    })
    void aChargeCountsWhenItLastedAndItsReadingsStand(String minutes, String surfacesC, boolean counts) {
        Bench bench = charging();
        String[] spans = minutes.split(" ");
        String[] surfaces = surfacesC.split(" ");
        for (int i = 0; i < spans.length; i++) {
            bench.later(Duration.ofMinutes(Long.parseLong(spans[i]))).write(felt(surfaces[i]));
        }
        bench.write(new MatchEntry.PackChargeEnded());
        assertThat(Building.of(bench.file()).isProven()).isEqualTo(counts);
    }

    @Test
    void theChargerIsSetBeforeItStartsAndNeverHigherThanThePackTakes() {
        Bench bench = built().write(read("7.20", "3.600", "3.601"));
        refused(bench, new MatchEntry.PackChargeBegun(null, n("1")), "what the charger is set to");
        refused(bench, new MatchEntry.PackChargeBegun(n("8.5"), n("1")), "would overcharge it");
        refused(bench, new MatchEntry.PackChargeBegun(n("8.4"), n("1.57")), "too much for a first charge");
        Bench low = built().write(read("5.90", "2.950", "2.951"));
        refused(low, new MatchEntry.PackChargeBegun(n("8.4"), n("0.53")), "at most 0.52");
    }

    /** Nobody charges a built pack that nobody looked at. */
    @Test
    void aBuiltPackIsLookedAtBeforeItIsCharged() {
        MatchEntry.BuiltGroupsMetered metered = read("7.20", "3.600", "3.601");
        refused(
                built(),
                new MatchEntry.BuiltGroupsMetered(Look.NONE, metered.thickness(), metered.voltages()),
                "Answer at least one");
    }

    /** It was looked at when it was built; the first label is its own, a second one is another pack's. */
    @Test
    void whatWasBuiltIsFittedWithoutASecondLook() {
        Bench bench = proven().write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));
        assertThat(bench.file().newPackTier()).isPresent();
        taken(bench, new FitEntry.PackChosen());
        bench.write(new FitEntry.PackOffered(Bench.label("7.2", "8.4")));
        refused(bench, new FitEntry.PackChosen(), "Look at the new pack first");
    }

    /** A label cannot wash off what a built pack was isolated for. */
    @Test
    void aLabelDoesNotClearAPackThatGotWarm() {
        Bench bench = built().write(read("7.20", "3.600", "3.601")).write(CHARGE);
        bench.write(felt("62")).unasked(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));
        assertThat(bench.file().newPackTier().orElseThrow().result().tier()).isEqualTo(Tier.EVACUATE);
    }

    @Test
    void aPackThatGetsWarmInItsFirstChargeIsIsolated() {
        Bench bench = built().write(read("7.20", "3.600", "3.601")).write(CHARGE);
        bench.write(felt("62"));
        assertThat(bench.file().worstTier()).isEqualTo(Tier.EVACUATE);
        taken(bench, new MatchEntry.PackChargeEnded());
    }

    @Test
    void nothingElseGoesInWhileAPackIsBeingBuilt() {
        Bench bench = alike().write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")))
                .seen();
        refused(bench, new FitEntry.PackChosen(), "is not proven");
        assertThat(bench.file().next().stage()).isEqualTo(MatchChapter.STAGE);
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
}
