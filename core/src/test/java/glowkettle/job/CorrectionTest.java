package glowkettle.job;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.arrive.Quote;
import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.VoltageSource;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.Tier;
import glowkettle.free.Bending;
import glowkettle.free.Effort;
import glowkettle.free.Loosening;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.Assessing;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.fit.Fitting;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.handback.HandBackEntry;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.open.Tray;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What stands, stands: what a later entry does to an earlier one. */
class CorrectionTest {
    private static final Entry SMOKE =
            new AssessEntry.Looked(new Look(true, false, false, false, false, false, null, Damage.NONE));
    private static final Entry LEAK =
            new AssessEntry.Looked(new Look(false, false, false, false, false, true, null, Damage.NONE));
    private static final Entry TAKEN_BACK = new TakenBack();
    private static final Entry PILLOW =
            new AssessEntry.Looked(new Look(false, true, false, false, false, false, null, Damage.NONE));

    private static final Entry BENT = new FreeEntry.Bent(
            new Bending.Bend(Bending.Shape.BOWED, BigDecimal.ONE, new BigDecimal("80"), new BigDecimal("5"), false));
    private static final Quote.Request QUOTE = new Quote.Request(new BigDecimal("40"), List.of(), List.of());

    private static Entry warm(String surfaceC) {
        return new AssessEntry.WarmthTaken(Warmth.atRest(surfaceC, "21"));
    }

    private static void refused(Bench bench, long seq, Entry entry, Role by, String why) {
        assertThat(bench.refusal(seq, entry, by))
                .hasValueSatisfying(reason -> assertThat(reason).contains(why));
    }

    @ParameterizedTest
    @EnumSource(names = {"TRAINEE", "TECHNICIAN"})
    void smokeIsCorrectedAwayByALeadAloneAndByTakingItBackWithAReason(Role role) {
        Bench bench = new Bench().assessed().write(SMOKE);
        long smoke = bench.last();
        Entry good = new AssessEntry.Looked(Look.GOOD);
        refused(bench, smoke, good, role, "only a lead");
        refused(bench, smoke, good, Role.LEAD, "with a reason");
        assertThat(bench.refusal(smoke, new TakenBack("It was the kettle."), Role.LEAD))
                .isEmpty();
    }

    @Test
    void whoeverSeesItMakesItWorseAtAnyTime() {
        Bench bench = new Bench().assessed().torn().measured().fitted().back();
        assertThat(bench.refusal(2L, LEAK, Role.TRAINEE)).isEmpty();
        assertThat(bench.refusal(2L, SMOKE, Role.TECHNICIAN)).isEmpty();
    }

    @Test
    void aLeadsWordIsTakenBackByALeadAlone() {
        Bench bench = new Bench().assessed().write(LEAK).write(new AssessEntry.LeadContinued("Cold."), Role.LEAD);
        refused(bench, bench.last(), TAKEN_BACK, Role.TECHNICIAN, "a lead alone");
        assertThat(bench.refusal(bench.last(), TAKEN_BACK, Role.LEAD)).isEmpty();
    }

