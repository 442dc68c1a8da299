package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.VoltageSource;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.RunDown;
import glowkettle.assess.Tier;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.handback.HandBackEntry;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.prove.ProveEntry;
import glowkettle.job.prove.Proving;
import glowkettle.job.wayback.ClosingUp;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.open.WayBack;
import glowkettle.prove.CheckList;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A tier belongs to a pack: the old one takes its own along, the new one is judged by the same rows. */
class PacksTest {
    private static final Look DENTED = new Look(false, false, false, false, true, false, Wet.NO, Damage.NONE);

    private static BigDecimal figure(String text) {
        return new BigDecimal(text);
    }

    private static Entry seen(Look look, String middleMm, String cellV) {
        return new FitEntry.NewPackSeen(
                look,
                new Thickness(figure(middleMm), List.of(), null),
                new Voltage(figure(cellV), null, VoltageSource.PLUG, null, null),
                null);
    }

    private static Bench swollenAndAway() {
        Bench bench = new Bench().assessed().torn().thick("5.6");
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.ISOLATE);
        return bench.write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.ISOLATE, figure("37"), false));
    }

    @Test
    void theOldPackTakesItsTierAlongAndALeadStillSigns() {
        Bench bench = swollenAndAway();
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.CLEAR);
        assertThat(bench.file().oldPackTier().result().tier()).isEqualTo(Tier.ISOLATE);
        assertThat(bench.file().needsLead()).isTrue();
    }

    @Test
    void aDeviceThatWasPutAwayWholeKeepsItsTier() {
        Bench bench = new Bench().assessed().write(new AssessEntry.Looked(DENTED));
        assertThat(bench.refusal(new IsolationEntry.PackStored("1", "Bucket 1", Tier.GUARDED, figure("37"), false)))
                .hasValueSatisfying(why -> assertThat(why).contains("still in the device"));
        bench.write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.GUARDED, figure("37"), true));
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.GUARDED);
    }

    @ParameterizedTest
    @CsvSource({"5.0,3.8,", "5.3,3.8,swollen", "5.0,2.5,Too low", "5.0,1.9,latched off", "5.0,2.51,"})
    void theNewPackIsJudgedBeforeItIsTaken(String middleMm, String cellV, String why) {
        Bench bench = swollenAndAway().write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));
        assertThat(bench.refusal(new FitEntry.PackChosen()))
                .hasValueSatisfying(reason -> assertThat(reason).contains("Look at the new pack first"));
        bench.write(seen(Look.GOOD, middleMm, cellV));
        if (why == null) {
            assertThat(bench.refusal(new FitEntry.PackChosen())).isEmpty();
        } else {
            assertThat(bench.refusal(new FitEntry.PackChosen()))
                    .hasValueSatisfying(reason -> assertThat(reason).contains(why));
        }
    }

    private static WayBackEntry.PackWoken woken(String cellV, String chargeA) {
        return new WayBackEntry.PackWoken(figure(cellV), figure(chargeA));
    }

    @ParameterizedTest
    @CsvSource({"5.0,3.8", "5.3,0", "5.0,2.4"})
    void onlyASoundPackWhoseVoltageNothingShowsIsTakenForAsleep(String middleMm, String cellV) {
        Bench bench = swollenAndAway()
                .write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")))
                .write(seen(Look.GOOD, middleMm, cellV));

        refused(bench, new FitEntry.PackAsleep(), "Only a pack whose plug shows next to nothing");
    }

    @Test
    void aPackThatSleepsGoesInGuardedAndNothingGoesOnBeforeItWokeUnderWatch() {
        Bench bench = swollenAndAway()
                .write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")))
                .write(seen(Look.GOOD, "5.0", "0"))
                .write(new FitEntry.PackAsleep())
                .write(new FitEntry.PackChosen());
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.GUARDED);
        String next = next(bench);
        while (!next.equals(WayBack.LIVE_CHECK)) {
            bench.write(new WayBackEntry.StepBack(next));
            next = next(bench);
        }
        refused(bench, woken("3.7", "0.4"), "is on the charger now");
        bench.write(new WayBackEntry.StepBack(WayBack.LIVE_CHECK));

        refused(bench, new WayBackEntry.StepBack(next(bench)), "went in asleep");
        bench.later(Duration.ofMinutes(9));
        refused(bench, woken("3.7", "0.4"), "Watch its current and its warmth for 10 min");
        bench.later(Duration.ofMinutes(1));
        refused(bench, woken("3.7", "0"), "is no pack that woke");
        refused(bench, woken("1.9", "0.4"), "is no pack that woke");
        refused(bench, woken("3.7", "0.4"), "Take its temperature");
        bench.write(new AssessEntry.WarmthTaken(
                        new Warmth(figure("22"), figure("21"), false, null, BigDecimal.ZERO, null, null, null)))
                .write(woken("3.7", "0.4"));
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.CLEAR);
        taken(bench, new WayBackEntry.StepBack(next(bench)));
    }

    private static String next(Bench bench) {
        return ClosingUp.of(bench.file()).nextStepBack().orElseThrow().id();
    }

    @Test
    void aDentedNewPackIsSentBackAndAnotherOneIsLookedAtAnew() {
        Bench bench = swollenAndAway()
                .write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")))
                .write(seen(DENTED, "5.0", "3.8"));
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.GUARDED);
        assertThat(bench.refusal(new FitEntry.PackChosen()))
                .hasValueSatisfying(why -> assertThat(why).contains("sent back"));
        bench.write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.CLEAR);
        assertThat(bench.refusal(new FitEntry.PackChosen()))
                .hasValueSatisfying(why -> assertThat(why).contains("Look at the new pack first"));
    }

    @Test
    void aGuardedOldPackNeverGoesInAgain() {
        Bench bench = new Bench().assessed().torn().measured();
        assertThat(bench.refusal(new FitEntry.OldPackReturns())).isEmpty();
        bench.thick("5.3");
        assertThat(bench.refusal(new FitEntry.OldPackReturns()))
                .hasValueSatisfying(why -> assertThat(why).contains("Guarded"));
    }

    @Test
    void runDownFirstIsAStepAndNotAdvice() {
        Bench bench = new Bench().assessed();
        bench.write(new AssessEntry.RunDownChosen(RunDown.School.RUN_DOWN_FIRST, figure("6"), figure("70")));
        Entry off = new OpenEntry.StepDone("off");
        assertThat(bench.refusal(off)).hasValueSatisfying(why -> assertThat(why).contains("Run it down first"));
        assertThat(bench.file().next().what()).contains("Run it down to 25");
        bench.later(Duration.ofHours(2)).write(new AssessEntry.ChargeSeen(figure("26")));
        assertThat(bench.refusal(off)).isPresent();
        Entry waived = new AssessEntry.RunDownWaived("It goes dark at 26 %.");
        assertThat(bench.refusal(waived)).isPresent();
        assertThat(bench.refusal(waived, Role.LEAD)).isEmpty();
        bench.write(new AssessEntry.ChargeSeen(figure("25")));
        assertThat(bench.refusal(off)).isEmpty();
    }

    private static Bench readyToSign(CheckList.Outcome outcome) {
        Bench bench = new Bench().assessed().torn().measured().fitted().back();
        Proving.of(bench.file())
                .checks()
                .forEach(check -> bench.write(new ProveEntry.Checked(check.id(), outcome, null)));
        return bench.write(new CalibrateEntry.CycleLeftOut("calibrated by its maker"))
                .write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, figure("37"), false));
    }

    @Test
    void nobodySignsOverAFailedCheckUntilALeadTakesItOnForTheOwner() {
        Bench bench = readyToSign(CheckList.Outcome.FAILS);
        assertThat(bench.refusal(new HandBackEntry.SignedOff(Role.TECHNICIAN)))
                .hasValueSatisfying(why -> assertThat(why).contains("failed"));
        assertThat(bench.refusal(new HandBackEntry.SignedOff(Role.LEAD), Role.LEAD))
                .isPresent();
        bench.write(new HandBackEntry.SignedOff(Role.LEAD, "The left speaker stays silent.", null), Role.LEAD);
        assertThat(bench.file().closed()).isTrue();
    }

    @Test
    void aGuardedJobIsSignedByTwoPeople() {
        Bench bench = new Bench().assessed().torn().thick("5.3");
        bench.write(new AssessEntry.VoltageTaken(new Voltage(figure("3.8"), null, VoltageSource.CELLS, null, null)))
                .fitted()
                .back();
        Proving.of(bench.file())
                .checks()
                .forEach(check -> bench.write(new ProveEntry.Checked(check.id(), CheckList.Outcome.WORKS, null)));
        bench.write(new CalibrateEntry.CycleLeftOut("calibrated by its maker"))
                .write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.GUARDED, figure("37"), false));
        bench.write(new HandBackEntry.SignedOff(Role.TECHNICIAN), Role.LEAD);
        assertThat(bench.file().closed()).isFalse();
        assertThat(bench.refusal(new HandBackEntry.SignedOff(Role.TECHNICIAN)))
                .hasValueSatisfying(why -> assertThat(why).contains("Signed already"));
        assertThat(bench.refusal(new HandBackEntry.SignedOff(Role.LEAD), Role.LEAD))
                .hasValueSatisfying(why -> assertThat(why).contains("second person"));
    }
}
