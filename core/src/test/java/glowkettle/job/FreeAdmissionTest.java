package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.RunDown;
import glowkettle.assess.Tier;
import glowkettle.free.Bending;
import glowkettle.free.Effort;
import glowkettle.free.LeadOrder;
import glowkettle.free.Loosening;
import glowkettle.free.Solvent;
import glowkettle.heat.Refit;
import glowkettle.heat.Setting;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.fit.Fitting;
import glowkettle.job.free.BenchClocks;
import glowkettle.job.free.Dissolving;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Freeing;
import glowkettle.job.open.LearntMinutes;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.open.Opening;
import glowkettle.job.order.OrderOfWork;
import glowkettle.job.wayback.WayBackChapter;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FreeAdmissionTest {
    private static final FreeEntry.HeatStarted HEAT = heat("55");
    private static final FreeEntry.HeatStopped OFF = new FreeEntry.HeatStopped("free");

    private static FreeEntry.HeatStarted heat(String temperatureC) {
        return new FreeEntry.HeatStarted(
                "free",
                new Setting(Setting.Source.MAT, new BigDecimal(temperatureC), Setting.Face.BELOW, null),
                new BigDecimal("21"),
                null);
    }

    private static FreeEntry.SolventApplied solvent(Solvent.Lies lies, String surfaceC) {
        return new FreeEntry.SolventApplied("free", Solvent.Kind.ISOPROPYL, lies, new BigDecimal(surfaceC));
    }

    private static FreeEntry.HeatRead read(String temperatureC, String predictedC) {
        return new FreeEntry.HeatRead(
                "free", Refit.Spot.CELL, new BigDecimal(temperatureC), new BigDecimal(predictedC));
    }

    private static FreeEntry.Prised card(Effort effort) {
        return new FreeEntry.Prised("free", Loosening.CARD, effort);
    }

    private static Entry done(String step) {
        return new OpenEntry.StepDone(step);
    }

    /** At the tape under its pack, with little charge left and sand in reach. */
    static Bench atTheTape() {
        return new Bench(Glued.tape())
                .assessed()
                .write(new AssessEntry.ChargeSeen(new BigDecimal("24")))
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .in("plug")
                .write(new FreeEntry.SandReady());
    }

    @Test
    void heatWaitsForSandForTheChargeAndForAWindow() {
        Bench bench = new Bench(Glued.tape())
                .assessed()
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .in("plug");
        refused(bench, HEAT, "sand in reach");
        bench.write(new FreeEntry.SandReady());
        refused(bench, HEAT, "charge is not known");
        bench.write(new AssessEntry.ChargeSeen(new BigDecimal("31")));
        refused(bench, HEAT, "heat only at 30");
        bench.write(new AssessEntry.ChargeSeen(new BigDecimal("30")));
        assertThat(bench.refusal(HEAT)).isEmpty();
        refused(bench, heat("90"), "leaves no window");
        refused(
                bench,
                new FreeEntry.HeatStarted("other", HEAT.setting(), HEAT.ambientC(), null),
                "not the bond at hand");
    }

    @Test
    void whileItIsHotNothingPullsAtItAndTheStepIsNotDone() {
        Bench bench = atTheTape().write(HEAT);
        refused(bench, HEAT, "off the heat first");
        refused(bench, card(Effort.SOME), "off the heat first");
        refused(bench, solvent(Solvent.Lies.OPEN, "22"), "off the heat first");
        refused(bench, done("free"), "off the heat first");
        bench.later(Duration.ofSeconds(250)).write(OFF);
        refused(bench, OFF, "Nothing is being heated");
        assertThat(bench.refusal(card(Effort.SOME))).isEmpty();
    }

    @Test
    void theSecondHeatingIsReckonedFromWhereTheFirstOneLeft() {
        Bench bench = atTheTape().write(HEAT).later(Duration.ofSeconds(200)).write(OFF);
        BigDecimal first = newest(bench).window().bondReadyS();
        bench.later(Duration.ofSeconds(20)).write(HEAT);
        assertThat(newest(bench).request().earlier()).hasSize(1);
        assertThat(newest(bench).window().bondReadyS()).isLessThan(first);
    }

    private static BenchClocks.Heat newest(Bench bench) {
        JobFile job = bench.file();
        return BenchClocks.heat(job, job.model().anatomy().bondOf("free").orElseThrow())
                .orElseThrow();
    }

    @Test
    void itsClocksAreBondReadyAndLiftOffThenTheBondThatCools() {
        Bench bench = atTheTape().write(HEAT);
        assertThat(BenchClocks.of(bench.file()))
                .extracting(BenchClocks.Clock::kind)
                .containsExactly(BenchClocks.Kind.BOND_READY, BenchClocks.Kind.LIFT_OFF);
        bench.later(Duration.ofSeconds(250)).write(OFF);
        assertThat(BenchClocks.of(bench.file()))
                .extracting(BenchClocks.Clock::kind)
                .containsExactly(BenchClocks.Kind.COOLED);
    }

    @ParameterizedTest
    @CsvSource({"36, 35, CLEAR", "41, 35, GUARDED", "46, 35, ISOLATE", "60, 59, ISOLATE"})
    void aReadingWhileItIsHotRunsTheTierAgain(String readC, String predictedC, Tier tier) {
        Bench bench = atTheTape().write(HEAT).later(Duration.ofSeconds(90)).write(read(readC, predictedC));
        assertThat(bench.file().tier().result().tier()).isEqualTo(tier);
    }

    @Test
    void aCellThatRunsAwayFromItsCurveEvacuatesAndHeatCanStillBeSwitchedOff() {
        Bench bench = atTheTape()
                .write(HEAT)
                .later(Duration.ofSeconds(60))
                .write(read("31", "30"))
                .later(Duration.ofSeconds(60))
                .write(read("42", "35"));
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.EVACUATE);
        assertThat(bench.refusal(OFF)).isEmpty();
        assertThat(bench.refusal(OFF, Role.TRAINEE)).isEmpty();
        refused(bench, card(Effort.SOME), "the plan waits");
    }

    @Test
    void aReadingIsHeldAgainstTheCurveWhileItCoolsToo() {
        Bench bench = atTheTape()
                .write(HEAT)
                .later(Duration.ofSeconds(200))
                .write(OFF)
                .later(Duration.ofMinutes(2));
        assertThat(bench.refusal(read("40", "40"))).isEmpty();
        bench.later(Duration.ofMinutes(28));
        refused(bench, read("24", "24"), "at Assess");
    }

    @Test
    void whatNoHandUndoesIsNotTakenBackByAKey() {
        assertThat(Stream.of(HEAT, OFF, solvent(Solvent.Lies.OPEN, "20"), new FreeEntry.ConductorFreed("red")))
                .noneMatch(entry -> OrderOfWork.CHAPTERS.firmness(entry).isTakeable());
        assertThat(OrderOfWork.CHAPTERS.firmness(card(Effort.SOME)).isTakeable())
                .isFalse();
    }

    @Test
    void aHotFaceIsNoHotPack() {
        Bench bench = atTheTape()
                .write(HEAT)
                .later(Duration.ofSeconds(60))
                .write(new FreeEntry.HeatRead("free", Refit.Spot.BELOW, new BigDecimal("52"), new BigDecimal("52")));
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.CLEAR);
    }

    @Test
    void solventWaitsForACoolSurfaceThenWorksThenLocksWhateverKindlesIt() {
        Bench bench = atTheTape();
        refused(bench, solvent(Solvent.Lies.UNDER_A_PART, "40"), "too warm for solvent");
        bench.write(solvent(Solvent.Lies.UNDER_A_PART, "22"));
        refused(bench, card(Effort.SOME), "works for another");
        refused(bench, done("free"), "works for another");
        refused(bench, HEAT, "Ignition lock");
        bench.later(Duration.ofMinutes(3)).write(card(Effort.SOME)).in("free");
        // Under the pack it does not dry, however long one waits.
        bench.later(Duration.ofHours(5));
        assertThat(Dissolving.of(bench.file()).isWet(Bench.NOON.plus(Duration.ofHours(9))))
                .isTrue();
        bench.in("pack");
        assertThat(BenchClocks.of(bench.file())).anyMatch(clock -> clock.kind() == BenchClocks.Kind.DRY);
    }

    @Test
    void whatLiesOpenDriesWithItsClock() {
        Bench bench =
                atTheTape().write(solvent(Solvent.Lies.UNDER_A_PART, "22")).later(Duration.ofMinutes(3));
        refused(bench, HEAT, "covered");
        refused(
                bench,
                new AssessEntry.RunDownChosen(RunDown.School.RUN_DOWN_FIRST, BigDecimal.ONE, BigDecimal.valueOf(80)),
                "covered");
        bench.write(new FreeEntry.SolventUncovered());
        refused(bench, HEAT, "dries for another 5 min");
        refused(bench, new FreeEntry.SolventUncovered(), "No solvent is covered");
        bench.later(Duration.ofMinutes(5));
        assertThat(bench.refusal(HEAT)).isEmpty();
    }

    @Test
    void strongEffortTwiceEndsTheCard() {
        Bench bench = atTheTape().write(card(Effort.STRONG)).write(card(Effort.STRONG));
        refused(bench, card(Effort.SOME), "down a rung");
    }

    @Test
    void stripsAreRecordedOneByOneAndABrokenOneWithItsLength() {
        Bench bench = new Bench(Glued.strips())
                .assessed()
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .in("plug")
                .write(new FreeEntry.SandReady());
        refused(bench, done("free"), "2 of 2 strips are not recorded");
        refused(bench, strip("3", true, null), "it has 2");
        refused(bench, strip("1", false, null), "after how many mm");
        refused(bench, solventOnStrips(), "strip that broke");
        bench.write(strip("1", true, null));
        refused(bench, strip("1", true, null), "drawn already");
        assertThat(Freeing.of(bench.file()).prisedOff()).isFalse();
        bench.write(strip("2", false, "34")).in("free");
        assertThat(Freeing.of(bench.file()).prisedOff()).isTrue();
    }

    private static FreeEntry.StripDrawn strip(String number, boolean whole, String brokeAtMm) {
        return new FreeEntry.StripDrawn(
                "free", new BigDecimal(number), whole, brokeAtMm == null ? null : new BigDecimal(brokeAtMm));
    }

    private static FreeEntry.Prised solventOnStrips() {
        return new FreeEntry.Prised("free", Loosening.SOLVENT, Effort.NONE);
    }

    @Test
    void aPackOncePrisedOffIsNotPlannedToGoInAgain() {
        Bench bench = atTheTape().write(card(Effort.SOME)).in("free").in("pack").inHand();
        refused(bench, new FitEntry.OldPackReturns(), "not fitted again");
    }

    @Test
    void aPackDrawnOffItsStripsWholeMayGoInAgain() {
        Bench bench = new Bench(Glued.strips())
                .assessed()
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .in("plug")
                .write(new FreeEntry.SandReady())
                .write(strip("1", true, null))
                .write(strip("2", true, null))
                .in("free")
                .in("pack")
                .inHand()
                .write(new FitEntry.OldPackReturns());
        assertThat(Fitting.of(bench.file()).packChosen()).isTrue();
        assertThat(bench.file().next().stage()).isEqualTo(WayBackChapter.STAGE);
    }

    @ParameterizedTest
    @CsvSource({"0.4, false, CLEAR", "1.3, false, CLEAR", "2.7, false, GUARDED", "0.4, true, ISOLATE"})
    void aBendIsJudgedByTheStrainOfItsFace(String bentMm, boolean creased, Tier tier) {
        Bench bench = atTheTape()
                .write(new FreeEntry.Bent(new Bending.Bend(
                        Bending.Shape.BOWED,
                        new BigDecimal(bentMm),
                        new BigDecimal("70"),
                        new BigDecimal("5"),
                        creased ? true : null)));
        assertThat(bench.file().tier().result().tier()).isEqualTo(tier);
    }

    @Test
    void leadsComeOffOneAtATimeEachCoveredBeforeTheNext() {
        Bench bench = new Bench(Glued.leads()).assessed().in("off").write(new OpenEntry.ConditionsConfirmed());
        refused(bench, new FreeEntry.LeadSchoolChosen(LeadOrder.School.CUT), "colours and routing first");
        refused(bench, new FreeEntry.ConductorFreed("black"), "choose how they come off");
        refused(bench, new FreeEntry.LeadsNoted(List.of(note("red"))), "Note each of");
        bench.write(new FreeEntry.LeadsNoted(Stream.of("red", "white", "black")
                        .map(FreeAdmissionTest::note)
                        .toList()))
                .write(new FreeEntry.LeadSchoolChosen(LeadOrder.School.CUT));
        refused(bench, new FreeEntry.ConductorFreed("black"), "sand in reach");
        bench.write(new FreeEntry.SandReady());
        refused(bench, new FreeEntry.ConductorFreed("red"), "next one is black");
        for (String lead : List.of("black", "white", "red")) {
            refused(bench, done("plug"), "still holds the pack");
            bench.write(new FreeEntry.ConductorFreed(lead));
            refused(bench, done("plug"), "Cover both ends");
            refused(bench, new FreeEntry.ConductorFreed("white"), "Cover both ends of " + lead);
            bench.write(new FreeEntry.ConductorCovered(lead));
        }
        bench.in("plug");
    }

    private static FreeEntry.LeadNote note(String lead) {
        return new FreeEntry.LeadNote(lead, lead, null);
    }

    @Test
    void aLabelThatDiffersFromTheOrderPausesTheJobUntilTheRightPackIsHere() {
        Bench bench = atTheTape();
        refused(bench, new OpenEntry.LabelSeen(false, null), "what differs");
        bench.write(new OpenEntry.LabelSeen(false, "15.4 V instead of 7.4 V"));
        refused(bench, HEAT, "15.4 V instead of 7.4 V");
        refused(bench, card(Effort.SOME), "Paused");
        refused(bench, done("free"), "Paused");
        assertThat(bench.file().next().blocked()).isTrue();
        bench.write(new OpenEntry.LabelSeen(true, null));
        assertThat(bench.refusal(card(Effort.SOME))).isEmpty();
    }

    @Test
    void aPlanForSomethingElseLeavesThePackWhereItIs() {
        Bench bench = new Bench(Glued.tape()).assessed().write(new OpenEntry.TargetsChosen(List.of("plug")));
        assertThat(Opening.of(bench.file()).plan().result().order()).containsExactly("off", "plug");
        bench.in("off").write(new OpenEntry.ConditionsConfirmed()).in("plug");
        assertThat(bench.file().next().stage()).isEqualTo(WayBackChapter.STAGE);
        refused(bench, new OpenEntry.TargetsChosen(List.of("lid")), "'lid'");
    }

    @Test
    void anOrderByHandThatBreaksSomethingIsNotTaken() {
        Bench bench = new Bench().assessed();
        refused(
                bench,
                new OpenEntry.Reordered(List.of("off", "screws", "cover", "cable", "plug", "pack")),
                "must wait until the pack is disconnected");
        refused(bench, new OpenEntry.Reordered(List.of("off")), "must name each");
        assertThat(Opening.of(bench.file()).isByHand()).isFalse();
    }

    @Test
    void realMinutesOfEarlierJobsStandInThePlan() {
        Bench bench = new Bench()
                .write(new OpenEntry.MinutesLearnt(
                        List.of(new OpenEntry.LearntStep("cover", new BigDecimal("7.5"), new BigDecimal("6")))))
                .assessed();
        assertThat(bench.file().operation("cover").orElseThrow().minutes()).isEqualByComparingTo("7.5");
        bench.in("off").later(Duration.ofSeconds(90));
        bench.write(new OpenEntry.FastenersOut(List.of("S1", "S2"), List.of())).later(Duration.ofSeconds(2));
        bench.in("cover");
        // The cover was ticked right after: that says nothing of how long it took.
        assertThat(LearntMinutes.taken(bench.file()))
                .containsOnly(java.util.Map.entry("screws", Duration.ofSeconds(90)));
        Bench away = new Bench().assessed().in("off").later(Duration.ofMinutes(40));
        away.write(new OpenEntry.FastenersOut(List.of("S1", "S2"), List.of()));
        assertThat(LearntMinutes.taken(away.file())).isEmpty();
    }

    @Test
    void noHeatWhileSolventIsWetNorAboveWhatIsSearched() {
        Bench wet = atTheTape().write(solvent(Solvent.Lies.OPEN, "22"));
        refused(wet, HEAT, "Ignition lock");
        refused(atTheTape(), heat("91"), "outside of what is searched");
        refused(atTheTape(), heat("49"), "outside of what is searched");
        assertThat(atTheTape().refusal(heat("50"))).isEmpty();
        refused(atTheTape(), heat("90"), "leaves no window");
        refused(atTheTape(), solvent(Solvent.Lies.OPEN, "40"), "too warm for solvent");
        Refusals.taken(atTheTape(), solvent(Solvent.Lies.OPEN, "39.9"));
    }

    @Test
    void aStripThatBrokeSaysWhereAndIsOneOfThose() {
        Bench bench = new Bench(Glued.strips())
                .assessed()
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .write(new FreeEntry.SandReady())
                .in("plug");
        refused(bench, new FreeEntry.StripDrawn("other", BigDecimal.ONE, true, null), "not the bond at hand");
        refused(bench, new FreeEntry.StripDrawn("free", BigDecimal.ONE, false, null), "after how many mm it broke");
        refused(bench, new FreeEntry.StripDrawn("free", new BigDecimal("3"), true, null), "it has 2");
        bench.write(new FreeEntry.StripDrawn("free", BigDecimal.ONE, false, new BigDecimal("12")));
        refused(bench, new FreeEntry.StripDrawn("free", BigDecimal.ONE, true, null), "drawn already");
    }
}
