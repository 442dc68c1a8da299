package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.RunDown;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.open.FastenerLog;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.library.Anatomy;
import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Steps and fasteners come in their order, once, and only while nothing holds the job. */
class OpenAdmissionTest {
    private static final Look LEAKS = new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE);

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
        Bench declined = new Bench().assessed().in("off").write(ArriveAdmissionTest.quote("Pack A"));
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

    /** Of a device without a map the screws are counted: what is missing or worn is replaced, quoted and told. */
    @Test
    void screwsThatNoMapShowsAreCountedAtTheirStep() {
        OpenEntry.ScrewsCounted counted =
                new OpenEntry.ScrewsCounted("screws", new BigDecimal("8"), new BigDecimal("2"), BigDecimal.ONE);
        refused(new Bench().assessed().in("off"), counted, "no screws that nobody described");

        Bench bench = new Bench(Glued.uncharted()).assessed();
        refused(bench, counted, "off");
        bench.in("off").write(counted);
        assertThat(FastenerLog.of(bench.file()).toReplaceCount()).isEqualTo(3);
        assertThat(FastenerLog.of(bench.file()).missingCount()).isEqualTo(2);

        bench.in("screws").write(new OpenEntry.ScrewsCounted("screws", new BigDecimal("8"), null, null));
        assertThat(FastenerLog.of(bench.file()).toReplace()).isEmpty();
    }
}
