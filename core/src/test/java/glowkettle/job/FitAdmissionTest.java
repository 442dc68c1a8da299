package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.VoltageSource;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.open.OpenEntry;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A pack goes in only when it was read, looked at and measured, is sound, and there is room for it. */
class FitAdmissionTest {
    private static final Look LEAKS = new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE);
    private static final Look UNTOLD = new Look(null, null, null, null, null, null, null, Damage.NONE);

    private static BigDecimal figure(String text) {
        return new BigDecimal(text);
    }

    private static Bench offered() {
        return new Bench().assessed().torn().measured().write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));
    }

    private static FitEntry.NewPackSeen seen(Look look, String middleMm, String restedV) {
        return new FitEntry.NewPackSeen(
                look,
                new Thickness(middleMm.isEmpty() ? null : figure(middleMm), List.of(), null),
                new Voltage(restedV.isEmpty() ? null : figure(restedV), null, VoltageSource.PLUG, null, null),
                null);
    }

    @Test
    void nothingIsLookedAtBeforeItsLabelWasRead() {
        Bench bench = new Bench().assessed().torn().measured();

        refused(bench.refusal(seen(Look.GOOD, "5", "3.8")), "Read the new pack's label first");
    }

    @Test
    void aNewPackIsSeenWithEveryReading() {
        assertThat(offered().refusal(seen(Look.GOOD, "5", "3.8"))).isEmpty();
        assertThat(offered().refusal(seen(UNTOLD, "5", "3.8"))).isPresent();
        assertThat(offered().refusal(seen(Look.GOOD, "", "3.8"))).isPresent();
        assertThat(offered().refusal(seen(Look.GOOD, "5", ""))).isPresent();
    }

    @Test
    void aNewPackIsReadWithFiguresThatCanBeTrue() {
        Bench bench = offered();

        refused(bench, seen(Look.GOOD, "3.9", "3.8"), "no pack is that much thinner");
        refused(bench, seen(Look.GOOD, "5", "7.6"), "more than any cell holds");
        taken(bench, seen(Look.GOOD, "5", "3.8"));
    }

    @Test
    void aNewPackThatLeaksIsNotChosen() {
        Bench bench = offered().write(seen(LEAKS, "5", "3.8"));

        assertThat(bench.refusal(new FitEntry.PackChosen())).isPresent();
    }

    @Test
    void aNewPackThatSwellsIsNotChosen() {
        Bench bench = offered().write(seen(Look.GOOD, "5.9", "3.8"));

        assertThat(bench.refusal(new FitEntry.PackChosen())).isPresent();
    }

    @Test
    void aNewPackThatNobodyLookedAtIsNotChosen() {
        assertThat(offered().refusal(new FitEntry.PackChosen())).isPresent();
        assertThat(offered().seen().refusal(new FitEntry.PackChosen())).isEmpty();
    }

    @Test
    void nothingIsChosenWhileTheOldPackLiesInItsBay() {
        Bench bench = new Bench().assessed();

        refused(bench.refusal(new FitEntry.PackChosen()), "The old pack is still in the device");
    }

    @Test
    void whatWasReadSinceIsLookedAtBeforeItIsChosen() {
        Bench bench = offered().seen();
        long first = bench.seqOf(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));
        assertThat(bench.refusal(new FitEntry.PackChosen(figure(String.valueOf(first)))))
                .isEmpty();
        bench.write(new FitEntry.PackOffered(Bench.label("7.6", "8.7")));

        refused(
                bench.refusal(new FitEntry.PackChosen(figure(String.valueOf(first)))),
                "Another pack has been read since");
    }

    @Test
    void nothingIsChosenAnewOnceTheWayBackHasBegun() {
        Bench bench = new Bench().assessed().torn().measured().fitted();
        bench.write(new glowkettle.job.wayback.WayBackEntry.StepBack(glowkettle.job.wayback.ClosingUp.of(bench.file())
                .nextStepBack()
                .orElseThrow()
                .id()));

        refused(bench.refusal(new FitEntry.PackChosen()), "The way back has begun");
        refused(bench.refusal(new FitEntry.OldPackReturns()), "The way back has begun");
    }

    @Test
    void aSoundOldPackMayReturn() {
        assertThat(new Bench().assessed().torn().inHand().refusal(new FitEntry.OldPackReturns()))
                .isEmpty();
    }

    @Test
    void anOldPackThatWasNotMeasuredInTheHandDoesNot() {
        assertThat(new Bench().assessed().torn().refusal(new FitEntry.OldPackReturns()))
                .isPresent();
    }

    /** Guarded from 5 %, isolated from 10 %: neither goes back in. */
    @ParameterizedTest
    @CsvSource({"5.3, Guarded", "5.6, Isolate"})
    void anOldPackThatSwellsDoesNot(String middleMm, String tier) {
        Bench bench = new Bench().assessed().torn().inHand().thick(middleMm);

        refused(bench.refusal(new FitEntry.OldPackReturns()), "tier " + tier);
    }

    /** What once isolated it counts, though the newest readings do not say it any more. */
    @Test
    void anOldPackThatOnceLeakedDoesNotWhateverIsReadLater() {
        Bench bench = new Bench()
                .assessed()
                .torn()
                .inHand()
                .unasked(new AssessEntry.Looked(LEAKS))
                .unasked(new AssessEntry.Looked(Look.GOOD));

        assertThat(bench.refusal(new FitEntry.OldPackReturns())).isPresent();
    }

    @Test
    void aStepThatIsTakenBackFreesTheChoiceAgain() {
        Bench bench = new Bench().assessed().torn().measured();

        assertThat(bench.refusal(new OpenEntry.StepDone("pack"))).isPresent();
        assertThat(bench.write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")))
                        .seen()
                        .refusal(new FitEntry.PackChosen()))
                .isEmpty();
    }
}