    @Test
    void aBetterReadingDoesNotLowerIsolateUntilALeadSaysSo() {
        Bench bench = new Bench().assessed().later(Duration.ofHours(1)).write(warm("46"));
        bench.later(Duration.ofHours(1)).write(warm("21"));
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.ISOLATE);
        assertThat(bench.refusal(new AssessEntry.TierLowered("The sun."))).isPresent();
        bench.write(new AssessEntry.TierLowered("It lay in the sun."), Role.LEAD);
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.CLEAR);
        assertThat(bench.file().worstTier()).isEqualTo(Tier.ISOLATE);
        assertThat(bench.refusal(new AssessEntry.TierLowered("Once more."), Role.LEAD))
                .hasValueSatisfying(why -> assertThat(why).contains("Nothing is held"));
        refused(bench, bench.last(), TAKEN_BACK, Role.TECHNICIAN, "a lead alone");
    }

    @Test
    void whatOnlyWaitsForAMeasurementGoesWithIt() {
        Bench bench = new Bench().assessed().torn().write(PILLOW);
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.ISOLATE);
        bench.thick("5.3");
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.GUARDED);
    }

    @Test
    void anotherSizeOfTheOldPackDoesNotLowerItsTier() {
        Bench bench = new Bench().assessed().torn().thick("5.6");
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.ISOLATE);
        Entry thicker = new AssessEntry.ThicknessTaken(new Thickness(new BigDecimal("5.1"), List.of(), null));
        bench.write(thicker);
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.ISOLATE);
        refused(bench, bench.last() - 1, thicker, Role.TECHNICIAN, "only a lead");
    }

    @Test
    void aStepThatCarriesLaterOnesIsNotTakenBack() {
        Bench bench = new Bench().assessed().torn();
        long plug = bench.seqOf(new OpenEntry.StepDone("plug"));
        refused(bench, plug, TAKEN_BACK, Role.LEAD, "stands on it");
        refused(bench, bench.seqOf(new OpenEntry.ConditionsConfirmed()), TAKEN_BACK, Role.LEAD, "stands on it");
        assertThat(bench.refusal(bench.last(), TAKEN_BACK, Role.TECHNICIAN)).isEmpty();
    }

    @Test
    void fastenersThatWentBackWereOut() {
        Bench bench = new Bench().assessed().torn().measured().fitted().back();
        long out = bench.seqOf(new OpenEntry.FastenersOut(List.of("S1", "S2"), List.of()));
        refused(bench, out, new OpenEntry.FastenersOut(List.of("S1"), List.of()), Role.LEAD, "stands on it");
        refused(bench, out, TAKEN_BACK, Role.LEAD, "stands on it");
    }

    @Test
    void whatWasPrisedOrBentStaysSo() {
        Bench bench = new Bench(Glued.tape()).assessed();
        bench.write(BENT);
        refused(bench, bench.last(), TAKEN_BACK, Role.LEAD, "stays so");
        refused(bench, bench.last(), BENT, Role.LEAD, "stays so");
    }

    @Test
    void aPromiseFallsWithTheLabelItWasMadeAbout() {
        Bench bench = new Bench().assessed().torn().measured();
        bench.write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));
        long label = bench.last();
        bench.seen().write(new FitEntry.PackChosen(BigDecimal.valueOf(label)));
        assertThat(Fitting.of(bench.file()).packChosen()).isTrue();

        Bench another = new Bench().assessed().torn().measured().fitted();
        another.write(new FitEntry.PackOffered(Bench.label("7.4", "8.4"))).seen();
        assertThat(Fitting.of(another.file()).packChosen()).isFalse();

        assertThat(bench.refusal(label, new FitEntry.PackOffered(Bench.label("3.7", "4.2")), Role.TECHNICIAN))
                .isEmpty();
        bench.correct(label, new FitEntry.PackOffered(Bench.label("3.7", "4.2")));
        assertThat(Fitting.of(bench.file()).packChosen()).isFalse();
        assertThat(bench.refusal(new WayBackEntry.StepBack("pack"))).isPresent();
        assertThat(Fitting.of(bench.file()).promiseFallen())
                .hasValueSatisfying(why -> assertThat(why).contains("refused"));
    }

    @Test
    void onceTheWayBackHasBegunTheLabelStandsUnderIt() {
        Bench bench = new Bench().assessed().torn().measured();
        bench.write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));
        long label = bench.last();
        bench.seen().write(new FitEntry.PackChosen()).back();
        refused(bench, label, new FitEntry.PackOffered(Bench.label("3.7", "4.2")), Role.LEAD, "stands on it");
        assertThat(bench.refusal(new FitEntry.PackOffered(Bench.label("3.7", "4.2"))))
                .hasValueSatisfying(why -> assertThat(why).contains("way back has begun"));
    }

    @Test
    void aNewPackThatTurnsOutLeakyIsWrittenDownWhateverStandsOnIt() {
        Bench bench = new Bench().assessed().torn().measured().fitted();
        long seen = bench.last() - 1;
        bench.back();
        Entry leaky = new FitEntry.NewPackSeen(
                new Look(false, false, false, false, false, true, null, Damage.NONE),
                new Thickness(new BigDecimal("5"), List.of(), null),
                new Voltage(new BigDecimal("3.8"), null, VoltageSource.PLUG, null, null),
                null);
        assertThat(bench.refusal(seen, leaky, Role.TRAINEE)).isEmpty();
        bench.correct(seen, leaky);
        assertThat(Fitting.of(bench.file()).packChosen()).isFalse();
        assertThat(Assessing.of(bench.file()).halted()).isTrue();
    }

    @Test
    void theOldPackReturnsOnlyWhileItIsAsSoundAsItCameOut() {
        Bench bench = new Bench().assessed().torn().measured().write(new FitEntry.OldPackReturns());
        assertThat(Fitting.of(bench.file()).keepsPack()).isTrue();
        bench.thick("5.3");
        assertThat(Fitting.of(bench.file()).keepsPack()).isFalse();
        assertThat(bench.refusal(new WayBackEntry.StepBack("pack"))).isPresent();
    }

    @Test
    void aNewPackIsNotChosenWhileTheOldOneIsInside() {
        Bench bench = new Bench()
                .assessed()
                .write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")))
                .seen();
        assertThat(bench.refusal(new FitEntry.PackChosen()))
                .hasValueSatisfying(why -> assertThat(why).contains("still in the device"));
    }

    @Test
    void whatWasReleasedIsNotRewritten() {
        Bench bench = new Bench()
                .assessed()
                .torn()
                .measured()
                .write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, BigDecimal.TEN, false));
        long stored = bench.last();
        bench.write(new IsolationEntry.PackReleased(1, "Harbour collectors"), Role.LEAD);
        refused(bench, stored, TAKEN_BACK, Role.LEAD, "left the house");
        refused(
                bench,
                stored,
                new IsolationEntry.PackStored("2", "Bucket 2", Tier.CLEAR, BigDecimal.TEN, false),
                Role.LEAD,
                "left the house");
    }

    @Test
    void nobodyCarriesAnEvacuate() {
        Bench bench = new Bench().assessed().torn().write(SMOKE);
        assertThat(bench.refusal(
                        new IsolationEntry.PackStored("1", "Bucket 1", Tier.EVACUATE, BigDecimal.TEN, false),
                        Role.LEAD))
                .hasValueSatisfying(why -> assertThat(why).contains("nobody carries it"));
        assertThat(bench.refusal(new AssessEntry.Evacuated("Hiss at 14:05, everybody out."), Role.TRAINEE))
                .isEmpty();
    }

    @Test
    void aDeclinedQuoteStopsOpeningAndTheDeviceGoesBackAsItCame() {
        Bench bench = new Bench().assessed().write(new ArriveEntry.Quoted(QUOTE));
        bench.write(new ArriveEntry.QuoteAnswered(false, null));
        assertThat(bench.refusal(new OpenEntry.StepDone("off")))
                .hasValueSatisfying(why -> assertThat(why).contains("declined"));
        assertThat(bench.refusal(new OpenEntry.FastenersOut(List.of("S1"), List.of())))
                .isPresent();
        assertThat(bench.refusal(new HandBackEntry.SignedOff(Role.TECHNICIAN))).isEmpty();
        bench.write(new ArriveEntry.QuoteAnswered(true, null));
        assertThat(bench.refusal(new OpenEntry.StepDone("off"))).isEmpty();
    }

    @Test
    void nothingGoesIntoAHoleThatNeverStoodOpen() {
        Bench bench = new Bench().assessed().torn().measured();
        Entry back = new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S1", "S1")));
        assertThat(bench.refusal(back))
                .hasValueSatisfying(why -> assertThat(why).contains("No pack has been chosen"));
        bench.fitted();
        assertThat(bench.refusal(new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S9", "S1")))))
                .hasValueSatisfying(why -> assertThat(why).contains("S9"));
        assertThat(bench.refusal(new WayBackEntry.FastenersBack(
                        List.of(new Tray.Placement("S1", "S1"), new Tray.Placement("S1", "S2")))))
                .hasValueSatisfying(why -> assertThat(why).contains("filled twice"));
    }

    @Test
    void aSignedJobStaysClosedWhateverItsOldPackDoes() {
        Bench bench = new Bench().assessed().torn().measured();
        bench.write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, BigDecimal.TEN, false))
                .fitted()
                .back()
                .proven()
                .write(new CalibrateEntry.CycleLeftOut("The owner takes it as it is."));
        bench.write(new HandBackEntry.SignedOff(Role.TECHNICIAN));
        assertThat(bench.file().closed()).isTrue();
        bench.later(Duration.ofHours(2))
                .write(new IsolationEntry.Watched(new BigDecimal("31"), new BigDecimal("21"), null));
        assertThat(bench.file().closed()).isTrue();
        refused(bench, 2, TAKEN_BACK, Role.LEAD, "signed and closed");
        assertThat(bench.refusal(bench.last(), new TakenBack("Read off the bucket's lamp."), Role.LEAD))
                .isEmpty();
    }

    @Test
    void stripsAndTriesOfTheBondStandOnWhatCameBefore() {
        Bench bench = new Bench(Glued.tape())
                .assessed()
                .write(new AssessEntry.ChargeSeen(new BigDecimal("24")))
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .in("plug")
                .write(new FreeEntry.SandReady());
        bench.write(new FreeEntry.Prised("free", Loosening.CARD, Effort.SOME));
        long sand = bench.seqOf(new FreeEntry.SandReady());
        refused(bench, sand, TAKEN_BACK, Role.LEAD, "stands on it");
        assertThat(bench.refusal(new FitEntry.OldPackReturns()))
                .hasValueSatisfying(why -> assertThat(why).contains("prised"));
    }

    @Test
    void aSeamReadAnewIsCorrectedByAnybodyWhileNothingIsolates() {
        Bench bench = new Bench().assessed();
        assertThat(bench.refusal(
                        bench.last(),
                        new AssessEntry.SeamTaken(new Seam(List.of(new BigDecimal("0.2")), null, false)),
                        Role.TRAINEE))
                .isEmpty();
    }
}
