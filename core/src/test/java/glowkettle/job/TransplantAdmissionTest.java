package glowkettle.job;

import static glowkettle.job.BoardMove.*;
import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.Tier;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.join.GaugeSchool;
import glowkettle.job.join.JoinChapter;
import glowkettle.job.join.JoinEntry;
import glowkettle.job.join.TransplantStep;
import glowkettle.job.join.Transplanting;
import glowkettle.job.join.Welding;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.join.JointHeat;
import glowkettle.join.WeldLadder;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A controller moves in its order, and no reset stands without its line. */
class TransplantAdmissionTest {
    @ParameterizedTest
    @CsvSource({
        "4.1, 4.25, 20, overcharge",
        "4.2, 4.26, 20, cuts off at 4.26 V",
        "4.2, 4.1, 20, read both again",
        "4.2, 4.25, 14, too short",
        "4.2, 4.25, , "
    })
    void nothingIsCutWhenASheetSaysNo(String cellV, String cutOffV, @Nullable String tabMm, @Nullable String why) {
        Refusals.held(fitted(), new JoinEntry.TransplantPlanned(sheets(cellV, cutOffV, tabMm)), why);
    }

    @Test
    void everyStepWaitsForTheOneBefore() {
        Bench bench = planned();
        for (TransplantStep step : TransplantStep.values()) {
            assertThat(Transplanting.of(bench.file()).next()).contains(step);
            for (TransplantStep later : TransplantStep.values()) {
                if (later.compareTo(step) > 0) {
                    refused(bench, new JoinEntry.TransplantStepDone(later), "Next is: " + step.words());
                }
            }
            refused(bench, new WayBackEntry.StepBack("pack"), step.words());
            if (step != TransplantStep.FIRST_CHARGED) {
                proof(step, GaugeSchool.WRITE).forEach(bench::write);
            }
        }
    }

    @Test
    void aFirstChargeThatNobodyFeltWasNotAttended() {
        Bench bench = upTo(TransplantStep.FIRST_CHARGED, GaugeSchool.LEAVE).write(new JoinEntry.FirstChargeBegun());
        bench.write(new JoinEntry.FirstChargeEnded());
        assertThat(Transplanting.of(bench.file()).next()).contains(TransplantStep.FIRST_CHARGED);

        bench.write(new JoinEntry.FirstChargeBegun()).later(Duration.ofMinutes(5));
        assertThat(new JoinChapter().calls(bench.file(), HOURS))
                .extracting(Call::what)
                .contains("first charge: take its temperature");
        felt(bench, "25").write(new JoinEntry.FirstChargeEnded());
        assertThat(Transplanting.of(bench.file()).next()).contains(TransplantStep.FIRST_CHARGED);

        charged(bench);
        assertThat(Transplanting.of(bench.file()).next()).isEmpty();
    }

    /** The new cell's warmth is never held against the old pack's: what is felt while it charges is its own. */
    @Test
    void noReadingOfOnePackIsHeldAgainstTheOthers() {
        Bench bench = upTo(TransplantStep.FIRST_CHARGED, GaugeSchool.LEAVE).write(new JoinEntry.FirstChargeBegun());
        felt(bench.later(Duration.ofMinutes(5)), "31");
        assertThat(bench.file().oldPackTier().result().tier()).isEqualTo(Tier.CLEAR);
        assertThat(bench.file().tier().findings())
                .noneMatch(finding -> finding.rule().startsWith("growing"));
        assertThat(bench.file().newPackTier().orElseThrow().result().tier()).isEqualTo(Tier.GUARDED);
    }

    @Test
    void whatWasBegunOnAPackStandsWhoeverChoosesAnew() {
        Bench bench = upTo(TransplantStep.BOARD_TAPS_CUT, GaugeSchool.LEAVE);
        refused(bench, new FitEntry.PackChosen(), "A board is cut");
        refused(bench, new FitEntry.PackOffered(Bench.label("7.4", "8.4")), "A board is cut");
        refused(bench, new FitEntry.OldPackReturns(), "A board is cut");
        assertThat(bench.refusal(new FitEntry.PackChosen(), Role.LEAD)).isEmpty();
    }

