package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.RunDown;
import glowkettle.assess.Tier;
import glowkettle.calibrate.SoakVerdict;
import glowkettle.job.assess.AssessChapter;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.AssessEntry.ColdStep;
import glowkettle.job.assess.Assessing;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.open.OpenEntry;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What an isolated pack asks for, in which order, and what nobody may do to it meanwhile. */
class IsolatedAdmissionTest {
    private static final Look PILLOW = new Look(null, true, null, null, null, null, null, Look.NONE.damage());

    private static BigDecimal n(String figure) {
        return new BigDecimal(figure);
    }

    private static Bench goneOnWith() {
        return new Bench()
                .assessed()
                .write(new AssessEntry.Looked(PILLOW))
                .write(new AssessEntry.LeadContinued("Cold removal outdoors."), Role.LEAD);
    }

    private static Bench cold() {
        return goneOnWith().readyForColdRemoval();
    }

    private static AssessEntry.ColdStepLooked looked(boolean smell) {
        return new AssessEntry.ColdStepLooked(false, smell, false);
    }

    private static AssessEntry.ColdRemovalConfirmed confirmed(ColdStep step, @Nullable String name) {
        return new AssessEntry.ColdRemovalConfirmed(step, name);
    }

    /** A pack of tier Isolate in a hand goes into a container before anything else is read of it. */
    @Test
    void theContainerComesBeforeEveryOtherReadingOfAPackInTheHand() {
        Bench bench = cold();
        for (Entry step : List.<Entry>of(
                new OpenEntry.StepDone("off"),
                new OpenEntry.FastenersOut(List.of("S1", "S2"), List.of()),
                new OpenEntry.StepDone("cover"),
                new OpenEntry.ConditionsConfirmed(),
                new OpenEntry.StepDone("plug"),
                new OpenEntry.StepDone("cable"),
                new OpenEntry.StepDone("pack"))) {
            bench.write(step);
            if (Assessing.of(bench.file()).owesAColdLook()) {
                bench.write(looked(false));
            }
        }
        assertThat(bench.file().next().what()).startsWith("Isolate it: into container");
        assertThat(new AssessChapter().calls(bench.file(), Hours.ALWAYS))
                .anyMatch(call -> call.danger() == Danger.LOOSE);
    }

    @Test
    void everyStepOfAColdRemovalWaitsForALookAndASmellStopsIt() {
        Bench bench = cold().in("off");
        refused(bench, new OpenEntry.FastenersOut(List.of("S1"), List.of()), "look, smell and feel");
        assertThat(bench.file().next().what()).contains("look, smell and feel");
        bench.write(looked(false)).write(new OpenEntry.FastenersOut(List.of("S1"), List.of()));
        bench.write(looked(true));
        assertThat(Assessing.of(bench.file()).halted()).isTrue();
        refused(bench, new OpenEntry.FastenersOut(List.of("S2"), List.of()), "Tier Isolate");
        assertThat(bench.file().next().what()).startsWith("Isolate it");
    }

    @Test
    void theSecondPersonIsAnotherPerson() {
        Bench bench = goneOnWith();
        for (ColdStep step : ColdStep.values()) {
            if (step != ColdStep.REMOVER) {
                bench.write(confirmed(step, step.named() ? "A. Quayside" : null));
            }
        }
        assertThat(bench.refusal(confirmed(ColdStep.REMOVER, " a.  quayside"), Role.LEAD))
                .hasValueSatisfying(why -> assertThat(why).contains("stays near"));
        assertThat(bench.refusal(confirmed(ColdStep.REMOVER, "B. Mooring"), Role.LEAD))
                .isEmpty();
    }

    /** The device's readings come before the confirmations, and a reading that follows does not void them. */
    @Test
    void readingsComeFirstAndConfirmationsStayWhenOneFollows() {
        Bench unread = new Bench()
                .write(new AssessEntry.Looked(PILLOW))
                .write(new AssessEntry.LeadContinued("Cold."), Role.LEAD);
        assertThat(unread.file().next().what()).doesNotStartWith("Cold removal");

        Bench bench = cold();
        bench.write(new AssessEntry.SeamTaken(new Seam(List.of(n("1.4")), null, null)));
        assertThat(Assessing.of(bench.file()).halted()).isTrue();
        bench.write(new AssessEntry.LeadContinued("Still cold, outdoors."), Role.LEAD);
        assertThat(Assessing.of(bench.file()).coldRemovalNext()).isEmpty();
    }

    /** Energy, time and power are held against each other. */
    @ParameterizedTest
    @CsvSource({"0, 73, true", "0, 72.9, false", "60, 66, true", "60, 12, false", "600, 20, true"})
    void aChargeThatFallsFasterThanItsLoadIsReadAgain(long minutes, String socPercent, boolean believed) {
        Bench bench = new Bench()
                .assessed()
                .write(new AssessEntry.RunDownChosen(RunDown.School.RUN_DOWN_FIRST, n("1.3"), n("78")))
                .later(Duration.ofMinutes(minutes));
        AssessEntry.ChargeSeen seen = new AssessEntry.ChargeSeen(n(socPercent));
        if (believed) {
            taken(bench, seen);
        } else {
            refused(bench, seen, "cannot both be true");
        }
    }

    /** A reading of two figures comes in two parts; the later one erases nothing. */
    @Test
    void theAirAloneLeavesTheSurfaceAsItWasRead() {
        Bench bench = new Bench()
                .assessed()
                .later(Duration.ofHours(2))
                .write(new AssessEntry.WarmthTaken(new Warmth(n("31"), n("21"), true, null, null, null, null, null)))
                .write(new AssessEntry.WarmthTaken(new Warmth(null, n("22"), null, null, null, null, null, null)));
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.ISOLATE);
        assertThat(bench.file().tier().findings())
                .noneMatch(finding -> finding.ruleId().asksForAReading());
    }

    /** Whatever brings current, heat or force, wherever it stands, is asked under the tier that holds now. */
    @Test
    void nothingThatKindlesIsTakenOfAnIsolatedPack() {
        Bench bench = new Bench().assessed().torn().inHand();
        bench.write(new IsolationEntry.PackStored("1", "bucket", Tier.CLEAR, n("37"), false));
        bench.fitted().back().proven();
        Entry charge = new CalibrateEntry.CycleEvent(
                CalibrateEntry.CycleStep.CHARGE_STARTED, bench.file().now(), null);
        assertThat(bench.refusal(charge)).isEmpty();
        bench.write(new AssessEntry.Looked(new Look(null, null, null, null, null, true, null, Look.NONE.damage())))
                .write(new AssessEntry.Looked(Look.GOOD));
        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.ISOLATE);
        refused(bench, charge, "Tier Isolate");
    }

    @Test
    void nothingGoesWrongWithACycleThatNobodyBegan() {
        Bench bench = new Bench().assessed().torn().inHand().fitted().back().proven();
        refused(bench, new CalibrateEntry.CycleMishap(SoakVerdict.Mishap.SLEPT), "Nobody has begun that yet");
    }

    /** Guarded for want of a reading to the end is signed by a lead, too. */
    @Test
    void whatWasNeverReadIsALeadsToSign() {
        assertThat(new Bench().assessed().torn().inHand().file().needsLead()).isFalse();
        Bench unread = new Bench().assessed().torn();
        unread.write(new IsolationEntry.PackStored("1", "bucket", Tier.GUARDED, n("37"), false));
        assertThat(unread.file().needsLead()).isTrue();
    }
}
