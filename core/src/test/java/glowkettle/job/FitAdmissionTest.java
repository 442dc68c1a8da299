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
import glowkettle.cell.Calipered;
import glowkettle.fit.Offer;
import glowkettle.fit.PackLabel;
import glowkettle.fit.Worth;
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

    private static FitEntry.OfferNoted noted(String name, String capacityMah, String sizeCode) {
        PackLabel label = new PackLabel(
                new PackLabel.Printed(figure("7.4"), figure("8.4"), figure(capacityMah), null, sizeCode, null),
                sizeCode == null ? Bench.label("7.4", "8.4").size() : new Calipered(null, null, null),
                null,
                null,
                null,
                true);
        return new FitEntry.OfferNoted(
                new Offer(name, Worth.Source.values()[0], figure("39"), null, new Offer.Delivery(null, null), label));
    }

    @Test
    void fourOffersStandSideBySideAndOneOfTheNameTakesItsPlace() {
        Bench bench = new Bench().assessed();
        for (String name : List.of("A", "B", "C", "D")) {
            bench.write(noted(name, "5000", null));
        }
        refused(bench, noted("E", "5000", null), "4 offers stand side by side already");
        taken(bench, noted("D", "4800", null));
        refused(bench, new FitEntry.OfferDropped("E"), "No offer is called 'E'");
        bench.write(new FitEntry.OfferDropped("D"));
        taken(bench, noted("E", "5000", null));
    }

    @Test
    void anOfferThatNobodyCanReadIsRefusedAtItsField() {
        refused(new Bench().assessed(), noted("A", "5000", "99x"), "99x");
        refused(new Bench().assessed(), noted("A", "1000000", null), "cannot be charged by this device");
        assertThat(new Bench().assessed().fieldOf(noted("A", "1000000", null))).contains("offer.label.capacityMah");
        assertThat(new Bench().assessed().fieldOf(noted("A", "5000", "99x"))).contains("offer.label.sizeCode");
        refused(
                new Bench().assessed(),
                new FitEntry.PackOffered(noted("A", "5000", "99x").offer().label()),
                "99x");
    }

    @Test
    void aBackupCellIsSettledWhereOneCameOut() {
        FitEntry.CoinCellSettled back = new FitEntry.CoinCellSettled(FitEntry.CoinCell.BACK, null);
        refused(new Bench().assessed().torn(), back, "No backup cell came out");
        Bench bench = new Bench(Glued.withCoinCell("cable")).assessed();
        refused(bench, back, "No backup cell came out");
        bench.torn();
        for (FitEntry.CoinCell outcome : FitEntry.CoinCell.values()) {
            taken(bench, new FitEntry.CoinCellSettled(outcome, "Bucket of sand"));
            Refusals.held(
                    bench,
                    new FitEntry.CoinCellSettled(outcome, null),
                    outcome == FitEntry.CoinCell.BACK ? null : "Missing: where the one that came out lies");
        }
        bench.write(back).measured().fitted();
        bench.write(new glowkettle.job.wayback.WayBackEntry.StepBack(glowkettle.job.wayback.ClosingUp.of(bench.file())
                .nextStepBack()
                .orElseThrow()
                .id()));
        refused(bench, back, "The way back has begun");
    }
}
