package glowkettle.job;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.arrive.Quote;
import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.VoltageSource;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.RunDown;
import glowkettle.assess.Tier;
import glowkettle.cell.Box;
import glowkettle.cell.Calipered;
import glowkettle.fit.PackLabel;
import glowkettle.free.Effort;
import glowkettle.free.LeadOrder;
import glowkettle.free.Loosening;
import glowkettle.free.Solvent;
import glowkettle.heat.Setting;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Freeing;
import glowkettle.job.handback.HandBackEntry;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.library.Anatomy;
import glowkettle.library.DeviceModel;
import glowkettle.library.OldPack;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Ratings;
import glowkettle.open.Tray;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Everything a job refuses, stage by stage, each with its reason, and what it takes right beside it. */
class RefusalsTest {
    private static final Look LEAKS = new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE);
    private static final Look SMOKES = new Look(true, false, false, false, false, false, Wet.NO, Damage.NONE);

    private static BigDecimal figure(String text) {
        return new BigDecimal(text);
    }

    private static void refused(Bench bench, Entry entry, String why) {
        refused(bench, entry, Role.TECHNICIAN, why);
    }

    private static void refused(Bench bench, Entry entry, Role by, String why) {
        assertThat(bench.refusal(entry, by))
                .hasValueSatisfying(
                        reason -> assertThat(reason.replace("\u00a0", " ")).contains(why));
    }

    private static void taken(Bench bench, Entry entry) {
        assertThat(bench.refusal(entry)).isEmpty();
    }

    private static void held(Bench bench, Entry entry, @Nullable String why) {
        if (why == null) {
            taken(bench, entry);
        } else {
            refused(bench, entry, why);
        }
    }

    private static ArriveEntry.Quoted quote(String... packs) {
        return new ArriveEntry.Quoted(new Quote.Request(
                figure("20"),
                List.of(),
                Stream.of(packs)
                        .map(name -> new Quote.Priced(name, BigDecimal.TEN))
                        .toList()));
    }

    @Test
    void aQuoteIsAnsweredWithOneOfItsPacks() {
        refused(new Bench(), new ArriveEntry.QuoteAnswered(true, "Pack A"), "There is no quote to answer");
        Bench bench = new Bench().write(quote("Pack A", "Pack B"));

        refused(bench, new ArriveEntry.QuoteAnswered(true, "Pack C"), "Say which of the packs was taken");
        refused(bench, new ArriveEntry.QuoteAnswered(true, null), "Say which of the packs was taken");
        taken(bench, new ArriveEntry.QuoteAnswered(true, "Pack B"));
        taken(bench, new ArriveEntry.QuoteAnswered(false, null));
        taken(new Bench().write(quote()), new ArriveEntry.QuoteAnswered(true, null));
    }

    @Test
    void nothingIsOpenedForAnOwnerWhoSaidNo() {
        Bench bench = new Bench().assessed().write(quote("Pack A")).write(new ArriveEntry.QuoteAnswered(false, null));

        refused(bench, new OpenEntry.StepDone("off"), "The owner declined the quote");
    }

    @Test
    void aPromiseLiesAhead() {
        refused(new Bench(), new ArriveEntry.Promised(Bench.NOON, null), "a promise lies ahead");
        taken(new Bench(), new ArriveEntry.Promised(Bench.NOON.plusSeconds(1), null));
    }

    private static FitEntry.OldPackRead read(String nominalV, String series, Box size, Box bay) {
        return new FitEntry.OldPackRead(new OldPack(
                new Ratings(figure(nominalV), figure("4.2"), figure(series), figure("5000")),
                size,
                bay,
                "6 pins",
                null));
    }

    private static Box box(String thickness, String width, String length) {
        return new Box(figure(thickness), figure(width), figure(length));
    }

    @ParameterizedTest
    @CsvSource({
        "7.4, 2, 5, 80, 120,",
        "7.4, 2, 5.6, 82, 122,",
        "6.4, 2, 5, 80, 120,",
        "9.5, 2, 5, 80, 120, 9.5 V over 2 cells is no voltage of a lithium cell",
        "5, 2, 5, 80, 120, 5 V over 2 cells is no voltage",
        "7.4, 2, 5.7, 80, 120, The bay is smaller than the pack",
        "7.4, 2, 5, 82.1, 120, The bay is smaller than the pack",
        "7.4, 2, 5, 80, 122.1, The bay is smaller than the pack"
    })
    void anOldPackThatCannotBeIsReadAgain(
            String nominalV, String series, String thickness, String width, String length, @Nullable String why) {
        held(
                new Bench().assessed().torn(),
                read(nominalV, series, box(thickness, width, length), box("5.6", "82", "122")),
                why);
    }

    private static FitEntry.PackOffered offered(String capacityMah, @Nullable String sizeCode) {
        return new FitEntry.PackOffered(new PackLabel(
                new PackLabel.Printed(figure("7.4"), figure("8.4"), figure(capacityMah), null, sizeCode, null),
                new Calipered(null, null, null),
                null,
                null,
                null,
                null));
    }

    @Test
    void aLabelThatNobodyCanJudgeIsReadAgain() {
        Bench bench = new Bench().assessed().torn();

        refused(bench, offered("5000", "12"), "12");
        taken(bench, offered("5000", "585460"));
        taken(bench, offered("5000", null));
    }

    private static FitEntry.NewPackSeen seen(Look look, String middleMm, String restedV) {
        return new FitEntry.NewPackSeen(
                look,
                new Thickness(figure(middleMm), List.of(), null),
                new Voltage(figure(restedV), null, VoltageSource.PLUG, null, null),
                null);
    }

    @Test
    void aNewPackIsReadWithFiguresThatCanBeTrue() {
        Bench bench =
                new Bench().assessed().torn().measured().write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));

        refused(bench, seen(Look.GOOD, "3.9", "3.8"), "no pack is that much thinner");
        refused(bench, seen(Look.GOOD, "5", "7.6"), "more than any cell holds");
        taken(bench, seen(Look.GOOD, "5", "3.8"));
    }

    @Test
    void anOldPackReturnsOnlyAsSoundAsItCameOut() {
        refused(
                new Bench().assessed().torn().inHand().write(new AssessEntry.Looked(LEAKS)),
                new FitEntry.OldPackReturns(),
                "it is not fitted again");
        refused(new Bench().assessed().torn(), new FitEntry.OldPackReturns(), "Read the rested voltage");
        Bench stored = new Bench()
                .assessed()
                .torn()
                .inHand()
                .write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, BigDecimal.TEN, null));
        refused(stored, new FitEntry.OldPackReturns(), "It lies in Bucket 1; take that back first");
        refused(
                stored,
                new IsolationEntry.PackStored("2", "Bucket 2", Tier.CLEAR, BigDecimal.TEN, null),
                "It is in Bucket 1 already");
    }

    private static FitEntry.NewLeadsMeasured leads(String volts) {
        return new FitEntry.NewLeadsMeasured(Stream.of(volts.split(" "))
                .filter(text -> !text.isEmpty())
                .map(text -> new FitEntry.NewLead("colour " + text, figure(text)))
                .toList());
    }

    /** Two cells in series, charged to 4.2 V each: 4.0 to 8.5 V. */
    @ParameterizedTest
    @CsvSource({
        "0 7.4,",
        "0 3.7 7.4,",
        "7.4, 1 leads; at least two carry the pack",
        "0.1 7.4, One lead reads lowest",
        "0 3.99, 'The highest lead reads 3.99 V'",
        "0 4,",
        "0 8.5,",
        "0 8.51, 'The highest lead reads 8.51 V'"
    })
    void theMeterFindsTheLeadsOfANewPack(String volts, @Nullable String why) {
        Bench bench = new Bench(Glued.leads()).assessed().write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));

        held(bench, leads(volts), why);
    }

    @Test
    void aPackWithAPlugHasNoLeadsToMeasure() {
        refused(new Bench().assessed(), leads("0 7.4"), "has no soldered leads");
    }

    private static OpenEntry.FastenersOut out(String ids, String missing) {
        return new OpenEntry.FastenersOut(
                Stream.of(ids.split(" ")).filter(id -> !id.isEmpty()).toList(),
                Stream.of(missing.split(" ")).filter(id -> !id.isEmpty()).toList());
    }

    @Test
    void aFastenerComesOutOnceAndWhenItsStepIsAtHand() {
        Bench bench = new Bench().assessed();
        refused(bench, out("S1", ""), "waits for “off”");
        bench.in("off");

        refused(bench, out("", ""), "Name at least one fastener");
        refused(bench, out("S9", ""), "'S9' is no fastener of Whimbrel laptop");
        refused(bench, out("S1 S1", ""), "S1 is out already");
        refused(bench, out("S1", "S1"), "S1 is out already");
        bench.write(out("S1", ""));
        refused(bench, out("S1", ""), "S1 is out already");
        refused(bench, new OpenEntry.StepDone("screws"), "Still in: S2");
        bench.write(out("", "S2"));
        refused(bench, out("S2", ""), "S2 is out already");
    }

    @Test
    void stepsAreDoneOnceInTheirOrderAndOnTheDeviceAtHand() {
        Bench bench = new Bench().assessed().in("off");

        refused(bench, new OpenEntry.StepDone("wings"), "'wings' is no step of Whimbrel laptop");
        refused(bench, new OpenEntry.StepDone("off"), "“off” is done already");
        refused(bench, new OpenEntry.StepDone("pack"), "“pack” waits for “plug”");
        bench.write(out("S1 S2", "")).in("cover");
        refused(bench, new OpenEntry.StepDone("plug"), "Confirm mat or wrist strap");
        bench.write(new OpenEntry.ConditionsConfirmed());
        refused(bench, new OpenEntry.StepDone("cable"), "“cable” works inside: first “plug”");
        taken(bench, new OpenEntry.StepDone("plug"));
    }

    @Test
    void nothingComesOutOfAJobThatIsIsolated() {
        Bench bench = new Bench().assessed().in("off").write(new AssessEntry.Looked(LEAKS));

        refused(bench, out("S1", ""), "");
        refused(bench, new OpenEntry.StepDone("screws"), "");
    }

    @Test
    void aPlanHasSomethingToReachAndCannotChangeOnTheWayBack() {
        Bench bench = new Bench().assessed();

        refused(bench, new OpenEntry.TargetsChosen(List.of()), "Choose at least one thing to reach");
        refused(bench, new OpenEntry.TargetsChosen(List.of("wings")), "wings");
        refused(bench, new OpenEntry.Reordered(List.of("off", "wings")), "wings");
        taken(bench, new OpenEntry.TargetsChosen(List.of("pack")));
        bench.torn().measured().fitted();
        bench.write(new WayBackEntry.StepBack(glowkettle.job.wayback.ClosingUp.of(bench.file())
                .nextStepBack()
                .orElseThrow()
                .id()));
        refused(bench, new OpenEntry.TargetsChosen(List.of("pack")), "The way back has begun");
    }

    @Test
    void nothingIsClosedOverAnEmptyBayOrAnEmptyHole() {
        Bench torn = new Bench().assessed().torn().measured();
        WayBackEntry.FastenersBack none = new WayBackEntry.FastenersBack(List.of());
        WayBackEntry.FastenersBack both =
                new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S1", "S1"), new Tray.Placement("S2", "S2")));
        WayBackEntry.FastenersBack swapped =
                new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S1", "S2"), new Tray.Placement("S2", "S1")));
        refused(torn, both, "nothing is closed over an empty bay");
        refused(torn, new WayBackEntry.StepBack("pack"), "nothing is closed over an empty bay");

        Bench bench = torn.fitted();
        refused(bench, none, "Name at least one fastener and its hole");
        refused(bench, new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S9", "S1"))), "S9");
        refused(bench, new WayBackEntry.StepBack("screws"), "The next step back is");
        for (String step : List.of("pack", "cable", "plug", "live-check", "cover")) {
            bench.write(new WayBackEntry.StepBack(step));
        }
        refused(bench, new WayBackEntry.StepBack("screws"), "Empty holes: S1, S2");
        bench.write(swapped);
        refused(bench, new WayBackEntry.StepBack("screws"), "S");
    }

    @Test
    void leadsAreMeasuredBeforeTheyAreJoined() {
        Bench bench = new Bench(Glued.leads())
                .assessed()
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .write(new FreeEntry.SandReady());
        refused(bench, new FreeEntry.LeadsNoted(List.of(new FreeEntry.LeadNote("red", "red", null))), "Note each of");
        refused(bench, new FreeEntry.LeadSchoolChosen(LeadOrder.School.UNSOLDER), "Note colours and routing first");
        refused(bench, new FreeEntry.ConductorFreed("red"), "Note the leads and choose how they come off first");
        bench.write(new FreeEntry.LeadsNoted(List.of(
                new FreeEntry.LeadNote("red", "red", null),
                new FreeEntry.LeadNote("white", "white", null),
                new FreeEntry.LeadNote("black", "black", null))));
        bench.write(new FreeEntry.LeadSchoolChosen(LeadOrder.School.UNSOLDER));
        List<String> all = List.of("red", "white", "black");
        String first = all.stream()
                .filter(lead ->
                        bench.refusal(new FreeEntry.ConductorFreed(lead)).isEmpty())
                .findFirst()
                .orElseThrow();
        bench.write(new FreeEntry.ConductorFreed(first));
        refused(bench, new FreeEntry.LeadSchoolChosen(LeadOrder.School.UNSOLDER), "come off the same way");
        refused(
                bench,
                new FreeEntry.LeadsNoted(List.of(new FreeEntry.LeadNote("red", "red", null))),
                "cannot be seen any more");
        refused(bench, new FreeEntry.ConductorFreed(first), "Cover both ends of " + first);
        bench.write(new FreeEntry.ConductorCovered(first));
        refused(bench, new FreeEntry.ConductorFreed(first), "The next one is");
    }

    private static Bench atTheStrips() {
        return new Bench(Glued.strips())
                .assessed()
                .write(new AssessEntry.ChargeSeen(figure("24")))
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .in("plug");
    }

    @Test
    void stripsAreDrawnWhenSandIsReadyAtTheBondAtHandAndNeverWhileItHeats() {
        FreeEntry.StripDrawn first = new FreeEntry.StripDrawn("free", BigDecimal.ONE, true, null);
        refused(atTheStrips(), first, "sand in reach");
        Bench bench = atTheStrips().write(new FreeEntry.SandReady());
        refused(bench, new FreeEntry.StripDrawn("other", BigDecimal.ONE, true, null), "is not the bond at hand");
        refused(bench, new FreeEntry.Prised("other", Loosening.CARD, Effort.SOME), "is not the bond at hand");
        taken(bench, first);
    }

    private static FreeEntry.HeatStarted heat(Setting.Source source, String temperatureC) {
        return new FreeEntry.HeatStarted(
                "free", new Setting(source, figure(temperatureC), Setting.Face.BELOW, null), figure("21"), null);
    }

    private static Bench atTheTape() {
        return new Bench(Glued.tape())
                .assessed()
                .write(new AssessEntry.ChargeSeen(figure("24")))
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .in("plug")
                .write(new FreeEntry.SandReady());
    }

    @Test
    void noHeatIsTakenWithoutAWindowAndNothingIsDoneMeanwhile() {
        refused(atTheTape(), heat(Setting.Source.MAT, "90.1"), "is outside of what is searched");
        refused(atTheTape(), heat(Setting.Source.MAT, "49.9"), "is outside of what is searched");
        refused(
                atTheTape(),
                heat(Setting.Source.MAT, "85"),
                "leaves no window a hand can meet: the bond is ready after");
        Bench hot = atTheTape().write(heat(Setting.Source.MAT, "55"));
        refused(hot, heat(Setting.Source.MAT, "55"), "It is being heated");
        refused(hot, new FreeEntry.Prised("free", Loosening.CARD, Effort.SOME), "It is being heated");
        refused(
                hot,
                new FreeEntry.SolventApplied("free", Solvent.Kind.ISOPROPYL, Solvent.Lies.UNDER_A_PART, figure("22")),
                "It is being heated");
        refused(
                hot,
                new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, BigDecimal.TEN, true),
                "It is being heated");
    }

    @Test
    void aPackIsPutAwayWhereItIsAndByNobodyWhileItBurns() {
        IsolationEntry.PackStored alone =
                new IsolationEntry.PackStored("1", "Bucket", Tier.CLEAR, BigDecimal.TEN, null);
        IsolationEntry.PackStored whole =
                new IsolationEntry.PackStored("1", "Bucket", Tier.CLEAR, BigDecimal.TEN, true);
        refused(new Bench().assessed(), alone, "put the whole device away");
        taken(new Bench().assessed(), whole);
        Bench smoking = new Bench().assessed().write(new AssessEntry.Looked(SMOKES));
        refused(smoking, whole, "nobody carries it");
        refused(smoking, new IsolationEntry.PackReleased(1, "Collector"), Role.LEAD, "nobody carries it");
        refused(new Bench().assessed(), new IsolationEntry.PackReleased(1, "Collector"), "Only a lead releases");
        refused(
                new Bench().assessed(),
                new IsolationEntry.PackReleased(1, "Collector"),
                Role.LEAD,
                "is in no container");
        Bench gone = new Bench()
                .assessed()
                .torn()
                .write(alone)
                .write(new IsolationEntry.PackReleased(1, "Collector"), Role.LEAD);
        refused(gone, alone, "The old pack has left the store");
    }

    @Test
    void nobodySignsForAnotherTwiceOrTooEarly() {
        refused(new Bench(), new HandBackEntry.SignedOff(Role.LEAD), "cannot sign as lead");
        refused(new Bench(), new HandBackEntry.SignedOff(Role.TRAINEE), Role.TRAINEE, "A trainee cannot sign");
        refused(new Bench().assessed(), new HandBackEntry.SignedOff(Role.TECHNICIAN), "");
    }

    @Test
    void onlyALeadLetsADeviceBeOpenedAtAHigherChargeAndOnlyWhereItWaits() {
        Bench bench = new Bench().assessed();

        refused(bench, new AssessEntry.RunDownWaived("Collected today"), "Only a lead");
        refused(bench, new AssessEntry.RunDownWaived("Collected today"), Role.LEAD, "No run-down is waited for");
    }

    /** A shield inside that stands before the plug, which either of two ways leads to. */
    private static DeviceModel behindAShield() {
        DeviceModel plain = Bench.model();
        return new DeviceModel(
                plain.identity(),
                plain.housing(),
                plain.pack(),
                new Anatomy(
                        List.of(
                                Bench.operation("off", OperationKind.POWER_OFF, null, false),
                                way("left"),
                                way("right"),
                                Bench.operation("shield", OperationKind.LIFT_PART, null, true, "way"),
                                Bench.operation("cable", OperationKind.UNLATCH_CONNECTOR, null, true, "way"),
                                Bench.operation("plug", OperationKind.DISCONNECT_PACK, null, true, "shield"),
                                Bench.operation("pack", OperationKind.LIFT_PACK_OUT, null, true, "plug")),
                        List.of("pack"),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of()),
                plain.checks(),
                List.of(),
                List.of(),
                List.of());
    }

    private static Operation way(String id) {
        Operation plain = Bench.operation(id, OperationKind.LIFT_PART, null, true, "off");
        return new Operation(
                id,
                plain.kind(),
                id,
                BigDecimal.ONE,
                plain.handling(),
                new Operation.Order(List.of("off"), "way"),
                plain.care(),
                null);
    }

    @Test
    void workInsideThatLeadsToThePlugComesBeforeItAndNothingElse() {
        Bench bench = new Bench(behindAShield()).assessed().in("off").write(new OpenEntry.ConditionsConfirmed());

        refused(bench, new OpenEntry.StepDone("shield"), "“shield” waits for “way”");
        bench.in("left");
        refused(bench, new OpenEntry.StepDone("cable"), "“cable” works inside: first “plug”");
        bench.in("shield").in("plug").in("cable");
    }

    @Test
    void noFastenerComesOutWhileAJobIsPausedOrRunsDown() {
        Bench declined = new Bench().assessed().in("off").write(quote("Pack A"));
        taken(declined, out("S1", ""));
        declined.write(new ArriveEntry.QuoteAnswered(false, null));
        refused(declined, out("S1", ""), "The owner declined the quote");
        Bench runsDown = new Bench()
                .assessed()
                .in("off")
                .write(new AssessEntry.RunDownChosen(
                        RunDown.School.RUN_DOWN_FIRST, BigDecimal.ONE, BigDecimal.valueOf(80)));
        refused(runsDown, out("S1", ""), "Run it down first");
        assertThat(Admission.refusedNow(runsDown.file(), out("S1", ""), Bench.NOON))
                .isPresent();
        assertThat(Admission.refusedNow(new Bench().assessed().in("off").file(), out("S1", ""), Bench.NOON))
                .isEmpty();
    }

    @Test
    void theWayBackStopsWhereThePackIsNoLongerSound() {
        Bench bench = new Bench().assessed().torn().measured().fitted();
        bench.write(new AssessEntry.Looked(LEAKS));

        refused(bench, new WayBackEntry.StepBack("pack"), "");
        refused(bench, new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S1", "S1"))), "");
    }

    @Test
    void aSolventGoesToTheBondAtHandAndWhatIsWetIsNotPutAway() {
        FreeEntry.SolventApplied elsewhere =
                new FreeEntry.SolventApplied("other", Solvent.Kind.ISOPROPYL, Solvent.Lies.UNDER_A_PART, figure("22"));
        FreeEntry.SolventApplied here =
                new FreeEntry.SolventApplied("free", Solvent.Kind.ISOPROPYL, Solvent.Lies.UNDER_A_PART, figure("22"));
        refused(atTheTape(), elsewhere, "is not the bond at hand");
        refused(
                atTheTape().write(here),
                new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, BigDecimal.TEN, true),
                "It stands open, outdoors or under extraction, until it is dry");
        refused(new Bench().assessed(), new FreeEntry.LeadsNoted(List.of()), "No leads are at hand");
    }

    @Test
    void aNewPackWithLeadsIsJoinedByTheMetersWord() {
        Bench bench = new Bench(Glued.leads())
                .assessed()
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .write(new FreeEntry.SandReady())
                .write(new FreeEntry.LeadsNoted(List.of(
                        new FreeEntry.LeadNote("red", "red", null),
                        new FreeEntry.LeadNote("white", "white", null),
                        new FreeEntry.LeadNote("black", "black", null))))
                .write(new FreeEntry.LeadSchoolChosen(LeadOrder.School.UNSOLDER));
        for (int i = 0; i < 3; i++) {
            String next = Freeing.of(bench.file())
                    .nextConductor(Freeing.of(bench.file()).leadsAtHand().orElseThrow())
                    .orElseThrow();
            bench.write(new FreeEntry.ConductorFreed(next)).write(new FreeEntry.ConductorCovered(next));
        }
        bench.in("plug").in("free").in("pack").measured().fitted();
        bench.write(new WayBackEntry.StepBack("pack")).write(new WayBackEntry.StepBack("free"));

        refused(bench, new WayBackEntry.StepBack("plug"), "Measure the new pack's leads first");
        bench.write(leads("0 3.7 7.4"));
        taken(bench, new WayBackEntry.StepBack("plug"));
    }

    @Test
    void onlyALeadLowersATierAndOnlyOneThatIsHeld() {
        refused(new Bench().assessed(), new AssessEntry.TierLowered("Read twice"), "Only a lead lowers a tier");
        refused(new Bench().assessed(), new AssessEntry.TierLowered("Read twice"), Role.LEAD, "Nothing is held");
    }

    @Test
    void stripsWaitUntilTheHeatHasLeftTheCell() {
        Bench bench = atTheTape()
                .write(heat(Setting.Source.MAT, "55"))
                .later(Duration.ofSeconds(150))
                .write(new FreeEntry.HeatStopped("free"));
        FreeEntry.StripDrawn first = new FreeEntry.StripDrawn("free", BigDecimal.ONE, true, null);

        refused(bench, first, "strips are drawn at");
        bench.later(Duration.ofHours(5));
        refused(bench, first, "Strip 1: it has 0");
    }

    private static Bench unknownDevice() {
        DeviceModel plain = Bench.model();
        DeviceModel.Identity known = plain.identity();
        return new Bench(new DeviceModel(
                        new DeviceModel.Identity(known.id(), known.name(), known.codes(), known.kind(), true),
                        plain.housing(),
                        plain.pack(),
                        plain.anatomy(),
                        plain.checks(),
                        plain.afterwards(),
                        List.of(),
                        List.of()))
                .assessed()
                .torn();
    }

    @Test
    void aNewPackIsHeldAgainstAnOldOneThatSomebodyRead() {
        refused(unknownDevice(), offered("5000", null), "Read the old pack's label and measure its bay first");
        taken(unknownDevice().write(oldPack("5")), offered("5000", null));
    }

    private static FitEntry.OldPackRead oldPack(String thicknessMm) {
        return read("7.4", "2", box(thicknessMm, "80", "120"), box("5.6", "82", "122"));
    }

    @Test
    void aSizeThatMakesASwollenPackSoundIsALeadsToSay() {
        Bench bench = unknownDevice()
                .write(oldPack("5"))
                .thick("5.6")
                .write(new AssessEntry.VoltageTaken(new Voltage(figure("3.8"), null, VoltageSource.CELLS, null, null)));

        refused(bench, oldPack("5.5"), "This would lower the tier from Isolate to");
        assertThat(bench.refusal(oldPack("5.5"), Role.LEAD)).isEmpty();
        taken(bench, oldPack("5"));
        taken(bench, oldPack("4.9"));
    }
}