    @Test
    void noMoreWeldsAreWrittenThanTheTestIsGoodFor() {
        Bench bench = upTo(TransplantStep.MINUS_WELDED, GaugeSchool.LEAVE);
        refused(bench, new JoinEntry.Welded(figure("51")), "good for 50 more");
        bench.write(new JoinEntry.Welded(figure("30")));
        refused(bench, new JoinEntry.Welded(figure("21")), "good for 20 more");
        taken(bench, new JoinEntry.Welded(figure("20")));
    }

    @Test
    void theMeterIsBelievedOnlyTheRightWayRoundAndAlike() {
        Bench bench = upTo(TransplantStep.METERED, GaugeSchool.LEAVE);

        refused(bench, new JoinEntry.BoardMetered(figure("7.61"), figure("-7.61")), "the wrong way round");
        refused(bench, new JoinEntry.BoardMetered(figure("7.61"), figure("7.58")), "30 mV apart");
        taken(bench, new JoinEntry.BoardMetered(figure("7.61"), figure("7.59")));
    }

    @Test
    void whatIsWrittenCannotBeMoreThanTheCellHolds() {
        Bench bench = upTo(TransplantStep.GAUGE_SETTLED, GaugeSchool.WRITE);

        refused(
                bench,
                new JoinEntry.GaugeWriteBegun(gauge("2803", "2800", "0", "2026-05-01", "2026-11-01")),
                "can be true");
        refused(
                bench,
                new JoinEntry.GaugeWriteBegun(gauge("2800", "2801", "0", "2026-05-01", "2026-11-01")),
                "over a design of");
        refused(
                bench,
                new JoinEntry.GaugeWriteBegun(gauge("2800", "2800", "0", "2026-11-01", "2026-05-01")),
                "before it is made");
        refused(
                bench,
                new JoinEntry.GaugeWriteBegun(gauge("2800", "2800", "0", "2027-11-01", "2027-11-02")),
                "no date up to today");
    }

    @Test
    void aWriteWhoseAnswerIsLostIsOwedAReadingAndSaidOnTheSheet() {
        Bench bench = upTo(TransplantStep.GAUGE_SETTLED, GaugeSchool.WRITE).write(new JoinEntry.GaugeWriteBegun(NEW));

        assertThat(Transplanting.of(bench.file()).isReadBackOwed()).isTrue();
        assertThat(Transplanting.of(bench.file()).ownersLines())
                .last()
                .asString()
                .contains("may have been rewritten");
        refused(bench, new JoinEntry.GaugeWriteBegun(NEW), "read it first");
        refused(bench, new JoinEntry.TransplantStepDone(TransplantStep.GAUGE_SETTLED), "its figures stand here");

        bench.write(new JoinEntry.GaugeReadOut(OLD));
        assertThat(Transplanting.of(bench.file()).ownersLines())
                .last()
                .asString()
                .contains("still carries");
        bench.write(new JoinEntry.GaugeWriteBegun(NEW)).write(new JoinEntry.GaugeReadOut(NEW));
        assertThat(Transplanting.of(bench.file()).ownersLines())
                .last()
                .asString()
                .contains("cycle count, 612 before, 0 now");
    }

    /** Another school chosen afterwards, or the choice taken back, takes no line off the sheet. */
    @ParameterizedTest
    @EnumSource(GaugeSchool.class)
    void noResetStandsWithoutItsLine(GaugeSchool later) {
        Bench bench = upTo(TransplantStep.FIRST_CHARGED, GaugeSchool.WRITE);

        bench.unasked(new JoinEntry.GaugeSchoolChosen(later));
        assertThat(String.join(" ", Transplanting.of(bench.file()).ownersLines()))
                .contains("re-used on a new cell")
                .contains("were rewritten");
        assertThat(bench.refusal(bench.seqOf(new JoinEntry.GaugeWriteBegun(NEW)), new TakenBack(null), Role.TECHNICIAN))
                .isPresent();
    }

