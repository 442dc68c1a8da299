package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.calibrate.School;
import glowkettle.calibrate.SoakVerdict;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.calibrate.SoakCycle;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.time.Duration;
import org.junit.jupiter.api.Test;

/** What may be written of a calibration, and when. */
class CycleAdmissionTest {
    /** Minutes before a noon that lies a day after the device was closed. */
    static Entry event(CalibrateEntry.CycleStep step, long minutesAgo) {
        return new CalibrateEntry.CycleEvent(
                step, Bench.NOON.plus(Duration.ofDays(1)).minusSeconds(minutesAgo * 60), null);
    }

    static Bench closedYesterday() {
        return new Bench().assessed().torn().measured().fitted().back().later(Duration.ofDays(1));
    }

    @Test
    void theEventsOfACycleComeInOrderAndNeverFromTheFuture() {
        Bench bench = closedYesterday();

        assertThat(bench.refusal(event(CalibrateEntry.CycleStep.RUN_DOWN_STARTED, 5)))
                .isPresent();
        assertThat(bench.refusal(event(CalibrateEntry.CycleStep.CHARGE_STARTED, -5)))
                .hasValueSatisfying(why -> assertThat(why).contains("has not come yet"));
        bench.write(event(CalibrateEntry.CycleStep.CHARGE_STARTED, 600))
                .write(event(CalibrateEntry.CycleStep.FULL_SEEN, 400));
        assertThat(bench.refusal(event(CalibrateEntry.CycleStep.RUN_DOWN_STARTED, 500)))
                .hasValueSatisfying(why -> assertThat(why).contains("lies before"));
        assertThat(bench.refusal(event(CalibrateEntry.CycleStep.CHARGE_STARTED, 1)))
                .isPresent();
    }

    @Test
    void aCycleThatWasNotKeptIsBegunAgainAndOnlyThen() {
        Bench bench = closedYesterday();
        bench.write(event(CalibrateEntry.CycleStep.CHARGE_STARTED, 600));
        assertThat(bench.refusal(new CalibrateEntry.CycleRepeated())).isPresent();
        bench.write(new CalibrateEntry.CycleMishap(SoakVerdict.Mishap.CHARGE_INTERRUPTED));
        assertThat(bench.refusal(event(CalibrateEntry.CycleStep.FULL_SEEN, 400)))
                .isPresent();
        bench.write(new CalibrateEntry.CycleRepeated());

        assertThat(SoakCycle.of(bench.file()).progress().chargeStarted()).isNull();
        assertThat(SoakCycle.of(bench.file()).verdict().result().standing()).isEqualTo(SoakVerdict.Standing.UNDER_WAY);
        assertThat(bench.refusal(event(CalibrateEntry.CycleStep.CHARGE_STARTED, 10)))
                .isEmpty();
    }

    @Test
    void anEventThatCannotHaveHappenedIsAskedForAgain() {
        Bench bench = closedYesterday();
        assertThat(bench.refusal(event(CalibrateEntry.CycleStep.CHARGE_STARTED, 1_441)))
                .hasValueSatisfying(why -> assertThat(why).contains("before the device was closed"));
        bench.write(event(CalibrateEntry.CycleStep.CHARGE_STARTED, 1_000));
        Entry atOnce = new CalibrateEntry.CycleEvent(
                CalibrateEntry.CycleStep.FULL_SEEN,
                Bench.NOON.plus(Duration.ofDays(1)).minusSeconds(1_000 * 60 - 1),
                null);
        assertThat(bench.refusal(atOnce))
                .hasValueSatisfying(why -> assertThat(why.replace("\u00a0", " "))
                        .contains("1 s after")
                        .contains("faster than this pack can be"));
        int least = ShopLimits.defaults().of(Limit.PHASE_LEAST_MINUTES).intValue();
        assertThat(bench.refusal(event(CalibrateEntry.CycleStep.FULL_SEEN, 1_000 - least)))
                .isEmpty();
        assertThat(bench.refusal(event(CalibrateEntry.CycleStep.FULL_SEEN, 1_001 - least)))
                .isPresent();
        assertThat(bench.refusal(event(CalibrateEntry.CycleStep.LAST_CHARGE_STARTED, 100)))
                .hasValueSatisfying(why -> assertThat(why).contains("is not what comes after"));
        bench.write(event(CalibrateEntry.CycleStep.FULL_SEEN, 900))
                .write(event(CalibrateEntry.CycleStep.RUN_DOWN_STARTED, 700))
                .write(event(CalibrateEntry.CycleStep.SHUT_DOWN_SEEN, 500))
                .write(event(CalibrateEntry.CycleStep.LAST_CHARGE_STARTED, 100));
        assertThat(bench.refusal(event(CalibrateEntry.CycleStep.LAST_CHARGE_ENDED, 90)))
                .hasValueSatisfying(why -> assertThat(why.replace("\u00a0", " "))
                        .contains("10 min after")
                        .contains("faster than this pack can be"));
        assertThat(bench.refusal(event(CalibrateEntry.CycleStep.LAST_CHARGE_ENDED, 0)))
                .isEmpty();
    }

    @Test
    void whatNobodySawFullIsNotUnpluggedBeforeItCanBe() {
        Bench bench = closedYesterday().write(event(CalibrateEntry.CycleStep.CHARGE_STARTED, 600));
        refused(bench, event(CalibrateEntry.CycleStep.RUN_DOWN_STARTED, 580), "nobody saw it full");
        taken(bench, event(CalibrateEntry.CycleStep.RUN_DOWN_STARTED, 240));
        bench.write(event(CalibrateEntry.CycleStep.FULL_SEEN, 570));
        taken(bench, event(CalibrateEntry.CycleStep.RUN_DOWN_STARTED, 540));
    }

    /** Light is charged, used and charged: nothing is soaked or rested, and the verdict asks for neither. */
    @Test
    void anotherSchoolIsChosenBeforeItBeginsAndJudgedByItsOwnProtocol() {
        Bench bench = closedYesterday();
        assertThat(SoakCycle.of(bench.file()).school()).isEqualTo(School.SOAK);
        bench.write(new CalibrateEntry.SchoolChosen(School.LIGHT));
        assertThat(SoakCycle.of(bench.file()).phaseTimes().soak()).isZero();
        bench.write(event(CalibrateEntry.CycleStep.CHARGE_STARTED, 1_300))
                .write(event(CalibrateEntry.CycleStep.FULL_SEEN, 1_000))
                .write(event(CalibrateEntry.CycleStep.RUN_DOWN_STARTED, 995));
        refused(bench, new CalibrateEntry.SchoolChosen(School.SOAK), "It has begun");
        bench.write(event(CalibrateEntry.CycleStep.SHUT_DOWN_SEEN, 500))
                .write(event(CalibrateEntry.CycleStep.LAST_CHARGE_STARTED, 495))
                .write(event(CalibrateEntry.CycleStep.LAST_CHARGE_ENDED, 60));
        assertThat(SoakCycle.of(bench.file()).verdict().result().standing()).isEqualTo(SoakVerdict.Standing.VALID);
    }
}
