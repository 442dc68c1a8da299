package glowkettle.job;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.RunDown;
import glowkettle.assess.Tier;
import glowkettle.assess.TimedRun;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.Assessing;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.fit.Fitting;
import glowkettle.job.handback.HandBackEntry;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.open.Opening;
import glowkettle.job.photo.PhotoEntry;
import glowkettle.job.prove.ProveEntry;
import glowkettle.job.prove.Proving;
import glowkettle.job.wayback.ClosingUp;
import glowkettle.job.wayback.JobTray;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.open.Tray;
import glowkettle.prove.CheckList;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class AdmissionTest {
    private static final Look LEAKS = new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE);

    private static Entry in(String step) {
        return new OpenEntry.StepDone(step);
    }

    @Test
    void aStepWaitsForWhatStandsBeforeIt() {
        Bench bench = new Bench().assessed();

        assertThat(bench.refusal(in("cover")))
                .hasValueSatisfying(why -> assertThat(why).contains("waits for “screws”"));
        assertThat(bench.refusal(in("lid")))
                .hasValueSatisfying(why -> assertThat(why).contains("'lid' is no step"));
        bench.in("off");
        assertThat(bench.refusal(in("off")))
                .hasValueSatisfying(why -> assertThat(why).contains("is done already"));
    }

    @Test
    void looseningEndsWithItsLastFastenerOutOrMissing() {
        Bench bench = new Bench().assessed().in("off");
        assertThat(bench.refusal(in("screws")))
                .hasValueSatisfying(why -> assertThat(why).contains("Still in: S1, S2"));
        bench.write(new OpenEntry.FastenersOut(List.of("S1"), List.of()));
        assertThat(Opening.of(bench.file()).stepsIn()).doesNotContain("screws");
        assertThat(bench.refusal(new OpenEntry.FastenersOut(List.of("S1"), List.of())))
                .isPresent();
        bench.write(new OpenEntry.FastenersOut(List.of(), List.of("S2")));
        assertThat(Opening.of(bench.file()).stepsIn()).contains("screws");
        assertThat(JobTray.of(bench.file()).tray().result().out()).isEqualTo(1);
    }

    @Test
    void nothingInsideIsTouchedBeforeConditionsAreConfirmedAndThePackIsOff() {
        Bench bench = new Bench()
                .assessed()
                .in("off")
                .write(new OpenEntry.FastenersOut(List.of("S1", "S2"), List.of()))
                .in("cover");

        assertThat(bench.refusal(in("plug")))
                .hasValueSatisfying(why -> assertThat(why).contains("wrist strap"));
        bench.write(new OpenEntry.ConditionsConfirmed());
        assertThat(bench.refusal(in("cable")))
                .hasValueSatisfying(why -> assertThat(why).contains("works inside: first “plug”"));
        bench.in("plug");
        assertThat(bench.refusal(in("cable"))).isEmpty();
    }

    @Test
    void anIsolatedJobStandsStillUntilALeadGoesOnWithAReason() {
        Bench bench = new Bench().assessed().write(new AssessEntry.Looked(LEAKS));

        assertThat(bench.refusal(in("off")))
                .hasValueSatisfying(why -> assertThat(why).contains("Tier Isolate"));
        Entry goOn = new AssessEntry.LeadContinued("Cold removal outdoors.");
        assertThat(bench.refusal(goOn, Role.TECHNICIAN)).isPresent();
        bench.write(goOn, Role.LEAD);
        assertThat(bench.refusal(in("off")))
                .hasValueSatisfying(why -> assertThat(why).contains("Cold removal"));
        bench.readyForColdRemoval();
        assertThat(bench.refusal(in("off"))).isEmpty();
        assertThat(new Bench().assessed().refusal(goOn, Role.LEAD)).isPresent();
    }

    /** Each thing by itself, in its order; who takes the pack out is a lead's word. */
    @Test
    void aColdRemovalBeginsWithEachThingConfirmedInItsOrder() {
        Bench bench = new Bench().assessed().write(new AssessEntry.Looked(LEAKS));
        Entry eyes = new AssessEntry.ColdRemovalConfirmed(AssessEntry.ColdStep.EYES, null);
        assertThat(bench.refusal(eyes)).isPresent();
        bench.write(new AssessEntry.LeadContinued("Outdoors."), Role.LEAD);
        assertThat(bench.refusal(eyes))
                .hasValueSatisfying(why -> assertThat(why).contains("First: Off"));
        for (AssessEntry.ColdStep step : AssessEntry.ColdStep.values()) {
            assertThat(next(bench)).contains(step.words());
            if (step.named()) {
                assertThat(bench.refusal(new AssessEntry.ColdRemovalConfirmed(step, null), Role.LEAD))
                        .contains("Say who.");
            }
            Entry confirmed = new AssessEntry.ColdRemovalConfirmed(step, step.named() ? "Person " + step : null);
            assertThat(bench.refusal(confirmed).isPresent()).isEqualTo(step == AssessEntry.ColdStep.REMOVER);
            bench.write(confirmed, Role.LEAD);
        }
        assertThat(Assessing.of(bench.file()).coldRemovalNext()).isEmpty();
        assertThat(bench.refusal(in("off"))).isEmpty();
    }

    /** What comes after a lead's word was not in it: a smell during a removal of a swollen pack stops it. */
    @Test
    void aNewReasonToIsolateStopsAColdRemoval() {
        Bench bench = new Bench()
                .assessed()
                .write(new AssessEntry.SeamTaken(new Seam(List.of(new BigDecimal("1.4")), null, null)))
                .write(new AssessEntry.LeadContinued("Outdoors."), Role.LEAD)
                .readyForColdRemoval();
        assertThat(Assessing.of(bench.file()).halted()).isFalse();
        bench.write(new AssessEntry.Looked(LEAKS));
        assertThat(Assessing.of(bench.file()).halted()).isTrue();
        assertThat(bench.refusal(in("off"))).isPresent();
    }

    private static String next(Bench bench) {
        return bench.file().next().what();
    }

    /** A lead went on; then it got worse than anybody agreed to. */
    @Test
    void whatALeadAgreedToDoesNotCoverSmoke() {
        Bench bench = new Bench().assessed().write(new AssessEntry.Looked(LEAKS));
        bench.write(new AssessEntry.LeadContinued("Cold removal outdoors."), Role.LEAD);
        bench.write(new AssessEntry.Looked(new Look(true, false, false, false, false, true, Wet.NO, Damage.NONE)));

        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.EVACUATE);
        assertThat(Assessing.of(bench.file()).halted()).isTrue();
        assertThat(bench.refusal(in("off"))).isPresent();
    }

    @Test
    void aTraineeStopsWhereTheTierDoes() {
        Bench bench = new Bench().assessed();
        assertThat(bench.refusal(in("off"), Role.TRAINEE)).isEmpty();
        bench.write(new AssessEntry.Looked(LEAKS));
        assertThat(bench.refusal(new OpenEntry.Noted(null, "a patch"), Role.TRAINEE))
                .isPresent();
        // A telephone has nobody signed in, and a picture of what is dangerous hurts nobody.
        assertThat(bench.refusal(new PhotoEntry.PhotoTaken("p1", null, null), Role.TRAINEE))
                .isEmpty();
        bench.write(new AssessEntry.Looked(new Look(true, false, false, false, false, true, Wet.NO, Damage.NONE)));
        assertThat(bench.refusal(new PhotoEntry.PhotoTaken("p2", null, null), Role.TRAINEE))
                .isEmpty();
        assertThat(bench.refusal(new AssessEntry.Evacuated("Bucket smoked, brigade came."), Role.TRAINEE))
                .isEmpty();
    }

    static Stream<Entry> emptyReadings() {
        return Stream.of(
                new AssessEntry.Looked(Look.NONE),
                new AssessEntry.WarmthTaken(Warmth.NONE),
                new AssessEntry.SeamTaken(Seam.NONE),
                new AssessEntry.ThicknessTaken(Thickness.NONE),
                new AssessEntry.VoltageTaken(Voltage.NONE));
    }

    @ParameterizedTest
    @MethodSource("emptyReadings")
    void aReadingInWhichNothingWasReadIsRefused(Entry empty) {
        assertThat(new Bench().refusal(empty)).isPresent();
    }

    @Test
    void aRefusedPackIsNotChosenAndNothingIsClosedOverAnEmptyBay() {
        Bench bench = new Bench().assessed().torn().measured();
        assertThat(bench.refusal(new FitEntry.PackChosen())).isPresent();
        assertThat(bench.refusal(new WayBackEntry.StepBack("pack")))
                .hasValueSatisfying(why -> assertThat(why).contains("empty bay"));
        bench.write(new FitEntry.PackOffered(Bench.label("7.2", "8.2")));
        assertThat(bench.refusal(new FitEntry.PackChosen())).isPresent();
        bench.fitted();
        assertThat(Fitting.of(bench.file()).packChosen()).isTrue();
    }

    @Test
    void theWayBackIsWalkedInItsOrderAndAnEmptyHoleIsNamed() {
        Bench bench = new Bench().assessed().torn().measured().fitted();
        assertThat(bench.refusal(new WayBackEntry.StepBack("cover")))
                .hasValueSatisfying(why -> assertThat(why).contains("The next step back is"));
        while (!ClosingUp.of(bench.file()).nextStepBack().orElseThrow().id().equals("screws")) {
            bench.write(new WayBackEntry.StepBack(
                    ClosingUp.of(bench.file()).nextStepBack().orElseThrow().id()));
        }
        bench.write(new WayBackEntry.FastenersBack(List.of(new Tray.Placement("S1", "S1"))));
        assertThat(bench.refusal(new WayBackEntry.StepBack("screws")))
                .hasValueSatisfying(why -> assertThat(why).contains("Empty holes: S2"));
    }

    @Test
    void checksCycleAndSignaturesWaitForTheirTurn() {
        Bench bench = new Bench().assessed().torn().measured().fitted();
        Entry check = new ProveEntry.Checked("start", CheckList.Outcome.WORKS, null);
        assertThat(bench.refusal(check)).isPresent();
        assertThat(bench.refusal(CycleAdmissionTest.event(CalibrateEntry.CycleStep.CHARGE_STARTED, 5)))
                .isPresent();
        bench.back();
        assertThat(bench.refusal(check)).isEmpty();
        assertThat(bench.refusal(new ProveEntry.Checked("radar", CheckList.Outcome.WORKS, null)))
                .isPresent();
        assertThat(bench.refusal(new HandBackEntry.SignedOff(Role.TECHNICIAN)))
                .hasValueSatisfying(why -> assertThat(why).contains("Not ready to sign"));
    }

    @Test
    void aClosedJobTakesAddendaOnly() {
        Bench bench = new Bench().assessed().torn().measured().fitted().back();
        Proving.of(bench.file())
                .checks()
                .forEach(check -> bench.write(new ProveEntry.Checked(check.id(), CheckList.Outcome.WORKS, null)));
        bench.write(new CalibrateEntry.CycleLeftOut("calibrated by its maker"))
                .write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, new BigDecimal("37"), null));
        assertThat(bench.refusal(
                        new IsolationEntry.PackStored("2", "Bucket 2", Tier.CLEAR, new BigDecimal("37"), null)))
                .hasValueSatisfying(why -> assertThat(why).contains("Bucket 1"));
        bench.write(new HandBackEntry.SignedOff(Role.TECHNICIAN));

        assertThat(bench.file().closed()).isTrue();
        assertThat(bench.refusal(new OpenEntry.Noted(null, "late"))).isPresent();
        assertThat(bench.refusal(new HandBackEntry.Addendum("The owner came back content.")))
                .isEmpty();
    }

    @Test
    void aPackIsWatchedAndReleasedOnlyWhileItLiesInTheStore() {
        Bench bench = new Bench().assessed();
        IsolationEntry.Watched look = new IsolationEntry.Watched(BigDecimal.valueOf(21), BigDecimal.valueOf(21), null);
        IsolationEntry.PackReleased released = new IsolationEntry.PackReleased(1, "Barge");

        assertThat(bench.refusal(look))
                .hasValueSatisfying(reason -> assertThat(reason).contains("is in no container"));
        bench.torn()
                .measured()
                .write(new IsolationEntry.PackStored("1", "Bucket", Tier.CLEAR, BigDecimal.TEN, null))
                .write(look);
        assertThat(bench.refusal(released)).contains("Only a lead releases a pack for disposal.");
        bench.write(released, Role.LEAD);
        assertThat(bench.refusal(look))
                .hasValueSatisfying(reason -> assertThat(reason).contains("has left the store"));
        assertThat(bench.refusal(new IsolationEntry.PackStored("1", "Bucket", Tier.CLEAR, BigDecimal.TEN, null)))
                .contains("The old pack has left the store.");
    }

    @Test
    void anIsolatedPackIsNeverRunDown() {
        Bench bench = new Bench().assessed();
        AssessEntry.RunDownChosen down =
                new AssessEntry.RunDownChosen(RunDown.School.RUN_DOWN_FIRST, BigDecimal.ONE, BigDecimal.valueOf(80));
        assertThat(bench.refusal(down)).isEmpty();

        bench.write(new AssessEntry.Looked(new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE)));
        assertThat(bench.refusal(down)).contains("Tier Isolate: the plan waits; no power, no charge, no heat.");
        assertThat(bench.refusal(
                        new AssessEntry.RunDownChosen(RunDown.School.LEAVE_AS_IT_IS, null, BigDecimal.valueOf(80))))
                .isEmpty();
    }

    @Test
    void figuresThatCannotBeJudgedTogetherAreAskedForAgainAtOnce() {
        assertThat(new Bench()
                        .refusal(new AssessEntry.RunTimed(new TimedRun.Readings(
                                new TimedRun.Ran(BigDecimal.TEN, BigDecimal.ONE, true, false),
                                BigDecimal.ONE,
                                null,
                                null,
                                BigDecimal.TEN,
                                BigDecimal.TEN))))
                .hasValueSatisfying(reason -> assertThat(reason).contains("lies before last seen running"));
    }

    @Test
    void onlyALeadHasAJobJudgedByANewerVersion() {
        Bench bench = new Bench();
        AssessEntry.Rejudged rejudged = new AssessEntry.Rejudged(3, "Stricter since Monday");

        assertThat(bench.refusal(rejudged, Role.TECHNICIAN)).isPresent();
        assertThat(bench.refusal(new AssessEntry.Rejudged(0, "again"), Role.LEAD))
                .isPresent();
        assertThat(Assessing.limitsVersion(
                        bench.write(rejudged, Role.LEAD).file().state()))
                .isEqualTo(3);
    }
}