    /** What was cut for one cell is not cut for another; what was rewritten stays rewritten. */
    @Test
    void anotherCellIsPreparedAnew() {
        Bench bench = charged(upTo(TransplantStep.FIRST_CHARGED, GaugeSchool.WRITE));

        bench.fitted();
        assertThat(Transplanting.of(bench.file()).isPlanned()).isFalse();
        assertThat(String.join(" ", Transplanting.of(bench.file()).ownersLines()))
                .contains("were rewritten");
        bench.write(new JoinEntry.TransplantPlanned(sheets("4.2", "4.25", "20")));
        assertThat(Transplanting.of(bench.file()).next()).contains(TransplantStep.KIT);
    }

    @Test
    void aPackInBetweenHasItsOwnLine() {
        Bench bench = upTo(TransplantStep.FIRST_CHARGED, GaugeSchool.HELPER);

        assertThat(Transplanting.of(bench.file()).ownersLines())
                .last()
                .asString()
                .contains("shelf pack, lot 26-09", "the message went away");
    }

    @Test
    void aGaugeThatDoesNotAnswerIsNotRewritten() {
        Bench bench = planned()
                .write(new JoinEntry.TransplantStepDone(TransplantStep.KIT))
                .write(new JoinEntry.TransplantStepDone(TransplantStep.PHOTOGRAPHED))
                .write(new JoinEntry.GaugeSilent());

        assertThat(Transplanting.of(bench.file()).next()).contains(TransplantStep.WRAPS_OFF);
        refused(bench, new JoinEntry.GaugeSchoolChosen(GaugeSchool.WRITE), "What was never read");
    }

    @Test
    void aWelderIsProvenByFivePullsAndTestedAgainAfterFiftyWelds() {
        Bench bench = fitted();
        refused(bench, tried("1", "16", 5, false), "Say how thick the strip is");
        bench.write(new JoinEntry.WelderSet(figure("0.1"), figure("1"), figure("3")));
        refused(bench, tried("4", "16", 5, false), "levels 1 to 3");
        refused(bench, tried("1", "16", 0, false), "Missing: the pulls");
        refused(bench, new JoinEntry.Welded(figure("4")), "No level is proven");
        bench.write(tried("1", "9", 5, false)).write(tried("2", "16", 3, false)).write(tried("2", "17", 2, false));
        assertThat(Welding.of(bench.file()).isProven()).isTrue();
        bench.write(new JoinEntry.Welded(figure("49"))).write(new JoinEntry.Welded(figure("1")));
        refused(bench, new JoinEntry.Welded(figure("1")), "tested again");
        bench.write(tried("2", "16", 5, false));
        taken(bench, new JoinEntry.Welded(figure("1")));
    }

    @Test
    void aWelderThatNeverHoldsIsSaidSo() {
        Bench bench = fitted().write(new JoinEntry.WelderSet(figure("0.2"), figure("1"), figure("2")));

        bench.write(tried("1", "22", 5, false)).write(tried("2", "31", 4, true));
        assertThat(Welding.of(bench.file()).ladder().orElseThrow().result().step())
                .isEqualTo(WeldLadder.Step.NONE);
    }

    @Test
    void anIronHasItsClocks() {
        JointHeat.Request tag = new JointHeat.Request(
                figure("8"), figure("5"), figure("0.15"), figure("6"), null, figure("22"), null, figure("0.1"));
        Bench bench = fitted();
        refused(bench, new JoinEntry.JointEnded(), "No iron");
        bench.write(new JoinEntry.JointBegun(JoinEntry.School.TAGS, tag));
        refused(bench, new JoinEntry.JointBegun(JoinEntry.School.TAGS, tag), "lift it first");
        assertThat(new JoinChapter().calls(bench.file(), HOURS))
                .filteredOn(call -> call.attention() == Attention.DANGER)
                .extracting(Call::what)
                .contains("iron still on the tag: lift it");
        bench.later(Duration.ofSeconds(1)).write(new JoinEntry.JointEnded());
        refused(bench, new JoinEntry.JointBegun(JoinEntry.School.TAGS, tag), "still warm");
        bench.later(Duration.ofMinutes(16));
        taken(bench, new JoinEntry.JointBegun(JoinEntry.School.TAGS, tag));
    }
}
