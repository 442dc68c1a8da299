package glowkettle.job;

import static glowkettle.job.BoardMove.*;
import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.cell.Box;
import glowkettle.cell.Chemistry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.join.GaugeSchool;
import glowkettle.job.join.JoinEntry;
import glowkettle.job.join.TransplantStep;
import glowkettle.join.JointHeat;
import glowkettle.join.Transplant;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Nothing of a controller's move is written before its turn, without its plan, or of a pack that is isolated. */
class TransplantOrderTest {
    private static final Look LEAKS = new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE);
    private static final JointHeat.Request TAG = new JointHeat.Request(
            figure("8"), figure("5"), figure("0.15"), figure("6"), null, figure("22"), null, figure("0.1"));

    /** Whatever is measured or chosen on the way, with the step it belongs to. */
    enum Act {
        READ(TransplantStep.GAUGE_READ, new JoinEntry.GaugeReadOut(OLD)),
        SILENT(TransplantStep.GAUGE_READ, new JoinEntry.GaugeSilent()),
        FOLD(TransplantStep.FOLDED, new JoinEntry.FoldedMeasured(new Box(figure("5"), figure("80"), figure("120")))),
        METER(TransplantStep.METERED, new JoinEntry.BoardMetered(figure("7.61"), figure("7.605"))),
        LEAVE(TransplantStep.SCHOOL_CHOSEN, new JoinEntry.GaugeSchoolChosen(GaugeSchool.LEAVE)),
        CHARGE(TransplantStep.FIRST_CHARGED, new JoinEntry.FirstChargeBegun());

        private final TransplantStep step;
        private final JoinEntry entry;

        Act(TransplantStep step, JoinEntry entry) {
            this.step = step;
            this.entry = entry;
        }
    }

    private static Bench isolated(Bench bench) {
        return bench.write(new AssessEntry.Looked(LEAKS));
    }

    @ParameterizedTest
    @EnumSource
    void everyActHasItsPlanItsTurnAndASoundPack(Act act) {
        refused(fitted(), act.entry, "No controller moves in this job");
        refused(planned(), act.entry, "First: " + TransplantStep.KIT.words());
        taken(upTo(act.step, GaugeSchool.LEAVE), act.entry);
        refused(isolated(upTo(act.step, GaugeSchool.LEAVE)), act.entry, "Isolate");
    }

    @Test
    void stepsWaitForTheSheetsAndEndSomewhere() {
        JoinEntry.TransplantStepDone kit = new JoinEntry.TransplantStepDone(TransplantStep.KIT);
        refused(fitted(), kit, "Put both sheets side by side first");
        refused(isolated(planned()), kit, "Isolate");
        Bench done = charged(upTo(TransplantStep.FIRST_CHARGED, GaugeSchool.LEAVE));
        refused(done, kit, "Every step is done");
        refused(
                upTo(TransplantStep.FOLDED, GaugeSchool.LEAVE),
                new JoinEntry.TransplantStepDone(TransplantStep.FOLDED),
                "is done when its figures stand here");
    }

    @Test
    void whatATabWasCutByStays() {
        JoinEntry.TransplantPlanned again = new JoinEntry.TransplantPlanned(sheets("4.2", "4.25", "20"));
        taken(upTo(TransplantStep.MINUS_TRIMMED, GaugeSchool.LEAVE), again);
        refused(upTo(TransplantStep.PLUS_TRIMMED, GaugeSchool.LEAVE), again, "A tab is cut already");
        refused(isolated(planned()), again, "Isolate");
        Transplant.Request whole = sheets("4.2", "4.25", "20");
        Transplant.Request unmeasured = new Transplant.Request(
                new Transplant.Board(
                        figure("4.2"), figure("4.25"), figure("2"), Chemistry.Family.LITHIUM, figure("10")),
                new Transplant.Cell(figure("4.2"), figure("2"), Chemistry.Family.LITHIUM, figure("10")),
                new Transplant.Tab(null, null, null),
                whole.plus(),
                whole.taps(),
                figure("20"));
        refused(planned(), new JoinEntry.TransplantPlanned(unmeasured), "Measure pad distance");
    }

    @Test
    void aPackThatWasFoldedTooThickIsFoldedAnew() {
        Box thick = new Box(figure("9"), figure("80"), figure("120"));
        refused(upTo(TransplantStep.FOLDED, GaugeSchool.LEAVE), new JoinEntry.FoldedMeasured(thick), "Fold it anew");
    }

    @ParameterizedTest
    @CsvSource({
        "0, 7.6, the wrong way round",
        "7.6, -7.6, the wrong way round",
        "7.6, 0, ",
        "7.6, 4.1, 'V apart'",
        "-7.6, 7.6, the wrong way round",
        "7.61, 7.589, 21 mV apart",
        "7.6, 7.62, ",
    })
    void theBoardIsMeteredTheRightWayRoundAndAlike(String cellV, String boardV, String why) {
        Refusals.held(
                upTo(TransplantStep.METERED, GaugeSchool.LEAVE),
                new JoinEntry.BoardMetered(figure(cellV), figure(boardV)),
                why);
    }

    @Test
    void theReadingThatIsTheWrongWayRoundIsTheOneThatIsAskedForAgain() {
        Bench bench = upTo(TransplantStep.METERED, GaugeSchool.LEAVE);
        assertThat(bench.fieldOf(new JoinEntry.BoardMetered(figure("0"), figure("7.6"))))
                .contains("cellV");
        assertThat(bench.fieldOf(new JoinEntry.BoardMetered(figure("7.6"), figure("-0.1"))))
                .contains("boardV");
    }

    /** It has cut its cells off: that says nothing of its joints, so nothing goes on before it was woken and says the same. */
    @Test
    void aBoardThatIsLatchedOffIsWokenAndMeteredAgain() {
        JoinEntry.BoardMetered latched = new JoinEntry.BoardMetered(figure("7.6"), figure("0"));
        Bench bench = upTo(TransplantStep.METERED, GaugeSchool.LEAVE).write(latched);
        Entry school = new JoinEntry.GaugeSchoolChosen(GaugeSchool.LEAVE);
        refused(bench, school, "Wake it");

        bench.write(new JoinEntry.TransplantStepDone(TransplantStep.WOKEN));
        refused(bench, school, "Meter");
        refused(bench, latched, "after its wake-up");

        taken(bench.write(new JoinEntry.BoardMetered(figure("7.6"), figure("7.6"))), school);
    }

    @Test
    void aGaugeThatAnsweredIsNotSilent() {
        refused(
                upTo(TransplantStep.WRAPS_OFF, GaugeSchool.LEAVE),
                new JoinEntry.GaugeSilent(),
                "It was read: it does answer");
    }

    @ParameterizedTest
    @CsvSource({
        "2800, 2800, 00417, 2026-05-01, 2026-05-01, ",
        "2800, 2799, 'A 1._/-', 2026-05-01, 2026-11-01, ",
        "2800, 2800, '00,417', 2026-05-01, 2026-11-01, cannot be written into a gauge",
        "2800, 2800, '', 2026-05-01, 2026-11-01, cannot be written into a gauge",
        "2800, 2800, 00417, 2026-13-01, 2026-11-01, no date up to today",
        "2800, 2800, 00417, 2026-05-01, spring, no date up to today",
        "2800, 2800, 00417, 2026-05-02, 2026-05-01, before it is made"
    })
    void whatIsWrittenCanBeTrue(String design, String full, String serial, String made, String used, String why) {
        glowkettle.join.GaugeData gauge =
                new glowkettle.join.GaugeData(figure(design), figure(full), figure("0"), serial, made, used);
        Refusals.held(upTo(TransplantStep.GAUGE_SETTLED, GaugeSchool.WRITE), new JoinEntry.GaugeWriteBegun(gauge), why);
    }

    @Test
    void nothingIsRewrittenByTheWay() {
        JoinEntry.GaugeWriteBegun write = new JoinEntry.GaugeWriteBegun(NEW);
        JoinEntry.HelperPackUsed helper = new JoinEntry.HelperPackUsed("shelf pack", figure("3.8"), true);
        refused(upTo(TransplantStep.GAUGE_SETTLED, GaugeSchool.HELPER), write, "Choose to write the gauge first");
        refused(isolated(upTo(TransplantStep.GAUGE_SETTLED, GaugeSchool.WRITE)), write, "Isolate");
        refused(upTo(TransplantStep.GAUGE_SETTLED, GaugeSchool.WRITE), helper, "Choose the known-good pack");
        taken(upTo(TransplantStep.GAUGE_SETTLED, GaugeSchool.HELPER), helper);
        refused(
                upTo(TransplantStep.SCHOOL_CHOSEN, GaugeSchool.LEAVE).later(Duration.ZERO),
                helper,
                "Choose the known-good pack");
    }

    @Test
    void aFirstChargeBeginsOnceAndEndsOnce() {
        Bench bench = upTo(TransplantStep.FIRST_CHARGED, GaugeSchool.LEAVE);
        refused(bench, new JoinEntry.FirstChargeEnded(), "No first charge is running");
        bench.write(new JoinEntry.FirstChargeBegun());
        refused(bench, new JoinEntry.FirstChargeBegun(), "It is charging already");
        taken(isolated(bench), new JoinEntry.FirstChargeEnded());
    }

    @Test
    void nobodyWeldsOrSoldersForAnIsolatedPack() {
        JoinEntry.WelderSet set = new JoinEntry.WelderSet(figure("0.1"), figure("3"), figure("3"));
        taken(fitted(), set);
        refused(fitted(), new JoinEntry.WelderSet(figure("0.1"), figure("3"), figure("2")), "lies under the lowest");
        refused(isolated(fitted()), set, "Isolate");
        Bench level = fitted().write(set);
        taken(level, tried("3", "16", 1, false));
        refused(level, tried("2", "16", 1, false), "levels 3 to 3");
        refused(isolated(level), tried("3", "16", 1, false), "Isolate");
        refused(isolated(fitted()), new JoinEntry.JointBegun(JoinEntry.School.TAGS, TAG), "Isolate");
        Bench proven = fitted().write(new JoinEntry.WelderSet(figure("0.1"), figure("1"), figure("9")))
                .write(tried("1", "9", 5, false))
                .write(tried("2", "21", 5, false));
        taken(proven, new JoinEntry.Welded(figure("4")));
        refused(isolated(proven), new JoinEntry.Welded(figure("4")), "Isolate");
    }

    @Test
    void theCanCoolsToTheSecondBetweenTwoJoints() {
        JoinEntry.JointBegun begun = new JoinEntry.JointBegun(JoinEntry.School.TAGS, TAG);
        Bench bench = fitted().write(begun).later(Duration.ofSeconds(1)).write(new JoinEntry.JointEnded());
        var next = glowkettle.job.join.Welding.of(bench.file()).nextJointAt().orElseThrow();
        Duration left = Duration.between(bench.file().now(), next);
        refused(bench, begun, "%s s more".formatted(left.toSeconds() + 1));
        taken(bench.later(left), begun);
    }
}
