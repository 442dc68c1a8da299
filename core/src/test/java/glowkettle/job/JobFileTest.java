package glowkettle.job;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.Tier;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.Assessing;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.handback.HandBackEntry;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.open.Opening;
import glowkettle.job.prove.ProveEntry;
import glowkettle.job.prove.Proving;
import glowkettle.prove.CheckList;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

class JobFileTest {
    private static Entry thick(String middleMm) {
        return new AssessEntry.ThicknessTaken(new Thickness(new BigDecimal(middleMm), List.of(), null));
    }

    private static String next(Bench bench) {
        NextThing next = bench.file().next();
        return next.stage().words().toUpperCase(Locale.ROOT).replace(' ', '_')
                + (next.blocked() ? ", blocked: " : ": ")
                + next.what();
    }

    /** The one next thing over a whole job. */
    @Test
    void theNextThingFollowsTheOrderOfWork() {
        Bench bench = new Bench();
        assertThat(next(bench)).startsWith("ASSESS: Look at the pack");
        bench.assessed();
        assertThat(next(bench)).isEqualTo("OPEN: off");
        bench.torn();
        assertThat(next(bench)).startsWith("ASSESS: Read the rested voltage");
        bench.measured();
        assertThat(next(bench)).startsWith("FIT: Read the new pack's label");
        bench.write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));
        assertThat(next(bench)).startsWith("FIT: Look at the new pack first");
        bench.seen();
        assertThat(next(bench)).isEqualTo("FIT: Take this pack, or look at another");
        bench.write(new FitEntry.PackChosen());
        assertThat(next(bench)).startsWith("WAY_BACK: ");
        bench.back();
        assertThat(next(bench)).isEqualTo("PROVE: Does it start?");
        bench.write(new ProveEntry.Checked("start", CheckList.Outcome.WORKS, null));
        assertThat(next(bench)).isEqualTo("PROVE: Does it click?");
        bench.write(new ProveEntry.Checked("touch panel", CheckList.Outcome.WORKS, null));
        assertThat(next(bench)).isEqualTo("CALIBRATE: Plug in: charge and soak");
        bench.write(new CalibrateEntry.CycleLeftOut("calibrated by its maker"));
        assertThat(next(bench)).isEqualTo("HAND_BACK: Put the old pack into a container");
        bench.write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, new BigDecimal("37"), null));
        assertThat(next(bench)).isEqualTo("HAND_BACK: Read the owner's sheet and sign");
        bench.write(new HandBackEntry.SignedOff(Role.TECHNICIAN));
        assertThat(next(bench)).isEqualTo("HAND_BACK: Signed and closed");
    }

    @Test
    void isolationAndSmokeComeBeforeEverything() {
        Bench bench = new Bench().assessed().torn();
        bench.thick("5.6");
        assertThat(next(bench)).isEqualTo("ASSESS: Isolate it: into container, then the watch");
        bench.write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.ISOLATE, new BigDecimal("37"), null));
        // Alone in its container it took its tier along: the job goes on to the new pack.
        assertThat(bench.file().oldPackTier().result().tier()).isEqualTo(Tier.ISOLATE);
        assertThat(next(bench)).startsWith("FIT: Read the new pack's label");
        bench.write(new AssessEntry.Looked(new Look(true, false, false, false, false, false, Wet.NO, Damage.NONE)));
        assertThat(next(bench)).isEqualTo("ASSESS, blocked: Evacuate: hands off, everybody out");
    }

    @Test
    void aCorrectionStandsInThePlaceOfWhatItCorrects() {
        Bench bench = new Bench().assessed().torn();
        bench.thick("5.6");
        long wrong = bench.last();
        assertThat(Assessing.of(bench.file()).halted()).isTrue();
        bench.correct(wrong, thick("5.06"));
        assertThat(bench.file().tier().result().tier()).isNotEqualTo(Tier.ISOLATE);
        long correction = bench.last();
        bench.correct(correction, thick("5.6"));
        assertThat(Assessing.of(bench.file()).halted()).isTrue();
        assertThat(bench.file().state().standing(correction))
                .hasValueSatisfying(standing -> assertThat(standing.seq()).isEqualTo(wrong));
        bench.correct(wrong, new TakenBack());
        assertThat(bench.file().state().standing(correction)).isEmpty();
        assertThat(bench.file().state().seq()).isEqualTo(bench.last());
    }

    @Test
    void whatWasTakenBackCanBeDoneAgain() {
        Bench bench = new Bench().assessed().in("off");
        bench.correct(bench.last(), new TakenBack());

        assertThat(Opening.of(bench.file()).stepsIn()).isEmpty();
        assertThat(bench.refusal(new OpenEntry.StepDone("off"))).isEmpty();
        assertThat(bench.file().lastTakeable())
                .hasValueSatisfying(last -> assertThat(last.entry()).isInstanceOf(AssessEntry.SeamTaken.class));
    }

    @Test
    void theOpeningIsNeverOfferedToBeTakenBack() {
        assertThat(new Bench().file().lastTakeable()).isEmpty();
    }

    @Test
    void aJobThatWasGuardedOnceNeedsTheLeadEvenIfItCalmedDown() {
        Bench bench = new Bench().assessed();
        assertThat(bench.file().needsLead()).isFalse();
        bench.later(Duration.ofMinutes(10))
                .write(new AssessEntry.WarmthTaken(Warmth.atRest("24.5", "21")))
                .write(new AssessEntry.WarmthTaken(Warmth.atRest("21.5", "21")));

        assertThat(bench.file().tier().result().tier()).isEqualTo(Tier.CLEAR);
        assertThat(bench.file().needsLead()).isTrue();
    }

    @Test
    void checksFollowFromWhatWasUnplugged() {
        assertThat(Proving.of(new Bench().file()).checks())
                .extracting(CheckList.Check::id)
                .containsExactly("start");
        assertThat(Proving.of(new Bench().assessed().torn().file()).checks())
                .extracting(CheckList.Check::because)
                .containsExactly("always looked at", "because of “cable”");
    }
}
